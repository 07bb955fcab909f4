package webodidact.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.plan;
import static webodidact.core.Lessons.waits;

import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Cover;

class AirRunTest {
    private final AirRun start = AirRun.start(
            plan(of(waits(hands("a", 60), 100, 120, new Cover.CarryOn("c")), hands("b", 100), hands("c", 30))));

    @Test
    void measuresEachStepAndHoldsApart() {
        var run = start.tick(70)
                .next()
                .tick(50)
                .toggleHold()
                .tick(20)
                .toggleHold()
                .tick(40)
                .mark()
                .next()
                .tick(10)
                .next();
        assertThat(run.isOver()).isTrue();
        assertThat(run.seconds()).containsExactly(70, 90, 10);
        assertThat(run.held()).containsExactly(0, 20, 0);
        var take = run.toTake("t1", "fish", LocalDateTime.of(2026, 12, 3, 17, 30));
        assertThat(take.total()).isEqualTo(190);
        assertThat(take.steps().get(1).marks()).isOne();
    }

    @Test
    void behindIsAgainstTheHitTimes() {
        assertThat(start.tick(30).behind()).isZero();
        assertThat(start.tick(75).behind()).isEqualTo(15);
        var early = start.tick(40).next();
        assertThat(early.behind()).isEqualTo(-20);
        assertThat(early.finishesAt()).isEqualTo(170);
        assertThat(start.tick(75).leftHere()).isEqualTo(-15);
    }

    @Test
    void goingBackGoesOnWhereTheStepStopped() {
        assertThat(start.tick(60).next().tick(5).back().tick(10).seconds()).containsExactly(70, 5, 0);
        assertThat(start.back()).isEqualTo(start);
    }

    @Test
    void aWaitThatIsCarriedOnThroughGetsATimerOnce() {
        var run = start.tick(60).startTimer().startTimer().next();
        assertThat(run.timers()).hasSize(1);
        assertThat(run.timers().getFirst().left(run.elapsed())).isEqualTo(100);
        assertThat(run.tick(130).timers().getFirst().over(190)).isEqualTo(10);
        assertThat(run.collect("a").timers()).isEmpty();
        assertThat(start.next().next().timers()).hasSize(1);
    }

    @Test
    void nothingMovesOnceItIsOver() {
        var over = start.next().next().next();
        assertThat(over.tick(5)).isSameAs(over);
        assertThat(over.next()).isSameAs(over);
        assertThat(over.toTake("t", "l", LocalDateTime.MIN).steps()).isEmpty();
    }

    @Test
    void whatWasCollectedInAStepIsNoLongerTimedAfterIt() {
        var run = start.tick(60).next().tick(100);
        assertThat(run.timers()).extracting(AirRun.Timer::step).containsExactly("a");
        assertThat(run.next().timers()).as("while it is collected").hasSize(1);
        var four = AirRun.start(
                plan(of(waits(hands("a", 60), 100, 120, new Cover.CarryOn("b")), hands("b", 100), hands("c", 30))));
        assertThat(four.next().next().timers()).isEmpty();
    }
}
