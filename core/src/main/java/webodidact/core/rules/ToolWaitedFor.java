package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.list.Sharing;
import webodidact.core.time.Clock;

/** There are fewer of a tool than groups, and nobody has given the last group its time. */
final class ToolWaitedFor implements Check {
    @Override
    public String id() {
        return "tool-waited-for";
    }

    @Override
    public String summary() {
        return "Where groups share a tool, the step holds until the last has used it";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        return Sharing.delays(s.lesson()).stream().filter(d -> s.lesson().step(d.stepId()).orElseThrow().hold() < d.added()).map(d -> at(s, d.stepId(),
                d.tool().shared() + " × " + d.tool().name() + " for " + s.lesson().sets().groups() + " groups: step " + d.step() + " takes " + d.turns() + " turns, "
                        + Clock.text(d.added()) + " more.", "The last group would start the next step late.",
                new Mend("Hold " + Clock.text(d.added()) + " there", l -> l.withStep(d.stepId(), x -> x.but(y -> y.hold = Math.max(x.hold(), d.added())))),
                new Mend("Each group has its own", l -> l.but(x -> x.tools = l.tools().stream().map(t -> t.id().equals(d.tool().id())
                        ? new webodidact.core.lesson.ToolLine(t.id(), t.name(), t.tool(), t.count(), t.note(), 0) : t).toList()))));
    }
}
