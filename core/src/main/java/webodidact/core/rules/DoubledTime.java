package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;

/** Twice the amount is not twice the time. */
final class DoubledTime implements Check {
    private static final Phrase SAID = Phrase.of(
            "(?:doubl\\p{L}*|twice|tripl\\p{L}*|two at once|two batches|bigger (?:one|batch|cake|joint)|for (?:six|eight|ten|twelve))\\b[^.!?]{0,90}\\b(?:bake|cook|roast|boil|simmer|fry|oven|leave|time|give|needs?|takes?)\\b[^.!?]{0,40}\\b(?:twice as long|double the (?:time|minutes)|for twice|as long again|twice the time|double it|double the time|three times as long|twice as many minutes)",
            "(?:twice|double) (?:the|as much) \\p{L}+\\b[^.]{0,30}\\b(?:it's|takes|needs|give it) (?:\\p{L}+|\\d+) (?:hours|minutes)",
            "(?:doubl\\p{L}*|twice)\\b[^.!?]{0,30}\\b(?:ingredients|everything|amounts?|recipe|quantit\\p{L}+)\\b[^.!?]{0,60}\\b(?:twice as long|(?:and )?(?:also |then )?(?:double|twice) (?:the )?(?:baking |cooking )?(?:time|minutes))");

    @Override
    public Stream<Finding> find(Situation s) {
        return saying(s, s.told().all(SAID).filter(x -> !x.is(Asides.Kind.DENIED) && !NOT.isIn(x.sentence())));
    }

    private static final Phrase NOT = Phrase.of("(?:not|\\p{L}+n't|never)\\b[^.!?]{0,40}(?:twice|double)");
}
