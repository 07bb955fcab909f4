package webodidact.core.publish;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.Wait;
import webodidact.core.time.TimeRange;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;
import webodidact.core.timing.Schedule;

/** What is kept, cut and shown fast; chapters; the running order: all of the same plan. */
class EditListTest {
    private static Schedule plan(Lesson lesson) {
        return Planner.plan(lesson, new Pace(Audience.ADULTS, Map.of()));
    }

    private static Lesson recorded(List<Step> steps) {
        return Lesson.blank("x", 1, "X").withSteps(steps).but(d -> d.delivery = Delivery.RECORDED);
    }

    private static Step step(int n, int hands, int off, int wait, Cover cover, int hold, String part) {
        return Step.blank("s" + n, Kind.HANDS_ON, "Step " + n).but(d -> {
            d.hands = TimeRange.of(hands);
            d.offCamera = off;
            d.hold = hold;
            d.part = part;
            if (wait > 0) d.waiting = new Wait(TimeRange.of(wait), "simmers", "", cover);
        });
    }

    @Provide
    Arbitrary<List<Step>> steps() {
        var cover = Arbitraries.of(
                Cover.STAY,
                new Cover.Cut(4),
                new Cover.SpeedUp(8),
                Cover.ReadyCopy.usual(),
                new Cover.CarryOn("s9"),
                new Cover.Elsewhere("next week"));
        return Combinators.combine(
                        Arbitraries.integers().between(5, 300),
                        Arbitraries.integers().between(0, 60),
                        Arbitraries.integers().between(0, 1200),
                        cover,
                        Arbitraries.integers().between(0, 30),
                        Arbitraries.of("", "", "Part"))
                .as((h, o, w, c, hold, part) -> new Object[] {h, o, w, c, hold, part})
                .list()
                .ofSize(10)
                .map(all -> {
                    var made = new ArrayList<Step>();
                    for (var a : all)
                        made.add(step(
                                made.size(),
                                (int) a[0],
                                Math.min((int) a[1], (int) a[0]),
                                (int) a[2],
                                (Cover) a[3],
                                (int) a[4],
                                (String) a[5]));
                    return made;
                });
    }

    @Property(tries = 300)
    void theRowsFollowEachOtherAndWhatIsKeptIsThePlannedLength(@ForAll("steps") List<Step> steps) {
        var plan = plan(recorded(steps));
        int kitchen = 0;
        int air = 0;
        for (var row : EditList.of(plan).rows()) {
            assertThat(row.from()).isEqualTo(kitchen);
            assertThat(row.to()).isGreaterThan(row.from());
            assertThat(row.airFrom()).isEqualTo(air);
            switch (row.what()) {
                case KEEP -> assertThat(row.airTo() - row.airFrom()).isEqualTo(row.to() - row.from());
                case CUT -> assertThat(row.airTo()).isEqualTo(row.airFrom());
                case FAST -> assertThat(row.airTo() - row.airFrom()).isLessThan(row.to() - row.from());
            }
            kitchen = row.to();
            air = row.airTo();
        }
        assertThat(air).isEqualTo(plan.planned());
        assertThat(kitchen).isEqualTo(plan.kitchen());
    }

    @Test
    void aCutAWaitShownFastAndHandsOffCameraAreEachTold() {
        var rows = EditList.of(plan(recorded(List.of(
                        step(0, 60, 20, 0, Cover.STAY, 0, ""),
                        step(1, 30, 0, 600, new Cover.Cut(5), 0, ""),
                        step(2, 30, 0, 80, new Cover.SpeedUp(8), 0, "")))))
                .rows();
        assertThat(rows)
                .extracting(EditList.Row::what)
                .containsExactly(
                        EditList.Do.KEEP,
                        EditList.Do.CUT,
                        EditList.Do.KEEP,
                        EditList.Do.CUT,
                        EditList.Do.KEEP,
                        EditList.Do.FAST);
        assertThat(rows.get(1).why()).isEqualTo("hands that are not shown");
        assertThat(rows.get(3).to() - rows.get(3).from()).isEqualTo(595);
        assertThat(rows.get(3).why()).isEqualTo("waits: simmers");
        assertThat(rows.get(5).why()).isEqualTo("8 times as fast");
    }

