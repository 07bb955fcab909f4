package webodidact.core.prep;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * A few demands that cannot all be kept: without any one of them the others can.
 *
 * @param relax what could be given up, each with what comes of it
 */
public record Clash(List<Demand> demands, List<Relax> relax) {
    /** @param start second of the first job without it, or null if something else clashes all the same */
    public record Relax(Demand demand, Integer start) {}

    /** Work that each question of this may take. */
    private static final double EFFORT = 0.1;

    public Clash {
        demands = List.copyOf(demands);
        relax = List.copyOf(relax);
    }

    /**
     * Empty if the question has a plan, or if it cannot be proved that it has none.
     *
     * @param stopped gives up: empty, too
     */
    public static Optional<Clash> of(Prep prep, PrepSolver solver, BooleanSupplier stopped) {
        if (!isImpossible(prep, solver)) return Optional.empty();
        var kept = new ArrayList<>(Demand.of(prep));
        var now = prep;
        // Whatever can go while the rest still clashes is no part of it. What a large question does not show in its
        // time a smaller one
        // may: so often as something went.
        for (int before = kept.size() + 1; before > kept.size(); ) {
            before = kept.size();
            for (var demand : List.copyOf(kept)) {
                if (stopped.getAsBoolean()) return Optional.empty();
                var without = demand.dropped(now);
                if (!isImpossible(without, solver)) continue;
                now = without;
                kept.remove(demand);
            }
        }
        var relax = new ArrayList<Relax>();
        for (var demand : kept) {
            var plan = solver.solve(demand.dropped(prep), EFFORT, stopped).plan();
            relax.add(new Relax(demand, plan.map(PrepPlan::start).orElse(null)));
        }
        return Optional.of(new Clash(kept, relax));
    }

    /** The question with only these demands left of those that could be given up. */
    static Prep only(Prep prep, List<Demand> demands) {
        var now = prep;
        for (var demand : Demand.of(prep)) if (!demands.contains(demand)) now = demand.dropped(now);
        return now;
    }

    static boolean isImpossible(Prep prep, PrepSolver solver) {
        return solver.solve(prep, EFFORT, () -> false).impossible();
    }
}
