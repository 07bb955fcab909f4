package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whole lessons as people give them: how many of their slips are found, and how many findings are of nothing. */
class WholeLessonsTest {
    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "lessons.txt, 97, 3",
        "lessons-fresh.txt, 92, 5",
        "lessons-third.txt, 95, 4",
        "lessons-fourth.txt, 92, 3",
        "lessons-fifth.txt, 90, 1",
        "lessons-sixth.txt, 75, 1",
        "lessons-seventh.txt, 93, 1",
        "lessons-eighth.txt, 93, 1",
        "lessons-ninth.txt, 92, 1",
        "lessons-tenth.txt, 92, 1",
        "lessons-eleventh.txt, 91, 1",
        "lessons-twelfth.txt, 91, 1",
        "lessons-thirteenth.txt, 82, 1",
        "lessons-fourteenth.txt, 95, 1",
        "lessons-fifteenth.txt, 93, 1",
        "lessons-sixteenth.txt, 96, 0",
        "lessons-seventeenth.txt, 80, 1",
        "lessons-eighteenth.txt, 94, 0",
        "lessons-nineteenth.txt, 92, 0",
        "lessons-twentieth.txt, 90, 0",
        "lessons-twentyfirst.txt, 90, 0",
        "lessons-twentysecond.txt, 90, 0",
        "lessons-twentythird.txt, 95, 2",
        "lessons-twentyfourth.txt, 85, 0",
        "lessons-twentyfifth.txt, 95, 0",
        "lessons-twentysixth.txt, 88, 0",
        "lessons-twentyseventh.txt, 75, 0",
        "lessons-twentyeighth.txt, 85, 0",
        "lessons-twentyninth.txt, 80, 0",
        "lessons-thirtieth.txt, 90, 0",
        "lessons-thirtyfirst.txt, 80, 1",
        "lessons-thirtysecond.txt, 63, 0",
        "lessons-thirtythird.txt, 100, 0",
        "lessons-thirtyfourth.txt, 100, 0",
        "lessons-thirtyfifth.txt, 90, 0",
        "lessons-thirtysixth.txt, 94, 0",
        "lessons-thirtyseventh.txt, 100, 0",
        "lessons-thirtyeighth.txt, 100, 0",
        "lessons-thirtyninth.txt, 94, 0",
        "lessons-fortieth.txt, 100, 0",
        "lessons-fortyfirst.txt, 80, 0",
        "lessons-fortysecond.txt, 80, 0",
        "lessons-fortythird.txt, 100, 0",
        "lessons-fortyfourth.txt, 68, 0",
        "lessons-fortyfifth.txt, 100, 0",
        "lessons-fortysixth.txt, 77, 0"
    })
    void findsMostSlipsAndFewOthers(String file, int recall, int extra) {
        int wanted = 0;
        int found = 0;
        int others = 0;
        var told = new StringBuilder();
        var lessons = WholeLessons.scored(file);
        for (var one : lessons) {
            var whole = one.whole();
            var score = one.score();
            wanted += score.wanted();
            found += score.found();
            others += score.extra().size();
            told.append(whole.title())
                    .append(": ")
                    .append(score.found())
                    .append(" of ")
                    .append(score.wanted())
                    .append('\n');
            score.missed().forEach(m -> told.append("   missed ").append(m).append('\n'));
            score.extra().forEach(m -> told.append("   false  ").append(m).append('\n'));
        }
        if (Boolean.getBoolean("said.print"))
            lessons.stream()
                    .map(WholeLessons.Scored::whole)
                    .forEach(w -> w.question()
                            .lesson()
                            .steps()
                            .forEach(x -> System.out.println("FACTS " + w.title() + " " + x.id() + " " + x.title()
                                    + " | " + x.place()
                                    + " | "
                                    + x.uses().stream()
                                            .map(u -> w.question()
                                                            .lesson()
                                                            .food(u.line())
                                                            .orElseThrow()
                                                            .item()
                                                    + (u.amount() == null ? "" : "=" + u.amount()))
                                            .toList()
                                    + " | " + x.acts() + " | "
                                    + (x.waiting() == null
                                            ? ""
                                            : x.waiting().time().text() + " "
                                                    + x.waiting().cover()) + " | "
                                    + x.hands().text() + " | " + x.tools())));
        if (Boolean.getBoolean("said.print"))
            System.out.println("LESSONS " + file + ": " + found + " of " + wanted + " slips, " + others + " false in "
                    + lessons.size() + " lessons\nLESSONS " + told.toString().replace("\n", "\nLESSONS "));
        assertThat(found * 100).as(told.toString()).isGreaterThanOrEqualTo(wanted * recall);
        assertThat(others).as(told.toString()).isLessThanOrEqualTo(extra);
    }
}
