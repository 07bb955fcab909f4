package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;

/** Meat, fish or a made dish thaws in the warm. */
final class ThawedWarm implements Check {
    private static final String WARM =
            "(?:side|worktop|counter|room temperature|kitchen table|table|radiator|sink|hot water|warm water|sun|bench|windowsill)";
    private static final Phrase THAWS = Phrase.of(
            "(?:defrost|thaw)\\w*\\b[^.!?]{0,60}\\b" + WARM + "\\b",
            "(?:out|left|leave|sat|sit)\\b[^.!?]{0,60}\\b" + WARM + "\\b[^.!?]{0,40}\\b(?:defrost|thaw)");
    /** "Get it out in the morning, leave it on the windowsill": of what the step has just frozen. */
    private static final Phrase OUT_IN_THE_WARM = Phrase.of(
            "(?:get|take|bring|lift) (?:it|them|one|some|a \\p{L}+) out\\b[^.!?]{0,60}\\b(?:on|in|by|near|under) (?:the |a |your )?(?:warm |hot )?"
                    + WARM + "\\b");

    private static final Phrase FROZEN = Phrase.of("freez(?:e|es|er|ing)\\b", "frozen\\b");

    private static final Phrase HARMLESS = Phrase.of(
            "pastry",
            "bread",
            "dough",
            "berries",
            "cake",
            "fruit",
            "peas",
            "in the fridge",
            "not on",
            "never",
            "don't");

    @Override
    public Stream<Finding> find(Situation s) {
        if (!LeftOutTooLong.hasWhatSpoils(s)) return Stream.empty();
        return saying(
                s,
                Stream.concat(s.told().all(THAWS), s.told().all(OUT_IN_THE_WARM).filter(x -> FROZEN.isIn(x.text())))
                        .filter(x -> !x.is(Asides.Kind.DENIED) && !HARMLESS.isIn(x.sentence())));
    }
}
