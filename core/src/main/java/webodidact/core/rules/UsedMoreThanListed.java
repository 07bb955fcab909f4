package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Scaling;
import webodidact.core.script.Draws;

/** The steps take more of something than the gather list has. */
final class UsedMoreThanListed implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        return s.draws().values().stream().filter(l -> l.over() != null).map(l -> finding(s, l));
    }

    private Finding finding(Situation s, Draws.Line draws) {
        var line = draws.line();
        var takers = draws.draws().stream()
                .filter(d -> d.taken() != null && !d.rest())
                .toList();
        var needed = line.amount().plus(draws.over(), s.course().house());
        var text = shown(s, needed);
        return at(
                        s,
                        takers.getLast().step(),
                        takers.size(),
                        takers.stream().map(Draws.Draw::number).toList(),
                        text,
                        line.item(),
                        shown(s, line.amount()),
                        takers.getLast().number())
                .mending(mend("list", Operations.amount(line.id(), needed), text));
    }

    static String shown(Situation s, Amount amount) {
        return KitchenRounding.round(
                        amount.times(Scaling.forHome(s.lesson())), s.course().house())
                .text();
    }
}
