package webodidact.core.air;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Filmed;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.Wait;
import webodidact.core.timing.Planner;
import webodidact.core.timing.Schedule;

/**
 * A lesson on air: a value that moves on with {@link #at}, {@link #next} and the like. It knows no clock; whoever holds it tells it
 * the second, so it runs as well on a fast one.
 *
 * @param index step on air from 0; the number of steps once the last one is over
 * @param laps for each step
 * @param elapsed seconds since air, holds and breaks included: what food and timers go by
 * @param rollsAt second from which the camera keeps what is done; {@link #STANDBY} while it does not
 * @param slates takes of this recording that are over
 * @param number of the take that runs, from 1
 * @param skipped ids of steps that are left out
 * @param asked what homes have asked aloud or in writing, as somebody typed it
 * @param answered ids of the questions that have been answered
 */
public record AirRun(
        AirPlan plan,
        int index,
        List<Lap> laps,
        int elapsed,
        boolean holding,
        int rollsAt,
        List<AirTimer> timers,
        List<Slate> slates,
        int number,
        int began,
        Set<String> skipped,
        List<Asked> asked,
        Set<String> answered) {
    /** A question that somebody typed. @param at second since air */
    public record Asked(int at, String text) {}

    /** The camera is off. */
    public static final int STANDBY = -1;
    /** Seconds between the key and the first word of a part. */
    public static final int LEAD_IN = 3;

    /**
     * A take that is over.
     *
     * @param began second of the run at which it did
     */
    public record Slate(int number, int began, List<Lap> laps) {
        public Slate {
            laps = List.copyOf(laps);
        }
    }

    public AirRun {
        laps = List.copyOf(laps);
        timers = List.copyOf(timers);
        slates = List.copyOf(slates);
        skipped = Set.copyOf(skipped);
        asked = List.copyOf(asked);
        answered = Set.copyOf(answered);
    }

    /** At the first word; a recording stands by. */
    public static AirRun start(AirPlan plan) {
        return new AirRun(
                        plan,
                        plan.first(),
                        Collections.nCopies(plan.steps(), Lap.NONE),
                        0,
                        false,
                        plan.kind().hasParts() ? STANDBY : 0,
                        List.of(),
                        List.of(),
                        1,
                        0,
                        plan.schedule().left(),
                        List.of(),
                        Set.of())
                .heated();
    }

    /** The fields of a run while it moves; lives only inside {@link #but}. */
    private static final class Draft {
        private AirPlan plan;
        private int index;
        private List<Lap> laps;
        private int elapsed;
        private boolean holding;
        private int rollsAt;
        private List<AirTimer> timers;
        private List<Slate> slates;
        private int number;
        private int began;
        private Set<String> skipped;
        private List<Asked> asked;
        private Set<String> answered;
    }

    private AirRun but(UnaryOperator<Draft> change) {
        var d = new Draft();
        d.plan = plan;
        d.index = index;
        d.laps = new ArrayList<>(laps);
        d.elapsed = elapsed;
        d.holding = holding;
        d.rollsAt = rollsAt;
        d.timers = new ArrayList<>(timers);
        d.slates = new ArrayList<>(slates);
        d.number = number;
        d.began = began;
        d.skipped = new HashSet<>(skipped);
        d.asked = new ArrayList<>(asked);
        d.answered = new HashSet<>(answered);
        d = change.apply(d);
        return new AirRun(
                d.plan,
                d.index,
                d.laps,
                d.elapsed,
                d.holding,
                d.rollsAt,
                d.timers,
                d.slates,
                d.number,
                d.began,
                d.skipped,
                d.asked,
                d.answered);
    }

    public Schedule schedule() {
        return plan.schedule();
    }

    public boolean isOver() {
        return index >= plan.steps();
    }

    public boolean isRolling() {
        return rollsAt != STANDBY;
    }

    /** Seconds until the first word of a part; 0 once it is kept. */
    public int leadIn() {
        return isRolling() ? Math.max(0, rollsAt - elapsed) : 0;
    }

    /** That second since air; an earlier one than it is changes nothing. */
    public AirRun at(int second) {
        if (isOver() || second <= elapsed) return this;
        int kept = isRolling() ? Math.max(0, second - Math.max(elapsed, rollsAt)) : 0;
        return but(d -> {
            if (kept > 0) d.laps.set(index, laps.get(index).longer(kept, holding));
            d.elapsed = second;
            return d;
        });
    }

    /** So many seconds later, zero or more. */
    public AirRun tick(int passed) {
        return at(elapsed + Math.max(0, passed));
    }

    /** The next step that is not left out; the timer of this one's wait begins if it runs on, and what was collected in this one ends. */
    public AirRun next() {
        if (isOver()) return this;
        int to = index + 1;
        while (to < plan.steps() && skipped.contains(plan.step(to).id())) to++;
        int target = to;
        var left = startTimer(false).but(d -> {
            d.timers.removeIf(t -> AirTimers.endsWith(t, plan, plan.step(index)));
            d.index = target;
            d.holding = false;
            return d;
        });
        if (left.isOver()) return left;
        boolean part = plan.kind().hasParts() && !plan.step(target).part().isBlank();
        return (part ? left.slated(target) : left).heated();
    }

    /** What the step on air heats, as it begins; what is hot already counts from now. */
    private AirRun heated() {
        if (isOver()) return this;
        var step = plan.step(index);
        return but(d -> {
            boolean on = d.timers.stream().anyMatch(t -> t.kind() == AirTimer.Kind.OVEN);
            if (!on && AirTimers.heatsOven(plan, index)) d.timers.add(AirTimers.oven(plan, index, elapsed));
            boolean lit = d.timers.stream().anyMatch(t -> t.kind() == AirTimer.Kind.RING);
            if (!lit && AirTimers.heatsRing(step)) d.timers.add(AirTimers.ring(step, elapsed));
            return d;
        });
    }

    /** The step before; its time goes on where it stopped. */
    public AirRun back() {
        int to = index - 1;
        while (to >= 0 && skipped.contains(plan.step(to).id())) to--;
        return to < 0 ? this : to(to);
    }

    private AirRun to(int step) {
        return but(d -> {
            d.index = step;
            d.holding = false;
            return d;
        });
    }

    /** On to a later step, past those between; the timer of this one's wait begins. Nothing else changes if it is not later. */
    public AirRun skipTo(String step) {
        int to = plan.indexOf(step).orElse(-1);
        if (isOver() || to <= index) return this;
        return next().to(to).heated();
    }

    /** That step is not done today. */
    public AirRun leaveOut(String step) {
        int at = plan.indexOf(step).orElse(-1);
        if (at <= index) return this;
        return but(d -> {
            d.skipped.add(step);
            return d;
        });
    }

    /** So many seconds less of a step's hands and hold than planned, as far as the lesson says that may go. */
    public AirRun trim(String step, int seconds) {
        return replanned(step, l -> Rest.shorter(l, step, seconds));
    }

    /** So many seconds more for a step. */
    public AirRun stretch(String step, int seconds) {
        return replanned(step, l -> l.withStep(step, s -> s.but(d -> d.hold = s.hold() + Math.max(0, seconds))));
    }

    private AirRun replanned(String step, UnaryOperator<Lesson> change) {
        int at = plan.indexOf(step).orElse(-1);
        if (isOver() || at < index) return this;
        return but(d -> {
            d.plan = plan.with(change.apply(plan.lesson()));
            return d;
        });
    }

    public AirRun toggleHold() {
        if (isOver() || !isRolling()) return this;
        return but(d -> {
            d.holding = !holding;
            return d;
        });
    }

    /** Marks this moment for another look. */
    public AirRun mark(String words) {
        if (isOver()) return this;
        return but(d -> {
            d.laps.set(index, laps.get(index).marked(words));
            return d;
        });
    }

    public AirRun asking(String text) {
        if (isOver() || text.isBlank()) return this;
        return but(d -> {
            d.asked.add(new Asked(elapsed, text));
            return d;
        });
    }

    /** That question has been answered, on air or in writing. */
    public AirRun answering(String question) {
        return but(d -> {
            d.answered.add(question);
            return d;
        });
    }

    /** The camera keeps what is done from the end of the lead-in on; once it does, it stops. Only of a recording. */
    public AirRun roll() {
        if (isOver() || !plan.kind().hasParts()) return this;
        return but(d -> {
            d.rollsAt = isRolling() ? STANDBY : elapsed + LEAD_IN;
            d.holding = false;
            return d;
        });
    }

    /** From that step on once more, as another take: what was done so far is kept as one of its own. Only of a recording. */
    public AirRun redo(String step) {
        int from = plan.indexOf(step).orElse(-1);
        if (!plan.kind().hasParts() || from < 0 || from > index) return this;
        return slated(from);
    }

    private AirRun slated(int from) {
        boolean empty = laps.stream().allMatch(l -> l.spent() == 0);
        return but(d -> {
            if (!empty) {
                d.slates.add(new Slate(number, began, laps));
                d.laps = new ArrayList<>(Collections.nCopies(plan.steps(), Lap.NONE));
                d.number = number + 1;
            }
            d.began = elapsed;
            d.index = from;
            d.rollsAt = STANDBY;
            d.holding = false;
            return d;
        });
    }

    /** Begins the timer of this step's wait, or begins it anew: somebody says that it starts now. */
    public AirRun startTimer() {
        return isOver() ? this : startTimer(true);
    }

    private AirRun startTimer(boolean said) {
        var step = plan.step(index);
        if (!isTimed(step.waiting())) return this;
        var known = timer(AirTimer.Kind.WAIT, step.id());
        if (known.isPresent() && !said) return this;
        int began = said ? elapsed : elapsed - Rest.after(lengthHere() - step.hold(), here().spent(), plannedHere());
        return but(d -> {
            d.timers.removeIf(t -> known.filter(t::equals).isPresent());
            d.timers.add(AirTimers.wait(step, began, !said));
            return d;
        });
    }

    /** Seconds of the step on air itself, without waiting for what the next one collects. */
    private int lengthHere() {
        return Planner.length(plan.step(index), plan.lesson().delivery(), plan.pace());
    }

    /** It is in the kitchen now, and not a copy that was made before air. */
    static boolean isTimed(Wait wait) {
        return wait != null && !(wait.cover() instanceof Cover.ReadyCopy);
    }

    public Optional<AirTimer> timer(AirTimer.Kind kind, String step) {
        return timers.stream()
                .filter(t -> t.kind() == kind && t.step().equals(step))
                .findFirst();
    }

    /** Ends the timer: it has been collected, or the heat is off. */
    public AirRun collect(String timer) {
        return but(d -> {
            d.timers.removeIf(t -> t.id().equals(timer));
            return d;
        });
    }

    public Lap here() {
        return isOver() ? Lap.NONE : laps.get(index);
    }

    /** Seconds planned for the step on air, until the next one's first word. */
    public int plannedHere() {
        return isOver() ? 0 : plan.length(index);
    }

    /** Seconds left of the step on air; negative once it is over its time. */
    public int leftHere() {
        return isOver() ? 0 : plannedHere() - here().spent();
    }

    /** Of each step what was kept last: of a recording the newest take of it. */
    public Lap kept(int step) {
        if (laps.get(step).spent() > 0) return laps.get(step);
        for (int i = slates.size() - 1; i >= 0; i--)
            if (slates.get(i).laps().get(step).spent() > 0)
                return slates.get(i).laps().get(step);
        return Lap.NONE;
    }

    /** Seconds that homes have seen, or will. */
    public int onAir() {
        int sum = 0;
        for (int i = 0; i < plan.steps(); i++) sum += kept(i).spent();
        return sum;
    }

    /** Seconds behind the plan; negative if ahead. */
    public int behind() {
        if (isOver()) return onAir() - schedule().planned();
        int planned = 0;
        int spent = 0;
        for (int i = 0; i < index; i++) {
            planned += plan.length(i);
            spent += kept(i).spent();
        }
        return spent + here().spent() - planned - Math.min(plannedHere(), here().spent());
    }

    /** When it will end if the rest goes to plan, in seconds of what homes see; worked out as the Clock does. */
    public int finishesAt() {
        return isOver() ? onAir() : Rest.of(this).planned();
    }

    /** What was measured, one take for each slate; steps that were never reached are left out. */
    public List<Take> toTakes(String id, LocalDateTime air) {
        var all = new ArrayList<Take>();
        for (var slate : slates) add(all, id, air, slate);
        add(all, id, air, new Slate(number, began, laps));
        return List.copyOf(all);
    }

    private void add(List<Take> all, String id, LocalDateTime air, Slate slate) {
        var steps = new ArrayList<Take.StepTime>();
        for (int i = 0; i < slate.laps().size(); i++) {
            var lap = slate.laps().get(i);
            if (lap.spent() == 0) continue;
            var step = plan.step(i);
            steps.add(new Take.StepTime(
                    step.id(),
                    step.title(),
                    lap.seconds(),
                    lap.held(),
                    lap.marks().size(),
                    String.join(
                            " · ",
                            lap.marks().stream().filter(m -> !m.isBlank()).toList()),
                    Take.Choice.OPEN,
                    plan.filmed().getOrDefault(step.id(), Filmed.UNKNOWN)));
        }
        if (steps.isEmpty()) return;
        var name = slate.number() == 1 ? id : id + "-" + slate.number();
        all.add(new Take(name, plan.lesson().id(), air.plusSeconds(slate.began()), plan.kind(), steps));
    }
}
