package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Step;

/** The step before something is collected leaves raw food on the hands that collect it. */
final class FillerSoilsHands implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        return s.schedule().steps().stream()
                .filter(p -> p.waiting() != null
                        && p.step().carriesOn()
                        && !p.waiting().isOpen())
                .flatMap(p -> {
                    int from = p.number();
                    int to = s.lesson().indexOf(p.waiting().collectedIn());
                    Step soils = null;
                    for (int i = from; i < to; i++) {
                        var step = s.lesson().steps().get(i);
                        if (step.acts().contains(Act.WASH_HANDS)) soils = null;
                        else if (handlesRaw(s, step)) soils = step;
                    }
                    var collector = s.lesson().steps().get(to);
                    if (soils == null
                            || handlesRaw(s, collector)
                            || collector.acts().contains(Act.WASH_HANDS)) return Stream.empty();
                    var by = soils;
                    return Stream.of(at(s, by.id(), s.lesson().indexOf(by.id()) + 1, p.number(), to + 1)
                            .mending(mend("wash", Operations.act(by.id(), Act.WASH_HANDS))));
                });
    }

    private static boolean handlesRaw(Situation s, Step step) {
        return !step.place().isHot()
                && step.uses().stream()
                        .flatMap(u -> s.lesson().food(u.line()).stream())
                        .anyMatch(f -> s.knowledge()
                                .food(f.cooked())
                                .map(x -> x.risk().soilsHands())
                                .orElse(false));
    }
}
