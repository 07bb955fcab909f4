package webodidact.core.prep;

import java.util.function.BooleanSupplier;

/** Works back from air once, in the usual order: an answer at once, without a proof; none where it gets stuck. */
public final class PrepGreedy implements PrepSolver {
    @Override
    public Answer solve(Prep prep, double effort, BooleanSupplier stopped) {
        return new Answer(Backwards.once(prep), false);
    }
}
