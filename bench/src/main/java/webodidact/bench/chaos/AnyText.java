package webodidact.bench.chaos;

import java.util.List;
import java.util.random.RandomGenerator;

/** Strange texts: what hands, scanners, other programs and ill will put into a field. The same seed gives the same texts. */
final class AnyText {
    private static final List<String> BITS = List.of(
            "½",
            "1/0",
            "1/2",
            "0",
            "00",
            "9999999999999999999",
            "1e9",
            "-5",
            "2.5",
            "2,5",
            "1 1/2",
            "3/",
            "/3",
            "⁄",
            "–",
            "—",
            " ",
            "  ",
            "\t",
            "\n",
            "\r\n",
            "\u00a0",
            "\u2028",
            "\ufeff",
            "\u0000",
            "\u0007",
            "\u200f",
            "\u202e",
            "é",
            "e\u0301",
            "ß",
            "İ",
            "ﬁ",
            "漢字",
            "عربي",
            "हिन्दी",
            "😀",
            "\ud83d",
            "\ude00",
            "(",
            ")",
            "((",
            "[",
            "{",
            "}",
            "<b>",
            "</script>",
            "&amp;",
            "\"",
            "'",
            "\\",
            "/",
            "%s",
            "${x}",
            "=1+1",
            "＝1",
            "@",
            "+",
            ",",
            ";",
            ".",
            "...",
            ":",
            "|",
            "*",
            "•",
            "- ",
            "#",
            "cup",
            "cups of",
            "tbsp",
            "g",
            "kg",
            "ml",
            "oz",
            "l",
            "pinch of",
            "handfuls",
            "cloves",
            "flour",
            "butter",
            "olive oil",
            "salt",
            "raw chicken",
            "onion",
            "garlic clove",
            "eggs",
            "milk",
            "chocolate",
            "half",
            "half of the",
            "a third of",
            "the rest of",
            "two thirds",
            "a dozen",
            "chop",
            "fry",
            "bake",
            "simmer until",
            "preheat the oven to",
            "180",
            "180C",
            "200 fan",
            "gas 6",
            "350 °F",
            "for 10 minutes",
            "for 5-10 mins",
            "an hour and a half",
            "2 minutes each side",
            "until golden",
            "then",
            "and",
            "or",
            "plus extra",
            "to taste",
            "optional",
            "juice of",
            "finely chopped",
            "wash your hands",
            "grown-ups",
            "careful, hot",
            "Serves 4",
            "Makes 12",
            "Method",
            "Ingredients",
            "1.",
            "2)",
            "a.a.a.",
            "5 -----",
            "----",
            "x",
            "X 3",
            "2 x 400 g",
            "https://x.y");

    private AnyText() {}

    /** Up to {@code most} bits or odd characters. */
    static String of(RandomGenerator random, int most) {
        var text = new StringBuilder();
        int n = random.nextInt(most + 1);
        for (int i = 0; i < n; i++) {
            switch (random.nextInt(12)) {
                case 0 -> text.append((char) random.nextInt(0x10000));
                case 1 -> text.append((char) (32 + random.nextInt(95)));
                case 2 -> text.append(random.nextInt(100_000));
                case 3 -> text.append(BITS.get(random.nextInt(BITS.size())).repeat(1 + random.nextInt(20)));
                default -> text.append(BITS.get(random.nextInt(BITS.size())));
            }
            if (random.nextInt(3) > 0) text.append(' ');
        }
        return text.toString();
    }

    /** One bit, or a few, over and over: what makes a careless pattern slow. */
    static String long_(RandomGenerator random, int length) {
        var unit = new StringBuilder();
        int n = 1 + random.nextInt(3);
        for (int i = 0; i < n; i++)
            unit.append(BITS.get(random.nextInt(BITS.size()))).append(random.nextInt(3) == 0 ? " " : "");
        var text = unit.toString().repeat(length / unit.length() + 1).substring(0, length);
        return random.nextBoolean() ? text : of(random, 4) + text + of(random, 4);
    }
}
