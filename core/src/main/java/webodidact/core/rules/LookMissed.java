package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Look;
import webodidact.core.time.Clock;
import webodidact.core.timing.Placed;

/** Something is to be turned or tested while a step runs that leaves no moment for it. */
final class LookMissed implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        return s.schedule().steps().stream()
                .filter(p -> p.waiting() != null)
                .flatMap(p -> p.waiting().looks().stream()
                        .filter(Placed.Due::isMissed)
                        .map(due -> finding(s, p, due)));
    }

    private Finding finding(Situation s, Placed placed, Placed.Due due) {
        int off = Math.max(due.early(), due.late());
        int other = due.look().at() + (due.early() > 0 ? -due.early() : due.late());
        var step = placed.step();
        var mends = other <= 0 || step.waiting().rounds() != null
                ? new Mend[0]
                : new Mend[] {
                    mend(
                            "move",
                            Operations.waiting(
                                    step.id(),
                                    w -> w.looking(w.looks().stream()
                                            .map(k -> k.equals(due.look()) ? new Look(other, k.what()) : k)
                                            .toList())),
                            Clock.text(other))
                };
        return at(
                        s,
                        step.id(),
                        due.look().what(),
                        placed.number(),
                        Clock.text(due.moment()),
                        due.number(),
                        Clock.text(off))
                .as(due.early() > 0 ? "early" : "late")
                .mending(mends);
    }
}
