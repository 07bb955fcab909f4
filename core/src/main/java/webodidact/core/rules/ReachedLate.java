package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.time.Clock;

/** A step that is to be reached by a time is reached after it. */
final class ReachedLate implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        return s.schedule().steps().stream()
                .filter(p ->
                        p.step().reachBy() > 0 && p.span().start() > p.step().reachBy())
                .map(p -> at(
                                s,
                                p.step().id(),
                                p.number(),
                                Clock.text(p.step().reachBy()),
                                Clock.text(p.span().start()),
                                Clock.text(p.span().start() - p.step().reachBy()))
                        .mending(mend(
                                "by",
                                Operations.reachBy(p.step().id(), p.span().start()),
                                Clock.text(p.span().start()))));
    }
}
