package webodidact.core.rules;

import java.util.Locale;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.food.Allergen;
import webodidact.core.lesson.FoodLine;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Something is promised to be without an allergen, which only a label can say. */
final class FreeFromClaimed implements Check {
    private static final String WHAT =
            "(?:gluten|dairy|nuts?|eggs?|milk|wheat|soya?|sesame|allergens?|peanuts?|fish|shellfish)";
    private static final String EVERYTHING =
            "(?<!feel |are |you're )free (?:from|of) (?:everything|anything|the lot|all (?:of )?(?:that|those|them))(?= ?[.,!?]|$)";
    private static final Phrase CLAIM = Phrase.of(
            "(?:is|(?:one|recipe|dish|version|cake|bread)'s|it's|they're|are|that's|this is|be|totally|completely|all|naturally|100%) (?:\\p{L}+ ){0,2}"
                    + WHAT
                    + "[- ]free\\b(?! (?:flour|pasta|bread|milk|butter|spread|cheese|yoghurt|version|alternative|option|stock|oats|soy|one))",
            "(?:say|call (?:it|them|these|this)|label (?:it|them|these|this)(?: as)?|sell (?:it|them|these|this) as|put) (?:it's |they're )?"
                    + WHAT + "[- ]free\\b(?! (?:flour|pasta|bread|milk|butter|one|label))",
            WHAT + "[- ]free,? (?:and )?" + WHAT + "[- ]free\\b",
            "(?:free (?:from|of)|no trace of) (?:all |any )?" + WHAT,
            EVERYTHING,
            "no " + WHAT + "(?:,? (?:and |or )?(?:no )?" + WHAT
                    + ")* (?:in (?:it|this|here|any|them|these|those)|at all|whatsoever|anywhere)",
            "safe for (?:anyone|everyone|everybody|people|kids|children|those|somebody|someone)\\b[^.!?]{0,30}\\b(?:allerg|co?eliac|intoleran)",
            "(?:suitable|fine|ok|okay|good) for (?:co?eliacs|anyone with|people with|those with) ?[^.!?]{0,25}");
    /** Nobody's condition makes that true. */
    private static final Phrase ALL = Phrase.of(EVERYTHING);

    private static final Phrase CONDITION = Phrase.of(
            "if you(?:'re| are) " + WHAT,
            "(?:check|read|look at|see|say so on|on) (?:the |your |every |each |its |their )?(?:\\p{L}+ )?labels?\\b",
            "labels? (?:says?|first|will|tells?)\\b",
            "packet",
            "check",
            "not " + WHAT + "[- ]free",
            "isn't",
            "can't (?:say|promise)",
            "may contain");

    @Override
    public Stream<Finding> find(Situation s) {
        return Stream.concat(claimed(s), still(s));
    }

    /** "You can make it dairy free by using oil in place of the butter": what else has milk in it? */
    private static final Phrase MADE_FREE = Phrase.of(
            "(?:make|makes|making|get|have|turn) (?:it|this|that|them|these)(?: all)?(?: into)? (gluten|dairy|milk|nut|egg|wheat|soya?|fish)[- ]free\\b",
            "(gluten|dairy|milk|nut|egg|wheat|soya?|fish)[- ]free\\b[^.!?]{0,12}\\b(?:by|if you|with) (?:just |only |simply )?(?:us|swap|leav|replac|tak)\\p{L}*");

    private Stream<Finding> still(Situation s) {
        return Told.oncePerStep(s.told().all(MADE_FREE).filter(x -> !x.is(Asides.Kind.OTHER_TIME)))
                .flatMap(x -> {
                    var named = Content.of(x.sentence());
                    var left = s.lesson().foods().stream()
                            .filter(line -> s.food(line)
                                    .filter(f -> f.allergens().stream().anyMatch(a -> isIn(x.words(), a)))
                                    .isPresent())
                            .filter(line -> Content.of(line.item()).stream().noneMatch(named::contains))
                            .toList();
                    return left.isEmpty()
                            ? Stream.empty()
                            : Stream.of(at(
                                            s,
                                            x.step().id(),
                                            x.words().strip(),
                                            left.stream().map(FoodLine::item).toList())
                                    .as("still")
                                    .ofFoods(left.stream().map(FoodLine::id).toList()));
                });
    }

    private static boolean isIn(String words, Allergen allergen) {
        var w = words.toLowerCase(Locale.ROOT);
        return switch (allergen) {
            case MILK -> w.contains("dairy") || w.contains("milk");
            case WHEAT, GLUTEN -> w.contains("gluten") || w.contains("wheat");
            case NUTS -> w.contains("nut");
            case EGGS -> w.contains("egg");
            case SOYA -> w.contains("soy");
            case FISH -> w.contains("fish");
            default -> false;
        };
    }

    private Stream<Finding> claimed(Situation s) {
        return Told.oncePerStep(s.told()
                        .all(CLAIM)
                        .filter(x -> (!CONDITION.isIn(x.sentence()) || ALL.isIn(x.words()))
                                && !x.is(Asides.Kind.OTHER_TIME)))
                .map(x -> at(s, x.step().id(), x.words().strip())
                        .mending(mend(
                                "contains",
                                Operations.reword(
                                        x.step().id(),
                                        t -> t.replace(
                                                x.words(),
                                                CheckTable.words()
                                                        .say(
                                                                "free-from-claimed.said",
                                                                x.words().strip()))))));
    }
}
