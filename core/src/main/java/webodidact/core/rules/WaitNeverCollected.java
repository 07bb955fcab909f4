package webodidact.core.rules;

import java.util.List;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Cover;
import webodidact.core.timing.CoverOptions;
import webodidact.core.timing.Placed;

final class WaitNeverCollected implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        return s.schedule().steps().stream()
                .filter(p ->
                        p.waiting() != null && p.waiting().isOpen() && p.step().carriesOn())
                .map(p -> finding(s, p));
    }

    private Finding finding(Situation s, Placed placed) {
        var step = placed.step();
        var what = step.waiting().what();
        var collect = CoverOptions.bestCollector(s.lesson(), step, s.pace());
        var stay = mend("stay", Operations.cover(step.id(), Cover.STAY));
        var mends = collect.isEmpty()
                ? List.of(stay)
                : List.of(mend("collect", Operations.collectIn(step.id(), collect), s.number(collect)), stay);
        return at(s, step.id(), placed.number(), step.waiting().time().text(), what)
                .as(what.isBlank() ? "unnamed" : "")
                .mending(mends);
    }
}
