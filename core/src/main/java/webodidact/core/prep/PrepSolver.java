package webodidact.core.prep;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import webodidact.core.solver.OrTools;

/** Answers a {@link Prep}. */
public interface PrepSolver {
    /**
     * @param effort it may take at most, in units of the solver's own work, about a second each on a usual machine; never a time
     * @param stopped asked now and then; true ends the search with what was found so far
     * @return empty if no plan keeps all demands, or none was found
     */
    Answer solve(Prep prep, double effort, BooleanSupplier stopped);

    /**
     * @param plan the best that was found, if any
     * @param impossible it is proved that there is none
     */
    record Answer(Optional<PrepPlan> plan, boolean impossible) {}

    /** The constraint solver where its native code runs, else the plain search. */
    static PrepSolver usual() {
        return OrTools.isThere() ? new PrepModel() : new PrepSearch();
    }
}
