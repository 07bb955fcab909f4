package webodidact.core.list;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.food.Food;
import webodidact.core.food.Tins;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.money.Price;

/** Which pack to buy for a need, and what it costs: the best price by weight and the least to pay can be different ones. */
public record Buying(Price pack, long packs, Ratio outlay, Ratio used, Amount left, Price cheapestByWeight) {
    /**
     * @param outlay price of the whole packs, in the smallest coin
     * @param used exact worth of what is used, in the smallest coin
     * @param left what is over, in the pack's own measure
     * @param cheapestByWeight the pack with the lowest price for the same weight; another than {@code pack} where they disagree
     */
    public Buying {}

    public boolean isDisagreeing() {
        return !pack.equals(cheapestByWeight);
    }

    /** Packs of that food: those with a price, else the usual ones of the table without. */
    static List<Price> packs(Food food, Course course) {
        var priced =
                course.prices().stream().filter(p -> p.food().equals(food.id())).toList();
        return priced.isEmpty()
                ? food.facts().packs().stream()
                        .map(p -> new Price(food.id(), p.name(), p.holds(), 0))
                        .toList()
                : priced;
    }

    /** The pack that costs least to buy for the need; where no price is known, the one that leaves least. */
    static Optional<Price> best(Amount exact, Food food, FoodLine line, Course course) {
        return of(exact, food, line, course).map(Buying::pack);
    }

    /** Empty where no pack is known, or none can be compared with the need. */
    public static Optional<Buying> of(Amount exact, Food food, FoodLine line, Course course) {
        if (exact == null || food == null) return Optional.empty();
        var all = new ArrayList<Buying>();
        for (var price : packs(food, course)) {
            // Different packs of one food may be told in grams and in millilitres.
            needed(exact, price.holds(), food, line, course).ifPresent(need -> all.add(of(need, price)));
        }
        if (all.isEmpty()) return Optional.empty();
        var best = all.stream()
                .min(Comparator.comparing(Buying::outlay).thenComparing(b -> b.left.low()))
                .orElseThrow();
        // The same need costs in proportion to the price by weight.
        var byWeight = all.stream().min(Comparator.comparing(Buying::used)).orElseThrow();
        return Optional.of(new Buying(
                best.pack,
                best.packs,
                best.outlay,
                best.used,
                best.left,
                best.used.equals(byWeight.used) ? best.pack : byWeight.pack));
    }

    private static Optional<Ratio> needed(Amount exact, Amount holds, Food food, FoodLine line, Course course) {
        if (line.size() != null
                && exact.unit().dimension() == Dimension.COUNT
                && line.size().unit().convertsTo(holds.unit())) {
            // A tin of 400 g is one of the 240 g that are left of it.
            var size = exact.unit() == Unit.TIN ? Tins.drained(line.size(), food) : line.size();
            return Optional.of(size.in(holds.unit(), course.house()).low().times(exact.high()));
        }
        return Weighing.in(exact, holds.unit(), food, line.described(), course.house(), course.house())
                .map(Amount::high);
    }

    private static Buying of(Ratio need, Price price) {
        var holds = price.holds().low();
        long packs = Math.max(1, need.dividedBy(holds).ceiling());
        return new Buying(
                price,
                packs,
                Ratio.of(packs).times(price.coins()),
                need.dividedBy(holds).times(price.coins()),
                Amount.of(holds.times(packs).minus(need), price.holds().unit()),
                price);
    }
}
