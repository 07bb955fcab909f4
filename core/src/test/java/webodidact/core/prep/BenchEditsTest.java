package webodidact.core.prep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;

import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import webodidact.core.answer.Answers;
import webodidact.core.answer.Question;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.BenchEdits;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Helper;
import webodidact.core.lesson.Kitchen;
import webodidact.core.lesson.Lesson;

/** What the instructor decides of the plan before air, who helps with what and from when, and the day itself. */
class BenchEditsTest {
    private static final PrepSolver SOLVER = PrepSolver.usual();
    private final Lesson lesson = of(
                    List.of(
                            food("f1", "white-fish", "400 g"),
                            food("f2", "onion", "2 piece").but(d -> d.form = "finely chopped"),
                            food("f3", "yoghurt", "150 g")),
                    using(hands("fish", 100), "f1"),
                    using(hands("onions", 100), "f2"),
                    using(hands("sauce", 100), "f3"))
            .but(d -> d.air = LocalDateTime.of(2026, 12, 3, 17, 30));

    private static Prep prep(Lesson lesson, UnaryOperator<Kitchen> kitchen) {
        var course = Course.named("C").but(d -> d.kitchen = kitchen.apply(d.kitchen));
        return PrepTasks.of(new Answers(Question.of(lesson, course, Knowledge.shipped())));
    }

    private static PrepPlan plan(Prep prep) {
        var plan = SOLVER.solve(prep, 1, () -> false).plan().orElseThrow();
        assertThat(PlanCheck.faults(prep, plan)).isEmpty();
        return plan;
    }

    private static Kitchen helped(Kitchen kitchen, Helper... crew) {
        return kitchen.but(d -> {
            d.helpers = crew.length;
            d.crew = List.of(crew);
        });
    }

    @Test
    void aPinHoldsAndWhatItPushesMoves() {
        var free = plan(prep(lesson, k -> k));
        var job = free.of("set-out/onions").orElseThrow();
        var pinned = lesson.withBench(b -> b.pinning("set-out/onions", job.start() - 1800));
        var plan = plan(prep(pinned, k -> k));
        assertThat(plan.of("set-out/onions").orElseThrow().start()).isEqualTo(job.start() - 1800);
        assertThat(plan.start()).isLessThan(free.start());
        var off = pinned.withBench(b -> b.pinning("set-out/onions", null));
        assertThat(off.bench()).isNull();
        assertThat(off).isEqualTo(lesson);
    }

    @Test
    void whatIsLeftOutIsNotDoneAndAJobOfOnesOwnIs() {
        var edited = lesson.withBench(b -> b.leavingOut("set-out/sauce", true).adding("Fetch the ice", 600, 3600));
        var prep = prep(edited, k -> k);
        assertThat(prep.task("set-out/sauce")).isEmpty();
        var own = plan(prep).of("own/j1").orElseThrow();
        assertThat(own.task().what()).isEqualTo("Fetch the ice");
        assertThat(own.end()).isLessThanOrEqualTo(-3600);
        assertThat(prep(edited.withBench(b -> b.removing("j1")), k -> k).task("own/j1"))
                .isEmpty();
    }

    @Test
    void helpersDoWhatTheyMayAndWhenTheyAreThere() {
        var early = Helper.usual("Wren");
        var late = new Helper("Robin", 600, true, true, false);
        var prep = prep(lesson, k -> helped(k, early, late));
        var plan = plan(prep);
        for (var job : plan.jobs()) {
            if (job.who().equals("Wren")) assertThat(job.task().skills()).doesNotContain(Person.Skill.RAW_MEAT);
            if (job.who().equals("Robin")) assertThat(job.start()).isGreaterThanOrEqualTo(-600);
        }
        var given = lesson.withBench(b -> b.giving("set-out/onions", "Wren"));
        assertThat(plan(prep(given, k -> helped(k, early, late)))
                        .of("set-out/onions")
                        .orElseThrow()
                        .who())
                .isEqualTo("Wren");
        assertThat(plan(prep(given, k -> k)).of("set-out/onions").orElseThrow().who())
                .as("nobody of that name is there")
                .isEqualTo("you");
        var raw = lesson.withBench(b -> b.giving("set-out/fish", "Wren"));
        assertThat(SOLVER.solve(prep(raw, k -> helped(k, early)), 1, () -> false)
                        .impossible())
                .as("who may not handle raw fish")
                .isTrue();
    }

