package webodidact.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.outcome;
import static webodidact.core.Lessons.recorded;
import static webodidact.core.Lessons.using;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.amount.Heat;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.TakeKind;
import webodidact.core.lesson.Use;
import webodidact.core.safety.Profile;

class DevicesTest {
    @Test
    void theMiddleOfThickFoodTakesLongerAndNeverGetsHotterThanTheOven() {
        var thin = new Probe.Simulated(5, 180, 20, 100);
        var thick = new Probe.Simulated(5, 180, 40, 100);
        assertThat(thin.celsius(99)).isEmpty();
        assertThat(thin.celsius(100)).hasValue(5);
        int early = thin.reaches(63).orElseThrow() - 100;
        int late = thick.reaches(63).orElseThrow() - 100;
        assertThat((double) late / early)
                .as("four times as long at twice the thickness")
                .isBetween(3.9, 4.1);
        assertThat(thin.celsius(100 + early)).hasValue(63);
        assertThat(thin.celsius(100 + early - 1)).hasValue(62);
        int last = 0;
        for (int s = 100; s < 20_000; s += 7) {
            int now = thick.celsius(s).orElseThrow();
            assertThat(now).isBetween(last, 180);
            last = now;
        }
        assertThat(thin.reaches(180)).isEmpty();
    }

    /** As the words have it, of the food first; else as pieces of such a food are. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            salmon         | ''                | Into the oven.                              | 25
            chicken-breast | ''                | Into the oven.                              | 30
            beef-mince     | ''                | Pat them flat, 1.5 cm thick, and in.         | 15
            salmon         | 40 mm thick       | Cut it 2 cm thick.                          | 40
            chicken-breast | ''                | Bash it until it is 1 inch thick all over.  | 25
            salmon         | ''                | A tray 30 cm long, ten minutes in.           | 25
            """)
    void howThickItIsDecidesWhenItIsDone(String food, String form, String say, int millimetres) {
        var lesson = of(
                List.of(food("f1", food, "300 g").but(d -> d.form = form)),
                using(hands("bake", 60), "f1").but(d -> d.say = say));
        assertThat(Thickness.of(lesson.steps().getFirst(), lesson, Knowledge.shipped()))
                .isEqualTo(millimetres);
    }

    @Test
    void anOvenIsAsHotAsTheTimerSays() {
        var oven = new OvenGauge.Simulated(14 * 60, 60, 200);
        assertThat(oven.celsius(0)).isEqualTo(20);
        assertThat(oven.celsius(oven.hot() - 5)).isLessThan(200);
        assertThat(oven.celsius(oven.hot())).isEqualTo(200);
        assertThat(oven.celsius(90_000)).isEqualTo(200);
        assertThat(oven.hot()).isEqualTo(60 + 14 * 60);
    }

    @Test
    void theRecorderKnowsWhatWasOnCameraInEachTake() {
        var lesson = recorded(of(
                hands("a", 60).but(d -> d.camera = "wide"),
                hands("b", 30),
                hands("c", 30).but(d -> d.camera = "over the board")));
        var run = AirRun.start(AirPlan.of(outcome(lesson), TakeKind.PART))
                .roll()
                .tick(3 + 60)
                .next()
                .tick(10)
                .mark("phone")
                .redo("b")
                .roll()
                .tick(3 + 30)
                .next()
                .tick(25);
        var tally = Tally.of(run);
        assertThat(tally.shots())
                .extracting(s -> s.take() + s.step() + " " + s.camera() + " " + s.from() + "–" + s.to())
                .containsExactly("1a wide 0–60", "1b wide 60–70", "2b wide 0–30", "2c over the board 30–55");
        assertThat(tally.marks()).containsExactly(new Tally.Mark(1, "b", 60, "phone"));
    }

    @Test
    void textIsMeasuredInMinutesOfArc() {
        // 34 px at 96 dpi: capitals of 5.9 mm, seen from two metres.
        assertThat(Legible.arc(34, 96, 200).nearest()).isEqualTo(10);
        assertThat(Legible.arc(34, 96, 100).nearest()).isEqualTo(20);
        assertThat(Legible.least(96, 200)).isEqualTo(54);
    }

    @Test
    void devicesSpeakInARehearsalOnlyAndSayTheCoreTemperatureWhenItWouldBeReached() {
        var lesson = Supper.lesson()
                .withStep(
                        "bake",
                        s -> s.but(d -> {
                            d.heat = new Heat(200, 200, Heat.Mode.FAN);
                            d.uses = List.of(new Use("f1", null));
                        }));
        var plan = AirPlan.of(outcome(lesson), TakeKind.REHEARSAL);
        var run = AirRun.start(plan).next().next();
        var probe = new Probe.Simulated(5, 200, 25, 0);
        int there = probe.reaches(63).orElseThrow();
        var early = reading(run.at(there - 1));
        assertThat(early.celsius()).isEqualTo(62);
        assertThat(early.wanted()).isEqualTo(63);
        assertThat(early.isThere()).isFalse();
        assertThat(early.says() + " of " + early.wants()).isEqualTo("62 °C of 63 °C");
        assertThat(reading(run.at(there)).isThere()).isTrue();
        var live =
                AirRun.start(AirPlan.of(outcome(lesson), TakeKind.LIVE)).next().next();
        assertThat(Readings.of(live.at(there), Knowledge.shipped(), Profile.UK).readings())
                .isEmpty();
    }

    private static Readings.Reading reading(AirRun run) {
        return Readings.of(run, Knowledge.shipped(), Profile.UK).readings().stream()
                .filter(r -> r.timer().startsWith("wait/"))
                .findFirst()
                .orElseThrow();
    }
}
