package webodidact.core.rules;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.FoodLine;

/** One lesson that means two sizes of tablespoon, cup or pint. */
final class MeasuresMixed implements Check {
    /** 15 ml and 14.79 ml are one spoon to a cook; 15 and 20 are not. */
    private static final Ratio SAME = Ratio.of(3, 100);

    private record Meant(FoodLine line, Unit unit, Ratio size, Set<MeasureSystem> systems) {}

    @Override
    public Stream<Finding> find(Situation s) {
        var meant = s.lesson().foods().stream().flatMap(MeasuresMixed::meant).toList();
        var found = new ArrayList<Finding>();
        for (var unit : Unit.all()) {
            var of = meant.stream()
                    .filter(m -> m.unit() == unit && !m.systems().isEmpty())
                    .toList();
            for (int i = 1; i < of.size(); i++) {
                if (Collections.disjoint(of.getFirst().systems(), of.get(i).systems())) {
                    found.add(finding(s, of.getFirst(), of.get(i)));
                    break;
                }
            }
        }
        return found.stream();
    }

    /** What a line that states both a spoon and millilitres takes the spoon for. */
    private static Stream<Meant> meant(FoodLine line) {
        if (line.amount() == null || line.also() == null) return Stream.empty();
        return Stream.of(List.of(line.amount(), line.also()), List.of(line.also(), line.amount()))
                .filter(p -> p.getFirst().unit().isRegional()
                        && isMetric(p.get(1))
                        && p.getFirst().low().isMoreThan(Ratio.ZERO))
                .map(p -> meant(line, p.getFirst(), p.get(1)));
    }

    private static boolean isMetric(Amount amount) {
        return amount.unit().dimension() == Dimension.VOLUME && !amount.unit().isRegional();
    }

    private static Meant meant(FoodLine line, Amount regional, Amount metric) {
        var size = metric.in(Unit.ML, MeasureSystem.METRIC).low().dividedBy(regional.low());
        var systems = EnumSet.noneOf(MeasureSystem.class);
        for (var system : MeasureSystem.values()) {
            var off = regional.unit().base(system).minus(size).abs().dividedBy(size);
            if (!off.isMoreThan(SAME)) systems.add(system);
        }
        return new Meant(line, regional.unit(), size, systems);
    }

    private Finding finding(Situation s, Meant first, Meant other) {
        var house = s.course().house();
        var right = Amount.of(other.unit().base(house).times(Ratio.of(1)), Unit.ML);
        var line = other.line();
        boolean spoons = line.amount().unit().isRegional();
        return about(
                        new About.OfFood(line.id()),
                        0,
                        line.item(),
                        other.unit().symbol(),
                        ml(other.size()),
                        first.line().item(),
                        ml(first.size()),
                        ml(right.low()))
                .mending(
                        mend(
                                "spoon",
                                Operations.amount(line.id(), spoons ? line.amount() : line.also()),
                                other.unit().symbol()),
                        mend("metric", Operations.amount(line.id(), spoons ? line.also() : line.amount())));
    }

    private static String ml(Ratio size) {
        return AmountText.number(size.toStep(Ratio.of(1, 10))) + " ml";
    }
}
