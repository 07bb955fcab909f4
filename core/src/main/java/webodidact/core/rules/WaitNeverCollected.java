package webodidact.core.rules;

import java.util.List;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Cover;
import webodidact.core.timing.CoverOptions;
import webodidact.core.timing.Placed;

final class WaitNeverCollected implements Check {
    @Override
    public String id() {
        return "wait-never-collected";
    }

    @Override
    public String summary() {
        return "What is left to cook or rest is collected in a later step";
    }

    @Override
    public Severity severity() {
        return Severity.STOP;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        return s.schedule().steps().stream().filter(p -> p.waiting() != null && p.waiting().isOpen()).map(p -> finding(s, p));
    }

    private Finding finding(Situation s, Placed placed) {
        var step = placed.step();
        var what = step.waiting().what().isBlank() ? "The wait" : "What " + step.waiting().what();
        var pace = s.pace();
        var collect = CoverOptions.bestCollector(s.lesson(), step, pace);
        var stay = new Mend("Stay with it", l -> l.withStep(step.id(), x -> x.but(d -> d.waiting = x.waiting().covered(Cover.STAY))));
        var mends = collect.isEmpty() ? List.of(stay) : List.of(new Mend("Collect it in step " + (s.lesson().indexOf(collect) + 1),
                l -> l.withStep(step.id(), x -> x.but(d -> d.waiting = x.waiting().covered(new Cover.CarryOn(collect))))), stay);
        return at(s, step.id(), what + " in step " + placed.number() + " is never collected.",
                "It is left for " + step.waiting().time().text() + " and nobody comes back: it burns, dries out or is forgotten.",
                mends.toArray(Mend[]::new));
    }
}
