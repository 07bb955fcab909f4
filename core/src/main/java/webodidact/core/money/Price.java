package webodidact.core.money;

import webodidact.core.amount.Amount;
import webodidact.core.amount.Ratio;

/**
 * What one pack of a food costs where she shops.
 *
 * @param food id in the food table
 * @param name as on the shelf, "block"; may be empty
 * @param holds a weight, a volume or a count, more than zero
 * @param coins price in the smallest coin, zero or more
 */
public record Price(String food, String name, Amount holds, long coins) {
    private static final Ratio LEAST = Ratio.of(1, 10);
    private static final Ratio MOST = Ratio.of(100_000);

    public Price {
        if (food == null || food.isBlank()) throw new IllegalArgumentException(Words.OURS.say("wrong.price"));
        name = name == null ? "" : name;
        if (holds == null || !holds.low().isMoreThan(Ratio.ZERO))
            throw new IllegalArgumentException(Words.OURS.say("wrong.price.2", food));
        if (holds.low().isLessThan(LEAST) || holds.high().isMoreThan(MOST))
            throw new IllegalArgumentException(Words.OURS.say("wrong.price.3", food, holds));
        if (coins > 100_000_000) throw new IllegalArgumentException(Words.OURS.say("wrong.price.4", food));
        if (coins < 0) throw new IllegalArgumentException(Words.OURS.say("wrong.price.5", food));
    }
}
