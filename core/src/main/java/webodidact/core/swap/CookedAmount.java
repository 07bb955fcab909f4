package webodidact.core.swap;

import java.util.Optional;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Unit;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Tins;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.FoodLine;

/** How much of the food that is really cooked with an amount of the recipe means. */
public final class CookedAmount {
    private CookedAmount() {}

    /**
     * The amount itself, or the chosen stand-in's amount for it.
     *
     * @param amount of the line, or a part of it; null stays null
     */
    public static Amount of(FoodLine line, Amount amount, Knowledge knowledge) {
        return amount == null || line.chosen() == null ? amount : of(line, amount, line.chosen(), knowledge);
    }

    /** The amount of {@code standIn} that stands in for an amount of the line; unchanged if the table has no such rule. */
    public static Amount of(FoodLine line, Amount amount, String standIn, Knowledge knowledge) {
        if (line.food() == null) return amount;
        return RuleTable.between(line.food(), standIn)
                .flatMap(r -> of(
                        r.howMuch(), line, amount, knowledge.food(line.food()).orElse(null)))
                .orElse(amount);
    }

    /** Empty where no density or piece weight stands between the two measures. */
    static Optional<Amount> of(SwapRule.HowMuch much, FoodLine line, Amount amount, Food food) {
        if (much.of() != null) {
            var share = Weighing.in(
                    amount, much.per().unit(), food, line.described(), MeasureSystem.METRIC, MeasureSystem.METRIC);
            return share.map(a -> new Amount(
                    much.of().low().times(a.low()).dividedBy(much.per().low()),
                    much.of().low().times(a.high()).dividedBy(much.per().low()),
                    much.of().unit(),
                    false));
        }
        if (!much.byVolume()) return Optional.of(weighed(line, amount, food).times(much.parts()));
        if (amount.unit().dimension() == Dimension.VOLUME) return Optional.of(amount.times(much.parts()));
        return Weighing.in(amount, Unit.TBSP, food, line.described(), MeasureSystem.METRIC, MeasureSystem.METRIC)
                .map(a -> a.times(much.parts()));
    }

    /** Counted things become grams: half an aubergine is no measure for courgettes. */
    static Amount weighed(FoodLine line, Amount exact, Food food) {
        if (exact.unit().dimension() != Dimension.COUNT || food == null) return exact;
        boolean sized = line.size() != null && line.size().unit() == Unit.G;
        var grams = sized
                ? (exact.unit() == Unit.TIN ? Tins.used(line.size(), food, line.described()) : line.size()).low()
                : food.weightOf(exact.unit(), line.described()).orElse(null);
        if (grams == null) return exact;
        return new Amount(exact.low().times(grams), exact.high().times(grams), Unit.G, true);
    }
}
