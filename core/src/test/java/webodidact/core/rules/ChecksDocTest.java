package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import webodidact.core.check.Catalogue;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Severity;

/** {@code docs/checks.md} is what the code makes of it: run with {@code -Dchecks.write=true} to write it anew. */
class ChecksDocTest {
    private static final Path DOC = Path.of("../docs/checks.md");
    private static final String HEAD = """
            # Checks

            Made by `ChecksDocTest` from the table of checks and the code (`./webodidact test -Dchecks.write=true` writes it anew); do not edit.

            %d checks, one file each in `core/rules`. A **stop** blocks papers and air until it is mended or covered with a reason; a **look** does
            not. A check speaks only when the lesson has what it needs to judge; one matter is one finding; the more telling finding hides what
            follows from it (last column). Sentences are read through `Asides` (what is denied, planned, of another day, a likeness…) and
            `Phrase`/`Told`; hands, boards and tools through `core/trace`.

            ## What they find

            Whole lessons as people give them, each with the findings it should have (`core/src/test/resources/webodidact/core/rules`). Slips found
            of slips there are, and findings of nothing. The first run is what was found before anything was mended after it,
            against the findings as they were expected before the run; a look at what was found then shows expectations that were wrong, both ways
            (a food nobody had used, a slip that was none). Against those put right the first runs of the last eight were 15 of 24, 8 of 23, 40 of
            53, 23 of 33, 22 of 33, 20 of 30, 16 of 19 and 13 of 22, with 6, 12, 6, 13, 4, 2, 1 and 2 false: two thirds of the slips of a lesson that nobody here has seen.
            The two after them, of raw fish, jars, dried beans and a student's first roast, were 8 of 15 and 6 of 15, with 5 and 7 false: checks that
            were not there cannot speak, and four of them are there now. The last two, of a duck, a toad in the hole and a ceviche, were 12 of
            16 and 5 of 16, with 6 and 2 false; the four after them, of satay, a drizzle cake, burritos and fish fingers, 14 of 21 with 5; the last four, of
            cottage pie, noodles, a crumble and eggs, 16 of 22 with 3.

            | lessons | at the first run | now |
            |---|---|---|
            """;

    private record Set(String file, String first) {}

