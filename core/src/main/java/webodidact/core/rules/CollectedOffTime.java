package webodidact.core.rules;

import java.util.ArrayList;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
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
    public String id() {
        return "collected-off-time";
    }

    @Override
    public String summary() {
        return "What is left to itself is collected when it is right";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        var off = s.schedule().steps().stream().filter(p -> p.waiting() != null && (p.waiting().early() > NEAR || p.waiting().late() > 0)).toList();
        // Each better place is tried on the whole clock; a lesson with more of them than that has other worries.
        return IntStream.range(0, off.size()).mapToObj(i -> finding(s, off.get(i), i < TRIED));
    }

    private Finding finding(Situation s, Placed placed, boolean tried) {
        var run = placed.waiting();
        var step = placed.step();
        int in = s.lesson().indexOf(run.collectedIn()) + 1;
        boolean early = run.early() > NEAR;
        var what = "Step " + in + " comes " + Clock.text(early ? run.early() : run.late()) + (early ? " too early" : " too late") + " for step " + placed.number() + ", "
                + (step.waiting().what().isBlank() ? "which takes " : "which " + step.waiting().what() + " ") + step.waiting().time().text() + ".";
        var mends = new ArrayList<Mend>();
        var better = tried ? CoverOptions.bestCollector(s.lesson(), step, s.pace()) : "";
        if (!better.isEmpty() && !better.equals(run.collectedIn())) {
            var cover = new Cover.CarryOn(better);
            var other = s.lesson().withStep(step.id(), x -> x.but(d -> d.waiting = x.waiting().covered(cover)));
            var then = Planner.plan(other, s.pace()).of(step.id()).orElseThrow().waiting();
            if (then.early() <= NEAR && then.late() == 0) mends.add(new Mend("Collect it in step " + (s.lesson().indexOf(better) + 1), l -> l.withStep(step.id(), x -> x.but(d -> d.waiting = x.waiting().covered(cover)))));
        }
        mends.add(new Mend("Bring in a ready copy", l -> l.withStep(step.id(), x -> x.but(d -> d.waiting = x.waiting().covered(new Cover.ReadyCopy(0, 3600))))));
        return at(s, step.id(), what, early ? "That long the lesson stands still." : "It is past its best, or burnt.", mends.toArray(Mend[]::new));
    }
}
