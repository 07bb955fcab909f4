package webodidact.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Lesson;
import webodidact.core.rules.Rules;
import webodidact.core.words.Language;

/** The table of checks and the code of the checks tell of the same. */
class CheckTableTest {
    private static final Path RULES = Path.of("src/main/java/webodidact/core/rules");
    private static final Set<String> STATIONS =
            Set.of("brief", "larder", "script", "clock", "bench", "air", "papers", "afters");

    private static Set<String> asked(Check check) throws IOException {
        var source = Files.readString(RULES.resolve(check.getClass().getSimpleName() + ".java"));
        var keys = new TreeSet<String>();
        keys.add(check.id());
        keys.add(check.id() + ".so");
        var mends = Pattern.compile("mend\\(\\s*\"([\\w-]+)\"").matcher(source);
        while (mends.find()) keys.add(check.id() + ".mend." + mends.group(1));
        return keys;
    }

    @Test
    void everyCheckHasItsRowItsSentenceAndItsMends() throws IOException {
        for (var check : Rules.ALL) {
            assertThat(CheckTable.words().keys(Language.ENGLISH)).as(check.id()).containsAll(asked(check));
            assertThat(STATIONS).contains(CheckTable.of(check.id()).station());
            assertThat(CheckTable.of(check.id()).family().title()).isNotBlank();
        }
    }

    @Test
    void noRowIsLeftOver() throws IOException {
        var asked = new TreeSet<String>();
        for (var check : Rules.ALL) asked.addAll(asked(check));
        var kept = CheckTable.words().keys(Language.ENGLISH).stream()
                .filter(k -> !k.startsWith("not-worked-out"))
                .collect(Collectors.toSet());
        var ids = Rules.ALL.stream().map(Check::id).collect(Collectors.toSet());
        kept.removeIf(k -> !ids.contains(k.replaceFirst("\\..*", "")));
        kept.removeIf(k -> k.matches(".*\\.(?:what|why|said|after|basis)"));
        assertThat(kept).isEqualTo(asked);
        for (var key : CheckTable.words().keys(Language.ENGLISH)) {
            if (!key.endsWith(".what") && !key.endsWith(".why")) continue;
            var parts = key.split("\\.");
            if (parts.length < 3 || parts[0].equals("not-worked-out")) continue;
            var rule = Rules.ALL.stream()
                    .filter(c -> c.id().equals(parts[0]))
                    .findFirst()
                    .orElseThrow();
            var source = Files.readString(RULES.resolve(rule.getClass().getSimpleName() + ".java"));
            assertThat(source).as(key).contains("\"" + parts[1].replace("-no-room", "") + "\"");
        }
    }

    @Test
    void findingsAndMendsAreEqualIfTheySayTheSame() {
        var one = new Finding(
                "over-slot",
                "",
                new About.OfLesson(),
                0,
                List.of("2:00", "18:20"),
                List.of(new Mend(CheckTable.words().message("over-slot.mend.slot", 25), l -> l)));
        var same = one.mending(
                new Mend(CheckTable.words().message("over-slot.mend.slot", 25), l -> Lesson.blank("x", 1, "x")));
        assertThat(one).isEqualTo(same).hasSameHashCodeAs(same);
        assertThat(one)
                .isNotEqualTo(one.mending(new Mend(CheckTable.words().message("over-slot.mend.slot", 30), l -> l)));
        assertThat(one.as("other")).isNotEqualTo(one);
        assertThat(one.isStop()).isTrue();
        assertThat(one.family()).isEqualTo(Family.DELIVERY);
    }
}
