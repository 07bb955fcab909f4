package webodidact.core.rules;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.time.Clock;
import webodidact.core.timing.Placed;

/** An oven is hot long before anything goes in. */
final class OvenOnEarly implements Check {
    /** An oven that is ready this long before is just in time. */
    private static final int NEAR = 20 * 60;

    @Override
    public Stream<Finding> find(Situation s) {
        var use = s.schedule().steps().stream()
                .filter(p -> p.step().place() == Place.OVEN)
                .findFirst()
                .orElse(null);
        if (use == null) return Stream.empty();
        int heats = s.course().kitchen().ovenHeats();
        int due = OvenNeverHeated.needed(use);
        var on = s.schedule().steps().stream()
                .filter(p -> p.step().acts().contains(Act.OVEN_ON) && p.number() <= use.number())
                .findFirst();
        int hot = s.lesson().ovenBefore()
                ? 0
                : on.map(p -> p.kitchen().start() + heats).orElse(due);
        if (due - hot <= NEAR) return Stream.empty();
        var later = s.schedule().steps().stream()
                .filter(p -> p.kitchen().start() <= due - heats && p.number() < use.number())
                .reduce((a, b) -> b);
        // Before air it is hot when air begins: only a step that is late enough to gain something is worth a change.
        if (later.isEmpty() || due - later.get().kitchen().start() - heats >= due - hot - 60) return Stream.empty();
        return Stream.of(finding(s, use, on, later.get(), due - hot));
    }

    private Finding finding(Situation s, Placed use, Optional<Placed> on, Placed later, int early) {
        return at(s, on.map(p -> p.step().id()).orElse(use.step().id()), Clock.text(early), use.number())
                .mending(mend(
                        "later",
                        moved(
                                on.map(p -> p.step().id()).orElse(""),
                                later.step().id()),
                        later.number()));
    }

    private static UnaryOperator<Lesson> moved(String from, String to) {
        return Operations.all(List.of(
                Operations.ovenBefore(false), Operations.noAct(from, Act.OVEN_ON), Operations.act(to, Act.OVEN_ON)));
    }
}
