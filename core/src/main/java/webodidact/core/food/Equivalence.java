package webodidact.core.food;

import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;

/** Two measures of the same thing, stated side by side: do they agree? */
public sealed interface Equivalence {
    /** Between two exact measures of one kind, relative; {@code docs/decisions.md}, “Stated measures may differ”. */
    Ratio EXACT = Ratio.of(5, 100);
    /** Where a piece weight or a density stands between them: those are weighed, and vary. */
    Ratio WEIGHED = Ratio.of(15, 100);
    /** Where one is a number of pieces: fish, fowl and fruit come in sizes. */
    Ratio PIECES = Ratio.of(40, 100);
    /** Where one is a pinch or a handful. */
    Ratio INFORMAL = Ratio.of(25, 100);

    record Agrees() implements Equivalence {}

    /** No density or piece weight is known: nobody can say. */
    record Unknown() implements Equivalence {}

    /**
     * @param right what the first measure is, in the unit of the second
     * @param off how far the stated one is from it, relative, always positive
     */
    record Wrong(Amount right, Ratio off, Ratio allowed) implements Equivalence {}

    /** @param system whose spoons, cups and pints both are in */
    static Equivalence of(Amount first, Amount second, Food food, String form, MeasureSystem system) {
        var right = Weighing.in(first, second.unit(), food, form, system, system);
        if (right.isEmpty() || right.get().low().isZero()) return new Unknown();
        var allowed = allowed(first, second);
        var off = gap(right.get(), second);
        return off.isMoreThan(allowed) ? new Wrong(right.get(), off, allowed) : new Agrees();
    }

    private static Ratio allowed(Amount first, Amount second) {
        if (first.unit().dimension() == Dimension.INFORMAL || second.unit().dimension() == Dimension.INFORMAL)
            return INFORMAL;
        // "A whole chicken, about four pounds": how big a piece is says its weight, and not the other way round.
        boolean pieces = first.unit() == Unit.PIECE || second.unit() == Unit.PIECE;
        boolean weighed =
                first.unit().dimension() == Dimension.MASS || second.unit().dimension() == Dimension.MASS;
        if (pieces && weighed) return PIECES;
        return first.unit().dimension() == second.unit().dimension() ? EXACT : WEIGHED;
    }

    /** The distance between both, zero where ranges touch. */
    private static Ratio gap(Amount right, Amount stated) {
        if (!stated.low().isMoreThan(right.high()) && !right.low().isMoreThan(stated.high())) return Ratio.ZERO;
        return stated.low().isMoreThan(right.high())
                ? stated.low().minus(right.high()).dividedBy(right.high())
                : right.low().minus(stated.high()).dividedBy(right.low());
    }
}
