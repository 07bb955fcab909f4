package webodidact.core.prep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import webodidact.core.Lessons;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Heat;
import webodidact.core.amount.Unit;
import webodidact.core.answer.Answers;
import webodidact.core.answer.Question;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.lesson.Wait;
import webodidact.core.time.TimeRange;

/** What a lesson needs before air, read off its own steps. */
class PrepTasksTest {
    private static Lesson buns(int keeps) {
        var dough = Step.blank("s1", Kind.HANDS_ON, "Dough").but(d -> {
            d.doing = "Mix the dough.";
            d.hands = TimeRange.of(300);
            d.uses = List.of(new Use("f1", null));
            d.tools = List.of("mixing-bowl");
            d.waiting = new Wait(TimeRange.of(3600), "proves", "", new Cover.ReadyCopy(0, 7200));
        });
        var shape = Step.blank("s2", Kind.HANDS_ON, "Shape").but(d -> {
            d.doing = "Shape the dough into buns.";
            d.hands = TimeRange.of(240);
            d.uses = List.of(new Use("f1", null, true));
        });
        var bake = Step.blank("s3", Kind.HANDS_ON, "Bake").but(d -> {
            d.doing = "Bake the buns.";
            d.hands = TimeRange.of(60);
            d.place = Place.OVEN;
            d.heat = new Heat(180, 180, Heat.Mode.FAN);
            d.uses = List.of(new Use("f1", null, true));
            d.waiting = new Wait(TimeRange.of(1200), "bakes", "", new Cover.ReadyCopy(0, keeps));
        });
        return Lesson.blank("x", 1, "Buns")
                .withSteps(List.of(dough, shape, bake))
                .but(d -> {
                    d.foods = List.of(
                            FoodLine.of("f1", "strong flour", "strong-flour", Amount.of(500, Unit.G)),
                            FoodLine.of("f2", "onions", "onion", Amount.of(4, Unit.PIECE))
                                    .but(f -> f.form = "finely chopped"));
                });
    }

    private static Prep prep(Lesson lesson) {
        return PrepTasks.of(new Answers(Question.of(lesson, Course.named("C"), Knowledge.shipped())));
    }

    @Test
    void aCopyIsMadeAsTheLessonMakesItWithAnOvenHotForIt() {
        var prep = prep(buns(3600));
        assertThat(prep.tasks())
                .extracting(Task::id)
                .contains(
                        "clean",
                        "camera",
                        "copy/s1/s1",
                        "copy/s1/s1/wait",
                        "copy/s3/s2",
                        "copy/s3/s3",
                        "copy/s3/s3/wait",
                        "copy/s3/s3/heat");
        assertThat(prep.task("copy/s3/s3/wait").orElseThrow().heat())
                .as("a fan oven is set 20 lower")
                .isEqualTo(200);
        var plan = PrepSolver.usual().solve(prep, 2, () -> false).plan().orElseThrow();
        assertThat(PlanCheck.faults(prep, plan)).isEmpty();
        assertThat(plan.proved()).isTrue();
        var bakes = plan.of("copy/s3/s3/wait").orElseThrow();
        assertThat(plan.of("copy/s3/s3/heat").orElseThrow().end()).isLessThanOrEqualTo(bakes.start());
        assertThat(plan.of("copy/s3/s2").orElseThrow().end())
                .isLessThanOrEqualTo(plan.of("copy/s3/s3").orElseThrow().start());
    }

    @Test
    void whatIsChoppedTakesLongerThanWhatIsWeighedAndWantsAKnife() {
        var lesson = buns(3600).withStep("s2", s -> s.but(d -> d.uses = List.of(new Use("f2", null))));
        var task = prep(lesson).task("set-out/s2").orElseThrow();
        assertThat(task.skills()).containsExactly(Person.Skill.BLADES);
        assertThat(task.takes()).as("four onions, finely chopped").isGreaterThan(4 * 45);
        assertThat(prep(buns(3600)).task("set-out/s1").orElseThrow().takes()).isLessThan(120);
    }

