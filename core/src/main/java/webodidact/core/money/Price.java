package webodidact.core.money;

import java.util.Objects;
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
    public Price {
        Objects.requireNonNull(food, "food");
        name = name == null ? "" : name;
        if (holds == null || !holds.low().isMoreThan(Ratio.ZERO)) throw new IllegalArgumentException("Pack of '" + food + "': expected more than zero in it");
        if (coins < 0) throw new IllegalArgumentException("Pack of '" + food + "': expected a price of zero or more");
    }
}
