package webodidact.core.prep;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;
import static webodidact.core.Lessons.waits;

import java.time.LocalDateTime;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Amount;
import webodidact.core.answer.Answers;
import webodidact.core.answer.Question;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kitchen;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Sets;

/** What comes before the kitchen is used at all: shopping, soaking and thawing, packing, loading, the way. */
class AheadTasksTest {
    private static final LocalDateTime AIR = LocalDateTime.of(2026, 12, 3, 17, 30);
    private final Lesson lesson = of(
                    List.of(
                            FoodLine.of("f1", "dried chickpeas", "dried-chickpeas", Amount.parse("200 g")),
                            food("f2", "butter", "80 g").but(d -> d.form = "softened"),
                            food("f3", "salmon", "300 g").but(d -> d.form = "thawed")),
                    using(hands("mash", 120), "f1", "f2"),
                    using(hands("lay", 60), "f3"))
            .but(d -> d.air = AIR);

    private static Prep prep(Lesson lesson, Consumer<Kitchen.Draft> kitchen) {
        var course = COURSE.withKitchen(Kitchen.USUAL.but(kitchen));
        return PrepTasks.of(new Answers(Question.of(lesson, course, Knowledge.shipped())));
    }

    private static PrepPlan plan(Prep prep) {
        var plan = PrepSolver.usual().solve(prep, 1, () -> false).plan().orElseThrow();
        assertThat(PlanCheck.faults(prep, plan)).isEmpty();
        return plan;
    }

    private static LocalDateTime at(PrepPlan plan, String job) {
        return AIR.plusSeconds(plan.of(job).orElseThrow().start());
    }

    @Test
    void whatSoaksOrThawsIsBegunInTimeAndByNobodyInTheNight() {
        var prep = prep(lesson, d -> {});
        var plan = plan(prep);
        assertThat(prep.tasks()).filteredOn(t -> t.kind() == Task.Kind.AHEAD).hasSizeGreaterThanOrEqualTo(2);
        for (var job : plan.jobs()) {
            if (job.task().kind() != Task.Kind.AHEAD) continue;
            var when = AIR.plusSeconds(job.start());
            assertThat(when.getHour()).as(job.task().what() + " at " + when).isBetween(7, 21);
        }
        assertThat(at(plan, "lead/f3/1").toLocalDate())
                .as("twelve hours before half past five")
                .isEqualTo(AIR.toLocalDate().minusDays(1));
        var soften = plan.of("lead/f2/1").orElseThrow();
        assertThat(soften.task().kind()).isEqualTo(Task.Kind.LEAD);
        assertThat(soften.end() + 3600)
                .isLessThanOrEqualTo(plan.of("set-out/mash").orElseThrow().start());
        assertThat(plan.start()).as("the day begins with its own first job").isGreaterThan(-3 * 3600);
    }

    @Test
    void shoppingComesBeforeAllThatNeedsItWhileShopsAreOpen() {
        assertThat(prep(lesson, d -> {}).task("shop"))
                .as("nobody has said how long it takes")
                .isEmpty();
        var prep = prep(lesson, d -> d.shopping = 3600);
        var plan = plan(prep);
        assertThat(plan.of("shop").orElseThrow().end())
                .isLessThanOrEqualTo(plan.of("lead/f1/1").orElseThrow().start());
        assertThat(at(plan, "shop").getHour()).isBetween(8, 18);
        assertThat(prep.task("shop").orElseThrow().what()).isEqualTo("Shop for 3 things");
        assertThat(prep.task("shop").orElseThrow().why()).isEqualTo("In the fridge 2, In the cupboard 1");
        assertThat(plan.handsOf(PrepTasks.YOU)).as("of the day").isLessThan(3600);
        var nothingSoaks = lesson.withFoods(lesson.foods().subList(1, 2));
        var sameDay = plan(prep(nothingSoaks, d -> d.shopping = 3600));
        assertThat(sameDay.start())
                .as("then the day begins with it")
                .isEqualTo(sameDay.of("shop").orElseThrow().start());
    }

    @Test
    void elsewhereAllIsLoadedAndBroughtThereFirst() {
        var prep = prep(lesson.but(d -> d.sets = new Sets(4, 1, 0)), d -> d.travel = 1800);
        var plan = plan(prep);
        int there = plan.of("travel").orElseThrow().end();
        assertThat(plan.of("pack").orElseThrow().end())
                .isLessThanOrEqualTo(plan.of("load").orElseThrow().start());
        assertThat(plan.of("clean").orElseThrow().start()).isGreaterThanOrEqualTo(there);
        assertThat(plan.of("travel").orElseThrow().start()
                        - plan.of("load").orElseThrow().end())
                .as("cold food waits in no car")
                .isBetween(0, 600);
        assertThat(prep.task("load").orElseThrow().why()).isEqualTo("2 things from the fridge: cool box, last in");
        assertThat(prep(lesson, d -> {}).tasks()).noneMatch(t -> t.kind() == Task.Kind.TRAVEL);
    }

    @Test
    void aCopyThatComesHotIsCooledBeforeItIsChilledAndNoLongerThanItMay() {
        var cooked = waits(using(hands("cook", 60), "f1"), 600, 600, new Cover.CarryOn(""))
                .but(d -> d.place = Place.RING);
        var chilled = waits(hands("chill", 60), 1800, 1800, new Cover.ReadyCopy(0, 7200))
                .but(d -> {
                    d.place = Place.COLD;
                    d.uses = cooked.uses();
                });
        var both = lesson.withSteps(List.of(cooked, chilled));
        var prep = prep(both, d -> d.fridge = 1);
        assertThat(prep.task("copy/chill/chill/wait").orElseThrow().place()).isEqualTo(Place.COLD);
        var plan = plan(prep);
        var cools = plan.of("copy/chill/chill/cool").orElseThrow();
        int hot = plan.of("copy/chill/cook/wait").orElseThrow().end();
        int cold = plan.of("copy/chill/chill/wait").orElseThrow().start();
        assertThat(cools.start()).isBetween(hot, hot + 600);
        assertThat(cold - hot).as("cold again within 90 min").isBetween(1800, 5400);
        assertThat(cools.task().why()).isEqualTo("before it is chilled; cold within 90 min");
    }
}
