package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.ToolLine;
import webodidact.core.time.Clock;

/** There are fewer of a tool than groups, and nobody has given the last group its time. */
final class ToolWaitedFor implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        return s.answers().delays().stream()
                .filter(d -> s.lesson().step(d.stepId()).orElseThrow().hold() < d.added())
                .map(d -> at(
                                s,
                                d.stepId(),
                                d.tool().shared(),
                                d.tool().name(),
                                s.lesson().sets().groups(),
                                d.step(),
                                d.turns(),
                                Clock.text(d.added()))
                        .mending(
                                mend("hold", Operations.hold(d.stepId(), d.added()), Clock.text(d.added())),
                                mend(
                                        "own",
                                        l -> l.but(x -> x.tools = l.tools().stream()
                                                .map(t -> t.id().equals(d.tool().id())
                                                        ? new ToolLine(
                                                                t.id(), t.name(), t.tool(), t.count(), t.note(), 0)
                                                        : t)
                                                .toList()))));
    }
}
