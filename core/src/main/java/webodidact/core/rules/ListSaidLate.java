package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Kind;
import webodidact.core.script.Asides;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Something to have ready is named only when hands are at work: homes run for it. */
final class ListSaidLate implements Check {
    private static final Phrase LATE = Phrase.of(
            "you(?:'ll| will) (?:also )?(?:be )?(?:need(?:ing)?|want)\\b(?! to\\b)",
            "you (?:also )?need (?:an? |the |your |some )",
            "I (?:should have|forgot to|meant to|never) (?:say|said|tell|told|mention(?:ed)?)",
            "I (?:hope|trust) you(?:'ve| have) got\\b",
            "(?:quickly )?(?:go and )?(?:run and |nip and )(?:get|fetch|grab)\\b",
            "should(?:'ve| have) (?:told|said)\\b");

    /** What is told too late of a stand-in is a matter of its own. */
    private static final Phrase STAND_IN =
            Phrase.of("(?:if you(?:'re| are| can't| don't| haven't| do not)|instead|swap)\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        var first = s.lesson().steps().stream()
                .filter(x -> x.kind() == Kind.HANDS_ON && !x.uses().isEmpty())
                .findFirst();
        if (first.isEmpty()) return Stream.empty();
        int from = s.number(first.get());
        return Told.oncePerStep(s.told()
                        .all(LATE)
                        .filter(x ->
                                x.number() >= from && !x.is(Asides.Kind.OTHER_TIME) && !STAND_IN.isIn(x.sentence())))
                .flatMap(x -> named(s, x, from).map(name -> at(s, x.step().id(), name, x.number())));
    }

    /** What the sentence names and no step before the hands did. */
    private static Stream<String> named(Situation s, Told.Said said, int from) {
        var before = s.lesson().steps().subList(0, from - 1);
        return s.answers().finder().in(said.sentence()).stream()
                .filter(m -> m.kind() != Mentions.Kind.NEAR)
                .filter(m -> before.stream()
                        .noneMatch(b -> s.mentions().get(b.id()).stream().anyMatch(o -> o.id().equals(m.id()))))
                .map(Mentions.Mention::words)
                .limit(1);
    }
}
