package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Phrase;

/** Nobody is told how many it is for, and nothing of it is set in the Brief. */
final class YieldUnstated implements Check {
    private static final String COUNT =
            "(?:\\d+|an?|two|three|four|five|six|seven|eight|nine|ten|twelve|sixteen|twenty|a dozen)";
    private static final Phrase SAID = Phrase.of(
            "(?:serves?|feeds?|enough for|makes?|portions? for|yields?)\\s+(?:about |around |us |up to )*" + COUNT
                    + "\\b",
            COUNT
                    + " (?:of them|of these|portions|servings|people|of us|of you|pieces|slices|balls|helpings|plates|bowls|jars|homes|each)\\b",
            COUNT + " (?:glasses|ramekins|pots|cups|mugs|tubs|tins) of (?:it|them|this)\\b",
            "for (?:about )?(?!an?\\b)" + COUNT
                    + "\\b(?! ?(?:°|degrees|minutes?|mins?|hours?|seconds?|secs?|days?|weeks?|more\\b|of the|g\\b|ml\\b|to \\p{L}+ min))",
            "(?:are |we['’]re |today )?mak(?:e|ing) " + COUNT + "\\b",
            "(?:that's|there's|that makes|that is) (?!an?\\b)" + COUNT
                    + "\\b(?! ?(?:minutes?|mins?|hours?|grams?|g\\b|degrees|spoons?))",
            "(?:do|fill) " + COUNT + "\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        var makes = s.lesson().makes();
        if (!makes.assumed()
                || s.lesson().shaping() != null
                || s.lesson().foods().isEmpty()
                || s.told().says(SAID)) return Stream.empty();
        var found = about(new About.OfLesson(), 0, makes.serves());
        return Stream.of(
                s.lesson().steps().isEmpty()
                        ? found
                        : found.mending(sayAlso(s.lesson().steps().getFirst(), makes.serves())));
    }
}
