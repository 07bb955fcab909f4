package webodidact.core.timing;

import java.util.List;
import java.util.Optional;
import webodidact.core.time.TimeRange;

/**
 * A lesson on the clock.
 *
 * @param total on air, short and long end, in seconds
 * @param planned on air at the likely pace, in seconds; what is compared with the slot
 * @param kitchen real time in the kitchen at the likely pace, in seconds: cuts and speed-ups last as long as they last
 * @param kitchenTotal real time in the kitchen, short and long end, in seconds
 * @param cameraMoves changes of the named camera set-up
 * @param parts of a recording; empty for a live lesson
 */
public record Schedule(List<Placed> steps, TimeRange total, int planned, int kitchen, TimeRange kitchenTotal, int slot, int cameraMoves, List<Part> parts) {
    public Schedule {
        steps = List.copyOf(steps);
        parts = List.copyOf(parts);
    }

    /** Seconds left in the slot; negative if over. */
    public int inHand() {
        return slot - planned;
    }

    public Optional<Placed> of(String stepId) {
        return steps.stream().filter(p -> p.step().id().equals(stepId)).findFirst();
    }

    /** Seconds of dead air: waits that are waited for with nothing to do, and those that are stayed with. */
    public int deadAir() {
        return steps.stream().mapToInt(p -> p.idle() + stayed(p)).sum();
    }

    /** Seconds on air of a wait that is stayed with. */
    public static int stayed(Placed placed) {
        var wait = placed.step().waiting();
        return wait != null && wait.cover() instanceof webodidact.core.lesson.Cover.Stay ? placed.span().end() - placed.busy().end() - placed.step().hold() : 0;
    }
}
