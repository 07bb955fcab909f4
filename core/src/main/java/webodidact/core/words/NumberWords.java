package webodidact.core.words;

import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;

/** Whole numbers below a thousand in words: "a", "seven", "forty-five", "two hundred and fifty". */
public final class NumberWords {
    private static final Map<String, Integer> TENS = Map.of(
            "twenty", 20, "thirty", 30, "forty", 40, "fifty", 50, "sixty", 60, "seventy", 70, "eighty", 80, "ninety",
            90);
    private static final Map<String, Integer> ONES = Map.ofEntries(
            Map.entry("a", 1),
            Map.entry("an", 1),
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9),
            Map.entry("ten", 10),
            Map.entry("eleven", 11),
            Map.entry("twelve", 12),
            Map.entry("thirteen", 13),
            Map.entry("fourteen", 14),
            Map.entry("fifteen", 15),
            Map.entry("sixteen", 16),
            Map.entry("seventeen", 17),
            Map.entry("eighteen", 18),
            Map.entry("nineteen", 19));

    /** Words of one to nine, as an alternative of a pattern. */
    public static final String ONE = "one|two|three|four|five|six|seven|eight|nine";
    /** Words of ten to nineteen. */
    public static final String TEEN = "ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen";
    /** Words of the tens from twenty. */
    public static final String TEN = "twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety";

    private NumberWords() {}

    /** Its value, in words or figures; empty if it is no such number. */
    public static OptionalInt value(String word) {
        var w = word.strip().toLowerCase(Locale.ROOT);
        if (w.matches("\\d{1,6}")) return OptionalInt.of(Integer.parseInt(w));
        int hundred = w.indexOf("hundred");
        if (hundred > 0)
            return hundreds(
                    w.substring(0, hundred).strip(), w.substring(hundred + 7).strip());
        if (ONES.containsKey(w)) return OptionalInt.of(ONES.get(w));
        var parts = w.split("[- ]");
        if (!TENS.containsKey(parts[0]) || parts.length > 2) return OptionalInt.empty();
        if (parts.length == 1) return OptionalInt.of(TENS.get(parts[0]));
        var one = ONES.getOrDefault(parts[1], 0);
        return one < 1 || one > 9 || parts[1].startsWith("a")
                ? OptionalInt.empty()
                : OptionalInt.of(TENS.get(parts[0]) + one);
    }

    private static OptionalInt hundreds(String many, String rest) {
        var count = ONES.getOrDefault(many, 0);
        if (count < 1 || count > 9) return OptionalInt.empty();
        if (rest.isEmpty()) return OptionalInt.of(100 * count);
        var more = value(rest.replaceFirst("^and ", ""));
        return more.isEmpty() || more.getAsInt() > 99 || !Character.isLetter(rest.charAt(0))
                ? OptionalInt.empty()
                : OptionalInt.of(100 * count + more.getAsInt());
    }
}
