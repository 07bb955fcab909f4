package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.time.Clock;

/** A step that is to be reached by a time is reached after it. */
final class ReachedLate implements Check {
    @Override
    public String id() {
        return "reached-late";
    }

    @Override
    public String summary() {
        return "A step with a hit time is reached by it";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        return s.schedule().steps().stream().filter(p -> p.step().reachBy() > 0 && p.span().start() > p.step().reachBy()).map(p -> at(s, p.step().id(),
                "Step " + p.number() + " is to be reached by " + Clock.text(p.step().reachBy()) + " and is reached at " + Clock.text(p.span().start()) + ".",
                "What is before it takes " + Clock.text(p.span().start() - p.step().reachBy()) + " too long.",
                new Mend("Reach it by " + Clock.text(p.span().start()), l -> l.withStep(p.step().id(), x -> x.but(d -> d.reachBy = p.span().start())))));
    }
}
