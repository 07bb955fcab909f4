package webodidact.core.money;

import webodidact.core.amount.Ratio;

/**
 * One pack as sold.
 *
 * @param name as on the shelf
 * @param holds grams or millilitres, more than zero
 * @param price in pence, cents or øre: the smallest coin, zero or more
 */
public record Pack(String name, Ratio holds, long price) {
    public Pack {
        if (!holds.isMoreThan(Ratio.ZERO)) throw new IllegalArgumentException(Words.OURS.say("wrong.pack", name));
        if (price < 0) throw new IllegalArgumentException(Words.OURS.say("wrong.pack.2", name));
    }

    /** Price of 100 g or 100 ml, exact, in the smallest coin. */
    public Ratio per100() {
        return Ratio.of(price).times(100).dividedBy(holds);
    }

    /** Whole packs for {@code needed} grams or millilitres. */
    public long packsFor(Ratio needed) {
        return needed.dividedBy(holds).ceiling();
    }

    /** What has to be paid for {@code needed}. */
    public long outlay(Ratio needed) {
        return Math.multiplyExact(packsFor(needed), price);
    }

    /** What is over after {@code needed}. */
    public Ratio left(Ratio needed) {
        return holds.times(packsFor(needed)).minus(needed);
    }
}
