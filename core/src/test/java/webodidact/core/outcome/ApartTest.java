package webodidact.core.outcome;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Amount;
import webodidact.core.answer.Answers;
import webodidact.core.answer.Question;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Report;
import webodidact.core.check.Situation;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Accepted;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.rules.Rules;
import webodidact.core.time.Seconds;
import webodidact.core.time.TimeRange;

/** One part that cannot be worked out says so; the others are of the lesson as it stands. */
class ApartTest {
    private static final Course COURSE = Course.named("c");
    private static final Knowledge KNOWN = Knowledge.shipped();

    private record Failing() implements Check {
        @Override
        public String id() {
            return "heat-never-off";
        }

        @Override
        public Stream<Finding> find(Situation situation) {
            return Stream.of(1, 0).map(i -> at(situation, "s1", "found " + 1 / i, ""));
        }
    }

    private static Lesson lesson() {
        return Lesson.blank("l", 1, "l").but(d -> {
            d.foods = List.of(FoodLine.of("f1", "plain flour", "plain-flour", Amount.parse("300 g")));
            d.steps =
                    List.of(Step.blank("s1", Kind.HANDS_ON, "Mix").but(s -> s.say = "Whisk the eggs into the flour."));
        });
    }

    private static Situation situation(Lesson lesson) {
        return new Situation(new Answers(Question.of(lesson, COURSE, KNOWN)));
    }

    @Test
    void aCheckThatFailsIsAStopWithWhatToReportAndTheOthersStand() {
        var lesson = lesson();
        var usual = Report.of(Rules.ALL, situation(lesson), List.of());
        var checks = new ArrayList<>(Rules.ALL);
        checks.add(0, new Failing());
        var report = Report.of(checks, situation(lesson), List.of());
        assertThat(report.open()).containsAll(usual.open()).hasSize(usual.open().size() + 1);
        var told = report.open().getFirst();
        assertThat(told.isStop()).isTrue();
        assertThat(told.what())
                .isEqualTo("Not worked out: the check “An oven or ring is turned off when its work is done”.");
        assertThat(told.why())
                .contains("Please report it with the words “ApartTest")
                .contains("arithmetic")
                .doesNotContain("Exception");
    }

    @Test
    void aFailedCheckCanBeCoveredLikeAnyStop() {
        var lesson = lesson().but(d -> d.accepted =
                List.of(new Accepted("not-worked-out", "part.check/heat-never-off.so", "Looked at by hand.")));
        var report = Report.of(List.of(new Failing()), situation(lesson), List.of());
        assertThat(report.open()).isEmpty();
        assertThat(report.covered()).hasSize(1);
    }

    @Test
    void timesThatOverflowAreToldOnceAndListsAndWordsAreCurrent() {
        var steps = new ArrayList<Step>();
        for (int i = 0; i < 120; i++)
            steps.add(Step.blank("s" + i, Kind.HANDS_ON, "Step " + i).but(d -> {
                d.hold = Seconds.LONGEST;
                d.hands = TimeRange.of(10);
            }));
        var outcome = Outcome.of(lesson().withSteps(steps), COURSE, KNOWN);
        assertThat(outcome.missing(Outcome.Part.TIMES)).isPresent();
        assertThat(outcome.missing(Outcome.Part.BENCH)).isPresent();
        assertThat(outcome.missing(Outcome.Part.GATHER)).isEmpty();
        assertThat(outcome.schedule().steps()).hasSize(120);
        assertThat(outcome.gather().entries()).hasSize(1);
        assertThat(outcome.report().open())
                .filteredOn(f -> f.check().equals("not-worked-out"))
                .extracting(Finding::what)
                .containsExactly("Not worked out: the times.");
        assertThat(outcome.report().open()).extracting(Finding::check).contains("listed-not-used");
    }

    @Test
    void whatFailedAsAWholeShowsNothingOfAnEarlierState() {
        var outcome = Outcome.failed(Question.of(lesson(), COURSE, KNOWN), new OutOfMemoryError());
        assertThat(outcome.lesson()).isEqualTo(lesson());
        assertThat(outcome.report().stops()).isEqualTo(1);
        assertThat(outcome.gather().entries()).isEmpty();
        for (var part : Outcome.Part.values())
            assertThat(outcome.missing(part)).as(part.name()).isPresent();
    }

    @Test
    void figuresThatNobodyCanMeanSpoilNothing() {
        for (var words : List.of(
                "Add 1/0 cup of flour",
                "Add 9999999999999999999 g of flour",
                "a 1/0 of the flour, 99999999999999999999999/3 tsp (1/0 g)",
                "for 9999999999999999999 minutes at 99999999999 degrees")) {
            var outcome = Outcome.of(lesson().withStep("s1", s -> s.but(d -> d.doing = words)), COURSE, KNOWN);
            assertThat(outcome.unworked()).as(words).isEmpty();
        }
    }

    @Test
    void aQuarterOfAGramOfGelatineIsAQuarter() {
        var lesson = lesson().but(d -> d.foods = List.of(
                FoodLine.of("f1", "plain flour", "plain-flour", Amount.parse("300 g")),
                FoodLine.of("f2", "sugar", "caster-sugar", Amount.parse("1/4 g")),
                FoodLine.of("f3", "butter", "butter", Amount.parse("1/9 g"))));
        var outcome = Outcome.of(lesson, COURSE, KNOWN);
        assertThat(outcome.unworked()).isEmpty();
        assertThat(outcome.gather().entries()).extracting(e -> e.take()).contains("¼ g", "0.1 g");
    }

    @Test
    void whoeverAsksForTimesAloneHasTheSameTimes() {
        var question = Question.of(lesson(), COURSE, KNOWN);
        var whole = Outcome.of(question);
        var times = Outcome.ofTimes(question, List.of());
        assertThat(times.schedule()).isEqualTo(whole.schedule());
        assertThat(times.report().open()).isEmpty();
        assertThat(times.unworked()).isEmpty();
        assertThat(times.proposals()).isEqualTo(whole.proposals());
        assertThat(times.draws()).isEqualTo(whole.draws());
    }
}
