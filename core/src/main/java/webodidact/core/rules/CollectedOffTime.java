package webodidact.core.rules;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Cover;
import webodidact.core.time.Clock;
import webodidact.core.timing.CoverOptions;
import webodidact.core.timing.Placed;
import webodidact.core.timing.Planner;

/** What was left to itself is collected before it is right, or after. */
final class CollectedOffTime implements Check {
    /** Nobody minds standing at the pan for half a minute. */
    private static final int NEAR = 30;

    private static final int TRIED = 2;

    @Override
    public Stream<Finding> find(Situation s) {
        var all = s.schedule().steps().stream()
                .filter(p -> p.waiting() != null
                        && (p.waiting().early() > NEAR || p.waiting().late() > 0)
                        && !(p.waiting().early() > NEAR && DeadAir.isStoodBy(s, p)))
                .toList();
        // Two that are waited for in one step are one matter: the longer.
        var longest = new HashMap<String, Placed>();
        for (var p : all)
            if (p.waiting().early() > NEAR)
                longest.merge(
                        p.waiting().collectedIn(),
                        p,
                        (a, b) -> b.waiting().early() > a.waiting().early() ? b : a);
        var off = all.stream()
                .filter(p ->
                        p.waiting().early() <= NEAR || longest.get(p.waiting().collectedIn()) == p)
                .toList();
        // Each better place is tried on the whole clock; a lesson with more of them than that has other worries.
        return IntStream.range(0, off.size()).mapToObj(i -> finding(s, off.get(i), i < TRIED));
    }

    private Finding finding(Situation s, Placed placed, boolean tried) {
        var run = placed.waiting();
        var step = placed.step();
        int in = s.number(run.collectedIn());
        boolean early = run.early() > NEAR;
        var mends = new ArrayList<Mend>();
        var better = tried ? CoverOptions.bestCollector(s.lesson(), step, s.pace()) : "";
        if (!better.isEmpty() && !better.equals(run.collectedIn())) {
            var cover = new Cover.CarryOn(better);
            var other = Operations.cover(step.id(), cover).apply(s.lesson());
            var then = Planner.plan(other, s.pace()).of(step.id()).orElseThrow().waiting();
            if (then.early() <= NEAR && then.late() == 0)
                mends.add(mend("collect", Operations.cover(step.id(), cover), s.number(better)));
        }
        mends.add(mend("copy", Operations.cover(step.id(), Cover.ReadyCopy.usual())));
        var what = step.waiting().what();
        return at(
                        s,
                        step.id(),
                        in,
                        Clock.text(early ? run.early() : run.late()),
                        placed.number(),
                        what.isBlank() ? CheckTable.words().message("takes") : what,
                        step.waiting().time().text())
                .as(early ? "early" : "late")
                .mending(mends);
    }
}
