package webodidact.core.prep;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import webodidact.core.answer.Answers;
import webodidact.core.answer.Question;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Kitchen;
import webodidact.core.lesson.Lesson;

/** Two lessons of one day are one question with one answer, whichever of them is looked at. */
class DayPrepTest {
    private static final LocalDateTime AIR = LocalDateTime.of(2026, 12, 4, 10, 0);

    private static Lesson lesson(int number, LocalDateTime air) {
        return of(
                        List.of(food("f1", "plain-flour", "200 g"), food("f2", "butter", "100 g")),
                        using(hands("a", 60), "f1"),
                        using(hands("b", 60), "f2"))
                .but(d -> {
                    d.id = "lesson-" + number;
                    d.number = number;
                    d.title = "Lesson " + number;
                    d.air = air;
                    d.slot = 3600;
                });
    }

    private final Lesson morning = lesson(1, AIR);
    private final Lesson noon = lesson(2, AIR.plusHours(2));

    private static Answers answers(Lesson lesson, Lesson... all) {
        return new Answers(new Question(
                lesson, Course.named("C"), Knowledge.shipped(), List.of(), List.of(all), Map.of(), Map.of()));
    }

    private static Prepared prepared(Lesson lesson, Lesson... all) {
        return Prepared.of(answers(lesson, all), () -> false);
    }

    @Test
    void bothLessonsHaveOneAnswerCountedFromTheirOwnAir() {
        var first = prepared(morning, morning, noon).plan().orElseThrow();
        var second = prepared(noon, morning, noon).plan().orElseThrow();
        assertThat(second.start()).isEqualTo(first.start() - 2 * 3600);
        assertThat(first.of("clean").orElseThrow().start())
                .isEqualTo(second.of("lesson-1/clean").orElseThrow().start() + 2 * 3600);
        assertThat(second.of("clean").orElseThrow().start())
                .isEqualTo(first.of("lesson-2/clean").orElseThrow().start() - 2 * 3600);
        assertThat(first.proved()).isEqualTo(second.proved());
    }

    @Test
    void whatIsSeenKeepsEverythingAndKnowsItsOwnSteps() {
        var seen = prepared(noon, morning, noon);
        var plan = seen.plan().orElseThrow();
        assertThat(PlanCheck.faults(seen.prep(), plan)).isEmpty();
        assertThat(plan.of("set-out/a").orElseThrow().task().step()).isEqualTo("a");
        assertThat(plan.of("lesson-1/set-out/a").orElseThrow().task().step()).isEmpty();
        assertThat(plan.of("lesson-1/clean").orElseThrow().task().what()).contains("lesson 1");
        assertThat(seen.prep().room().air()).isEqualTo(noon.air());
    }

    /** Nobody shops, loads and drives twice for two lessons of one day in one kitchen. */
    @Test
    void oneShoppingOneLoadAndOneWayAreForBothLessons() {
        var soaked = noon.withFood(
                "f2",
                f -> f.but(d -> {
                    d.item = "dried chickpeas";
                    d.food = "dried-chickpeas";
                }));
        var course = Course.named("C").withKitchen(Kitchen.USUAL.but(d -> {
            d.shopping = 3600;
            d.travel = 1500;
        }));
        for (var seen : List.of(morning, soaked)) {
            var prepared = Prepared.of(
                    new Answers(new Question(
                            seen,
                            course,
                            Knowledge.shipped(),
                            List.of(),
                            List.of(morning, soaked),
                            Map.of(),
                            Map.of())),
                    () -> false);
            var plan = prepared.plan().orElseThrow();
            assertThat(PlanCheck.faults(prepared.prep(), plan)).isEmpty();
            assertThat(plan.jobs())
                    .filteredOn(j -> j.task().kind() == Task.Kind.TRAVEL)
                    .singleElement()
                    .satisfies(j -> assertThat(plan.jobs())
                            .filteredOn(x -> x.task().kind() == Task.Kind.CLEAN)
                            .hasSize(2)
                            .allSatisfy(x -> assertThat(x.start()).isGreaterThanOrEqualTo(j.end())));
            assertThat(plan.jobs())
                    .filteredOn(j -> j.task().id().endsWith("shop"))
                    .singleElement()
                    .satisfies(j -> {
                        assertThat(j.task().what()).isEqualTo("Shop for 4 things");
                        assertThat(j.task().kind())
                                .as("chickpeas of the second are soaked overnight")
                                .isEqualTo(Task.Kind.AHEAD);
                        assertThat(plan.jobs())
                                .filteredOn(x -> x.task().id().contains("lead/f2"))
                                .isNotEmpty()
                                .allSatisfy(x -> assertThat(x.start()).isGreaterThanOrEqualTo(j.end()));
                    });
            assertThat(plan.jobs())
                    .filteredOn(j -> j.task().kind() == Task.Kind.LOAD)
                    .hasSize(1);
        }
    }

    @Test
    void theSecondLessonIsReadyWhileTheFirstOneIsNotOnAir() {
        var plan = prepared(morning, morning, noon).plan().orElseThrow();
        int over = plan.jobs().stream()
                .filter(j -> j.task().kind() == Task.Kind.AIR && j.task().id().startsWith("air"))
                .mapToInt(PrepPlan.Job::end)
                .max()
                .orElseThrow();
        assertThat(plan.jobs().stream()
                        .filter(j -> j.task().hands() && j.who().equals(PrepTasks.YOU))
                        .filter(j -> j.task().kind() != Task.Kind.AIR)
                        .filter(j -> j.start() < over && j.end() > 0))
                .as("hands on camera do nothing else")
                .isEmpty();
    }

    @Test
    void anotherDayAndAnotherWayOfTheSameHourAreNotShared() {
        var alone = prepared(morning).plan().orElseThrow();
        assertThat(DayPrep.of(answers(morning, morning, lesson(2, AIR.plusDays(1))))
                        .isShared())
                .isFalse();
        assertThat(DayPrep.of(answers(morning, morning, lesson(2, AIR.plusMinutes(30))))
                        .isShared())
                .isFalse();
        assertThat(DayPrep.of(answers(morning, morning, lesson(2, null))).isShared())
                .isFalse();
        assertThat(prepared(morning, morning, lesson(2, AIR.plusDays(1))).plan())
                .contains(alone);
    }

    @Test
    void aDecisionIsOfTheLessonWhoseJobItIs() {
        var all = List.of(morning, noon);
        var theirs = DayPrep.owner(noon, all, "lesson-1/clean");
        assertThat(theirs.lesson().id()).isEqualTo("lesson-1");
        assertThat(theirs.job()).isEqualTo("clean");
        assertThat(theirs.later()).isEqualTo(-2 * 3600);
        assertThat(DayPrep.owner(noon, all, "clean").lesson().id()).isEqualTo("lesson-2");
        var ticked = morning.withBench(b -> b.ticking("clean", -1800));
        assertThat(DayPrep.ticked(noon, List.of(ticked, noon))).containsExactly("lesson-1/clean");
        assertThat(DayPrep.ticked(ticked, List.of(ticked, noon))).containsExactly("clean");
    }

    @Test
    void aPinOfTheFirstIsKeptWhereTheSecondIsLookedAt() {
        var pinned = morning.withBench(b -> b.pinning("clean", -3600));
        var plan = prepared(noon, pinned, noon).plan().orElseThrow();
        assertThat(plan.of("lesson-1/clean").orElseThrow().start()).isEqualTo(-3600 - 2 * 3600);
    }
}
