package webodidact.core.rules;

import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Action;
import webodidact.core.lesson.Step;
import webodidact.core.script.Phrase;
import webodidact.core.script.TimeWords;
import webodidact.core.script.Told;

/** Food on the heat of which nobody says how long it takes, nor what shows that it is done. */
final class NoTimeNoCue implements Check {
    private static final Set<String> COOKS = Set.of(
            "fry",
            "bake",
            "roast",
            "boil",
            "simmer",
            "grill",
            "steam",
            "poach",
            "stew",
            "braise",
            "griddle",
            "saute",
            "microwave",
            "air-fry",
            "stir-fry",
            "soften",
            "sweat",
            "sear",
            "brown",
            "caramelise",
            "toast");
    private static final Phrase CUE = Phrase.of(
            "until\\b",
            "till\\b",
            "golden",
            "soft\\b",
            "tender",
            "bubbl",
            "brown\\b",
            "crisp",
            "cooked (?:through|right)",
            "wilt",
            "melt",
            "thick",
            "when (?:it|they|the)\\b",
            "once (?:it|they|the)\\b",
            "as soon as\\b",
            "colou?r\\b",
            "sizzl",
            "opaque",
            "flak",
            "risen",
            "springs?\\b",
            "fragrant",
            "\\d+\\s?(?:°|degrees)");

    @Override
    public Stream<Finding> find(Situation s) {
        return s.handsOn()
                .filter(step -> step.waiting() == null && step.place().isHot())
                .filter(step -> !Told.says(step, CUE)
                        && TimeWords.in(step.say() + " . " + step.doing()).isEmpty())
                .filter(step -> step.hands().isZero() || !step.uses().isEmpty())
                .flatMap(step -> cooks(s, step).map(verb -> at(s, step.id(), s.number(step), verb)));
    }

    private static Stream<String> cooks(Situation s, Step step) {
        return s.deeds(step).map(Action::verb).filter(COOKS::contains).limit(1);
    }
}