    private static final List<Set> SETS = List.of(
            new Set("lessons.txt", "72 of 104, 110 false in 20 lessons (written before the code)"),
            new Set("lessons-fresh.txt", "39 of 70, 38 false in 10 lessons"),
            new Set("lessons-third.txt", "43 of 61, 18 false in 8 lessons"),
            new Set("lessons-fourth.txt", "36 of 52, 25 false in 7 lessons"),
            new Set("lessons-fifth.txt", "18 of 36, 27 false in 8 lessons"),
            new Set("lessons-sixth.txt", "15 of 30, 15 false in 6 lessons"),
            new Set("lessons-seventh.txt", "26 of 54, 19 false in 8 lessons"),
            new Set("lessons-eighth.txt", "20 of 48, 22 false in 8 lessons"),
            new Set("lessons-ninth.txt", "13 of 28, 15 false in 7 lessons"),
            new Set("lessons-tenth.txt", "12 of 33, 27 false in 8 lessons"),
            new Set("lessons-eleventh.txt", "13 of 22, 20 false in 7 lessons"),
            new Set("lessons-twelfth.txt", "10 of 21, 14 false in 7 lessons"),
            new Set("lessons-thirteenth.txt", "4 of 21, 17 false in 7 lessons"),
            new Set("lessons-fourteenth.txt", "35 of 57, 13 false in 3 long lessons"),
            new Set("lessons-fifteenth.txt", "21 of 42, 21 false in 3 long lessons"),
            new Set("lessons-sixteenth.txt", "21 of 37, 6 false in 3 long lessons"),
            new Set("lessons-seventeenth.txt", "18 of 32, 7 false in 3 long lessons"),
            new Set("lessons-eighteenth.txt", "14 of 22, 6 false in 3 lessons"),
            new Set("lessons-nineteenth.txt", "10 of 23, 6 false in 3 long lessons"),
            new Set("lessons-twentieth.txt", "9 of 21, 12 false in 3 lessons"),
            new Set("lessons-twentyfirst.txt", "11 of 20, 7 false in 3 lessons"),
            new Set("lessons-twentysecond.txt", "15 of 25, 6 false in 3 lessons"),
            new Set("lessons-twentythird.txt", "10 of 12, 7 false in 3 lessons"),
            new Set("lessons-twentyfourth.txt", "7 of 10, 8 false in 3 lessons"),
            new Set("lessons-twentyfifth.txt", "7 of 12, 4 false in 3 lessons"),
            new Set("lessons-twentysixth.txt", "8 of 12, 6 false in 3 lessons"),
            new Set("lessons-twentyseventh.txt", "8 of 17, 9 false in 3 lessons"),
            new Set("lessons-twentyeighth.txt", "6 of 9, 6 false in 3 lessons"),
            new Set("lessons-twentyninth.txt", "5 of 11, 8 false in 4 lessons"),
            new Set("lessons-thirtieth.txt", "7 of 15, 7 false in 4 lessons"),
            new Set("lessons-thirtyfirst.txt", "1 of 10, 7 false in 4 lessons"),
            new Set("lessons-thirtysecond.txt", "5 of 11, 9 false in 4 lessons"),
            new Set("lessons-thirtythird.txt", "8 of 18, 11 false in 4 lessons"),
            new Set("lessons-thirtyfourth.txt", "5 of 12, 8 false in 3 lessons"),
            new Set("lessons-thirtyfifth.txt", "6 of 13, 6 false in 4 lessons"),
            new Set("lessons-thirtysixth.txt", "11 of 17, 9 false in 4 lessons"),
            new Set("lessons-thirtyseventh.txt", "3 of 11, 6 false in 3 lessons"),
            new Set("lessons-thirtyeighth.txt", "5 of 11, 10 false in 4 lessons"),
            new Set("lessons-thirtyninth.txt", "11 of 16, 12 false in 4 lessons"),
            new Set("lessons-fortieth.txt", "8 of 13, 1 false in 4 lessons"),
            new Set("lessons-fortyfirst.txt", "8 of 15, 6 false in 4 lessons"),
            new Set("lessons-fortysecond.txt", "6 of 15, 11 false in 4 lessons"),
            new Set("lessons-fortythird.txt", "8 of 17, 21 false in 4 lessons"),
            new Set("lessons-fortyfourth.txt", "4 of 17, 10 false in 4 lessons"),
            new Set("lessons-fortyfifth.txt", "13 of 21, 9 false in 4 lessons"),
            new Set("lessons-fortysixth.txt", "15 of 22, 11 false in 4 lessons"));

    private static String scores() {
        var all = new StringBuilder();
        for (var set : SETS) {
            int wanted = 0;
            int found = 0;
            int extra = 0;
            var lessons = WholeLessons.scored(set.file());
            for (var one : lessons) {
                var score = one.score();
                wanted += score.wanted();
                found += score.found();
                extra += score.extra().size();
            }
            all.append("| `%s` | %s | %d of %d, %d false in %d lessons |%n"
                    .formatted(set.file(), set.first(), found, wanted, extra, lessons.size()));
        }
        return all.toString().replace(System.lineSeparator(), "\n");
    }

    @Test
    void isWhatTheCodeMakesOfIt() throws IOException {
        var made = HEAD.formatted(Rules.ALL.size()) + scores() + Catalogue.markdown(Rules.ALL);
        if (Boolean.getBoolean("checks.write")) Files.writeString(DOC, made);
        assertThat(DOC).as("run the tests with -Dchecks.write=true").hasContent(made);
    }

    @Test
    void onlyWhatHurtsOrCannotBeGivenStops() {
        var stops = Rules.ALL.stream()
                .filter(c -> CheckTable.of(c.id()).severity() == Severity.STOP)
                .map(c -> c.id())
                .toList();
        assertThat(stops)
                .contains("no-wash-after-raw", "core-too-low", "free-from-claimed", "over-slot")
                .doesNotContain("listed-not-used", "name-published", "dead-air", "ring-level-unstated")
                .hasSizeLessThan(Rules.ALL.size() / 3);
    }
}
