package webodidact.core.rules;

import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.FoodLine;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Bay, a cinnamon stick or a star of anise goes in and nobody takes it out: somebody bites on it, or swallows its edge. */
final class BayLeftIn implements Check {
    private static final Set<String> WHOLE = Set.of("bay", "bay-fresh", "cinnamon-stick", "star-anise");
    private static final Phrase OUT = Phrase.of(
            "(?:take|fish|lift|pick|scoop|pull|hook|get)(?:s|ing)? (?:out |the |your |that |those |any |it |them )*(?:\\p{L}+ ){0,4}?(?:bay|leaf|leaves|cinnamon|stick|anise|stars?|whole spices|bouquet|bundle)\\b",
            "(?:bay|leaf|leaves|cinnamon|stick|anise|stars?|spices|bouquet)\\b[^.!?]{0,25}\\b(?:out|comes? out|removed?|discard|bin)\\b",
            "(?:remove|discard|throw away|watch out for|look out for|don't eat|leave behind|find) (?:the |your |that |those |any )*(?:\\p{L}+ ){0,2}?(?:bay|leaf|leaves|cinnamon|stick|anise|stars?|spices|bouquet)\\b",
            "sieve\\b",
            "strain",
            "fish (?:it|them) out");

    @Override
    public Stream<Finding> find(Situation s) {
        if (s.told().says(OUT)) return Stream.empty();
        return s.lesson().foods().stream()
                .filter(line -> line.food() != null && WHOLE.contains(line.food()))
                .flatMap(line -> cooked(s, line))
                .limit(1);
    }

    /** Only where it goes into something hot and the dish is served afterwards. */
    private Stream<Finding> cooked(Situation s, FoodLine line) {
        var steps = s.handsOn().toList();
        for (int i = 0; i + 1 < steps.size(); i++) {
            var step = steps.get(i);
            boolean hot = step.place().isHot() || Told.says(step, HOT);
            if (!step.usesLine(line.id()) || !hot) continue;
            var last = steps.getLast();
            return Stream.of(at(s, last.id(), line.item(), s.number(step)).mending(sayAlso(last, line.item())));
        }
        return Stream.empty();
    }

    private static final Phrase HOT = Phrase.of("simmer", "boil", "stew", "stock\\b", "brais");
}
