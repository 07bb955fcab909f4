package webodidact.desktop.state;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;

/** Time for the live desk: the real clock, or one that runs fast or stands still until told. */
public interface Ticker {
    /** Time of day; may be set, and goes on while the machine sleeps. */
    Instant instant();

    /** Milliseconds since an arbitrary start; never goes back, and may stand still while the machine sleeps. */
    long millis();

    ZoneId zone();

    /** What both clocks said at one moment. */
    record Reading(Instant wall, long millis) {}

    /** Milliseconds between two looks that are of one moment. */
    int TOGETHER = 250;

    /**
     * Both clocks at one moment. A machine that stands still between the one look and the other would seem to have slept, and then to
     * have been set back, and the time would count twice: then both are looked at again.
     */
    default Reading reading() {
        for (int tries = 0; ; tries++) {
            long before = millis();
            var wall = instant();
            long after = millis();
            if (after - before < TOGETHER || tries == 4) return new Reading(wall, after);
        }
    }

    default LocalDateTime now() {
        return LocalDateTime.ofInstant(instant(), zone());
    }

    /** Seconds since an arbitrary start. */
    default long seconds() {
        return millis() / 1000;
    }

    /** So many times as fast from now on, 1 to 60: for rehearsals and simulated kitchens. */
    default Ticker times(int faster) {
        int factor = Math.clamp(faster, 1, 60);
        var real = this;
        var wall = instant();
        long count = millis();
        return new Ticker() {
            @Override
            public Instant instant() {
                return wall.plusMillis((real.instant().toEpochMilli() - wall.toEpochMilli()) * factor);
            }

            @Override
            public long millis() {
                return count + (real.millis() - count) * factor;
            }

            @Override
            public ZoneId zone() {
                return real.zone();
            }
        };
    }
}
