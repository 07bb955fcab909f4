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

    private static final Path BUNDLES = Path.of("src/main/resources/webodidact/desktop");

    @Test
    void everyBundleIsRead() throws IOException {
        try (var files = Files.walk(BUNDLES)) {
            assertThat(files.filter(f -> f.endsWith("Words.properties"))
                            .map(f -> BUNDLES.relativize(f.getParent()).toString()))
                    .containsExactlyInAnyOrderElementsOf(Words.ROOMS);
        }
    }

    @Test
    void noKeyStandsTwiceInAnyRoom() throws IOException {
        var keys = new ArrayList<String>();
        for (var room : Words.ROOMS)
            Files.readAllLines(BUNDLES.resolve(room).resolve("Words.properties")).stream()
                    .filter(l -> l.contains("=") && !l.startsWith("#"))
                    .map(l -> l.substring(0, l.indexOf('=')))
                    .forEach(keys::add);
        assertThat(keys).doesNotHaveDuplicates().hasSameSizeAs(Words.keys());
    }

    /** What two rooms say stands in the shared bundle, so that a room's words can be changed without a look elsewhere. */
    @Test
    void aRoomSaysOnlyItsOwnWordsAndTheSharedOnes() throws IOException {
        for (var room : Words.ROOMS) {
            if (room.equals("words")) continue;
            var own = new StringBuilder();
            try (var files =
                    Files.list(Path.of("src/main/java/webodidact/desktop").resolve(room))) {
                for (var file :
                        files.filter(f -> f.toString().endsWith(".java")).toList()) own.append(Files.readString(file));
            }
            for (var line : Files.readAllLines(BUNDLES.resolve(room).resolve("Words.properties"))) {
                var key = line.substring(0, line.indexOf('=')).replaceFirst("\\.(sub|key)$", "");
                assertThat(own.indexOf("\"" + key + "\"") >= 0
                                || own.indexOf("\"" + key.substring(0, key.lastIndexOf('.') + 1) + "\"") >= 0)
                        .as(room + ": " + key)
                        .isTrue();
            }
        }
    }

    @Test
    void aCheckWithoutAShortWordStillHasOne() {
        assertThat(Words.or("larder.check.no-such-check", Words.of("larder.check.other")))
                .isEqualTo("look");
    }
}
