package webodidact.core.timing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.plan;
import static webodidact.core.Lessons.recorded;
import static webodidact.core.Lessons.waits;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Look;
import webodidact.core.lesson.Rounds;
import webodidact.core.lesson.Segment;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.Wait;
import webodidact.core.lesson.Workbook;
import webodidact.core.time.Span;
import webodidact.core.time.TimeRange;

/** Lessons whose times are worked out by hand in the comments. */
class EngineTest {
    private static Step part(Step step, String title) {
        return step.but(d -> d.part = title);
    }

    private static Step looking(Step step, Look... looks) {
        return step.but(d -> d.waiting = d.waiting.looking(List.of(looks)));
    }

    private static Step saying(String id, String words) {
        return Step.blank(id, Kind.TALK, id).but(d -> d.say = words);
    }

    @Test
    void betweenTwoPartsAWaitPassesUnseen() {
        // Part 1: a 60-80 and its wait of 20 min goes on; b 120. Part 2: c 30 collects it.
        var lesson = recorded(of(
                part(waits(hands("a", 60, 80), 1200, 1500, new Cover.CarryOn("c")), "Mix"),
                hands("b", 120),
                part(hands("c", 30), "Bake")));
        var plan = plan(lesson);
        assertThat(plan.parts())
                .containsExactly(
                        new Part("Mix", 1, 2, new Span(0, 190), new TimeRange(180, 200), 190),
                        // Recording part 2 begins when the wait is over: the kitchen waits, the air does not.
                        new Part("Bake", 3, 3, new Span(190, 220), new TimeRange(30, 30), 30));
        assertThat(plan.planned()).isEqualTo(220);
        assertThat(plan.deadAir()).isZero();
        assertThat(plan.kitchen()).isEqualTo(70 + 1200 + 30);
        assertThat(plan.kitchenTotal()).isEqualTo(new TimeRange(60 + 1200 + 30, 80 + 1500 + 30));
        assertThat(plan.of("c").orElseThrow().kitchen()).isEqualTo(new Span(1270, 1300));
        // Live there are no parts: the same steps stand and wait.
        var live = plan(lesson.but(d -> d.delivery = Delivery.COOK_ALONG));
        assertThat(live.parts()).isEmpty();
        assertThat(live.planned()).isEqualTo(1300);
    }

    @Test
    void aReadyCopyTakesNoMoreThanItsWait() {
        assertThat(plan(of(waits(hands("a", 60), 600, 600, new Cover.ReadyCopy(0, 3600))))
                        .planned())
                .isEqualTo(60 + Course.CARRY);
        assertThat(plan(of(waits(hands("a", 60), 3, 3, new Cover.ReadyCopy(0, 3600))))
                        .planned())
                .isEqualTo(63);
    }

    @Test
    void hitTimesComeFromTheSlotTheWaitAndTheStepThatIsToBeReached() {
        // a 0-60, wait 10-12 min right at 660-780; b 60-710; c collects at 710; d 740-800. The slot ends at 900: 100 in
        // hand.
        var lesson = of(
                        waits(hands("a", 60), 600, 720, new Cover.CarryOn("c")),
                        hands("b", 650),
                        hands("c", 30),
                        hands("d", 60))
                .but(d -> d.slot = 900);
        var plan = plan(lesson);
        assertThat(plan.of("d").orElseThrow().hit()).isEqualTo(740 + 100);
        // c has to be there at 780 for the wait: 70 later than planned; so has b.
        assertThat(plan.of("c").orElseThrow().hit()).isEqualTo(780);
        assertThat(plan.of("b").orElseThrow().hit()).isEqualTo(60 + 70);
        // Were a later, its wait would be too: only the slot counts for it.
        assertThat(plan.of("a").orElseThrow().hit()).isEqualTo(100);
        var anchored = plan(lesson.withStep("d", s -> s.but(d -> d.reachBy = 750)));
        assertThat(anchored.of("d").orElseThrow().hit()).isEqualTo(750);
        assertThat(anchored.of("a").orElseThrow().hit()).isEqualTo(10);
    }

