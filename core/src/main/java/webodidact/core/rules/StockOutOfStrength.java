package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.FoodLine;

/** Cubes against water: twice the cubes is a brine, half of them is dishwater. */
final class StockOutOfStrength implements Check {
    /** Millilitres for one cube, as the makers of 10 g cubes print it: 450 to 500. Packets differ. */
    private static final Ratio PER_CUBE = Ratio.of(500);

    @Override
    public String id() {
        return "stock-out-of-strength";
    }

    @Override
    public String summary() {
        return "A stock cube has about half a litre of water";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        var cubes = s.lesson().foods().stream().filter(f -> "stock-cube".equals(f.cooked()) && f.amount() != null && f.amount().unit() == Unit.PIECE && !f.amount().low().isZero()).toList();
        var water = s.lesson().foods().stream().filter(f -> f.amount() != null && f.amount().unit().dimension() == Dimension.VOLUME
                && s.knowledge().food(f.cooked()).map(x -> x.shelf() == Shelf.TAP).orElse(false)).map(f -> f.amount().in(Unit.ML, s.course().house()).low()).reduce(Ratio.ZERO, Ratio::plus);
        if (cubes.size() != 1 || water.isZero()) return Stream.empty();
        var right = water.dividedBy(PER_CUBE);
        var ratio = cubes.getFirst().amount().low().dividedBy(right);
        if (!ratio.isMoreThan(Ratio.of(3, 2)) && !ratio.isLessThan(Ratio.of(2, 3))) return Stream.empty();
        return Stream.of(finding(s, cubes.getFirst(), water, right.toStep(Ratio.HALF).max(Ratio.HALF), ratio));
    }

    private Finding finding(Situation s, FoodLine line, Ratio water, Ratio right, Ratio ratio) {
        var is = AmountText.of(line.amount());
        return at(s, line.id(), is + " stock cube" + (line.amount().low().isMoreThan(Ratio.ONE) ? "s" : "") + " in " + water.nearest() + " ml: " + (ratio.isMoreThan(Ratio.ONE) ? "too strong" : "too weak")
                + ", " + AmountText.number(right) + " would do.", "Usual is one to half a litre; the packet decides.",
                new Mend("Make it " + AmountText.number(right), l -> l.withFood(line.id(), f -> f.but(d -> d.amount = Amount.of(right, Unit.PIECE)))));
    }
}
