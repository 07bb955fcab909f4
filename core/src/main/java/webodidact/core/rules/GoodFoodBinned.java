package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Phrase;

/** What could be eaten goes into the bin. */
final class GoodFoodBinned implements Check {
    private static final String GOOD =
            "(?:stalks?|stems?|(?:celery |beetroot |carrot )?(?:leaves|tops)|crusts?|egg whites?|egg yolks?|whites|yolks|bones|carcass|left[- ]?overs?|cooking water|pasta water|trimmings|the rest|other half|rind)";
    private static final Phrase BINNED = Phrase.of(
            "(?:throw|chuck|bin|discard|get rid of|ditch)\\b[^.!?]{0,25}\\b" + GOOD + "\\b",
            GOOD + "\\b[^.!?]{0,25}\\b(?:in|into) the (?:bin|trash|rubbish)\\b",
            "(?:throw|chuck) (?:away )?(?:the |your |those )?" + GOOD);
    private static final Phrase NOT = Phrase.of(
            "don't",
            "never",
            "do not",
            "instead of",
            "rather than",
            "compost",
            "poison",
            "bitter",
            "mouldy",
            "rotten",
            "rhubarb",
            "not (?:throw|bin)");

    @Override
    public Stream<Finding> find(Situation s) {
        return saying(s, s.told().all(BINNED).filter(x -> !NOT.isIn(x.sentence())));
    }
}
