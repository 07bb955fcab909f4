package webodidact.core.rules;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Scaling;
import webodidact.core.script.Draws;

/** The steps take more of something than the gather list has. */
final class UsedMoreThanListed implements Check {
    @Override
    public String id() {
        return "used-more-than-listed";
    }

    @Override
    public String summary() {
        return "The steps take no more than the list has";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        return s.draws().values().stream().filter(l -> l.over() != null).map(l -> finding(s, l));
    }

    private Finding finding(Situation s, Draws.Line draws) {
        var line = draws.line();
        var takers = draws.draws().stream().filter(d -> d.taken() != null && !d.rest()).toList();
        var needed = line.amount().plus(draws.over(), s.course().house());
        var steps = takers.stream().map(d -> String.valueOf(d.number())).collect(Collectors.joining(", "));
        var text = shown(s, needed);
        return at(s, takers.getLast().step(), (takers.size() == 1 ? "Step " : "Steps ") + steps + " take" + (takers.size() == 1 ? "s " : " ") + text + " of “" + line.item() + "”; the list has "
                        + shown(s, line.amount()) + ".", "Homes run out in step " + takers.getLast().number() + ".",
                new Mend("List " + text, l -> l.withFood(line.id(), f -> f.but(d -> {
                    d.amount = needed;
                    d.also = null;
                }))));
    }

    static String shown(Situation s, Amount amount) {
        return KitchenRounding.round(amount.times(Scaling.forHome(s.lesson())), s.course().house()).text();
    }
}
