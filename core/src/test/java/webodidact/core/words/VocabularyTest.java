package webodidact.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.MessageFormat;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** One way to look up words; every bundle of every module is held to it. */
class VocabularyTest {
    private static final Vocabulary TWO = vocabulary(Map.of(
            "Words.properties",
            "homes={0,choice,0#no homes|1#1 home|1<{0} homes}\nbring=Bring {0}: {1}\nonly=Only here, it''s said",
            "Words_de.properties",
            "homes={0,choice,0#kein Haushalt|1#1 Haushalt|1<{0} Haushalte}\nbring={1} mitbringen, {0}"));

    private static Vocabulary vocabulary(Map<String, String> files) {
        return Vocabulary.of(n ->
                files.containsKey(n) ? new ByteArrayInputStream(files.get(n).getBytes(StandardCharsets.UTF_8)) : null);
    }

    @Test
    void aMessageIsDataAndIsSaidInEachLanguage() {
        var message = TWO.message("bring", TWO.message("homes", 2), List.of("salt", "pepper"));
        assertThat(message.in(Language.ENGLISH)).isEqualTo("Bring 2 homes: salt, pepper");
        assertThat(message.in(Language.GERMAN)).isEqualTo("salt, pepper mitbringen, 2 Haushalte");
        assertThat(message)
                .isEqualTo(TWO.message("bring", TWO.message("homes", 2), List.of("salt", "pepper")))
                .isNotEqualTo(TWO.message("bring", "x", "y"));
    }

    @Test
    void pluralsGoByTheNumberAndAStepOfAThousandHasNoComma() {
        assertThat(TWO.say("homes", 0)).isEqualTo("no homes");
        assertThat(TWO.say("homes", 1)).isEqualTo("1 home");
        assertThat(TWO.say("bring", 1000, "x")).isEqualTo("Bring 1000: x");
    }

    @Test
    void whatALanguageLacksIsSaidInEnglishAndWhatNobodyHasFails() {
        assertThat(TWO.message("only").in(Language.GERMAN)).isEqualTo("Only here, it's said");
        assertThatThrownBy(() -> TWO.say("none"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("'none'");
    }

    static Stream<Path> bundles() throws IOException {
        var all = new ArrayList<Path>();
        for (var module : List.of("core", "formats", "desktop", "terminal")) {
            var root = Path.of("..", module, "src/main/resources");
            if (!Files.isDirectory(root)) continue;
            try (var files = Files.walk(root)) {
                files.filter(f -> f.getFileName().toString().matches("Words(_\\w+)?\\.properties"))
                        .forEach(all::add);
            }
        }
        return all.stream();
    }

    @ParameterizedTest
    @MethodSource("bundles")
    void noKeyStandsTwiceAndEveryPatternIsOne(Path file) throws Exception {
        var seen = new TreeSet<String>();
        for (var line : Files.readAllLines(file)) {
            if (line.isBlank() || line.startsWith("#")) continue;
            var key = line.substring(0, line.indexOf('='));
            assertThat(seen.add(key)).as(key + " stands twice").isTrue();
            new MessageFormat(line.substring(line.indexOf('=') + 1));
        }
    }

    private static final Pattern ASKED = Pattern.compile(
            "(?:\\bsay|\\bmessage)\\(\\s*(?:[^\"(),]*\\?\\s*)?\"([\\w.-]*[\\w-])\"(?:\\s*:\\s*\"([\\w.-]*[\\w-])\")?[,)]");

    /** All that the package of that bundle is made of. The table of checks has a test of its own, the desktop too. */
    private static String sources(Path bundle) throws Exception {
        var all = new StringBuilder();
        var places = List.of(Path.of(bundle.getParent().toString().replace("resources", "java")), bundle.getParent());
        for (var place : places) {
            try (var files = Files.list(place)) {
                for (var file : files.filter(f -> f.toString().matches(".*\\.(java|html)"))
                        .toList()) all.append(Files.readString(file));
            }
        }
        return all.toString();
    }

    private static boolean isHere(Path bundle) {
        return bundle.getFileName().toString().equals("Words.properties")
                && !bundle.toString().contains("check")
                && !bundle.toString().contains("desktop");
    }

    @ParameterizedTest
    @MethodSource("bundles")
    void everyKeyThatIsAskedForIsThere(Path bundle) throws Exception {
        if (!isHere(bundle)) return;
        var keys = properties(bundle).keySet();
        var m = ASKED.matcher(sources(bundle));
        while (m.find()) {
            assertThat(keys).contains(m.group(1));
            if (m.group(2) != null) assertThat(keys).contains(m.group(2));
        }
    }

    @ParameterizedTest
    @MethodSource("bundles")
    void noKeyIsLeftOver(Path bundle) throws Exception {
        if (!isHere(bundle)) return;
        var sources = sources(bundle);
        for (var k : properties(bundle).keySet()) {
            var key = (String) k;
            int dot = key.indexOf('.');
            int last = key.lastIndexOf('.');
            boolean named = sources.contains("\"" + key + "\"")
                    || dot > 0 && sources.contains("\"" + key.substring(0, dot + 1) + "\"")
                    || last > 0 && sources.contains("\"" + key.substring(0, last + 1) + "\"");
            boolean template = key.startsWith("page.") && sources.contains("{{w." + key.substring(5) + "}}");
            boolean usage = key.startsWith("usage.");
            boolean title = dot > 0
                    && Pattern.compile("(?i)enum " + key.substring(0, dot).replace("-", "") + "\\b")
                            .matcher(sources)
                            .find();
            assertThat(named || template || title || usage)
                    .as(bundle + ": " + key)
                    .isTrue();
        }
    }

    /** A translation has no key of its own and fills in what the English sentence fills in. */
    @ParameterizedTest
    @MethodSource("bundles")
    void placeholdersFit(Path file) throws Exception {
        if (file.getFileName().toString().equals("Words.properties")) return;
        var english = properties(file.resolveSibling("Words.properties"));
        for (var own : properties(file).entrySet()) {
            assertThat(english).containsKey(own.getKey());
            assertThat(placeholders((String) own.getValue()))
                    .as((String) own.getKey())
                    .isEqualTo(placeholders((String) english.get(own.getKey())));
        }
    }

    private static Properties properties(Path file) throws IOException {
        var read = new Properties();
        try (var in = Files.newBufferedReader(file)) {
            read.load(in);
        }
        return read;
    }

    private static TreeSet<String> placeholders(String pattern) {
        var found = new TreeSet<String>();
        var m = Pattern.compile("\\{(\\d+)").matcher(pattern);
        while (m.find()) found.add(m.group(1));
        return found;
    }

    @Test
    void whatIsNotThereIsSaidAndFailsNothing() {
        assertThat(TWO.say("bring", null, List.of())).isEqualTo("Bring null: ");
        assertThat(new Message(TWO, "bring", Arrays.asList(null, "x")).text()).isEqualTo("Bring : x");
    }
}
