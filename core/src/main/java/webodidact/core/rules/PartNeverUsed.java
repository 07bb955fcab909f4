package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.script.Draws;

/** The list has more of something than the steps take. */
final class PartNeverUsed implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        return s.draws().values().stream()
                .filter(l -> l.unused() != null && l.line().plan().isBlank())
                // "A squeeze of lime": how much of it is left nobody knows.
                .filter(l -> l.draws().stream()
                        .noneMatch(d -> d.taken() != null && d.taken().approximate()))
                .map(l -> finding(s, l));
    }

    private Finding finding(Situation s, Draws.Line draws) {
        var line = draws.line();
        var last = draws.draws().getLast();
        var used = new Amount(
                line.amount().low().minus(draws.unused().low()),
                line.amount().low().minus(draws.unused().low()),
                line.amount().unit(),
                line.amount().approximate());
        return at(s, last.step(), UsedMoreThanListed.shown(s, draws.unused()), line.item())
                .mending(
                        mend("rest", Operations.taking(last.step(), line.id(), null), last.number()),
                        mend("list", Operations.amount(line.id(), used), UsedMoreThanListed.shown(s, used)));
    }
}
