package webodidact.core.rules;

import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.FoodLine;
import webodidact.core.reading.AmountReader;
import webodidact.core.script.Phrase;

/** Cubes against water: twice the cubes is a brine, half of them is dishwater. */
final class StockOutOfStrength implements Check {
    /** Millilitres for one cube, as the makers of 10 g cubes print it: 450 to 500. Packets differ. */
    private static final Ratio PER_CUBE = Ratio.of(500);

    @Override
    public Stream<Finding> find(Situation s) {
        var cubes = s.lesson().foods().stream()
                .filter(f -> f.cooked() != null
                        && f.cooked().endsWith("stock-cube")
                        && f.amount() != null
                        && f.amount().unit() == Unit.PIECE
                        && !f.amount().low().isZero())
                .toList();
        var water = s.lesson().foods().stream()
                .filter(f -> f.amount() != null
                        && f.amount().unit().dimension() == Dimension.VOLUME
                        && s.knowledge()
                                .food(f.cooked())
                                .map(x -> x.shelf() == Shelf.TAP)
                                .orElse(false))
                .map(f -> f.amount().in(Unit.ML, s.course().house()).low())
                .reduce(Ratio.ZERO, Ratio::plus);
        if (cubes.size() != 1) return Stream.empty();
        if (water.isZero()) water = said(s);
        if (water.isZero()) return Stream.empty();
        var right = water.dividedBy(PER_CUBE);
        var ratio = cubes.getFirst().amount().low().dividedBy(right);
        if (!ratio.isMoreThan(Ratio.of(3, 2)) && !ratio.isLessThan(Ratio.of(2, 3))) return Stream.empty();
        return Stream.of(
                finding(s, cubes.getFirst(), water, right.toStep(Ratio.HALF).max(Ratio.HALF), ratio));
    }

    private static final String VOLUME =
            "(?:\\d+|half an?|an?|\\p{L}+(?:[- ]hundred(?: and \\p{L}+(?:[- ]\\p{L}+)?)?)?) ?(?:ml|mils?|millilit(?:re|er)s?|lit(?:re|er)s?)\\b";
    private static final Phrase IN_WATER = Phrase.of(
            "cubes?\\b[^.!?]{0,40}?\\b(?:in|into|with|to) (?:about )?" + VOLUME,
            "cubes?\\b[^.!?]{0,60}?\\bwater,? (?:and )?(?:that's |so |say )?(?:about |around )?" + VOLUME);
    private static final Pattern AT_THE_END = Pattern.compile(VOLUME + "$", Pattern.CASE_INSENSITIVE);

    /** Millilitres that the cubes are stirred into, where water is no line of the list; all cubes are said to go in once. */
    private static Ratio said(Situation s) {
        var all = s.told().meant(IN_WATER).toList();
        if (all.size() != 1) return Ratio.ZERO;
        var figure = AT_THE_END.matcher(all.getFirst().words());
        if (!figure.find()) return Ratio.ZERO;
        return AmountReader.start(figure.group())
                .map(AmountReader.Start::amount)
                .filter(a -> a.unit().dimension() == Dimension.VOLUME)
                .map(a -> a.in(Unit.ML, s.course().house()).low())
                .orElse(Ratio.ZERO);
    }

    private Finding finding(Situation s, FoodLine line, Ratio water, Ratio right, Ratio ratio) {
        boolean several = line.amount().low().isMoreThan(Ratio.ONE);
        return about(
                        new About.OfFood(line.id()),
                        0,
                        AmountText.of(line.amount()),
                        several ? 2 : 1,
                        water.nearest(),
                        AmountText.number(right))
                .as(ratio.isMoreThan(Ratio.ONE) ? "strong" : "weak")
                .mending(mend(
                        "make", Operations.amount(line.id(), Amount.of(right, Unit.PIECE)), AmountText.number(right)));
    }
}
