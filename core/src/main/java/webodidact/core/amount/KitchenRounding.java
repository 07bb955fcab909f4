package webodidact.core.amount;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import webodidact.core.memo.Remembered;

/**
 * The named last step: an exact amount becomes one that can be measured. Weights go to 5 g (1 g under 20 g), millilitres
 * alike; spoons and cups to measures that exist, compound when needed; counts to the part the thing allows.
 */
public final class KitchenRounding {
    /** A simpler measure is taken only if it is at most this far off; else a finer or compound one. */
    public static final Ratio TOLERANCE = Ratio.of(3, 100);
    /** A ratio between two amounts may be bent so far, relative; {@code docs/decisions.md}, “A rounding may bend”. */
    public static final Ratio RATIO = Ratio.of(3, 100);
    /** Nobody counts more level spoons than that without losing count: above it, cups and spoons, or millilitres. */
    private static final Ratio MOST_SPOONS = Ratio.of(12);
    /** On a list that is read in a shop and a kitchen. */
    private static final Ratio MOST_ON_A_LIST = Ratio.of(4);

    private static final List<Ratio> CUP_PARTS =
            List.of(Ratio.ZERO, Ratio.of(1, 4), Ratio.of(1, 3), Ratio.HALF, Ratio.of(2, 3), Ratio.of(3, 4), Ratio.ONE);

    /**
     * @param parts what to measure, largest first; never empty
     * @param error what is measured against what was meant, relative, with its sign; zero if exact
     */
    public record Rounded(List<Amount> parts, Ratio error) {
        public Rounded {
            parts = List.copyOf(parts);
        }

        /** All parts together, in the measure of the first. */
        public Amount measured(MeasureSystem system) {
            var sum = parts.getFirst();
            for (var part : parts.subList(1, parts.size())) sum = sum.plus(part, system);
            return sum;
        }

        /** Before the food's name: "½" garlic clove, not "½ clove" garlic clove, where the name ends with the measure. */
        public String text(String item) {
            var name = item.toLowerCase(Locale.ROOT);
            var unit = parts.getFirst().unit();
            boolean named = unit.dimension() == Dimension.COUNT && unit != Unit.PIECE && unit.endsName(name);
            return parts.size() == 1 && named
                    ? AmountText.of(
                            new Amount(parts.getFirst().low(), parts.getFirst().high(), Unit.PIECE, false))
                    : text();
        }

        /** "1¾ cups + 2 tbsp". */
        public String text() {
            return String.join(" + ", parts.stream().map(AmountText::of).toList());
        }
    }

    private KitchenRounding() {}

    /** Both ends of a range are rounded; the error told is the larger of the two. */
    public static Rounded round(Amount exact, MeasureSystem system) {
        return round(exact, system, TOLERANCE, MOST_SPOONS);
    }

    /** The same, with at most four spoons of a kind: cups where kitchens have them, else millilitres. */
    public static Rounded forList(Amount exact, MeasureSystem system) {
        return round(exact, system, TOLERANCE, MOST_ON_A_LIST);
    }

    /**
     * Amounts whose ratio makes the dish, as flour and fat: where rounding each on its own would bend a ratio between two of
     * them by more than {@link #RATIO}, the one that is further off is rounded more finely, as far as measures go.
     *
     * @return one for each amount, in their order
     */
    public static List<Rounded> together(List<Amount> exact, MeasureSystem system) {
        var rounded = new ArrayList<Rounded>();
        exact.forEach(a -> rounded.add(round(a, system)));
        var finest = new HashSet<Integer>();
        while (true) {
            var worst = worstPair(rounded, finest);
            if (worst < 0) return List.copyOf(rounded);
            var error = rounded.get(worst).error().abs();
            var finer = round(exact.get(worst), system, error.times(Ratio.HALF), MOST_SPOONS);
            if (!finer.error().abs().isLessThan(error)) finest.add(worst);
            else rounded.set(worst, finer);
        }
    }

