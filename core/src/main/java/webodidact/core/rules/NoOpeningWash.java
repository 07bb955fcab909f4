package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Step;
import webodidact.core.script.Asides;
import webodidact.core.script.Mentions;

/** The first hands on food are washed hands. */
final class NoOpeningWash implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        for (var step : s.lesson().steps()) {
            if (step.acts().contains(Act.WASH_HANDS) || tells(step)) return Stream.empty();
            if (step.kind() == Kind.HANDS_ON && handles(s, step))
                return Stream.of(at(s, step.id(), s.number(step)).mending(mend("wash", l -> Washing.before(l, step))));
        }
        return Stream.empty();
    }

    private static boolean tells(Step step) {
        return Stream.of(step.say(), step.doing())
                .anyMatch(text -> Washing.SAID.in(text).stream()
                        .anyMatch(h -> !Asides.of(text).covers(h.start(), Asides.Kind.TO_COME)
                                && !Asides.of(text).covers(h.start(), Asides.Kind.DENIED)));
    }

    private static boolean handles(Situation s, Step step) {
        return !step.uses().isEmpty()
                || Stream.concat(s.mentions().get(step.id()).stream(), s.done().get(step.id()).stream())
                        .anyMatch(m -> m.kind() == Mentions.Kind.LISTED);
    }
}
