package webodidact.core.timing;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.plan;
import static webodidact.core.Lessons.recorded;
import static webodidact.core.Lessons.waits;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import webodidact.core.Lessons;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Look;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.time.Span;
import webodidact.core.time.TimeRange;

/** The planner's hard cases, each with its seconds worked out by hand. */
class ClocksTest {
    private static Step part(Step step, String part) {
        return step.but(d -> d.part = part);
    }

    private static Cover to(String step) {
        return new Cover.CarryOn(step);
    }

    @Test
    void cameraOffTimeCountsForAWaitThatIsCollectedLaterInThePart() {
        // Dough rises 3600 s from 60 on; part 2 greets for 20 s, then collects: on air nobody waits, the kitchen does.
        var plan = plan(
                recorded(of(waits(hands("a", 60), 3600, 3600, to("c")), part(hands("b", 20), "Two"), hands("c", 30))));
        assertThat(plan.planned()).isEqualTo(60 + 20 + 30);
        assertThat(plan.kitchen()).isEqualTo(60 + 3600 + 30);
        assertThat(plan.of("b").orElseThrow().kitchen()).isEqualTo(new Span(3640, 3660));
        assertThat(plan.of("a").orElseThrow().waiting().early()).isZero();
        assertThat(plan.of("c").orElseThrow().idle()).isZero();
    }

    @Test
    void whatIsBegunInThePartIsWaitedForInIt() {
        var plan = plan(recorded(of(
                hands("a", 60),
                part(waits(hands("b", 20), 100, 100, to("d")), "Two"),
                hands("c", 30),
                hands("d", 10))));
        assertThat(plan.planned()).isEqualTo(60 + 20 + 100 + 10);
        assertThat(plan.of("d").orElseThrow().idle()).isEqualTo(70);
    }

    @Test
    void aCutGivesTimeToTheWaitsThatRunBesideIt() {
        // b's cut of 600 s passes in the kitchen: a, which needs 500, is right without dead air.
        var plan = plan(recorded(of(
                waits(hands("a", 60), 500, 900, to("c")),
                waits(hands("b", 30), 600, 600, new Cover.Cut(10)),
                hands("c", 30))));
        assertThat(plan.planned()).isEqualTo(60 + 30 + 10 + 30);
        assertThat(plan.of("a").orElseThrow().waiting().late()).isZero();
    }

    @Test
    void looksAreJudgedOnTheKitchensClock() {
        var turned = waits(hands("a", 60), 900, 900, to("c"))
                .but(d -> d.waiting = d.waiting.looking(List.of(new Look(600, "turn it"))));
        var plan = plan(recorded(of(turned, waits(hands("b", 30), 570, 570, new Cover.Cut(10)), hands("c", 30))));
        var due = plan.of("a").orElseThrow().waiting().looks().getFirst();
        assertThat(due.before()).isEqualTo("c");
        assertThat(due.isMissed()).isFalse();
    }

    @Test
    void lateHasATolerance() {
        var near = plan(of(waits(hands("a", 60), 600, 720, to("c")), hands("b", 755), hands("c", 30)));
        assertThat(near.of("a").orElseThrow().waiting().late())
                .as("35 s of 36 allowed")
                .isZero();
        var over = plan(of(waits(hands("a", 60), 600, 720, to("c")), hands("b", 757), hands("c", 30)));
        assertThat(over.of("a").orElseThrow().waiting().late()).isEqualTo(37);
        var burns = waits(hands("a", 60), 600, 720, to("c")).but(d -> d.waiting = d.waiting.called("fries"));
        assertThat(plan(of(burns, hands("b", 740), hands("c", 30)))
                        .of("a")
                        .orElseThrow()
                        .waiting()
                        .late())
                .as("20 s of 14 allowed to what burns")
                .isEqualTo(20);
    }

    @Test
    void ownWordsFillAWaitThatIsStayedWith() {
        // 130 words while cutting are 60 s; the hands are done after 20, and 90 s of frying run from there.
        var step = waits(hands("a", 20), 90, 90, Cover.STAY).but(d -> d.say = "word ".repeat(130));
        var plan = plan(of(step));
        assertThat(plan.planned()).isEqualTo(110);
        assertThat(plan.deadAir()).isEqualTo(50);
    }

    @Test
    void theSlotOfARecordingIsAWishAndOfALiveLessonAWall() {
        var lesson = of(hands("a", 620)).but(d -> d.slot = 600);
        assertThat(plan(lesson).over()).isEqualTo(20);
        assertThat(plan(recorded(lesson)).over()).isZero();
        assertThat(plan(recorded(of(hands("a", 640)).but(d -> d.slot = 600))).over())
                .isEqualTo(10);
    }

    @Test
    void carryingACopyInTakesWhatTheInstructorSets() {
        var lesson = of(waits(hands("a", 60), 600, 600, Cover.ReadyCopy.usual()));
        assertThat(plan(lesson).planned()).isEqualTo(65);
        assertThat(Planner.plan(lesson, new Pace(Audience.ADULTS, Map.of()).carrying(20))
                        .planned())
                .isEqualTo(80);
    }

    @Test
    void handsThatAreNotShownPassInTheKitchen() {
        var step = hands("a", 300).but(d -> d.offCamera = 240);
        assertThat(plan(recorded(of(step))).planned()).isEqualTo(60);
        assertThat(plan(recorded(of(step))).kitchen()).isEqualTo(300);
        assertThat(plan(of(step)).planned()).as("live they are over before air").isEqualTo(60);
    }

    @Test
    void whatHasNoTimeIsCountedAndNoTotalWithItIsComplete() {
        var plan = plan(of(
                hands("a", 60),
                hands("b", 0),
                waits(hands("c", 10), 0, 0, to("e")),
                waits(hands("f", 0), 300, 300, to("e")),
                hands("e", 30)));
        assertThat(plan.untimed()).containsExactly("b", "c");
        assertThat(plan.isComplete()).isFalse();
        assertThat(plan(of(hands("a", 60))).isComplete()).isTrue();
    }

    @Test
    void aWaitThatGoesOnPastTheLessonHoldsNothingUpAndIsNoSlip() {
        var lesson = of(waits(hands("a", 60), 3600, 3600, new Cover.Elsewhere("next week")), hands("b", 30));
        assertThat(plan(lesson).planned()).isEqualTo(90);
        assertThat(Lessons.outcome(lesson).report().open())
                .noneMatch(f -> f.check().equals("wait-never-collected"));
    }

    @Test
    void aHelpersHandsAreOnlyWatchedAtHome() {
        assertThat(Who.HELPER.isBeforeCamera()).isTrue();
        assertThat(plan(of(hands("a", 60).but(d -> d.with = Who.HELPER))).total())
                .isEqualTo(TimeRange.of(60));
    }
}
