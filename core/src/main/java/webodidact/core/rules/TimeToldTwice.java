package webodidact.core.rules;

import java.util.Optional;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Step;
import webodidact.core.script.SaidTimes;

/** The words of a step say one time and its plan, or its other text, has another. */
final class TimeToldTwice implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        return s.lesson().steps().stream()
                .filter(step -> step.waiting() != null && !step.waiting().unsaid())
                .flatMap(step -> Stream.of(step.say(), step.doing())
                        .flatMap(text -> only(s, text).stream())
                        .filter(said -> isOther(step, said))
                        .limit(1)
                        .map(said -> finding(s, step, said)));
    }

    /** The one wait that a text tells; of several nobody knows which is meant. */
    private static Optional<SaidTimes.Said> only(Situation s, String text) {
        var waits = SaidTimes.in(text, s.knowledge()).stream()
                .filter(x -> x.role() == SaidTimes.Role.WAIT && !x.time().isZero() && x.verb() != null)
                .toList();
        return waits.size() == 1 ? Optional.of(waits.getFirst()) : Optional.empty();
    }

    private static boolean isOther(Step step, SaidTimes.Said said) {
        var time = step.waiting().time();
        return said.what().equals(step.waiting().what())
                && step.waiting().rounds() == null
                && (said.time().low() > time.high() || said.time().high() < time.low());
    }

    private Finding finding(Situation s, Step step, SaidTimes.Said said) {
        var found = at(
                s,
                step.id(),
                s.number(step),
                said.time().text(),
                step.waiting().time().text());
        // Where its two texts have two times only words can mend it.
        boolean both = only(s, step.say()).isPresent() && only(s, step.doing()).isPresent();
        return both
                ? found
                : found.mending(mend(
                        "plan",
                        Operations.waiting(step.id(), w -> w.lasting(said.time())),
                        said.time().text()));
    }
}
