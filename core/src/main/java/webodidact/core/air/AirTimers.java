package webodidact.core.air;

import java.util.List;
import webodidact.core.amount.OvenScale;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.time.TimeRange;

/** What begins a timer, and what ends it, read off the steps. */
final class AirTimers {
    private AirTimers() {}

    /** Turned on in it, used in it, or hot already as the lesson begins. */
    static boolean heatsOven(AirPlan plan, int index) {
        var step = plan.step(index);
        return step.acts().contains(Act.OVEN_ON) || step.place() == Place.OVEN || isHotBefore(plan, index);
    }

    private static boolean isHotBefore(AirPlan plan, int index) {
        return index == 0 && plan.lesson().ovenBefore();
    }

    /** An oven that is turned on now is cold, unless the step says otherwise; any other has its heat. */
    static AirTimer oven(AirPlan plan, int index, int now) {
        var step = plan.step(index);
        boolean cold = step.acts().contains(Act.OVEN_ON)
                && !step.acts().contains(Act.HOT_ALREADY)
                && !isHotBefore(plan, index);
        var heat = plan.firstHeat();
        int heats = cold ? OvenScale.heating(plan.ovenHeats(), OvenScale.COLD, plan.ovenCelsius()) : 0;
        return new AirTimer(
                AirTimer.Kind.OVEN,
                step.id(),
                heat.map(h -> Words.OURS.say("oven.at", h.text())).orElse(Words.OURS.say("oven")),
                now,
                new TimeRange(heats, AirTimer.NO_END),
                List.of(),
                "",
                false);
    }

    static boolean heatsRing(Step step) {
        return step.place() == Place.RING && !step.acts().contains(Act.RING_OFF);
    }

    static AirTimer ring(Step step, int now) {
        return new AirTimer(
                AirTimer.Kind.RING,
                step.id(),
                step.ring() == null
                        ? Words.OURS.say("ring")
                        : Words.OURS.say("ring.at", step.ring().title()),
                now,
                new TimeRange(0, AirTimer.NO_END),
                List.of(),
                "",
                false);
    }

    static AirTimer wait(Step step, int began, boolean byPlan) {
        return new AirTimer(
                AirTimer.Kind.WAIT,
                step.id(),
                step.title(),
                began,
                step.waiting().time(),
                step.waiting().moments(),
                step.waiting().cue(),
                byPlan);
    }

    /** What ends as that step does: what was collected in it, or stayed with, and heat that it turned off. */
    static boolean endsWith(AirTimer timer, AirPlan plan, Step here) {
        return switch (timer.kind()) {
            case OVEN -> here.acts().contains(Act.OVEN_OFF);
            case RING -> here.acts().contains(Act.RING_OFF);
            case WAIT ->
                plan.lesson()
                        .step(timer.step())
                        .map(Step::waiting)
                        .filter(w -> w != null
                                && (w.cover() instanceof Cover.CarryOn(var at) && at.equals(here.id())
                                        || w.cover() instanceof Cover.Stay
                                                && timer.step().equals(here.id())))
                        .isPresent();
        };
    }
}
