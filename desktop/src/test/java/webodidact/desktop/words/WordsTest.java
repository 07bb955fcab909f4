package webodidact.desktop.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.StepField;
import webodidact.core.lesson.ToolLine;

class WordsTest {
    private static String sources() throws IOException {
        var all = new StringBuilder();
        try (var files = Files.walk(Path.of("src/main/java"))) {
            for (var file : files.filter(f -> f.toString().endsWith(".java")).toList())
                all.append(Files.readString(file));
        }
        return all.toString();
    }

    @Test
    void everyKeyThatIsAskedForIsThere() throws IOException {
        var missing = new ArrayList<String>();
        var matcher =
                Pattern.compile("Words\\.(of|count)\\(\\s*\"([^\"]+[^.\"])\"").matcher(sources());
        while (matcher.find()) {
            if (!Words.keys().contains(matcher.group(2))) missing.add(matcher.group(2));
        }
        assertThat(missing).isEmpty();
    }

    @Test
    void noKeyIsLeftOver() throws IOException {
        var sources = sources();
        var unused = new ArrayList<String>();
        for (var key : Words.keys()) {
            var plain = key.replaceFirst("\\.(sub|key)$", "");
            int dot = plain.lastIndexOf('.');
            boolean built = sources.contains("\"" + plain.substring(0, dot + 1) + "\"");
            if (!sources.contains("\"" + plain + "\"") && !built) unused.add(key);
        }
        assertThat(unused).isEmpty();
    }

    @Test
    void partsAreFilledInAndOneIsOne() {
        assertThat(Words.of("edit.undone", "x {1}")).isEqualTo("Undone: x {1}");
        assertThat(Words.count("slate.stops", 1)).isEqualTo("1 stop");
        assertThat(Words.count("slate.stops", 0)).isEqualTo("0 stops");
    }

    @Test
    void everyFieldThatCanDifferHasAName() {
        for (var type : List.of(Lesson.class, FoodLine.class, ToolLine.class)) {
            for (var part : type.getRecordComponents())
                assertThat(Words.keys().contains("compare.field." + part.getName()))
                        .as(type.getSimpleName() + " " + part.getName())
                        .isTrue();
        }
    }

    @Test
    void everyFieldOfAStepHasAName() {
        for (var field : StepField.ALL) assertThat(Words.keys()).contains("compare.field." + field.name());
    }

    @Test
    void noKeyStandsTwice() throws IOException {
        var keys = Files.readAllLines(Path.of("src/main/resources/webodidact/desktop/words/Words.properties")).stream()
                .filter(l -> l.contains("=") && !l.startsWith("#"))
                .map(l -> l.substring(0, l.indexOf('=')))
                .toList();
        assertThat(keys).doesNotHaveDuplicates();
    }

    @Test
    void aCheckWithoutAShortWordStillHasOne() {
        assertThat(Words.or("larder.check.no-such-check", Words.of("larder.check.other")))
                .isEqualTo("look");
    }
}
