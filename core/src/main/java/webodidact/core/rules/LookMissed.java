package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Look;
import webodidact.core.time.Clock;
import webodidact.core.timing.Placed;

/** Something is to be turned or tested while a step runs that leaves no moment for it. */
final class LookMissed implements Check {
    @Override
    public String id() {
        return "look-missed";
    }

    @Override
    public String summary() {
        return "What is to be turned or tested within a wait has a moment between two steps";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        return s.schedule().steps().stream().filter(p -> p.waiting() != null)
                .flatMap(p -> p.waiting().looks().stream().filter(Placed.Due::isMissed).map(due -> finding(s, p, due)));
    }

    private Finding finding(Situation s, Placed placed, Placed.Due due) {
        int off = Math.max(due.early(), due.late());
        var where = due.number() == 0 ? "at the end" : "before step " + due.number();
        int other = due.look().at() + (due.early() > 0 ? -due.early() : due.late());
        var step = placed.step();
        var mends = other <= 0 || step.waiting().rounds() != null ? new Mend[0] : new Mend[] {new Mend("Do it at " + Clock.text(other) + " instead", l -> l.withStep(step.id(), x -> x.but(d ->
                d.waiting = x.waiting().looking(x.waiting().looks().stream().map(k -> k.equals(due.look()) ? new Look(other, k.what()) : k).toList()))))};
        return at(s, step.id(), "“" + due.look().what() + "” of step " + placed.number() + " is due at " + Clock.text(due.moment()) + "; the next free moment is " + where + ", "
                + Clock.text(off) + (due.early() > 0 ? " too early." : " too late."), "The step that runs then leaves no hand for it.", mends);
    }
}
