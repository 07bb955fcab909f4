package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;

/** A picture, link or text is said to be somewhere that this lesson has nothing for. */
final class PointerToNothing implements Check {
    private static final String WHAT =
            "(?:pictures?|pics?|photos?|links?|recipes?|videos?|lists?|diagrams?|charts?|details|address|numbers?|amounts|measurements|ingredients)";
    private static final String WHERE =
            "(?:below|above|on (?:the |your )?screen|in the (?:description|comments|bio|box|chat|show notes)|underneath|up here|on the (?:website|page|blog))";
    private static final Phrase POINTS = Phrase.of(
            WHAT + "\\b(?: \\p{L}+){0,7} (?:is |are |'s |will be )?" + WHERE + "\\b",
            "(?:click|tap|follow|press) (?:on )?(?:the |that )?(?:link|button|below)",
            "links? (?:is )?(?:in|below)\\b",
            "swipe (?:up|left|right)",
            "scan the code",
            WHERE + " (?:you'll|you will|you can) (?:find|see)\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        return saying(s, s.told().all(POINTS).filter(x -> !x.is(Asides.Kind.DENIED)));
    }
}
