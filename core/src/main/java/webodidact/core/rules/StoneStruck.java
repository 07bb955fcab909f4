package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** The stone of a fruit is struck with a blade, and nobody says where the other hand is. */
final class StoneStruck implements Check {
    private static final Phrase STRUCK = Phrase.of(
            "(?:whack|hit|strike|tap|bash|thwack|stab|jab|knock|smack)(?:s|ing)?\\b[^.!?]{0,30}\\b(?:stone|pit)\\b[^.!?]{0,30}\\b(?:knife|blade|heel|edge)\\b",
            "(?:knife|blade)\\b[^.!?]{0,30}\\b(?:whack|hit|strike|tap|bash|thwack|stab|jab|knock|smack)(?:s|ing)?\\b[^.!?]{0,20}\\b(?:stone|pit)\\b",
            "(?:whack|hit|strike|tap|bash|thwack|stab|jab|knock|smack) (?:the |your |that )?(?:knife|blade) (?:straight |right )?(?:into|in) (?:the |that )?(?:stone|pit)\\b");
    private static final Phrase HELD = Phrase.of(
            "board\\b",
            "tea towel",
            "cloth\\b",
            "careful",
            "never\\b",
            "not in your (?:hand|palm)",
            "out of your (?:hand|palm)",
            "mind (?:your|the)",
            "watch your",
            "fingers?\\b",
            "don't\\b",
            "spoon (?:out )?the (?:stone|pit)",
            "with a spoon");

    @Override
    public Stream<Finding> find(Situation s) {
        return Told.oncePerStep(s.told().meant(STRUCK).filter(x -> !Told.says(x.step(), HELD)))
                .map(x -> at(s, x.step().id(), x.words().strip()).mending(sayFirst(x.step())));
    }
}
