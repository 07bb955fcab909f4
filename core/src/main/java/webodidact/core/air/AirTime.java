package webodidact.core.air;

import java.time.Duration;
import java.time.Instant;

/**
 * Time since air, by two clocks that need not agree: one that counts on and one that tells the time of day. Where the counting one stood
 * still the machine slept, and food went on meanwhile; where the other was set back, nothing went back.
 *
 * @param wall time of day at the last reading
 * @param millis of the counting clock then
 * @param elapsed milliseconds since air then
 * @param jumped seconds that the last reading took in because the machine had slept, or its clock was set ahead; negative where the
 *     clock was set back and that was not followed; else 0
 */
public record AirTime(Instant wall, long millis, long elapsed, int jumped) {
    /** Clocks that differ by less are set right as they always are. */
    private static final long ALIKE = 2000;

    public static AirTime start(Instant wall, long millis, long elapsed) {
        return new AirTime(wall, millis, elapsed, 0);
    }

    public AirTime read(Instant nowWall, long nowMillis) {
        long counted = Math.max(0, nowMillis - millis);
        long told = Duration.between(wall, nowWall).toMillis();
        long apart = told - counted;
        if (Math.abs(apart) < ALIKE) return new AirTime(nowWall, nowMillis, elapsed + counted, 0);
        long passed = Math.max(counted, told);
        return new AirTime(nowWall, nowMillis, elapsed + passed, (int) (apart / 1000));
    }

    /** Whole seconds since air. */
    public int second() {
        return (int) Math.min(Integer.MAX_VALUE, elapsed / 1000);
    }
}
