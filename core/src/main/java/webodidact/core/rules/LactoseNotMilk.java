package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Phrase;

/** Lactose-free milk is milk: it is no help against an allergy to it. */
final class LactoseNotMilk implements Check {
    private static final Phrase CLAIM = Phrase.of(
            "lactose[- ]free\\b[^.!?]{0,140}\\b(?:can't have (?:milk|dairy)|allerg\\p{L}*|(?:is|it's|be|so it's) (?:\\p{L}+ )?(?:fine|safe|ok(?:ay)?|dairy[- ]free)|no (?:milk|dairy)|dairy[- ]free|without (?:milk|dairy))",
            "(?:allerg\\p{L}* to milk|milk allerg\\p{L}*|can't have (?:milk|dairy)|dairy[- ]free|no dairy)\\b[^.!?]{0,100}\\blactose[- ]free");

    @Override
    public Stream<Finding> find(Situation s) {
        return saying(s, s.told().all(CLAIM).filter(x -> !NOT.isIn(x.sentence())));
    }

    private static final Phrase NOT = Phrase.of(
            "is(?:n't| not) (?:the same|milk[- ]free|dairy[- ]free|enough|safe)",
            "still (?:has|got|contains|milk)",
            "not for (?:a |an )?(?:milk )?allerg");
}
