package webodidact.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.acts;
import static webodidact.core.Lessons.at;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.outcome;
import static webodidact.core.Lessons.recorded;
import static webodidact.core.Lessons.waits;

import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Heat;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Look;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.TakeKind;
import webodidact.core.lesson.Wait;
import webodidact.core.time.TimeRange;

class AirRunTest {
    private static final LocalDateTime AIR = LocalDateTime.of(2026, 12, 3, 17, 30);
    private final AirRun start = run(
            TakeKind.LIVE, waits(hands("a", 60), 100, 120, new Cover.CarryOn("c")), hands("b", 100), hands("c", 30));

    private static AirRun run(TakeKind kind, Step... steps) {
        return run(kind, of(steps));
    }

    private static AirRun run(TakeKind kind, Lesson lesson) {
        return AirRun.start(AirPlan.of(outcome(lesson), kind));
    }

    private static List<Integer> seconds(AirRun run) {
        return run.laps().stream().map(Lap::seconds).toList();
    }

    @Test
    void measuresEachStepAndHoldsApart() {
        var run = start.tick(70)
                .next()
                .tick(50)
                .toggleHold()
                .tick(20)
                .toggleHold()
                .tick(40)
                .mark("steam not in frame")
                .next()
                .tick(10)
                .next();
        assertThat(run.isOver()).isTrue();
        assertThat(seconds(run)).containsExactly(70, 90, 10);
        assertThat(run.laps()).extracting(Lap::held).containsExactly(0, 20, 0);
        var take = run.toTakes("t1", AIR).getFirst();
        assertThat(take.total()).isEqualTo(190);
        assertThat(take.lesson()).isEqualTo(run.plan().lesson().id());
        assertThat(take.steps().get(1).marks()).isOne();
        assertThat(take.steps().get(1).why()).isEqualTo("steam not in frame");
    }

    @Test
    void behindIsAgainstTheHitTimesAndTheEndIsWorkedOutAnew() {
        assertThat(start.tick(30).behind()).isZero();
        assertThat(start.tick(75).behind()).isEqualTo(15);
        var early = start.tick(40).next();
        assertThat(early.behind()).isEqualTo(-20);
        assertThat(early.finishesAt()).isEqualTo(170);
        assertThat(start.tick(75).leftHere()).isEqualTo(-15);
        assertThat(start.tick(40).next().tick(50).next().finishesAt())
                .as("c is reached 50 s before the food is right at 140, and takes 30")
                .isEqualTo(170);
    }

    @Test
    void goingBackGoesOnWhereTheStepStopped() {
        assertThat(seconds(start.tick(60).next().tick(5).back().tick(10))).containsExactly(70, 5, 0);
        assertThat(start.back()).isEqualTo(start);
    }

    @Test
    void aWaitGetsATimerOnceAndSayingSoSetsItRight() {
        var run = start.tick(60).startTimer().next();
        assertThat(run.timers()).hasSize(1);
        assertThat(run.timers().getFirst().left(run.elapsed())).isEqualTo(100);
        assertThat(run.tick(130).timers().getFirst().over(190)).isEqualTo(10);
        assertThat(run.collect("wait/a").timers()).isEmpty();
        assertThat(start.next().next().timers()).hasSize(1);
        var early = start.tick(20).startTimer();
        assertThat(early.tick(40).next().timers().getFirst().from()).isEqualTo(20);
        assertThat(early.tick(10).startTimer().timers().getFirst().from())
                .as("said again")
                .isEqualTo(30);
        assertThat(early.timers().getFirst().byPlan()).isFalse();
        assertThat(start.tick(60).next().timers().getFirst().byPlan()).isTrue();
    }

    @Test
    void nothingMovesOnceItIsOver() {
        var over = start.next().next().next();
        assertThat(over.tick(5)).isSameAs(over);
        assertThat(over.next()).isSameAs(over);
        assertThat(over.toTakes("t", AIR)).isEmpty();
    }

    @Test
    void whatWasCollectedInAStepIsNoLongerTimedAfterIt() {
        var run = start.tick(60).next().tick(100);
        assertThat(run.timers()).extracting(AirTimer::step).containsExactly("a");
        assertThat(run.next().timers()).as("while it is collected").hasSize(1);
        var four = run(
                TakeKind.LIVE,
                waits(hands("a", 60), 100, 120, new Cover.CarryOn("b")),
                hands("b", 100),
                hands("c", 30));
        assertThat(four.next().next().timers()).isEmpty();
    }