    @Test
    void aLookGoesBeforeTheFillerThatWouldRunPastIt() {
        // The tray goes in at 60 and is to be turned at 60 + 1200 = 1260. b ends at 1100, c would run to 1500.
        var tray = looking(waits(hands("a", 60), 2400, 2500, new Cover.CarryOn("d")), new Look(1200, "turn the tray"));
        var due = plan(of(tray, hands("b", 1040), hands("c", 400), hands("d", 30)))
                .of("a")
                .orElseThrow()
                .waiting()
                .looks()
                .getFirst();
        assertThat(due).isEqualTo(new Placed.Due(new Look(1200, "turn the tray"), 1260, "c", 3, 160, 0));
        assertThat(due.isMissed()).isFalse();
        // Were c there from 300 on, turning before it would be 960 early, after it 40 late.
        var late = plan(of(tray, hands("b", 240), hands("c", 1000), hands("e", 900), hands("d", 30)))
                .of("a")
                .orElseThrow()
                .waiting()
                .looks()
                .getFirst();
        assertThat(late.before()).isEqualTo("e");
        assertThat(late.late()).isEqualTo(40);
        assertThat(late.isMissed()).isFalse();
        var missed = plan(of(tray, hands("c", 2300), hands("d", 30)))
                .of("a")
                .orElseThrow()
                .waiting()
                .looks()
                .getFirst();
        assertThat(missed.isMissed()).isTrue();
    }

    @Test
    void aDonenessLoopIsRightAfterItsFirstRoundOrItsLast() {
        var rounds = new Rounds(List.of(120, 120, 60), "still cold in the middle: stir, and start again");
        var step = hands("a", 10)
                .but(d ->
                        d.waiting = new Wait(TimeRange.of(1), "heats", "hot all through", Cover.STAY).inRounds(rounds));
        assertThat(step.waiting().time()).isEqualTo(new TimeRange(120, 300));
        assertThat(plan(of(step)).total()).isEqualTo(new TimeRange(130, 310));
        assertThat(step.waiting().moments()).containsExactly(new Look(120, "test it"), new Look(240, "test it"));
        assertThat(rounds.text()).isEqualTo("2:00 + 2:00 + 1:00, testing after each");
        assertThat(step.waiting().lasting(TimeRange.of(90)).rounds()).isNull();
        assertThatThrownBy(() -> new Rounds(List.of(60, 0), ""))
                .hasMessageContaining("expected one or more, each more than zero seconds");
        assertThatThrownBy(() -> new Look(0, "turn")).hasMessageContaining("more than zero seconds");
    }

    @Test
    void aCutMakesWhatIsLeftMeanwhileLateInTheKitchen() {
        // a's dough is right 10-12 min after 60. b cuts 30 min to 10 s: on air c comes at 130, in the kitchen at 1920.
        var plan = plan(recorded(of(
                waits(hands("a", 60), 600, 720, new Cover.CarryOn("c")),
                waits(hands("b", 60), 1800, 1800, new Cover.Cut(10)),
                hands("c", 30))));
        assertThat(plan.of("a").orElseThrow().waiting().late()).isEqualTo(1920 - 60 - 720);
    }

    @Test
    void deadAirCountsWhatIsStayedWithToo() {
        assertThat(plan(of(waits(hands("a", 60), 40, 60, Cover.STAY).but(d -> d.hold = 20)))
                        .deadAir())
                .isEqualTo(50);
    }

    @Property
    void withNothingInHandNoStepMayBeReachedLater(
            @ForAll @IntRange(min = 10, max = 300) int a,
            @ForAll @IntRange(min = 10, max = 300) int b,
            @ForAll @IntRange(min = 1, max = 900) int wait) {
        var lesson = of(waits(hands("a", a), wait, wait + 60, new Cover.CarryOn("c")), hands("b", b), hands("c", 30));
        var exact = plan(lesson.but(d -> d.slot = plan(lesson).planned()));
        for (var p : exact.steps())
            assertThat(p.hit()).isLessThanOrEqualTo(p.span().start());
    }

