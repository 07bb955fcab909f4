package webodidact.core.lesson;

import webodidact.core.amount.Ratio;

/**
 * What the recipe makes as written.
 *
 * @param count pieces or portions, more than zero
 * @param what "parcels"
 * @param serves people it feeds, 1 or more
 * @param assumed nobody has said it: four portions until somebody does
 */
public record Yield(Ratio count, String what, int serves, boolean assumed) {
    private static final Ratio MOST = Ratio.of(100_000);
    private static final Ratio LEAST = Ratio.of(1, 1000);
    private static final String PORTIONS = Words.OURS.say("portions");
    /** Four portions, until somebody says another. */
    public static final Yield UNKNOWN = new Yield(Ratio.of(4), PORTIONS, 4, true);

    /** As somebody said it. */
    public Yield(Ratio count, String what, int serves) {
        this(count, what, serves, false);
    }

    public Yield {
        if (count == null || !count.isMoreThan(Ratio.ZERO))
            throw new IllegalArgumentException(Words.OURS.say("wrong.yield", count));
        if (count.isMoreThan(MOST) || count.isLessThan(LEAST) || serves > 1000)
            throw new IllegalArgumentException(Words.OURS.say("wrong.yield.2", count, serves));
        what = what == null || what.isBlank() ? Words.OURS.say("portions") : what;
        serves = Math.max(1, serves);
        // There is one assumption: what says anything else was said.
        assumed = assumed && count.equals(Ratio.of(4)) && serves == 4 && what.equals(PORTIONS);
    }
}
