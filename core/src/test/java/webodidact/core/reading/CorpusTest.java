package webodidact.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Unit;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Doubt;

/** Three hundred lines as people write them, each with what it says. */
class CorpusTest {
    private final LineReader reader = new LineReader(Knowledge.shipped());

    private static List<String> corpus() throws IOException {
        try (var in = new BufferedReader(
                new InputStreamReader(CorpusTest.class.getResourceAsStream("corpus.txt"), StandardCharsets.UTF_8))) {
            return in.lines().filter(l -> !l.startsWith("#") && !l.isBlank()).toList();
        }
    }

    @Test
    void atLeastNinetyEightInAHundredAreReadRight() throws IOException {
        var lines = corpus();
        assertThat(lines).hasSizeGreaterThanOrEqualTo(300);
        var wrong = new ArrayList<String>();
        for (var line : lines) {
            var difference = difference(line.split(" \\| "));
            if (!difference.isEmpty()) wrong.add(line.split(" \\| ")[0] + ": " + difference);
        }
        assertThat(wrong.size() * 100).as(String.join("\n", wrong)).isLessThanOrEqualTo(2 * lines.size());
    }

    private String difference(String[] expected) {
        var read = reader.read(expected[0]);
        var parts = new ArrayList<String>();
        compare(parts, "amount", expected[1], text(read.amount()));
        compare(parts, "item", expected[2], read.item());
        compare(parts, "food", expected[3], read.food() == null ? "-" : read.food());
        boolean taste = false;
        boolean optional = false;
        for (int i = 4; i < expected.length; i++) {
            var e = expected[i].strip();
            taste |= e.equals("taste");
            optional |= e.equals("optional");
            if (e.startsWith("size=")) compare(parts, "size", e.substring(5), text(read.size()));
            if (e.startsWith("also=")) compare(parts, "also", e.substring(5), text(read.also()));
            if (e.startsWith("form=")) compare(parts, "form", e.substring(5), String.join(", ", read.form()));
            if (e.startsWith("or=")) compare(parts, "or", e.substring(3), String.join(", ", read.alternatives()));
        }
        compare(parts, "taste", String.valueOf(taste), String.valueOf(read.toTaste()));
        compare(parts, "optional", String.valueOf(optional), String.valueOf(read.optional()));
        return String.join("; ", parts);
    }

    private static String text(Amount amount) {
        return amount == null ? "-" : amount.toString();
    }

    private static void compare(List<String> parts, String what, String expected, String was) {
        if (!expected.strip().equals(was)) parts.add(what + " '" + was + "' instead of '" + expected.strip() + "'");
    }

    private static final Set<String> FILLERS = Set.of("of", "or", "and", "x", "a", "an", "the");

    /** Everything but white space and punctuation of the line, against everything that came out of it. */
    private void everyCharacterIsAccountedFor(String line) {
        var read = reader.read(line);
        var out = new ArrayList<String>();
        for (var text : List.of(
                read.item(),
                String.join(" ", read.form()),
                read.note(),
                String.join(" ", read.alternatives()),
                read.unsure().stream().map(Doubt::text).collect(Collectors.joining(" ")))) Account.tokens(text, out);
        var in = new ArrayList<String>();
        Account.tokens(line, in);
        in.removeIf(out::remove);
        in.removeIf(FILLERS::contains);
        // What is not there as words must be there as a value: take the printed amounts apart the same way.
        boolean value = read.amount() != null
                || read.size() != null
                || read.also() != null
                || read.optional()
                || read.toTaste();
        if (!value)
            assertThat(in).as(line).allSatisfy(t -> assertThat(t).as(line).matches("\\d{1,2}"));
        for (var token : in) {
            boolean meansSomething = Character.isDigit(token.charAt(0))
                    || Character.getType(token.charAt(0)) == Character.OTHER_NUMBER
                    || Unit.named(token).isPresent()
                    || KNOWN.contains(token);
            assertThat(meansSomething).as("'" + token + "' of: " + line).isTrue();
        }
    }

    /** Words that mean a number, a size of spoon, "about", "optional" or "to taste". */
    private static final Set<String> KNOWN = Set.of(
            "about",
            "approx",
            "approximately",
            "around",
            "roughly",
            "c",
            "half",
            "quarter",
            "one",
            "two",
            "three",
            "four",
            "five",
            "six",
            "seven",
            "eight",
            "nine",
            "ten",
            "twelve",
            "dozen",
            "to",
            "taste",
            "season",
            "as",
            "needed",
            "optional",
            "fluid",
            "fl",
            "oz",
            "ounce",
            "ounces",
            "level",
            "whole",
            "fat",
            "plump",
            "slightly",
            "heaped",
            "heaping",
            "rounded",
            "scant",
            "generous",
            "large",
            "small",
            "big",
            "good",
            "from",
            "t",
            "juice",
            "zest",
            "rind",
            "in",
            "g");

    @Test
    void everyCharacterOfTheCorpusIsAccountedFor() throws IOException {
        for (var line : corpus()) everyCharacterIsAccountedFor(line.split(" \\| ")[0]);
    }

    @Property(tries = 3000)
    void everyCharacterOfAnyJunkIsAccountedFor(@ForAll("junk") String line) {
        everyCharacterIsAccountedFor(line);
    }

    @Provide
    Arbitrary<String> junk() {
        var word = Arbitraries.of(
                "flour",
                "2",
                "½",
                "1/2",
                "g",
                "(",
                ")",
                ",",
                "or",
                "of",
                "x",
                "400",
                "tins",
                "butter",
                "zz9",
                "to taste",
                "optional",
                "plus extra",
                "juice of",
                "–",
                "3-4",
                "tbsp",
                "about",
                "%",
                "£",
                "moonberry",
                "chopped",
                "finely",
                "a",
                "knob",
                "/",
                ":",
                ";",
                "•",
                "1.",
                "☐",
                "lemon",
                "and",
                "250ml",
                "g)",
                "((",
                "salt",
                "7",
                "for dusting",
                "extra",
                "more",
                "half",
                "dozen");
        return word.list().ofMinSize(1).ofMaxSize(12).map(w -> String.join(" ", w));
    }

    @Test
    void whatIsNotUnderstoodIsSaid() {
        assertThat(reader.read("2 tbsp 3 cups flour").unsure())
                .contains(new Doubt(Doubt.Kind.FIGURE_IN_NAME, "3 cups flour"));
        assertThat(reader.read("1 tin flour £2").unsure()).contains(new Doubt(Doubt.Kind.FIGURE_IN_NAME, "flour £2"));
        assertThat(reader.read("100 g 70% dark chocolate").unsure()).isEmpty();
        assertThat(reader.read("2 flour").amount().toString()).isEqualTo("2 piece");
    }
}