    /** Of the two whose ratio is bent most, the one to refine; -1 if none is bent too far or all are as fine as can be. */
    private static int worstPair(List<Rounded> rounded, Set<Integer> finest) {
        for (int pass = 0; pass < 2; pass++) {
            int low = -1;
            int high = -1;
            for (int i = 0; i < rounded.size(); i++) {
                if (low < 0
                        || rounded.get(i).error().isLessThan(rounded.get(low).error())) low = i;
                if (high < 0
                        || rounded.get(i).error().isMoreThan(rounded.get(high).error())) high = i;
            }
            if (low < 0 || !bend(rounded.get(low), rounded.get(high)).isMoreThan(RATIO)) return -1;
            boolean lowWorse = rounded.get(low)
                    .error()
                    .abs()
                    .isMoreThan(rounded.get(high).error().abs());
            int first = lowWorse ? low : high;
            int second = lowWorse ? high : low;
            if (!finest.contains(first)) return first;
            if (!finest.contains(second) && !rounded.get(second).error().isZero()) return second;
        }
        return -1;
    }

    /** How much more the second is against the first than it should be. */
    static Ratio bend(Rounded less, Rounded more) {
        return Ratio.ONE
                .plus(more.error())
                .dividedBy(Ratio.ONE.plus(less.error()))
                .minus(Ratio.ONE);
    }

    private record Question(Amount exact, MeasureSystem system, Ratio tolerance, Ratio mostSpoons) {}

    private static final Remembered<Question, Rounded> ROUNDED = new Remembered<>(q -> work(q));

    private static Rounded round(Amount exact, MeasureSystem system, Ratio tolerance, Ratio mostSpoons) {
        return ROUNDED.of(new Question(exact, system, tolerance, mostSpoons));
    }

    private static Rounded work(Question asked) {
        var exact = asked.exact();
        if (!exact.isRange()) return single(exact, asked);
        var low = single(Amount.of(exact.low(), exact.unit()), asked);
        var high = single(Amount.of(exact.high(), exact.unit()), asked);
        var worse = low.error().abs().isMoreThan(high.error().abs()) ? low.error() : high.error();
        if (low.parts().size() > 1 || high.parts().size() > 1) return new Rounded(List.of(exact), Ratio.ZERO);
        var a = low.parts().getFirst();
        var b = high.parts().getFirst().in(a.unit(), asked.system());
        return new Rounded(List.of(new Amount(a.low(), b.high(), a.unit(), exact.approximate())), worse);
    }

    private static Rounded single(Amount exact, Question asked) {
        var system = asked.system();
        var tolerance = asked.tolerance();
        var value = exact.low();
        if (value.isZero()) return new Rounded(List.of(exact), Ratio.ZERO);
        return switch (exact.unit().measuredBy()) {
            case SCALE -> metric(exact, value, tolerance);
            case LARGE -> {
                var small = exact.in(exact.unit().dimension() == Dimension.MASS ? Unit.G : Unit.ML, system);
                yield value.isLessThan(Ratio.ONE) || exact.unit() == Unit.DL
                        ? metric(small, small.low(), tolerance)
                        : large(exact, small, tolerance);
            }
            case SPOONS -> spoons(exact, asked);
            case PART -> plain(exact, toPart(value, exact.unit()));
        };
    }

    private static Ratio toPart(Ratio value, Unit unit) {
        var part = unit.dimension() == Dimension.COUNT ? unit.smallestPart() : Ratio.of(1, 4);
        return value.toStep(part).max(part);
    }

    /** Kilograms and litres in steps of 50 g; where that is too coarse, grams. */
    private static Rounded large(Amount exact, Amount small, Ratio tolerance) {
        var near = plain(exact, exact.low().toStep(Ratio.of(1, 20)));
        return near.error().abs().isMoreThan(tolerance) ? metric(small, small.low(), tolerance) : near;
    }

    private static Rounded metric(Amount exact, Ratio value, Ratio tolerance) {
        var step = Ratio.of(value.isLessThan(Ratio.of(20)) ? 1 : 5);
        var near = value.toStep(step);
        if (off(near, value).abs().isMoreThan(tolerance)) near = value.toStep(Ratio.ONE);
        if (off(near, value).abs().isMoreThan(tolerance))
            near = value.toStep(value.isLessThan(Ratio.ONE) ? Ratio.of(1, 4) : Ratio.HALF);
        // A quarter of a gram of gelatine is a quarter: what is weighed is never rounded to nothing.
        if (near.isZero()) near = value.toStep(Ratio.of(1, 10));
        return plain(exact, near.isZero() ? value : near);
    }

    private static Rounded plain(Amount exact, Ratio shown) {
        return new Rounded(
                List.of(new Amount(shown, shown, exact.unit(), exact.approximate())), off(shown, exact.low()));
    }

