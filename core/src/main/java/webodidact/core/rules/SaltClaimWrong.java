package webodidact.core.rules;

import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.FoodLine;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** "No salt" is said of a dish whose list has salt, or something salty. */
final class SaltClaimWrong implements Check {
    private static final Phrase CLAIM = Phrase.of(
            "no (?:added )?salt (?:in (?:it|this|here)|at all|needed|whatsoever)",
            "salt[- ]free\\b",
            "low[- ](?:in )?salt\\b",
            "without (?:any )?salt\\b",
            "(?:isn't|there's not|hasn't) (?:any|a grain of) (?:added )?salt");
    private static final Set<String> SALTY = Set.of(
            "salt",
            "flaky-salt",
            "soy-sauce",
            "tamari",
            "stock-cube",
            "vegetable-stock-cube",
            "chicken-stock-cube",
            "beef-stock-cube",
            "fish-stock-cube",
            "stock-powder",
            "feta",
            "parmesan",
            "halloumi",
            "bacon",
            "ham",
            "anchovy",
            "capers",
            "olive",
            "miso",
            "fish-sauce",
            "cheddar",
            "smoked-salmon",
            "pecorino",
            "celery-salt",
            "garlic-salt",
            "chorizo",
            "salami",
            "pancetta",
            "worcestershire",
            "oyster-sauce",
            "gravy",
            "blue-cheese",
            "pickle",
            "prosciutto");

    @Override
    public Stream<Finding> find(Situation s) {
        var salty = s.lesson().foods().stream()
                .filter(l -> s.food(l).filter(f -> SALTY.contains(f.id())).isPresent())
                .toList();
        if (salty.isEmpty()) return Stream.empty();
        return Told.oncePerStep(
                        s.told().all(CLAIM).filter(x -> !x.is(Asides.Kind.OTHER_TIME) && !WATER.isIn(x.sentence())))
                .map(x -> at(
                                s,
                                x.step().id(),
                                x.words(),
                                salty.stream().map(FoodLine::item).toList())
                        .ofFoods(salty.stream().map(FoodLine::id).toList()));
    }

    private static final Phrase WATER = Phrase.of(
            "(?:water|butter) (?:\\p{L}+ ){0,2}(?:without|no)",
            "without (?:any )?salt (?:in|until|first)",
            "low[- ]salt (?:stock|soy)",
            "otherwise\\b",
            "apart from",
            "other than",
            "except");
}
