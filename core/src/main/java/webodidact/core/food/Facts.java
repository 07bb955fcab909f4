package webodidact.core.food;

import java.util.List;
import java.util.Map;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Ratio;

/**
 * More that is known of a food than every food has.
 *
 * @param salt grams in 100 g, counted from sodium; null where nobody knows
 * @param fat grams in 100 g; null where nobody knows
 * @param keeps storage life once opened, or null
 * @param freezes or null where it should not be frozen
 * @param before what has to be done before class, one after the other
 * @param cannot what it cannot stand where it stands in for something else
 * @param packs usual packs
 * @param chokes what it does to young children whole, or null
 * @param drains share of a tin's weight that is left when it is drained, or null where a tin has nothing to drain
 * @param gives what one whole fruit gives, by the word: "juice", "zest"
 * @param weighs grams of one bulb, wedge, leaf or slice, by the word; of a "small" and a "large" piece too
 */
public record Facts(
        Ratio salt,
        Ratio fat,
        Keeping keeps,
        Keeping freezes,
        List<Before> before,
        List<Cannot> cannot,
        List<Bought> packs,
        Choking chokes,
        Ratio drains,
        Map<String, Amount> gives,
        Map<String, Ratio> weighs) {
    /** @param time days in the fridge or cupboard, or months in the freezer */
    public record Keeping(int time, String how) {}

    /** @param seconds it takes, more than zero */
    public record Before(int seconds, String what) {}

    /**
     * @param under years; {@code how} it is made safer for them
     * @param how "quarter them lengthways"
     */
    public record Choking(int under, String how) {}

    /** @param verbs "boil" */
    public record Cannot(List<String> verbs, String because) {}

    /** @param holds a weight or a volume */
    public record Bought(String name, Amount holds) {}

    public static final Facts NONE =
            new Facts(null, null, null, null, List.of(), List.of(), List.of(), null, null, Map.of(), Map.of());

    Facts withSalt(Ratio other) {
        return new Facts(other, fat, keeps, freezes, before, cannot, packs, chokes, drains, gives, weighs);
    }
}
