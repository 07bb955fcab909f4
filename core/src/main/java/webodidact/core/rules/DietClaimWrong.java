package webodidact.core.rules;

import java.util.Locale;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Diet;
import webodidact.core.lesson.FoodLine;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** "Vegan" or "vegetarian" is said of a dish with something in it that is not. */
final class DietClaimWrong implements Check {
    private static final String NO_OBJECT =
            "(?! (?:butter|cheese|version|option|alternative|spread|yoghurt|milk|sausages?|mince|mayo\\p{L}*|block|cream|one|if|friends?|guests?|people|diet|homes?))";
    private static final Phrase CLAIM = Phrase.of(
            "(?:(?:it|this|that|they|these|which)(?:'s| is|'re| are)|all|totally|completely|entirely|fully|a|another|our|one hundred percent|and) (?:\\p{L}+ ){0,2}(vegan|plant[- ]based|vegetarian|veggie|meat[- ]free)\\b"
                    + NO_OBJECT,
            "(vegan|vegetarian|veggie)s?(?: friends| people| viewers| lot| folks?)?,? this(?: one| dish| recipe)?(?: is|'s) (?:one )?for you\\b",
            "(vegan|vegetarian|veggie)[- ]friendly",
            ", (?:it's |that's |and )?(vegan|vegetarian|plant[- ]based)(?:,| and) (?:ready|done|quick|easy|cheap|on the table|delicious|gorgeous|filling|all)\\b",
            "(?:suitable|fine|good|ok|okay|safe|works|right) (?:\\p{L}+ )?for (?:your |any |all |the |our )*(vegan|vegetarian|veggie)s?\\b(?! (?:if|when|with)\\b)");
    private static final Phrase CONDITION = Phrase.of(
            "if you(?:'re| are)",
            "(?<!suitable |fine |good |ok |okay |safe |works |right |too |all )for (?:the |a |my |any )?(?:vegans?|vegetarians?)",
            "make it (?:vegan|vegetarian)",
            "(?:not|isn't|nearly|almost)\\b[^.!?]{0,12}(?:vegan|vegetarian)",
            "swap|instead|use (?:a |the )?(?:vegan|plant)");

    @Override
    public Stream<Finding> find(Situation s) {
        return Told.oncePerStep(
                        s.told().all(CLAIM).filter(x -> !CONDITION.isIn(x.sentence()) && !x.is(Asides.Kind.OTHER_TIME)))
                .flatMap(x -> finding(s, x));
    }

    private Stream<Finding> finding(Situation s, Told.Said said) {
        boolean vegan = said.words().toLowerCase(Locale.ROOT).matches(".*(?:vegan|plant).*");
        var wanted = vegan ? Diet.VEGAN : Diet.VEGETARIAN;
        var against = s.lesson().foods().stream()
                .filter(l -> s.food(l).filter(f -> !f.suits(wanted)).isPresent())
                .toList();
        if (against.isEmpty()) return Stream.empty();
        return Stream.of(at(
                        s,
                        said.step().id(),
                        wanted.title(),
                        against.stream().map(FoodLine::item).toList())
                .ofFoods(against.stream().map(FoodLine::id).toList()));
    }
}