    @Test
    void whoeverHadRawFishOnTheirHandsWashesThemInTheSameJob() {
        var lesson = buns(3600)
                .withStep("s2", s -> s.but(d -> d.uses = List.of(new Use("f3", null))))
                .but(d -> {
                    d.foods = List.of(
                            d.foods.get(0),
                            d.foods.get(1),
                            FoodLine.of("f3", "white fish fillets", "white-fish", Amount.of(2, Unit.PIECE)));
                });
        var task = prep(lesson).task("set-out/s2").orElseThrow();
        assertThat(task.skills()).contains(Person.Skill.RAW_MEAT);
        assertThat(task.why()).endsWith("raw: then wash hands, board and knife");
        assertThat(task.takes()).as("weighed, and 90 s for the wash").isEqualTo(45 + 90);
    }

    @Test
    void aCopyThatKeepsTooShortlyForOneOvenSaysWhatClashes() {
        var one = prep(buns(3600));
        var wait = one.task("copy/s3/s3/wait").orElseThrow();
        var tight = one.with("copy/s3/s3/wait", t -> t.notBefore(wait.due() - 60 - wait.takes()))
                .with("copy/s3/s3", t -> t.pinned(-7200));
        var clash = Clash.of(tight, PrepSolver.usual(), () -> false).orElseThrow();
        assertThat(clash.demands()).extracting(Demand::kind).contains(Demand.Kind.PIN);
        assertThat(clash.relax()).anySatisfy(r -> assertThat(r.start()).isNotNull());
    }

    @Test
    void twoLessonsOfOneDayShareTheHands() {
        var one = prep(buns(3600));
        var both = one.and(prep(buns(3600)), 3 * 3600, "second/");
        assertThat(both.tasks()).extracting(Task::id).doesNotHaveDuplicates();
        var plan = PrepSolver.usual().solve(both, 3, () -> false).plan();
        plan.ifPresent(p -> assertThat(PlanCheck.faults(both, p)).isEmpty());
        assertThat(both.task("second/camera").orElseThrow().due()).isEqualTo(3 * 3600);
    }

    @Test
    void anEditIsKeptAndATaskTakenOutLeavesItsOrder() {
        var prep = new Prep(
                List.of(
                        Task.hands("a", Task.Kind.SET_OUT, "a", "", 60),
                        Task.hands("b", Task.Kind.SET_OUT, "b", "", 60),
                        Task.hands("c", Task.Kind.SET_OUT, "c", "", 60)),
                List.of(Link.then("a", "b"), Link.then("b", "c")),
                one());
        assertThat(prep.without("b").links()).containsExactly(Link.then("a", "c"));
        var pinned = prep.with("a", t -> t.pinned(-900));
        assertThat(PrepSolver.usual()
                        .solve(pinned, 1, () -> false)
                        .plan()
                        .orElseThrow()
                        .of("a")
                        .orElseThrow()
                        .start())
                .isEqualTo(-900);
    }

    private static Room one() {
        return new Room(
                List.of(new Person("you", EnumSet.allOf(Person.Skill.class), Task.ANY, 0)),
                1,
                2,
                4,
                true,
                true,
                900,
                Task.ANY);
    }

    private static Lesson pasta(String before, int seconds, String words) {
        return Lessons.of(
                List.of(Lessons.food("f1", "plain-flour", "400 g")),
                Lessons.hands("talk", seconds).but(d -> d.say = before),
                Lessons.using(Lessons.hands("pasta", 60), "f1").but(d -> d.say = words));
    }

    @Test
    void waterThatNobodyPutsOnOnAirBoilsWhenItIsUsed() {
        var water = prep(pasta("Hello.", 240, "Pasta into boiling water, ten minutes."))
                .task("water/air");
        assertThat(water).hasValueSatisfying(t -> {
            assertThat(t.place()).isEqualTo(Place.RING);
            assertThat(t.due()).isEqualTo(240);
            assertThat(t.takes()).isEqualTo(600);
            assertThat(t.step()).isEqualTo("pasta");
        });
        assertThat(prep(pasta("Bring a pan of water to the boil.", 240, "Pasta into boiling water."))
                        .task("water/air"))
                .as("put on on air")
                .isEmpty();
        assertThat(prep(pasta("Hello.", 1200, "Pasta into boiling water.")).task("water/air"))
                .as("late enough to be put on on air")
                .isEmpty();
        assertThat(prep(pasta("Hello.", 240, "Pasta into the bowl.")).task("water/air"))
                .isEmpty();
    }
}
