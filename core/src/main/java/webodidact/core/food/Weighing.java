package webodidact.core.food;

import java.util.Optional;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;

/** From one kind of measure to another through what is known of a food; empty where nobody knows, never a guess. */
public final class Weighing {
    private Weighing() {}

    /** The amount in {@code target}, through density, piece weight or the usual size of an informal measure. */
    public static Optional<Amount> in(
            Amount amount, Unit target, Food food, String form, MeasureSystem from, MeasureSystem to) {
        if (amount.unit().convertsTo(target)) return Optional.of(amount.in(target, from, to));
        var grams = grams(amount, food, form, from);
        if (grams.isEmpty()) return Optional.empty();
        return switch (target.dimension()) {
            case MASS -> Optional.of(scaled(amount, grams.get(), Unit.G).in(target, to));
            case VOLUME ->
                density(food, form)
                        .map(d -> scaled(amount, grams.get().dividedBy(d), Unit.ML)
                                .in(target, to));
            case COUNT ->
                food == null
                        ? Optional.empty()
                        : food.weightOf(target, form)
                                .map(w -> scaled(amount, grams.get().dividedBy(w), target));
            case LENGTH, INFORMAL -> Optional.empty();
        };
    }

    private static Optional<Ratio> density(Food food, String form) {
        return food == null ? Optional.empty() : food.densityIn(form);
    }

    /** Grams of the low end. */
    private static Optional<Ratio> grams(Amount amount, Food food, String form, MeasureSystem system) {
        return switch (amount.unit().dimension()) {
            case MASS -> Optional.of(amount.in(Unit.G, system).low());
            case VOLUME ->
                density(food, form).map(d -> amount.in(Unit.ML, system).low().times(d));
            case COUNT ->
                food == null
                        ? Optional.empty()
                        : food.weightOf(amount.unit(), form)
                                .map(w -> amount.low().times(w));
            case INFORMAL -> grams(amount.unit().usualSize().times(amount.low()), food, form, system);
            case LENGTH -> Optional.empty();
        };
    }

    /** Both ends of {@code amount}, whose low end is {@code low} of {@code unit}. */
    private static Amount scaled(Amount amount, Ratio low, Unit unit) {
        var high = amount.low().isZero() ? low : low.times(amount.high()).dividedBy(amount.low());
        boolean about = amount.approximate()
                || amount.unit().dimension() != Dimension.MASS && amount.unit().dimension() != unit.dimension();
        return new Amount(low, high, unit, about);
    }
}