    private static Ratio off(Ratio shown, Ratio exact) {
        return shown.minus(exact).dividedBy(exact);
    }

    private static Rounded spoons(Amount exact, Question asked) {
        var system = asked.system();
        var tolerance = asked.tolerance();
        var most = asked.mostSpoons();
        var tsp = Unit.TSP.base(system);
        var tbsp = Unit.TBSP.base(system);
        var cup = Unit.CUP.base(system);
        var ml = exact.low().times(exact.unit().base(system));
        boolean cupsAtHand = system == MeasureSystem.US || system == MeasureSystem.AU || exact.unit() == Unit.CUP;
        if (!cupsAtHand && most.equals(MOST_ON_A_LIST) && ml.dividedBy(tbsp).isMoreThan(most))
            return metric(Amount.of(ml, Unit.ML), ml, tolerance);
        var found = new ArrayList<Rounded>();
        var cups = toCups(ml.dividedBy(cup));
        if (!cups.isZero()) found.add(parts(ml, system, Amount.of(cups, Unit.CUP)));
        var tbsps = ml.dividedBy(tbsp).toStep(Ratio.HALF);
        if (!tbsps.isZero() && !tbsps.isMoreThan(most)) found.add(parts(ml, system, Amount.of(tbsps, Unit.TBSP)));
        var exactTsps = ml.dividedBy(tsp);
        // Below a quarter the pinch spoon of 1/8 is the finest there is.
        var tsps = exactTsps.isLessThan(Ratio.of(1, 4))
                ? exactTsps.toStep(Ratio.of(1, 8)).max(Ratio.of(1, 8))
                : exactTsps.toStep(Ratio.of(1, 4));
        if (tsps.isLessThan(tbsp.dividedBy(tsp))) found.add(parts(ml, system, Amount.of(tsps, Unit.TSP)));
        var whole = Ratio.of(ml.dividedBy(cup).floor());
        for (var part : CUP_PARTS) addCompound(found, ml, asked, whole.plus(part), Unit.CUP, Unit.TBSP, Ratio.HALF);
        addCompound(found, ml, asked, Ratio.of(ml.dividedBy(tbsp).floor()), Unit.TBSP, Unit.TSP, Ratio.of(1, 4));
        return found.stream()
                .filter(r -> !r.error().abs().isMoreThan(tolerance))
                .min(SIMPLEST)
                .orElseGet(() -> {
                    // Australian kitchens have millilitres besides their cups.
                    if (system == MeasureSystem.AU && most.equals(MOST_ON_A_LIST))
                        return metric(Amount.of(ml, Unit.ML), ml, tolerance);
                    return found.stream()
                            .min(Comparator.comparing(r -> r.error().abs()))
                            .orElseThrow();
                });
    }

    private static final Comparator<Rounded> SIMPLEST = Comparator.<Rounded>comparingInt(
                    r -> r.parts().size())
            .thenComparing(r -> r.error().abs())
            .thenComparing(r -> r.parts().getFirst().unit() == Unit.CUP
                    ? 0
                    : r.parts().getFirst().unit() == Unit.TBSP ? 1 : 2);

    private static void addCompound(
            List<Rounded> found, Ratio ml, Question asked, Ratio big, Unit unit, Unit small, Ratio step) {
        var system = asked.system();
        if (big.isZero() || unit == Unit.TBSP && big.isMoreThan(asked.mostSpoons())) return;
        var left = ml.minus(big.times(unit.base(system)));
        var rest = left.dividedBy(small.base(system)).toStep(step);
        if (!rest.isMoreThan(Ratio.ZERO) || unit == Unit.CUP && rest.isMoreThan(MOST_ON_A_LIST)) return;
        found.add(parts(ml, system, Amount.of(big, unit), Amount.of(rest, small)));
    }

    private static Rounded parts(Ratio ml, MeasureSystem system, Amount... parts) {
        var sum = Ratio.ZERO;
        for (var part : parts) sum = sum.plus(part.low().times(part.unit().base(system)));
        return new Rounded(List.of(parts), off(sum, ml));
    }

    private static Ratio toCups(Ratio cups) {
        var whole = Ratio.of(cups.floor());
        var rest = cups.minus(whole);
        var part = CUP_PARTS.stream()
                .min(Comparator.comparing(p -> p.minus(rest).abs()))
                .orElseThrow();
        return whole.plus(part);
    }
}
