package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Food;
import webodidact.core.food.Group;
import webodidact.core.lesson.FoodLine;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** "No sugar" is said of a dish whose list has sugar by any of its names. */
final class SugarClaimWrong implements Check {
    private static final Phrase CLAIM = Phrase.of(
            "no (?:added |extra )?sugar (?:in (?:(?:any|all|either|none) of )?(?:it|this|that|these|those|them|here|there)|at all|anywhere|needed|whatsoever)",
            "(?:sugar[- ]free|no[- ]added[- ]sugar)\\b",
            "low[- ](?:in )?sugar\\b",
            "without (?:any )?(?:added )?sugar\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        var sweet = s.lesson().foods().stream()
                .filter(l -> s.food(l).filter(SugarClaimWrong::isSweet).isPresent())
                .toList();
        if (sweet.isEmpty()) return Stream.empty();
        return Told.oncePerStep(s.told().all(CLAIM).filter(x -> !x.is(Asides.Kind.OTHER_TIME)))
                .map(x -> at(
                                s,
                                x.step().id(),
                                x.words(),
                                sweet.stream().map(FoodLine::item).toList())
                        .ofFoods(sweet.stream().map(FoodLine::id).toList()));
    }

    private static boolean isSweet(Food f) {
        return f.group() == Group.SUGAR
                || f.group() == Group.DRIED_FRUIT
                || f.id().startsWith("honey")
                || f.id().contains("syrup")
                || f.id().contains("chocolate")
                || f.id().equals("jam")
                || f.id().equals("marmalade");
    }
}
