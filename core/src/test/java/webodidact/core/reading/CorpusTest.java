package webodidact.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Amount;
import webodidact.core.food.Knowledge;

/** Three hundred lines as people write them, each with what it says. */
class CorpusTest {
    private final LineReader reader = new LineReader(Knowledge.shipped());

    private static List<String> corpus() throws IOException {
        try (var in = new BufferedReader(new InputStreamReader(CorpusTest.class.getResourceAsStream("corpus.txt"), StandardCharsets.UTF_8))) {
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

    @Test
    void everyWordOfALineIsFoundAgainInWhatWasRead() throws IOException {
        for (var line : corpus()) {
            var text = line.split(" \\| ")[0];
            var read = reader.read(text);
            var kept = String.join(" ", read.item(), String.join(" ", read.form()), read.note(), String.join(" ", read.alternatives()), String.join(" ", read.unsure())).toLowerCase();
            for (var word : text.toLowerCase().split("[^a-z-]+")) {
                if (word.length() < 4 || isMeasureOrFiller(word)) continue;
                assertThat(kept).as(text).contains(word);
            }
        }
    }

    private static boolean isMeasureOrFiller(String word) {
        return webodidact.core.amount.Unit.named(word).isPresent() || List.of("about", "approx", "approximately", "around", "roughly", "half", "quarter", "three", "dozen",
                "taste", "optional", "fluid", "ounces", "level", "heaped", "heaping", "rounded", "scant", "generous", "large", "small", "good", "extra", "four", "five", "from", "with").contains(word);
    }
}
