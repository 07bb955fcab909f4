package webodidact.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.food.Risk;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.time.TimeRange;

/**
 * Hands that touched raw meat, fish or egg are washed before food that is not cooked afterwards. A step is ready to eat if
 * it is tasting or plating, or uses ready-to-eat or rinsed food on the bench with nothing raw and no heat.
 */
final class NoWashAfterRaw implements Check {
    /** Twenty seconds of washing, and drying; handwashing advice of public health bodies. */
    private static final int WASH = 40;

    @Override
    public String id() {
        return "no-wash-after-raw";
    }

    @Override
    public String summary() {
        return "Hands are washed between raw and ready-to-eat food";
    }

    @Override
    public Severity severity() {
        return Severity.STOP;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        var found = new ArrayList<Finding>();
        Step soiled = null;
        for (var step : s.lesson().steps()) {
            if (step.acts().contains(Act.WASH_HANDS)) soiled = null;
            var raw = rawest(s, step);
            if (soiled != null && raw == null && isReadyToEat(s, step)) {
                found.add(finding(s, soiled, step));
                soiled = null;
            }
            if (raw != null && soiled == null) soiled = step;
        }
        return found.stream();
    }

    private static String rawest(Situation s, Step step) {
        return step.uses().stream().map(u -> s.lesson().food(u.line()).orElse(null)).filter(l -> l != null)
                .flatMap(l -> s.knowledge().food(l.cooked()).stream()).filter(f -> f.risk().soilsHands() && touches(s, step, f.id()))
                .findFirst().map(f -> f.name()).orElse(null);
    }

    /** Raw food is raw until the first step with heat that used it is done. */
    private static boolean touches(Situation s, Step step, String food) {
        for (var earlier : s.lesson().steps()) {
            if (earlier.id().equals(step.id())) return true;
            boolean used = earlier.uses().stream().anyMatch(u -> s.lesson().food(u.line()).map(l -> food.equals(l.cooked())).orElse(false));
            if (used && earlier.place().isHot()) return false;
        }
        return true;
    }

    private static boolean isReadyToEat(Situation s, Step step) {
        if (step.kind() == Kind.TASTE || step.kind() == Kind.PLATE) return true;
        if (step.place().isHot() || step.kind() != Kind.HANDS_ON) return false;
        var risks = step.uses().stream().flatMap(u -> s.lesson().food(u.line()).stream())
                .flatMap(l -> s.knowledge().food(l.cooked()).stream()).map(f -> f.risk()).toList();
        return !risks.isEmpty() && Set.of(Risk.READY, Risk.UNWASHED).containsAll(risks) && !isCookedLater(s, step);
    }

    /** The same lines come back in a later hot step, so this is preparation. */
    private static boolean isCookedLater(Situation s, Step step) {
        int from = s.lesson().indexOf(step.id()) + 1;
        return s.lesson().steps().subList(from, s.lesson().steps().size()).stream().filter(l -> l.place().isHot())
                .anyMatch(later -> step.uses().stream().allMatch(u -> later.usesLine(u.line())));
    }

    private Finding finding(Situation s, Step raw, Step ready) {
        int from = s.lesson().indexOf(raw.id()) + 1;
        int to = s.lesson().indexOf(ready.id()) + 1;
        return at(s, ready.id(), "Hands go from raw " + rawest(s, raw) + " (step " + from + ") to ready-to-eat food (step " + to + ") with no wash between.",
                "A wash of 0:40 before step " + to + " clears it; local hygiene rules come first.",
                new Mend("Add the wash", l -> washed(l, ready)));
    }

    private static Lesson washed(Lesson lesson, Step ready) {
        var wash = Step.blank(lesson.newStepId(), Kind.HYGIENE, "Wash hands").but(d -> {
            d.say = "Stop there: soap, warm water, twenty seconds, and dry your hands. We have touched raw food.";
            d.hands = TimeRange.of(WASH);
            d.acts = Set.of(Act.WASH_HANDS);
            d.who = Who.LEARNER;
        });
        return lesson.inserting(lesson.indexOf(ready.id()), wash);
    }
}
