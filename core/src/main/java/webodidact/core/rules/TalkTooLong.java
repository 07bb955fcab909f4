package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Kind;
import webodidact.core.time.Clock;

/** A talk with nothing to do is longer than its audience listens. */
final class TalkTooLong implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        int longest = s.lesson().audience().longestTalk();
        return s.schedule().steps().stream()
                .filter(p -> !p.step().kind().isHandsOn() && p.step().kind() != Kind.HYGIENE)
                .filter(p -> p.step().hands().isZero() && p.talk() > longest)
                .map(p -> at(
                        s,
                        p.step().id(),
                        p.number(),
                        Clock.text(p.talk()),
                        Clock.text(longest),
                        s.lesson().audience().title()));
    }
}
