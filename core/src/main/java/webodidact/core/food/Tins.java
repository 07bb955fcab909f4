package webodidact.core.food;

import java.util.Locale;
import java.util.regex.Pattern;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;

/** Tins tell two weights, of all that is in them and of what is left when they are drained; recipes mean now the one, now the other. */
public final class Tins {
    private static final Pattern DRAINED =
            Pattern.compile("(?<!un)(?<!not )\\bdrained\\b(?! (?:weight )?of)", Pattern.CASE_INSENSITIVE);
    /** How near a weight has to be to a drained pack's to be one: labels differ by a few grams. */
    private static final Ratio NEAR = Ratio.of(1, 12);

    private Tins() {}

    /**
     * What is left of one tin of that size: a size that is a usual pack's drained weight is that already.
     *
     * @param size of one tin, a weight
     */
    public static Amount drained(Amount size, Food food) {
        if (food == null || food.facts().drains() == null || isDrained(size, food)) return size;
        return size.times(food.facts().drains());
    }

    private static boolean isDrained(Amount size, Food food) {
        return food.facts().packs().stream()
                .map(Facts.Bought::holds)
                .filter(p -> p.unit() == Unit.G && size.unit() == Unit.G)
                .anyMatch(
                        p -> p.low().minus(size.low()).abs().dividedBy(p.low()).compareTo(NEAR) <= 0);
    }

    /** Grams of one tin that go into the dish: without its liquid where the list says that it is drained, with it where it does not. */
    public static Amount used(Amount size, Food food, String form) {
        return DRAINED.matcher(form.toLowerCase(Locale.ROOT)).find() ? drained(size, food) : size;
    }
}