    @Test
    void everySourceOfHeatHasATimerUntilItIsOff() {
        var lesson = of(
                acts(at(hands("on", 30), Place.OVEN), Act.OVEN_ON).but(d -> d.heat = new Heat(200, 200, Heat.Mode.FAN)),
                at(hands("fry", 60), Place.RING),
                acts(at(hands("off", 20), Place.RING), Act.RING_OFF, Act.OVEN_OFF),
                hands("end", 10));
        var run = run(TakeKind.LIVE, lesson).tick(30);
        var oven = run.timers().getFirst();
        assertThat(oven.label()).startsWith("Oven 200 °C");
        assertThat(oven.left(0)).as("a cold oven, 14 min to 200 °C").isEqualTo(14 * 60);
        assertThat(oven.state(14 * 60)).isEqualTo(AirTimer.State.RIGHT);
        assertThat(oven.over(100_000)).as("hot is not past its best").isZero();
        run = run.next();
        assertThat(run.timers()).extracting(AirTimer::kind).contains(AirTimer.Kind.RING);
        run = run.next().next();
        assertThat(run.timers()).isEmpty();
        var before = run(TakeKind.LIVE, lesson.but(d -> d.ovenBefore = true));
        assertThat(before.timers().getFirst().state(0)).isEqualTo(AirTimer.State.RIGHT);
    }

    @Test
    void looksAndEndsAreMomentsEachOnce() {
        var wait = new Wait(
                TimeRange.minutes(18, 20),
                "bakes",
                "the tops are gold",
                new Cover.CarryOn("c"),
                List.of(new Look(600, "turn the tray")),
                null);
        var run = run(TakeKind.LIVE, hands("a", 60).but(d -> d.waiting = wait), hands("b", 2000), hands("c", 30))
                .tick(60)
                .next();
        assertThat(Moment.between(run, 0, 659)).isEmpty();
        assertThat(Moment.between(run, 659, 660)).extracting(Moment::kind).containsExactly(Moment.Kind.LOOK);
        assertThat(Moment.between(run, 660, 1139)).isEmpty();
        assertThat(Moment.all(run))
                .extracting(Moment::text)
                .containsExactly("a: turn the tray", "a: look whether the tops are gold", "a has had its longest");
        assertThat(run.timers().getFirst().next(100).orElseThrow().at()).isEqualTo(600);
    }

    @Test
    void aPartIsDoneAgainAsAnotherTakeAndTheOvenGoesOn() {
        var run = run(
                TakeKind.PART,
                recorded(of(waits(hands("a", 60), 100, 120, new Cover.CarryOn("c")), hands("b", 100), hands("c", 30))));
        assertThat(run.tick(40).onAir()).as("the camera is off").isZero();
        run = run.tick(40).roll();
        assertThat(run.leadIn()).isEqualTo(AirRun.LEAD_IN);
        run = run.tick(AirRun.LEAD_IN + 60).next().tick(20).mark("phone rang").redo("b");
        assertThat(run.isRolling()).isFalse();
        assertThat(run.number()).isEqualTo(2);
        assertThat(run.timers().getFirst().from())
                .as("the food knows of no retake")
                .isEqualTo(103);
        run = run.tick(50).roll().tick(3 + 95).next().tick(30).next();
        var takes = run.toTakes("t", AIR);
        assertThat(takes).extracting(Take::id).containsExactly("t", "t-2");
        assertThat(takes.get(1).at()).isEqualTo(AIR.plusSeconds(123));
        assertThat(takes.get(0).steps()).extracting(Take.StepTime::seconds).containsExactly(60, 20);
        assertThat(takes.get(1).steps()).extracting(Take.StepTime::seconds).containsExactly(95, 30);
        assertThat(run.onAir()).as("of each step the newest").isEqualTo(60 + 95 + 30);
    }

    @Test
    void whatIsLeftOutTrimmedAndStretchedChangesTheEnd() {
        var run = run(TakeKind.LIVE, hands("a", 60), hands("b", 100).but(d -> d.trim = 40), hands("c", 30));
        assertThat(run.leaveOut("b").finishesAt()).isEqualTo(90);
        assertThat(run.leaveOut("b").tick(60).next().plan().step(2).id()).isEqualTo("c");
        assertThat(run.leaveOut("b").tick(60).next().index()).isEqualTo(2);
        assertThat(run.trim("b", 40).finishesAt()).isEqualTo(150);
        assertThat(run.stretch("a", 25).finishesAt()).isEqualTo(215);
        assertThat(run.tick(10).skipTo("c").finishesAt()).isEqualTo(40);
        assertThat(run.leaveOut("a")).as("it is on air").isSameAs(run);
    }

    @Test
    void keysMakeARunAndAreTakenBack() {
        var plan = start.plan();
        var keys = List.of(
                AirEvent.of(60, AirKey.NEXT),
                new AirEvent(70, AirKey.MARK, "blurred"),
                AirEvent.of(80, AirKey.NEXT),
                AirEvent.of(85, AirKey.UNDO),
                new AirEvent(90, AirKey.STRETCH, AirKey.with("b", 30)));
        var run = AirEvent.run(plan, keys);
        assertThat(run.index()).isEqualTo(1);
        assertThat(seconds(run)).as("the seconds after the wrong key too").containsExactly(60, 30, 0);
        assertThat(run.here().marks()).containsExactly("blurred");
        assertThat(run.plan().lesson().step("b").orElseThrow().hold()).isEqualTo(30);
        assertThat(AirEvent.canUndo(List.of(AirEvent.of(1, AirKey.HOLD), AirEvent.of(2, AirKey.UNDO))))
                .isFalse();
    }
}
