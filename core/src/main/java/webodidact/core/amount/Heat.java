package webodidact.core.amount;

/**
 * An oven setting in °C. A figure without fan or conventional (a null {@code mode}) is kept as {@link Mode#UNSTATED}, never guessed.
 *
 * @param low from 30 to 300
 * @param high at least {@code low}, at most 300
 */
public record Heat(int low, int high, Mode mode) {
    public enum Mode {
        FAN,
        CONVENTIONAL,
        UNSTATED;

        public String title() {
            return Words.OURS.title(this);
        }
    }

    public Heat {
        mode = mode == null ? Mode.UNSTATED : mode;
        if (low < 30 || high > 300 || high < low) {
            throw new IllegalArgumentException(Words.OURS.say("wrong.heat", low, high));
        }
    }

    /** "180–200 °C fan". */
    public String text() {
        return degrees() + " °C " + mode.title();
    }

    /** "180–200", or one figure. */
    public String degrees() {
        return low == high ? String.valueOf(low) : low + "–" + high;
    }
}
