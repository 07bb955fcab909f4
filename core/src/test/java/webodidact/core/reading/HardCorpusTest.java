package webodidact.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Doubt;

/** Lines that are easily misread: each is read right or doubted; what is wrong and not said is counted apart. */
class HardCorpusTest {
    private final LineReader reader = new LineReader(Knowledge.shipped());

    private enum Score {
        RIGHT,
        DOUBTED,
        WRONG
    }

    private static List<String> lines(String file) throws IOException {
        try (var in = new BufferedReader(
                new InputStreamReader(HardCorpusTest.class.getResourceAsStream(file), StandardCharsets.UTF_8))) {
            return in.lines().filter(l -> !l.startsWith("#") && !l.isBlank()).toList();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"hard.txt", "fresh.txt"})
    void rightOrDoubtedNeverSilentlyWrong(String file) throws IOException {
        var lines = lines(file);
        var doubted = new ArrayList<String>();
        var wrong = new ArrayList<String>();
        for (var line : lines) {
            int bar = line.indexOf(" | ");
            var read = reader.readAll(line.substring(0, bar));
            var score = score(read, line.substring(bar + 3).split(" & "));
            if (score == Score.DOUBTED) doubted.add(line + "  ->  " + text(read));
            if (score == Score.WRONG) wrong.add(line + "  ->  " + text(read));
        }
        System.out.printf(
                "%s: %d lines, %d right, %d doubted, %d silently wrong%n",
                file, lines.size(), lines.size() - doubted.size() - wrong.size(), doubted.size(), wrong.size());
        assertThat(wrong.size() * 200).as(String.join("\n", wrong)).isLessThanOrEqualTo(lines.size());
        System.out.println(String.join("\n", doubted));
        assertThat(doubted.size() * 20).as(String.join("\n", doubted)).isLessThanOrEqualTo(lines.size());
    }

    private static Score score(List<ReadLine> read, String[] expected) {
        boolean right = read.size() == expected.length;
        for (int i = 0; right && i < expected.length; i++) right = isRight(read.get(i), expected[i].split(" \\| "));
        if (right) return Score.RIGHT;
        return read.stream().anyMatch(HardCorpusTest::isDoubted) ? Score.DOUBTED : Score.WRONG;
    }

    private static boolean isRight(ReadLine read, String[] expected) {
        if (expected[1].strip().equals("?")) return isDoubted(read);
        var amount = read.amount() == null ? "-" : read.amount().toString();
        return (expected[0].strip().equals("*") || amount.equals(expected[0].strip()))
                && expected[1].strip().equals(read.food());
    }

    private static boolean isDoubted(ReadLine read) {
        return read.unsure().stream().anyMatch(d -> d.kind() != Doubt.Kind.NO_AMOUNT);
    }

    private static String text(List<ReadLine> read) {
        return read.stream()
                .map(r -> r.amount() + " " + r.item() + " [" + r.food() + "] " + r.unsure())
                .toList()
                .toString();
    }
}
