package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Phrase;

/** What was frozen raw and has thawed goes back into the freezer uncooked. */
final class Refrozen implements Check {
    private static final Phrase BACK = Phrase.of(
            "(?:re-?freez\\w*|freez\\w* (?:it|them|the rest|the other) again)\\b",
            "(?:straight |goes |go |pop |put )?(?:it |them |that |the \\p{L}+ (?:\\p{L}+ )?|any )?back (?:in|into) the freezer");
    private static final Phrase RAW = Phrase.of("raw\\b", "uncooked\\b");
    private static final Phrase FROZEN = Phrase.of("thaw", "defrost", "frozen");
    private static final Phrase COOKED = Phrase.of(
            "cook",
            "never",
            "(?:don't|do not|not|can't) (?:\\p{L}+ )?(?:put|freeze|refreeze|back|go)",
            "icing|peas|bread|pastry|berries");

    @Override
    public Stream<Finding> find(Situation s) {
        boolean frozen = s.told().says(FROZEN) || s.lesson().foods().stream().anyMatch(l -> FROZEN.isIn(l.described()));
        if (!frozen || !LeftOutTooLong.hasWhatSpoils(s)) return Stream.empty();
        return saying(s, s.told().all(BACK).filter(x -> RAW.isIn(x.sentence()) || !COOKED.isIn(x.sentence())));
    }
}
