package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Risk;
import webodidact.core.lesson.Household;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Egg that stays soft or raw, for small children. */
final class RunnyEgg implements Check {
    /** Not for those under five. */
    private static final Phrase SOFT = Phrase.of("runny\\b", "soft[- ]?(?:boiled|set|yolk)", "just set\\b", "dippy");

    /** Not for any child. */
    private static final Phrase RAW = Phrase.of(
            "lick of (?:the|your)",
            "lick (?:the|your|out the|that) (?:bowl|spoon|whisk|beaters?|spatula|paddle)",
            "lick (?:the )?(?:\\p{L}+ )?(?:bowl )?out",
            "raw (?:egg|batter|mixture|dough)\\b[^.!?]{0,20}\\b(?:taste|eat|lick|try)",
            "(?:taste|try|eat)\\b[^.!?]{0,20}\\braw (?:batter|mixture|dough)");

    private static final int SMALL = 5;

    @Override
    public Stream<Finding> find(Situation s) {
        if (s.foods().noneMatch(f -> f.risk() == Risk.RAW_EGG)) return Stream.empty();
        return Stream.concat(children(s), pregnant(s));
    }

    /** "For the pregnant among you that runny egg's no drama": not the instructor's to say. */
    private Stream<Finding> pregnant(Situation s) {
        return Told.oncePerStep(s.told()
                        .all(PREGNANT)
                        .filter(x -> !x.is(Asides.Kind.ASKED)
                                && SOFT.isIn(x.sentence())
                                && FINE.isIn(x.sentence())
                                && !CAREFUL.isIn(x.sentence())))
                .map(x -> at(s, x.step().id(), x.sentence().strip()).as("pregnant"));
    }

    private static final Phrase PREGNANT = Phrase.of("pregnan\\p{L}+", "preggers", "expecting\\b", "mums?-to-be");
    private static final Phrase FINE = Phrase.of(
            "fine\\b",
            "ok(?:ay)?\\b",
            "safe\\b",
            "no (?:drama|problem|worries|bother)",
            "don't worry",
            "all right",
            "too\\b");
    private static final Phrase CAREFUL = Phrase.of(
            "cook(?:ed)? (?:it |them )?(?:through|right)",
            "hard\\b",
            "ask\\b",
            "check",
            "midwife",
            "doctor",
            "advice",
            "stamp",
            "lion");

    private Stream<Finding> children(Situation s) {
        var homes = s.answers().question().homes().stream()
                .filter(h -> h.ages().stream().anyMatch(a -> a < SMALL))
                .map(Household::alias)
                .toList();
        if (homes.isEmpty() && !Ages.areChildren(s)) return Stream.empty();
        var said = homes.isEmpty()
                ? s.told().all(RAW)
                : Stream.concat(s.told().all(SOFT), s.told().all(RAW));
        return Told.oncePerStep(said.filter(x -> !x.is(Asides.Kind.DENIED) && !x.is(Asides.Kind.OTHER_TIME)))
                .map(x -> at(s, x.step().id(), x.words()).ofHomes(homes));
    }
}
