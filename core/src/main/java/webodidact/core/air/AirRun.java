package webodidact.core.air;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Take;
import webodidact.core.time.TimeRange;
import webodidact.core.timing.Schedule;

/**
 * A lesson on air: a value that moves on with {@link #tick}, {@link #next} and the like. It knows no clock; whoever holds it
 * tells it how much time has passed, so it runs as well on a fast one.
 *
 * @param index step on air from 0; the number of steps once the last one is over
 * @param seconds,held,marks for each step
 * @param elapsed seconds since air, holds included
 */
public record AirRun(
        Schedule schedule,
        int index,
        List<Integer> seconds,
        List<Integer> held,
        List<Integer> marks,
        int elapsed,
        boolean holding,
        List<Timer> timers) {
    /** A wait being timed since {@code from} (seconds since air). */
    public record Timer(String step, String label, int from, TimeRange time) {
        /** Seconds until it is right at the soonest; negative once it is. */
        public int left(int now) {
            return from + time.low() - now;
        }

        /** Seconds past the latest moment; 0 while it is not. */
        public int over(int now) {
            return Math.max(0, now - from - time.high());
        }
    }

    public AirRun {
        seconds = List.copyOf(seconds);
        held = List.copyOf(held);
        marks = List.copyOf(marks);
        timers = List.copyOf(timers);
    }

    /** At the first word. */
    public static AirRun start(Schedule schedule) {
        var zeros = Collections.nCopies(schedule.steps().size(), 0);
        return new AirRun(schedule, 0, zeros, zeros, zeros, 0, false, List.of());
    }

    public boolean isOver() {
        return index >= schedule.steps().size();
    }

    /** So many seconds later, zero or more. */
    public AirRun tick(int passed) {
        if (isOver() || passed <= 0) return this;
        return holding
                ? new AirRun(schedule, index, seconds, adding(held, passed), marks, elapsed + passed, true, timers)
                : new AirRun(schedule, index, adding(seconds, passed), held, marks, elapsed + passed, false, timers);
    }

    private List<Integer> adding(List<Integer> list, int more) {
        var copy = new ArrayList<>(list);
        copy.set(index, copy.get(index) + more);
        return copy;
    }

    /** The next step; the timer of this one's wait starts if it runs on, and the timers of what was collected in this one end. */
    public AirRun next() {
        if (isOver()) return this;
        var timed = startTimer();
        int to = index + 1;
        var here = schedule.steps().get(index).step().id();
        var left = to >= schedule.steps().size()
                ? List.<Timer>of()
                : timed.timers.stream()
                        .filter(t -> !isCollectedIn(t.step(), here))
                        .toList();
        return new AirRun(schedule, to, seconds, held, marks, elapsed, false, left);
    }

    private boolean isCollectedIn(String step, String here) {
        return schedule.of(step)
                .map(p -> p.step().waiting())
                .filter(w -> w != null && w.cover() instanceof Cover.CarryOn(var at) && at.equals(here))
                .isPresent();
    }

    /** The step before; its time goes on where it stopped. */
    public AirRun back() {
        return index == 0 ? this : new AirRun(schedule, index - 1, seconds, held, marks, elapsed, false, timers);
    }

    public AirRun toggleHold() {
        return isOver() ? this : new AirRun(schedule, index, seconds, held, marks, elapsed, !holding, timers);
    }

    /** Marks this moment for another look. */
    public AirRun mark() {
        return isOver() ? this : new AirRun(schedule, index, seconds, held, adding(marks, 1), elapsed, holding, timers);
    }

    /** Starts the timer of this step's wait, once, if later steps go on during it. */
    public AirRun startTimer() {
        if (isOver()) return this;
        var step = schedule.steps().get(index).step();
        boolean runs = step.waiting() != null
                && !(step.waiting().cover() instanceof Cover.ReadyCopy)
                && !step.waiting().cover().needsEditing();
        if (!runs || timers.stream().anyMatch(t -> t.step().equals(step.id()))) return this;
        var all = new ArrayList<>(timers);
        all.add(new Timer(step.id(), step.title(), elapsed, step.waiting().time()));
        return new AirRun(schedule, index, seconds, held, marks, elapsed, holding, all);
    }

    /** Ends the timer: it has been collected. */
    public AirRun collect(String step) {
        return new AirRun(
                schedule,
                index,
                seconds,
                held,
                marks,
                elapsed,
                holding,
                timers.stream().filter(t -> !t.step().equals(step)).toList());
    }

    /** Seconds planned for the step on air. */
    public int plannedHere() {
        return isOver() ? 0 : schedule.steps().get(index).span().length();
    }

    /** Seconds left of the step on air; negative once it is over its time. */
    public int leftHere() {
        return isOver() ? 0 : plannedHere() - seconds.get(index) - held.get(index);
    }

    /** Seconds behind the plan; negative if ahead. */
    public int behind() {
        if (isOver()) return elapsed - schedule.planned();
        int here = Math.min(plannedHere(), seconds.get(index) + held.get(index));
        return elapsed - schedule.steps().get(index).span().start() - here;
    }

    /** When it will end if the rest goes to plan, in seconds since air. */
    public int finishesAt() {
        return schedule.planned() + behind();
    }

    /** What was measured; steps never reached are left out. */
    public Take toTake(String id, String lesson, LocalDateTime at) {
        var steps = new ArrayList<Take.StepTime>();
        for (int i = 0; i < seconds.size(); i++) {
            if (seconds.get(i) + held.get(i) == 0) continue;
            var step = schedule.steps().get(i).step();
            steps.add(new Take.StepTime(step.id(), step.title(), seconds.get(i), held.get(i), marks.get(i)));
        }
        return new Take(id, lesson, at, steps);
    }
}
