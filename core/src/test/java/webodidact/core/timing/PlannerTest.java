package webodidact.core.timing;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.plan;
import static webodidact.core.Lessons.recorded;
import static webodidact.core.Lessons.waits;

import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Segment;
import webodidact.core.lesson.Step;
import webodidact.core.time.TimeRange;

class PlannerTest {
    private static final Cover TO_C = new Cover.CarryOn("c");

    @Test
    void sequenceAddsBothEnds() {
        var plan = plan(of(hands("a", 60, 120), hands("b", 30), hands("c", 10, 20)));
        assertThat(plan.total()).isEqualTo(new TimeRange(100, 170));
        assertThat(plan.planned()).isEqualTo(135);
        assertThat(plan.of("b").orElseThrow().span().start()).isEqualTo(90);
    }

    @Test
    void stayPutsTheWholeWaitOnAir() {
        var plan = plan(of(waits(hands("a", 60), 600, 720, Cover.STAY), hands("b", 30)));
        assertThat(plan.planned()).isEqualTo(60 + 660 + 30);
        assertThat(plan.total()).isEqualTo(new TimeRange(690, 810));
    }

    @Test
    void carryOnIsFreeIfTheOtherStepsFillTheWait() {
        var plan = plan(of(waits(hands("a", 60), 600, 720, TO_C), hands("b", 650), hands("c", 30)));
        var run = plan.of("a").orElseThrow().waiting();
        assertThat(plan.planned()).isEqualTo(740);
        assertThat(run.early()).isZero();
        assertThat(run.late()).isZero();
        assertThat(run.collected() - run.from()).isEqualTo(650);
    }

    @Test
    void collectedEarlyIsDeadAirAndLateIsTold() {
        var early = plan(of(waits(hands("a", 60), 600, 720, TO_C), hands("b", 100), hands("c", 30)));
        assertThat(early.of("a").orElseThrow().waiting().early()).isEqualTo(500);
        assertThat(early.deadAir()).isEqualTo(500);
        assertThat(early.planned()).isEqualTo(60 + 600 + 30);
        var late = plan(of(waits(hands("a", 60), 600, 720, TO_C), hands("b", 800), hands("c", 30)));
        assertThat(late.of("a").orElseThrow().waiting().late()).isEqualTo(80);
    }

    @Test
    void parallelWaitsTakeTheLongestAndKeepBothEnds() {
        var plan =
                plan(of(waits(hands("a", 60), 600, 900, TO_C), waits(hands("b", 60), 500, 1200, TO_C), hands("c", 30)));
        // a is right at 660 to 960, b at 620 to 1320: c starts at the later of each end.
        assertThat(plan.total()).isEqualTo(new TimeRange(660 + 30, 1320 + 30));
    }

    @Test
    void cutAndSpeedUpShortenARecordingButNotTheKitchen() {
        var cut = plan(recorded(of(waits(hands("a", 60), 600, 600, new Cover.Cut(10)), hands("b", 30))));
        assertThat(cut.planned()).isEqualTo(100);
        assertThat(cut.kitchen()).isEqualTo(690);
        var fast = plan(recorded(of(waits(hands("a", 60), 600, 600, new Cover.SpeedUp(8)), hands("b", 30))));
        assertThat(fast.planned()).isEqualTo(60 + 75 + 30);
    }

    @Test
    void aLiveLessonCannotBeCut() {
        assertThat(plan(of(waits(hands("a", 60), 600, 600, new Cover.Cut(10)))).planned())
                .isEqualTo(660);
    }

    @Test
    void aReadyCopyTakesTheSwap() {
        assertThat(plan(of(waits(hands("a", 60), 600, 720, new Cover.ReadyCopy(0, 3600)), hands("b", 30)))
                        .planned())
                .isEqualTo(60 + Course.CARRY + 30);
    }

    @Test
    void aWaitCollectedNowhereOrInAnEarlierStepIsOpen() {
        assertThat(plan(of(waits(hands("a", 60), 60, 60, new Cover.CarryOn(""))))
                        .of("a")
                        .orElseThrow()
                        .waiting()
                        .isOpen())
                .isTrue();
        assertThat(plan(of(hands("c", 5), waits(hands("a", 60), 60, 60, TO_C)))
                        .of("a")
                        .orElseThrow()
                        .waiting()
                        .isOpen())
                .isTrue();
    }

    @Test
    void wordsAndHandsGoTogetherOrOneAfterTheOther() {
        var talkative = hands("a", 10).but(d -> d.say = "word ".repeat(130));
        // 130 a minute while cutting.
        assertThat(plan(of(talkative)).planned()).isEqualTo(60);
        assertThat(plan(of(talkative.but(d -> d.tellThenDo = true))).planned()).isEqualTo(70);
    }

    @Test
    void anEmptyLessonTakesNoTime() {
        assertThat(plan(of()).planned()).isZero();
        assertThat(plan(of()).total()).isEqualTo(TimeRange.ZERO);
    }

    @Test
    void holdsAndCameraMovesCount() {
        var a = hands("a", 60).but(d -> {
            d.hold = 20;
            d.camera = "wide";
        });
        var plan = plan(of(
                a,
                hands("b", 10),
                hands("c", 10).but(d -> d.camera = "hob"),
                hands("e", 10).but(d -> d.camera = "hob")));
        assertThat(plan.planned()).isEqualTo(110);
        assertThat(plan.cameraMoves()).isEqualTo(1);
    }

    @Property
    void lengtheningAStepNeverShortensTheTotal(
            @ForAll @IntRange(max = 900) int a,
            @ForAll @IntRange(max = 900) int b,
            @ForAll @IntRange(min = 1, max = 600) int more) {
        var before = plan(of(waits(hands("a", a), 300, 420, TO_C), hands("b", b), hands("c", 30)));
        var after = plan(of(waits(hands("a", a), 300, 420, TO_C), hands("b", b + more), hands("c", 30)));
        assertThat(after.planned()).isGreaterThanOrEqualTo(before.planned());
        assertThat(after.total().high()).isGreaterThanOrEqualTo(before.total().high());
    }

    @Property
    void stayingIsNeverShorterThanCarryingOn(
            @ForAll @IntRange(max = 900) int b,
            @ForAll @IntRange(max = 900) int low,
            @ForAll @IntRange(max = 300) int spread) {
        var stay = plan(of(waits(hands("a", 60), low, low + spread, Cover.STAY), hands("b", b), hands("c", 30)));
        var carry = plan(of(waits(hands("a", 60), low, low + spread, TO_C), hands("b", b), hands("c", 30)));
        assertThat(stay.planned()).isGreaterThanOrEqualTo(carry.planned());
    }

    @Test
    void theInstructorsOwnPaceReplacesTheDefault() {
        var step = Step.blank("a", Kind.TALK, "Talk").but(d -> d.say = "word ".repeat(172));
        assertThat(new Pace(Audience.ADULTS, Map.of()).talk(step)).isEqualTo(60);
        assertThat(new Pace(Audience.ADULTS, Map.of(Segment.TO_CAMERA, 86)).talk(step))
                .isEqualTo(120);
        var asking = step.but(d -> d.question = "Why?");
        assertThat(new Pace(Audience.ADULTS, Map.of()).talk(asking)).isEqualTo(61 + Pace.ANSWER_PAUSE);
    }
}
