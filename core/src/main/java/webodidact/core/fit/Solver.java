package webodidact.core.fit;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import webodidact.core.solver.OrTools;

/** Answers a {@link Problem}. */
public interface Solver {
    /**
     * @param effort it may take at most, in units of the solver's own work, about a second each on a usual machine; never a time
     * @param stopped asked now and then; true ends the search with what was found so far
     * @return empty if there is no answer, or none was found in time
     */
    Optional<Problem.Answer> solve(Problem problem, double effort, BooleanSupplier stopped);

    /** The constraint solver where its native code runs, else the plain one. */
    static Solver usual() {
        return OrTools.isThere() ? new CpSat() : new Greedy();
    }
}
