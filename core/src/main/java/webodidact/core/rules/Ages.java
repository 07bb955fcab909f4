package webodidact.core.rules;

import java.util.Optional;
import java.util.Set;
import webodidact.core.check.Situation;
import webodidact.core.food.Action;
import webodidact.core.food.Hazard;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Who may do what at which age, as teaching practice has it; the adult in the room and local rules come first. */
final class Ages {
    static final Phrase ADULT = Phrase.of(
            "grown[- ]?ups?\\b",
            "adults?\\b",
            "parents?\\b",
            "mum(?:my)?\\b",
            "dad(?:dy)?\\b",
            "mam\\b",
            "mom\\b",
            "carers?\\b",
            "teachers?\\b",
            "big (?:person|people|helper)",
            "helpers?\\b",
            "someone older",
            "nan(?:a|ny)?\\b",
            "gran(?:dad|ny)?\\b");
    private static final Phrase NO_ADULT = Phrase.of(
            "(?:no|without (?:a|an|your|any)|(?:don't|do not|won't) need (?:a|an|your|any)|not even (?:a|an)) (?:grown[- ]?ups?|adults?)");
    private static final Phrase NO_BLADE = Phrase.of(
            "table knife",
            "butter knife",
            "plastic knife",
            "cutters?\\b",
            "(?:cut|stamp)(?: out)? (?:\\p{L}+ ){0,2}(?:rounds|circles|shapes|stars)\\b");
    private static final Set<String> HOT = Set.of(
            "fry",
            "boil",
            "simmer",
            "bake",
            "roast",
            "grill",
            "steam",
            "poach",
            "drain",
            "toast",
            "melt",
            "saute",
            "stir-fry",
            "deep-fry",
            "griddle",
            "sear",
            "sweat",
            "caramelise",
            "brown",
            "strain");

    private Ages() {}

    /** "grates", "fries": the first thing in a step that can hurt a child; empty where there is none. */
    static Optional<String> hazard(Situation s, Step step, boolean blades) {
        if (!step.kind().isHandsOn()) return Optional.empty();
        if (step.place() == Place.RING || step.place() == Place.OVEN)
            return Optional.of(step.place().title());
        return s.deeds(step)
                .filter(a -> HOT.contains(a.verb()) || a.hazard() == Hazard.ELECTRICAL || blades && isBlade(step, a))
                .map(Action::verb)
                .findFirst();
    }

    private static boolean isBlade(Step step, Action action) {
        return action.hazard() == Hazard.BLADE
                && !action.tools().contains("scissors")
                && !action.verb().equals("snip")
                && !Told.says(step, NO_BLADE);
    }

    static boolean callsAdult(Step step) {
        return step.who() == Who.ADULT
                || step.who() == Who.ADULT_NEAR
                || step.who() == Who.HELPER
                || step.with() != null
                || Told.says(step, ADULT) && !Told.says(step, NO_ADULT);
    }

    static boolean areChildren(Situation s) {
        return s.lesson().audience() != Audience.ADULTS;
    }

    /** From eleven on blades are theirs once shown. */
    static boolean needBlades(Situation s) {
        return areChildren(s) && s.lesson().audience() != Audience.AGES_11_16;
    }
}