    @Test
    void chaptersAreTheStepsOfSomeLengthFromTheStartOn() {
        var plan = plan(recorded(List.of(
                step(0, 60, 0, 0, Cover.STAY, 0, ""),
                step(1, 5, 0, 0, Cover.STAY, 0, ""),
                step(2, 40, 0, 0, Cover.STAY, 0, ""),
                step(3, 60, 0, 0, Cover.STAY, 0, ""))));
        assertThat(Chapters.of(AirTimes.plan(plan), plan).all())
                .extracting(Chapters.Chapter::start)
                .as("five seconds after step 2 begins no other chapter does")
                .containsExactly(0, 60, 105);
    }

    @Test
    void aRecordingInPartsHasTheirTitles() {
        var plan = plan(recorded(List.of(
                step(0, 60, 0, 0, Cover.STAY, 0, "Dough"),
                step(1, 60, 0, 0, Cover.STAY, 0, "Shape"),
                step(2, 60, 0, 0, Cover.STAY, 0, ""),
                step(3, 60, 0, 0, Cover.STAY, 0, "Bake"))));
        assertThat(Chapters.of(AirTimes.plan(plan), plan).all())
                .extracting(Chapters.Chapter::title)
                .containsExactly("Dough", "Shape", "Bake");
        assertThat(RunningOrder.of(plan).rows())
                .extracting(RunningOrder.Row::part)
                .containsExactly("Dough", "Shape", "", "Bake");
    }

    @Test
    void byATakeOnlyItsStepsAreThereAndTheirWordsAsLongAsItWas() {
        var plan = plan(recorded(List.of(
                step(0, 60, 0, 0, Cover.STAY, 0, "").but(d -> d.say = "One two three four five."),
                step(1, 60, 0, 0, Cover.STAY, 0, ""),
                step(2, 60, 0, 0, Cover.STAY, 0, ""))));
        var take = new Take(
                "t",
                "x",
                LocalDateTime.of(2026, 12, 3, 17, 30),
                List.of(new Take.StepTime("s0", "", 90, 0, 0), new Take.StepTime("s2", "", 30, 10, 0)));
        var times = AirTimes.take(plan, take);
        assertThat(times.total()).isEqualTo(130);
        assertThat(times.steps()).extracting(AirTimes.At::number).containsExactly(1, 3);
        assertThat(times.steps().getLast().start()).isEqualTo(90);
        assertThat(Captions.of(times).cues().getFirst().from()).isZero();
    }

    @Test
    void theRunningOrderTellsMovesWaitsAndWhoCollects() {
        var lesson = Lesson.blank("x", 1, "X")
                .withSteps(List.of(
                        step(0, 60, 0, 300, new Cover.CarryOn("s2"), 0, "").but(d -> d.camera = "hob"),
                        step(1, 60, 0, 0, Cover.STAY, 20, "").but(d -> d.camera = "wide"),
                        step(2, 60, 0, 0, Cover.STAY, 0, "")));
        var rows = RunningOrder.of(plan(lesson)).rows();
        assertThat(rows).extracting(RunningOrder.Row::moves).containsExactly(false, true, false);
        assertThat(rows.get(2).camera()).as("it stays where it is").isEqualTo("wide");
        assertThat(rows.get(0).waits()).containsExactly("starts: simmers, 5:00");
        assertThat(rows.get(2).waits()).containsExactly("collect step 1: simmers");
        assertThat(rows.get(2).idle()).isEqualTo(220);
        assertThat(CameraList.of(plan(lesson)).cameras())
                .extracting(CameraList.Camera::name)
                .containsExactly("hob", "wide");
    }
}
