package webodidact.core.prep;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;

/**
 * The plan as it stands at a second of the day, with what is done.
 *
 * @param left what is still to be done
 * @param plan when, from now on; empty where that cannot be kept
 * @param late seconds since a job that is not ticked should have been over; 0 if none should
 * @param moved the plan of the day before no longer holds
 * @param clash what cannot all be kept, with what could give way
 */
public record OnTheDay(Prep left, Optional<PrepPlan> plan, int late, boolean moved, Optional<Clash> clash) {
    /** A minute late is on time. */
    private static final int GRACE = 60;

    /**
     * @param planned the plan that was gone by so far
     * @param done ids of the jobs that are done
     * @param now second, negative before air
     */
    public static OnTheDay of(
            Prep prep,
            PrepPlan planned,
            Set<String> done,
            int now,
            PrepSolver solver,
            double effort,
            BooleanSupplier stopped) {
        var left = prep;
        for (var id : done) left = left.without(id);
        // What was to be begun the day before cannot be made up for today: it is shown, and nothing waits for it.
        for (var task : prep.tasks()) if (task.kind().isAhead()) left = left.without(task.id());
        var open = planned.jobs().stream()
                .filter(j -> j.task().isOfTheDay() && !done.contains(j.task().id()))
                .toList();
        int late = open.stream().mapToInt(j -> now - j.end()).max().orElse(0);
        if (late <= GRACE)
            return new OnTheDay(left, Optional.of(only(planned, open)), Math.max(0, late), false, Optional.empty());
        // What is not ticked is taken as not begun: better too early than an oven that nobody turned on.
        var from = left.in(left.room().opening(Math.max(left.room().opens(), now)));
        var answer = solver.solve(from, effort, stopped);
        var clash = answer.impossible() && !stopped.getAsBoolean()
                ? Clash.of(from, solver, stopped)
                : Optional.<Clash>empty();
        return new OnTheDay(from, answer.plan(), late, true, clash);
    }

    private static PrepPlan only(PrepPlan planned, List<PrepPlan.Job> open) {
        var all = planned.jobs().stream()
                .filter(j -> j.task().kind() == Task.Kind.AIR || open.contains(j))
                .toList();
        return new PrepPlan(all, planned.bound(), planned.proved());
    }
}
