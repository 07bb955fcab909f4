package webodidact.core.rules;

import java.util.TreeSet;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Step;

/** The step before something is collected leaves raw food on the hands that collect it. */
final class FillerSoilsHands implements Check {
    @Override
    public String id() {
        return "filler-soils-hands";
    }

    @Override
    public String summary() {
        return "What fills a wait leaves clean hands to collect with";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        return s.schedule().steps().stream().filter(p -> p.waiting() != null && p.step().carriesOn() && !p.waiting().isOpen()).flatMap(p -> {
            int from = p.number();
            int to = s.lesson().indexOf(p.waiting().collectedIn());
            Step soils = null;
            for (int i = from; i < to; i++) {
                var step = s.lesson().steps().get(i);
                if (step.acts().contains(Act.WASH_HANDS)) soils = null;
                else if (handlesRaw(s, step)) soils = step;
            }
            var collector = s.lesson().steps().get(to);
            if (soils == null || handlesRaw(s, collector) || collector.acts().contains(Act.WASH_HANDS)) return Stream.empty();
            var by = soils;
            return Stream.of(at(s, by.id(), "Step " + (s.lesson().indexOf(by.id()) + 1) + " fills the wait of step " + p.number() + " and leaves raw food on the hands that collect in step " + (to + 1) + ".",
                    "A pan handle or oven door carries it on.", new Mend("Wash hands at the end of it", l -> l.withStep(by.id(), x -> x.but(d -> {
                        d.acts = new TreeSet<>(x.acts());
                        d.acts.add(Act.WASH_HANDS);
                    })))));
        });
    }

    private static boolean handlesRaw(Situation s, Step step) {
        return !step.place().isHot() && step.uses().stream().flatMap(u -> s.lesson().food(u.line()).stream()).anyMatch(f -> s.knowledge().food(f.cooked()).map(x -> x.risk().soilsHands()).orElse(false));
    }
}
