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
 * @param cameraMoves changes of the named camera set-up
 */
public record Schedule(List<Placed> steps, TimeRange total, int planned, int kitchen, int slot, int cameraMoves) {
    public Schedule {
        steps = List.copyOf(steps);
    }

    /** Seconds left in the slot; negative if over. */
    public int inHand() {
        return slot - planned;
    }

    public Optional<Placed> of(String stepId) {
        return steps.stream().filter(p -> p.step().id().equals(stepId)).findFirst();
    }

    /** Seconds of dead air: waits that are waited for with nothing to do. */
    public int deadAir() {
        return steps.stream().mapToInt(Placed::idle).sum();
    }
}
