package webodidact.core.air;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Risk;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.safety.Profile;

/** What devices say during a rehearsal. They are stand-ins: on air, where somebody eats what is made, none of them says anything. */
public record Readings(List<Reading> readings) {
    /**
     * @param timer id of the timer it belongs to
     * @param wanted °C that is waited for; 0 where none is
     * @param says the figure in the scale people read there, {@code wants} the other, or ""
     */
    public record Reading(String timer, String device, int celsius, int wanted, String says, String wants) {
        public boolean isThere() {
            return wanted > 0 && celsius >= wanted;
        }
    }

    private static final int FRIDGE = 5;
    private static final int SIMMERS = 95;

    public Readings {
        readings = List.copyOf(readings);
    }

    public static Readings of(AirRun run, Knowledge knowledge, Profile profile) {
        var all = new ArrayList<Reading>();
        if (!run.plan().kind().isRehearsal()) return new Readings(all);
        var lesson = run.plan().lesson();
        for (var timer : run.timers()) {
            if (timer.kind() == AirTimer.Kind.OVEN) {
                int target = run.plan().ovenCelsius();
                // An oven that was hot before the run has been on for as long as it takes.
                int from = timer.time().low() == 0 ? timer.from() - run.plan().ovenHeats() * 2 : timer.from();
                var gauge = new OvenGauge.Simulated(run.plan().ovenHeats(), from, target);
                all.add(reading(timer, gauge.name(), gauge.celsius(run.elapsed()), target, profile));
            }
            if (timer.kind() != AirTimer.Kind.WAIT) continue;
            var step = lesson.step(timer.step()).orElse(null);
            if (step == null || !isProbed(lesson, step)) continue;
            int around = step.place() == Place.OVEN ? run.plan().ovenCelsius() : SIMMERS;
            var probe = new Probe.Simulated(FRIDGE, around, Thickness.of(step, lesson, knowledge), timer.from());
            int core = core(lesson, step, knowledge, profile);
            probe.celsius(run.elapsed()).ifPresent(c -> all.add(reading(timer, probe.name(), c, core, profile)));
        }
        return new Readings(all);
    }

    private static Reading reading(AirTimer timer, String device, int celsius, int wanted, Profile profile) {
        return new Reading(
                timer.id(),
                device,
                celsius,
                wanted,
                profile.celsius(celsius),
                wanted == 0 ? "" : profile.celsius(wanted));
    }

    /** Who collects it takes a probe to it. */
    private static boolean isProbed(Lesson lesson, Step step) {
        return step.waiting() != null
                && step.waiting().cover() instanceof Cover.CarryOn(var at)
                && lesson.step(at).filter(s -> s.tools().contains("probe")).isPresent();
    }

    /** The highest that any of its raw foods needs; 0 where none does. */
    private static int core(Lesson lesson, Step step, Knowledge knowledge, Profile profile) {
        return step.uses().stream()
                .flatMap(u -> lesson.food(u.line()).stream())
                .flatMap(l -> knowledge.food(l.cooked()).stream())
                .map(f -> f.risk())
                .filter(Risk::soilsHands)
                .mapToInt(profile::coreCelsius)
                .max()
                .orElse(0);
    }
}