    @Property
    void theKitchenIsNeverShorterThanTheAir(
            @ForAll @IntRange(min = 0, max = 300) int hands,
            @ForAll @IntRange(min = 0, max = 900) int low,
            @ForAll @IntRange(min = 0, max = 900) int more,
            @ForAll @IntRange(min = 0, max = 4) int way) {
        var cover = List.of(
                        Cover.STAY,
                        new Cover.CarryOn("c"),
                        new Cover.Cut(10),
                        new Cover.SpeedUp(4),
                        new Cover.ReadyCopy(0, 60))
                .get(way);
        var plan = plan(recorded(
                of(waits(hands("a", hands), low, low + more, cover), hands("b", 50), part(hands("c", 30), "2"))));
        assertThat(plan.kitchen()).isGreaterThanOrEqualTo(plan.planned());
        assertThat(plan.kitchenTotal().high())
                .isGreaterThanOrEqualTo(plan.total().high());
        assertThat(plan.parts().stream().mapToInt(p -> p.span().length()).sum()).isEqualTo(plan.planned());
    }

    @Test
    void cautionsAreSaidSlower() {
        // The first 6 words at 172 a minute are 2.1 s, the caution's 6 at 120 are 3 s.
        var pace = new Pace(Audience.ADULTS, Map.of());
        assertThat(pace.talk(saying("a", "Now we cook one fine supper. Careful, the pan is very hot.")))
                .isEqualTo(6);
        assertThat(pace.talk(saying("a", "Now we cook one fine supper. Lovely, the pan is just right.")))
                .isEqualTo(5);
    }

    private static Workbook taken(Lesson lesson, int... seconds) {
        var takes = new ArrayList<Take>();
        for (int s : seconds)
            takes.add(new Take(
                    "t" + takes.size(),
                    lesson.id(),
                    LocalDateTime.of(2026, 11, 1, 17, 0),
                    List.of(new Take.StepTime("a", "a", s, 0, 0))));
        return new Workbook(COURSE, List.of(lesson), List.of(), takes);
    }

    @Test
    void theOwnPaceComesFromTakesAndSaysSo() {
        var lesson = of(saying("a", "one two three four five ".repeat(20)));
        var measured = Calibration.of(taken(lesson, 45, 50, 55));
        assertThat(measured).containsExactly(Map.entry(Segment.TO_CAMERA, new Calibration.Measured(120, 3)));
        var pace = Pace.of(Audience.ADULTS, Map.of(Segment.TO_CAMERA, 150), measured);
        assertThat(pace.basis(Segment.TO_CAMERA)).isEqualTo("120 words a minute from 3 takes");
        assertThat(pace.talk(lesson.steps().getFirst())).isEqualTo(50);
        assertThat(pace.basis(Segment.CUTTING))
                .isEqualTo("91 words a minute for cutting or shaping, from your other kinds");
        assertThat(new Pace(Audience.ADULTS, Map.of(Segment.CUTTING, 99)).basis(Segment.CUTTING))
                .isEqualTo("99 words a minute as set for the course");
    }

    @Test
    void stepsWhoseTimeIsNotTheirWordsSayNothingAboutThePace() {
        var busy = of(saying("a", "one two three").but(d -> d.hands = TimeRange.of(300)));
        assertThat(Calibration.of(taken(busy, 300))).isEmpty();
        assertThat(Calibration.of(taken(of(saying("a", "Careful, that is sharp.")), 5)))
                .isEmpty();
        assertThat(Calibration.of(taken(
                        of(saying("a", "one two")).withStep("a", s -> s.but(d -> d.title = "renamed since")), 5)))
                .isEmpty();
    }
}
