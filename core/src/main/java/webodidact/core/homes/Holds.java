package webodidact.core.homes;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.lesson.Lesson;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;

/** Where to hold, and how long, so that the homes keep up, within the time in hand. */
public final class Holds {
    /** A hold after step {@code after}, so that step {@code before} is reached by more homes. */
    public record Hold(String after, String before, int seconds) {}

    /**
     * @param lesson with the holds in it
     * @param before share ready where it was worst, percent; {@code then} with the holds
     */
    public record Proposal(Lesson lesson, List<Hold> holds, int before, int then) {}

    /** A shorter hold is a breath, not a hold. */
    private static final int WORTH = 10;

    private Holds() {}

    /**
     * Goes through the steps; where fewer than 85 % are ready it holds as long as that takes, and as the time in hand allows.
     *
     * @return no holds if none are needed, or none are left
     */
    public static Proposal propose(Lesson lesson, Simulation simulation, Pace pace) {
        return propose(lesson, simulation, pace, Progress.NONE);
    }

    /** @param progress asked before each hold; ends with those found so far */
    public static Proposal propose(Lesson lesson, Simulation simulation, Pace pace, Progress progress) {
        var plan = Planner.plan(lesson, pace);
        var result = simulation.against(plan);
        int before = result.worst().map(Simulation.StepPace::percent).orElse(100);
        var holds = new ArrayList<Hold>();
        var held = lesson;
        for (int k = 1; k < lesson.steps().size(); k++) {
            int need = Math.min(result.steps().get(k).holdFor85(), plan.inHand());
            if (need < WORTH) continue;
            if (!progress.reached(k * 1000 / lesson.steps().size())) break;
            var after = lesson.steps().get(k - 1).id();
            // Whole five seconds: nobody holds for 37.
            int seconds = Math.min((need + 4) / 5 * 5, plan.inHand());
            held = held.withStep(after, s -> s.but(d -> d.hold = s.hold() + seconds));
            holds.add(new Hold(after, lesson.steps().get(k).id(), seconds));
            plan = Planner.plan(held, pace);
            result = simulation.against(plan);
        }
        return new Proposal(
                held,
                List.copyOf(holds),
                before,
                result.worst().map(Simulation.StepPace::percent).orElse(100));
    }
}
