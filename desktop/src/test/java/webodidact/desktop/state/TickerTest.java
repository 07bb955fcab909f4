package webodidact.desktop.state;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import webodidact.core.air.AirTime;

class TickerTest {
    private static final Instant AIR = Instant.parse("2026-12-03T17:30:00Z");

    /** A machine that stands still for thirty seconds between the first look at one clock and the first at the other. */
    private static final class Stalling implements Ticker {
        private long passed = 10_000;
        private int looks;

        @Override
        public Instant instant() {
            if (looks++ == 0) passed += 30_000;
            return AIR.plusMillis(passed);
        }

        @Override
        public long millis() {
            return passed;
        }

        @Override
        public ZoneId zone() {
            return ZoneOffset.UTC;
        }
    }

    @Test
    void aMachineThatStandsStillBetweenTwoLooksCountsNoTimeTwice() {
        var reading = new Stalling().reading();
        var time = AirTime.start(AIR, 0, 0).read(reading.wall(), reading.millis());
        assertThat(time.second()).isEqualTo(40);
        assertThat(time.jumped()).isZero();
        var later = time.read(reading.wall().plusMillis(1000), reading.millis() + 1000);
        assertThat(later.second()).isEqualTo(41);
    }
}
