package webodidact.core.time;

/** Bounds of a single time, so that no sum of a whole lesson's times can overflow. */
public final class Seconds {
    /** The longest single time, a year: a ham hangs for months. */
    public static final int LONGEST = 366 * 24 * 3600;

    private Seconds() {}

    /**
     * The time itself, if it is zero or more and at most {@link #LONGEST}.
     *
     * @param what named in the refusal, "Step 's3': hold"
     * @throws IllegalArgumentException with the value and what was expected
     */
    public static int checked(int seconds, Object what) {
        if (seconds < 0 || seconds > LONGEST) {
            throw new IllegalArgumentException(Words.OURS.say("wrong.seconds", what, seconds, LONGEST));
        }
        return seconds;
    }

    /** The range itself, if its long end is at most {@link #LONGEST}. */
    public static TimeRange checked(TimeRange range, Object what) {
        checked(range.high(), what);
        return range;
    }
}
