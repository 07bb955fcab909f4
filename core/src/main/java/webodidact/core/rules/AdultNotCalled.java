package webodidact.core.rules;

import java.util.Optional;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Who;

/** Children meet the first blade or heat and no adult has been asked for, by then or ever. */
final class AdultNotCalled implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        if (!Ages.areChildren(s)) return Stream.empty();
        var steps = s.lesson().steps();
        for (int i = 0; i < steps.size(); i++) {
            var step = steps.get(i);
            if (Ages.callsAdult(step)) return Stream.empty();
            var hazard =
                    step.who().isBeforeCamera() ? Optional.<String>empty() : Ages.hazard(s, step, Ages.needBlades(s));
            if (hazard.isEmpty()) continue;
            int at = i;
            var late = steps.subList(i + 1, steps.size()).stream()
                    .filter(Ages::callsAdult)
                    .findFirst();
            return Stream.of(at(
                            s,
                            step.id(),
                            at + 1,
                            hazard.get(),
                            s.lesson().audience().title(),
                            late.map(s::number).orElse(0))
                    .as(late.isPresent() ? "late" : "")
                    .mending(
                            sayAlso(steps.getFirst()),
                            mend("near", l -> l.withStep(step.id(), x -> x.but(d -> d.who = Who.ADULT_NEAR)), at + 1)));
        }
        return Stream.empty();
    }
}
