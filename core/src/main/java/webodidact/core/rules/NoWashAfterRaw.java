package webodidact.core.rules;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Food;
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
    public Stream<Finding> find(Situation s) {
        var kitchen = new Handled(s);
        var found = new ArrayList<Finding>();
        int soiled = -1;
        for (int i = 0; i < s.lesson().steps().size(); i++) {
            var step = s.lesson().steps().get(i);
            if (step.acts().contains(Act.WASH_HANDS)) soiled = -1;
            var raw = kitchen.raw(i);
            if (soiled >= 0 && raw.isEmpty() && kitchen.isReadyToEat(i)) {
                found.add(finding(s, kitchen.raw(soiled).orElseThrow(), soiled, i));
                soiled = -1;
            }
            if (raw.isPresent() && soiled < 0) soiled = i;
        }
        return found.stream();
    }

    /** What each step handles, and from when on it is cooked. */
    private static final class Handled {
        private final List<Step> steps;
        private final List<List<Food>> foods = new ArrayList<>();
        private final Map<String, Integer> heatedIn = new HashMap<>();

        private Handled(Situation s) {
            steps = s.lesson().steps();
            var lines = new HashMap<String, Food>();
            for (var line : s.lesson().foods())
                s.knowledge().food(line.cooked()).ifPresent(f -> lines.put(line.id(), f));
            for (int i = 0; i < steps.size(); i++) {
                var here = steps.get(i).uses().stream()
                        .map(u -> lines.get(u.line()))
                        .filter(f -> f != null)
                        .toList();
                foods.add(here);
                int at = i;
                if (steps.get(i).place().isHot()) here.forEach(f -> heatedIn.putIfAbsent(f.id(), at));
            }
        }

        /** The first food of the step that soils hands; raw food is raw until the first step with heat that used it is done. */
        private Optional<Food> raw(int i) {
            return foods.get(i).stream()
                    .filter(f -> f.risk().soilsHands() && heatedIn.getOrDefault(f.id(), i) >= i)
                    .findFirst();
        }

        private boolean isReadyToEat(int i) {
            var step = steps.get(i);
            if (step.kind() == Kind.TASTE || step.kind() == Kind.PLATE) return true;
            if (step.place().isHot() || step.kind() != Kind.HANDS_ON) return false;
            var here = foods.get(i);
            return !here.isEmpty()
                    && here.stream().allMatch(f -> f.risk() == Risk.READY || f.risk() == Risk.UNWASHED)
                    && !isCookedLater(i);
        }

        /** The same lines come back in a later hot step, so this is preparation. */
        private boolean isCookedLater(int i) {
            return steps.subList(i + 1, steps.size()).stream()
                    .filter(l -> l.place().isHot())
                    .anyMatch(later -> steps.get(i).uses().stream().allMatch(u -> later.usesLine(u.line())));
        }
    }

    private Finding finding(Situation s, Food raw, int soiled, int clean) {
        var ready = s.lesson().steps().get(clean);
        return at(s, ready.id(), raw.name(), soiled + 1, clean + 1).mending(mend("wash", l -> washed(l, ready)));
    }

    private static Lesson washed(Lesson lesson, Step ready) {
        var wash = Step.blank(
                        lesson.newStepId(), Kind.HYGIENE, CheckTable.words().say("said.wash"))
                .but(d -> {
                    d.say = CheckTable.words().say("said.wash.say");
                    d.hands = TimeRange.of(WASH);
                    d.acts = Set.of(Act.WASH_HANDS);
                    d.who = Who.LEARNER;
                });
        return lesson.inserting(lesson.indexOf(ready.id()), wash);
    }
}