    @Test
    void quietHoursAreKeptOrSayWhatClashesAndGivingWayIsRemembered() {
        var morning = prep(lesson, k -> k.but(d -> d.opens = "07:30"));
        assertThat(morning.room().opens()).isEqualTo(-10 * 3600);
        assertThat(plan(morning).start()).isGreaterThan(-10 * 3600);
        var tight = prep(lesson, k -> k.but(d -> d.opens = "17:25"));
        assertThat(SOLVER.solve(tight, 1, () -> false).impossible()).isTrue();
        var clash = Clash.of(tight, SOLVER, () -> false).orElseThrow();
        var opens = clash.relax().stream()
                .filter(r -> r.demand().kind() == Demand.Kind.OPENS)
                .findFirst()
                .orElseThrow();
        var relaxed = lesson.withBench(b -> b.givingUp(opens.demand().key()));
        var plan = plan(prep(relaxed, k -> k.but(d -> d.opens = "17:25")));
        assertThat(plan.start()).isEqualTo(opens.start());
        assertThat(relaxed.withBench(b -> b.keeping(opens.demand().key()))).isEqualTo(lesson);
        assertThatThrownBy(() -> Kitchen.USUAL.but(d -> d.opens = "half past")).hasMessageContaining("07:30");
    }

    @Test
    void editsStayWhenTheLessonChangesAndWaitForAJobThatIsNotThere() {
        var edited = lesson.withBench(b -> b.pinning("set-out/sauce", -4000).giving("set-out/nothing", "Wren"));
        var changed = edited.withStep("sauce", s -> s.but(d -> d.title = "Herb sauce"));
        assertThat(prep(changed, k -> k).task("set-out/sauce").orElseThrow().at())
                .isEqualTo(-4000);
        assertThat(changed.removingStep("sauce").benchEdits()).isEqualTo(edited.benchEdits());
    }

    @Test
    void onTheDayTwelveMinutesLateMovesTheRestOrSaysWhatToGive() {
        var prep = prep(lesson, k -> k.but(d -> d.helpers = 1));
        var planned = plan(prep);
        var first = planned.jobs().getFirst();
        var onTime = OnTheDay.of(prep, planned, Set.of(), first.start() + 30, SOLVER, 1, () -> false);
        assertThat(onTime.moved()).isFalse();
        assertThat(onTime.plan().orElseThrow().jobs()).isEqualTo(planned.jobs());
        var late = OnTheDay.of(prep, planned, Set.of(), first.end() + 720, SOLVER, 1, () -> false);
        assertThat(late.late()).isEqualTo(720);
        assertThat(late.moved()).isTrue();
        assertThat(late.plan().isPresent() || late.clash().isPresent()).isTrue();
        late.plan().ifPresent(p -> assertThat(p.start()).isGreaterThanOrEqualTo(first.end() + 720));
        var done = new HashSet<String>();
        for (var job : planned.jobs())
            if (job.task().kind() != Task.Kind.AIR && job.end() <= -900)
                done.add(job.task().id());
        var most = OnTheDay.of(prep, planned, done, -880, SOLVER, 1, () -> false);
        assertThat(most.left().tasks()).noneMatch(t -> done.contains(t.id()));
        assertThat(most.late()).isLessThanOrEqualTo(60);
        var never = OnTheDay.of(prep, planned, Set.of(), -120, SOLVER, 1, () -> false);
        assertThat(never.plan()).isEmpty();
        assertThat(never.clash().orElseThrow().demands())
                .extracting(Demand::kind)
                .contains(Demand.Kind.OPENS);
    }

    @Test
    void aTickIsOfTheDay() {
        var ticked = BenchEdits.NONE.ticking("clean", -4000).pinning("clean", -4600);
        assertThat(ticked.of("clean").orElseThrow().done()).isEqualTo(-4000);
        assertThat(ticked.unticked().of("clean").orElseThrow().done()).isNull();
        assertThat(BenchEdits.NONE.ticking("clean", -4000).unticked().isEmpty()).isTrue();
    }
}
