package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Phrase;

/** Dried herbs or spices stand in for fresh ones one to one: they are about three times as strong. */
final class DriedForFresh implements Check {
    private static final Phrase SAID = Phrase.of(
            "(?:same (?:amount|quantity)|just as much|equal amounts?|as much|spoon for spoon|swap (?:it |them )?(?:one for one|like for like))\\b[^.!?]{0,25}\\b(?:of )?(?:the )?dried",
            "dried\\b[^.!?]{0,60}\\b(?:same (?:amount|quantity)|just as much|equal amount|one for one|like for like|spoon for spoon)",
            "(?:if |when )?(?:you've|you have|you|there's) (?:only |just )?(?:got |have )?(?:only |just )?(?:fresh|dried) \\p{L}+,? (?:then )?(?:use|put|take|it's) (?:in )?the same\\b",
            "(?:a|one|two|three|\\d) (tablespoons?|handfuls?) of dried\\b[^.!?]{0,40}\\binstead of (?:the )?fresh");

    @Override
    public Stream<Finding> find(Situation s) {
        return saying(s, s.told().all(SAID).filter(x -> !NOT.isIn(x.sentence())));
    }

    private static final Phrase NOT =
            Phrase.of("(?:not|\\p{L}+n't)\\b[^.!?]{0,30}(?:same|as much)", "fruit", "pasta", "beans", "yeast");
}
