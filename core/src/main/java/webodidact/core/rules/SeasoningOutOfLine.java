package webodidact.core.rules;

import java.util.List;
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
import webodidact.core.lesson.FoodLine;

/** One seasoning far out of line with its neighbours (1, 1, 2 and 6 tsp): a slip of the pen, or meant? */
final class SeasoningOutOfLine implements Check {
    /** More than three times the middle one of the others. */
    private static final int FAR = 3;
    private static final int NEIGHBOURS = 3;

    private record Spoon(FoodLine line, Ratio ml) {}

    @Override
    public String id() {
        return "seasoning-out-of-line";
    }

    @Override
    public String summary() {
        return "Seasonings are of the same order";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        var spoons = s.lesson().foods().stream().filter(f -> isSeasoning(s, f)).map(f -> new Spoon(f, f.amount().in(Unit.ML, s.course().house()).low())).toList();
        return spoons.stream().filter(one -> isFar(one, spoons)).map(one -> finding(s, one, spoons));
    }

    private static boolean isSeasoning(Situation s, FoodLine line) {
        return line.amount() != null && line.amount().unit().dimension() == Dimension.VOLUME && line.note().isEmpty()
                && s.knowledge().food(line.food()).map(f -> f.group().equals("seasoning")).orElse(false);
    }

    private static boolean isFar(Spoon one, List<Spoon> all) {
        var others = all.stream().filter(o -> o != one).map(Spoon::ml).sorted().toList();
        return others.size() >= NEIGHBOURS && one.ml().isMoreThan(middle(others).times(FAR));
    }

    private static Ratio middle(List<Ratio> sorted) {
        return sorted.get((sorted.size() - 1) / 2);
    }

    private Finding finding(Situation s, Spoon one, List<Spoon> all) {
        var middle = middle(all.stream().filter(o -> o != one).map(Spoon::ml).sorted().toList());
        var usual = Amount.of(middle.dividedBy(Unit.TSP.base(s.course().house())), Unit.TSP);
        return at(s, one.line().id(), "“" + one.line().item() + "”: " + AmountText.of(one.line().amount()) + ", where the other seasonings are about " + AmountText.of(usual) + ".",
                "One figure or one unit may have slipped.",
                new Mend("Make it " + AmountText.of(usual), l -> l.withFood(one.line().id(), f -> f.but(d -> d.amount = usual))),
                new Mend("It is meant", l -> l.withFood(one.line().id(), f -> f.but(d -> d.note = "as much as it says"))));
    }
}
