package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.food.Equivalence;
import webodidact.core.lesson.FoodLine;

/** Two measures stated side by side ("half a pint, 250 ml") are the same amount. */
final class EquivalenceWrong implements Check {
    @Override
    public String id() {
        return "equivalence-wrong";
    }

    @Override
    public String summary() {
        return "Two measures of one thing agree";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        return s.lesson().foods().stream().filter(f -> f.amount() != null && f.also() != null).flatMap(line -> {
            var food = s.knowledge().food(line.food()).orElse(null);
            var checked = Equivalence.of(line.amount(), line.also(), food, line.form(), s.course().house());
            return checked instanceof Equivalence.Wrong wrong ? Stream.of(finding(s, line, wrong)) : Stream.empty();
        });
    }

    private Finding finding(Situation s, FoodLine line, Equivalence.Wrong wrong) {
        var right = shown(s, wrong.right());
        var first = AmountText.of(line.amount());
        var second = AmountText.of(line.also());
        return at(s, line.id(), "“" + line.item() + "”: " + first + " is " + right + ", not " + second + ".",
                "Homes that use the other measure cook another dish: " + wrong.off().times(100).nearest() + " % apart, "
                        + wrong.allowed().times(100).nearest() + " % is usual.",
                new Mend("Keep " + first, l -> l.withFood(line.id(), f -> f.but(d -> d.also = null))),
                new Mend("Keep " + second, l -> l.withFood(line.id(), f -> f.but(d -> {
                    d.amount = line.also();
                    d.also = null;
                }))));
    }

    private static String shown(Situation s, Amount amount) {
        return KitchenRounding.round(amount, s.course().house()).text();
    }
}
