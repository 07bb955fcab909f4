package webodidact.core.rules;

import java.util.ArrayList;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Cover;
import webodidact.core.time.Clock;
import webodidact.core.timing.CoverOptions;
import webodidact.core.timing.Placed;
import webodidact.core.timing.Schedule;

/** A wait that is stayed with, with nothing to say or do. */
final class DeadAir implements Check {
    /** As long as a look into the pan takes. */
    private static final int SHORT = 30;

    @Override
    public Stream<Finding> find(Situation s) {
        return s.schedule().steps().stream()
                .filter(p -> Schedule.stayed(p) > SHORT)
                .map(p -> finding(s, p));
    }

    private Finding finding(Situation s, Placed placed) {
        var step = placed.step();
        var mends = new ArrayList<Mend>();
        for (var option : CoverOptions.of(s.lesson(), step.id(), s.pace())) {
            if (!option.isAllowed()
                    || option.cover() instanceof Cover.Elsewhere
                    || option.planned() >= s.schedule().planned()) continue;
            mends.add(new Mend(option.said(s.lesson()), Operations.cover(step.id(), option.cover())));
        }
        return at(s, step.id(), Clock.text(Schedule.stayed(placed)), placed.number())
                .mending(mends);
    }
}
