package webodidact.core.afters;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Take;

/** Which take of each step homes see: the one somebody has chosen, else the newest that is not spoilt, one without marks before one with. */
public final class Best {
    /** Id of the take that is put together from the best of all. */
    public static final String ID = "best";

    /** A step as it was in one take. */
    public record Chosen(Take take, Take.StepTime time) {}

    private Best() {}

    public static Optional<Chosen> of(String step, List<Take> takes) {
        Chosen best = null;
        for (var take : takes) {
            if (take.kind().isRehearsal()) continue;
            var time = take.of(step).orElse(null);
            if (time == null || time.choice() == Take.Choice.SPOILT) continue;
            if (best == null || rank(time) >= rank(best.time())) best = new Chosen(take, time);
        }
        return Optional.ofNullable(best);
    }

    private static int rank(Take.StepTime time) {
        return time.choice() == Take.Choice.KEPT ? 2 : time.marks() == 0 ? 1 : 0;
    }

    /** The lesson as homes see it, step by step the best; empty where no step has been run. */
    public static Optional<Take> all(Lesson lesson, List<Take> takes) {
        var steps = new ArrayList<Take.StepTime>();
        Chosen first = null;
        for (var step : lesson.steps()) {
            var chosen = of(step.id(), takes);
            if (chosen.isEmpty()) continue;
            if (first == null) first = chosen.get();
            steps.add(chosen.get().time());
        }
        return first == null
                ? Optional.empty()
                : Optional.of(new Take(
                        ID, lesson.id(), first.take().at(), first.take().kind(), steps));
    }
}
