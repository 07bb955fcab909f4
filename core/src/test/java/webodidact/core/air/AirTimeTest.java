package webodidact.core.air;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class AirTimeTest {
    private static final Instant AIR = Instant.parse("2026-12-03T17:30:00Z");

    /** Uneven pulses, and a time of day that is put right by a few hundredths again and again. */
    @Test
    void anHourOfPulsesIsAnHour() {
        var dice = new SplittableRandom(3);
        var time = AirTime.start(AIR, 5000, 0);
        long now = 0;
        long skew = 0;
        while (now < 3_600_000) {
            now += dice.nextInt(1, 400);
            skew = Math.clamp(skew + dice.nextInt(-30, 31), -500, 500);
            time = time.read(AIR.plusMillis(now + skew), 5000 + now);
            assertThat(Math.abs(time.elapsed() - now)).isLessThan(200);
            assertThat(time.jumped()).isZero();
        }
    }

    @Test
    void aMachineThatSleptHasLostNoTime() {
        var time = AirTime.start(AIR, 0, 0).read(AIR.plusSeconds(10), 10_000);
        var woken = time.read(AIR.plusSeconds(310), 10_500);
        assertThat(woken.second()).isEqualTo(310);
        assertThat(woken.jumped()).isEqualTo(299);
        assertThat(woken.read(AIR.plusSeconds(311), 11_500).second()).isEqualTo(311);
    }

    @Test
    void aClockThatIsSetBackTakesNothingAway() {
        var time = AirTime.start(AIR, 0, 0).read(AIR.plusSeconds(60), 60_000);
        var back = time.read(AIR.minusSeconds(3540), 61_000);
        assertThat(back.second()).isEqualTo(61);
        assertThat(back.jumped()).isEqualTo(-3601);
        assertThat(back.read(AIR.minusSeconds(3539), 62_000).second()).isEqualTo(62);
    }
}
