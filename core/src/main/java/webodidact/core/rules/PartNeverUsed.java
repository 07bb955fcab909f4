package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Use;
import webodidact.core.script.Draws;

/** The list has more of something than the steps take. */
final class PartNeverUsed implements Check {
    @Override
    public String id() {
        return "part-never-used";
    }

    @Override
    public String summary() {
        return "What is listed is used up, or its rest has a plan";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        return s.draws().values().stream().filter(l -> l.unused() != null && l.line().plan().isBlank()).map(l -> finding(s, l));
    }

    private Finding finding(Situation s, Draws.Line draws) {
        var line = draws.line();
        var last = draws.draws().getLast();
        var used = new webodidact.core.amount.Amount(line.amount().low().minus(draws.unused().low()), line.amount().low().minus(draws.unused().low()), line.amount().unit(), line.amount().approximate());
        return at(s, last.step(), UsedMoreThanListed.shown(s, draws.unused()) + " of “" + line.item() + "” is never used.", "Every home has it left over, or wonders when it comes.",
                new Mend("Step " + last.number() + " takes the rest", l -> l.withStep(last.step(), x -> x.but(d -> d.uses = x.uses().stream()
                        .map(u -> u.line().equals(line.id()) ? new Use(u.line(), null) : u).toList()))),
                new Mend("List " + UsedMoreThanListed.shown(s, used), l -> l.withFood(line.id(), f -> f.but(d -> {
                    d.amount = used;
                    d.also = null;
                }))));
    }
}
