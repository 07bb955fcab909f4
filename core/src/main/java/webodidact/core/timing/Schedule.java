package webodidact.core.timing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.time.Span;
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
 * @param untimed ids of the steps of which nobody has said how long they take; with one of them no total is complete
 * @param left ids of steps that are not shown, of branches that are not on air; they are in their place, without length
 * @param tolerance seconds beyond the slot that are within it all the same: none of a live lesson
 */
public record Schedule(
        List<Placed> steps,
        TimeRange total,
        int planned,
        int kitchen,
        TimeRange kitchenTotal,
        int slot,
        int cameraMoves,
        List<Part> parts,
        List<String> untimed,
        Set<String> left,
        int tolerance) {
    public Schedule {
        untimed = List.copyOf(untimed);
        left = Set.copyOf(left);
        steps = List.copyOf(steps);
        parts = List.copyOf(parts);
    }

    /** Where the times could not be worked out: every step is there, at 0:00 and without length. */
    public static Schedule unknown(Lesson lesson) {
        var none = new Span(0, 0);
        var placed = new ArrayList<Placed>();
        for (var step : lesson.steps())
            placed.add(new Placed(step, placed.size() + 1, none, none, 0, TimeRange.ZERO, 0, null, 0, none));
        return new Schedule(
                placed, TimeRange.ZERO, 0, 0, TimeRange.ZERO, lesson.slot(), 0, List.of(), List.of(), Set.of(), 0);
    }

    /** The same, where those steps are not shown. */
    public Schedule leaving(Set<String> steps) {
        return new Schedule(
                this.steps, total, planned, kitchen, kitchenTotal, slot, cameraMoves, parts, untimed, steps, tolerance);
    }

    /** The steps on air, without those of branches that are not. */
    public List<Placed> shown() {
        return left.isEmpty()
                ? steps
                : steps.stream().filter(p -> !left.contains(p.step().id())).toList();
    }

    /** Seconds left in the slot; negative if over. */
    public int inHand() {
        return slot - planned;
    }

    /** Seconds beyond the slot and its tolerance; 0 if within. */
    public int over() {
        return Math.max(0, -inHand() - tolerance);
    }

    /** Every step has its time: only then is the total one. */
    public boolean isComplete() {
        return untimed.isEmpty();
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
        return wait != null && wait.cover() instanceof Cover.Stay
                ? placed.span().end() - placed.busy().end() - placed.step().hold()
                : 0;
    }
}
