package webodidact.core.rules;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.check.Situation;
import webodidact.core.food.Action;
import webodidact.core.food.Hazard;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.script.Asides;
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
            "gran(?:dad|ny|dma|dpa|dmother|dfather|ma)?\\b",
            "(?:auntie|uncle)\\b");
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
                || Stream.of(step.say(), step.doing())
                        .flatMap(t -> ADULT.in(t).stream())
                        .anyMatch(h -> !NO_ADULT.isIn(h.sentence())
                                && (!READS.isIn(h.sentence()) || COMES.isIn(h.sentence())));
    }

    private static final Phrase COMES = Phrase.of(
            "(?:stay|stand|sit|stop|hang|help|watch|come|keep|need|ask|get)(?:s|ing)?\\b",
            "close\\b",
            "near(?:by)?\\b",
            "beside\\b",
            "with you\\b",
            "by (?:you|your side)\\b");

    /** Who is asked to read a packet has not been asked to come to the oven. */
    private static final Phrase READS = Phrase.of(
            "(?:read|check|look at|have a look at)\\b[^.!?]{0,20}\\b(?:labels?|packets?|packs?)\\b", "allerg");

    private static final Phrase BABY = Phrase.of(
            "(?:bab(?:y|ies)|little ones?|weaning|infants?|tot)\\b[^.!?]{0,50}\\b(?:six|seven|eight|nine|ten|eleven|6|7|8|9|10|11) months",
            "(?:six|seven|eight|nine|ten|eleven|6|7|8|9|10|11) months\\b[^.!?]{0,40}\\b(?:bab(?:y|ies)|little ones?|weaning|infants?)",
            "(?:six|seven|eight|nine|ten|eleven|6|7|8|9|10|11)[- ]month[- ]olds?",
            "(?:six|seven|eight|nine|6|7|8|9) months\\b[^.!?]{0,30}\\bfirst (?:tastes|foods|solids|meals)",
            "(?:fine|lovely|good|great|nice|ok|okay|perfect|safe) for (?:the |your |a |any |little )?(?:bab(?:y|ies)|infants?)\\b");

    /** The words offer the food to a child under one year, whatever the homes say of themselves. */
    static boolean areBabiesFed(Situation s) {
        return s.told()
                .all(BABY)
                .anyMatch(x -> !x.is(Asides.Kind.DENIED) && !x.is(Asides.Kind.HABIT) && !NOT_THEM.isIn(x.sentence()));
    }

    private static final Phrase NOT_THEM = Phrase.of(
            "(?:not|never|nothing|no)\\b[^.!?]{0,30}\\b(?:for|under|before|until|till)\\b",
            "over (?:a|one|1)\\b",
            "don't\\b",
            "wait (?:until|till)");

    static boolean areChildren(Situation s) {
        return s.lesson().audience() != Audience.ADULTS;
    }

    /** From eleven on blades are theirs once shown. */
    static boolean needBlades(Situation s) {
        return areChildren(s) && s.lesson().audience() != Audience.AGES_11_16;
    }
}
