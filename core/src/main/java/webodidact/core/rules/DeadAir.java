package webodidact.core.rules;

import java.util.ArrayList;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.time.Clock;
import webodidact.core.timing.CoverOptions;
import webodidact.core.timing.Placed;
import webodidact.core.timing.Schedule;

/** A wait that is stayed with, with nothing to say or do. */
final class DeadAir implements Check {
    /** As long as a look into the pan takes. */
    private static final int SHORT = 30;

    @Override
    public String id() {
        return "dead-air";
    }

    @Override
    public String summary() {
        return "No wait is on air with nothing to say";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        return s.schedule().steps().stream().filter(p -> Schedule.stayed(p) > SHORT).map(p -> finding(s, p));
    }

    private Finding finding(Situation s, Placed placed) {
        var step = placed.step();
        var mends = new ArrayList<Mend>();
        for (var option : CoverOptions.of(s.lesson(), step.id(), s.pace())) {
            if (!option.isAllowed() || option.planned() >= s.schedule().planned()) continue;
            mends.add(new Mend(option.label(s.lesson()), l -> l.withStep(step.id(), x -> x.but(d -> d.waiting = x.waiting().covered(option.cover())))));
        }
        return at(s, step.id(), Clock.text(Schedule.stayed(placed)) + " on air after step " + placed.number() + " with nothing to say or do.",
                "People go and do something else, and miss what comes.", mends.toArray(Mend[]::new));
    }
}
