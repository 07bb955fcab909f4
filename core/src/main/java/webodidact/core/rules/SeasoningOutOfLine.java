package webodidact.core.rules;

import java.util.List;
import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.food.Group;
import webodidact.core.lesson.FoodLine;

/** One seasoning far out of line with its neighbours (1, 1, 2 and 6 tsp): a slip of the pen, or meant? */
final class SeasoningOutOfLine implements Check {
    /** More than three times the middle one of the others. */
    private static final int FAR = 3;

    private static final int NEIGHBOURS = 3;

    private record Spoon(FoodLine line, Ratio ml) {}

    @Override
    public Stream<Finding> find(Situation s) {
        var spoons = s.lesson().foods().stream()
                .filter(f -> isSeasoning(s, f))
                .map(f ->
                        new Spoon(f, f.amount().in(Unit.ML, s.course().house()).low()))
                .toList();
        return spoons.stream().filter(one -> isFar(one, spoons)).map(one -> finding(s, one, spoons));
    }

    private static boolean isSeasoning(Situation s, FoodLine line) {
        return line.amount() != null
                && line.amount().unit().dimension() == Dimension.VOLUME
                && line.note().isEmpty()
                && s.knowledge()
                        .food(line.food())
                        .map(f -> f.group() == Group.SEASONING)
                        .orElse(false);
    }

    private static boolean isFar(Spoon one, List<Spoon> all) {
        var others = all.stream().filter(o -> o != one).map(Spoon::ml).sorted().toList();
        return others.size() >= NEIGHBOURS && one.ml().isMoreThan(middle(others).times(FAR));
    }

    private static Ratio middle(List<Ratio> sorted) {
        return sorted.get((sorted.size() - 1) / 2);
    }

    private Finding finding(Situation s, Spoon one, List<Spoon> all) {
        var middle = middle(
                all.stream().filter(o -> o != one).map(Spoon::ml).sorted().toList());
        var usual = Amount.of(middle.dividedBy(Unit.TSP.base(s.course().house())), Unit.TSP);
        return about(
                        new About.OfFood(one.line().id()),
                        0,
                        one.line().item(),
                        AmountText.of(one.line().amount()),
                        AmountText.of(usual))
                .mending(
                        mend("make", Operations.amount(one.line().id(), usual), AmountText.of(usual)),
                        mend(
                                "meant",
                                Operations.note(
                                        one.line().id(), CheckTable.words().say("as-it-says"))));
    }
}
