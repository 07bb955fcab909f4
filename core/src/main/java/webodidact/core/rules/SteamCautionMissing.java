package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Place;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Boiling water is poured off or a lid lifted, and nobody is told of the steam. */
final class SteamCautionMissing implements Check {
    private static final Phrase POURS = Phrase.of(
            "drain\\b[^.!?]{0,50}",
            "(?:pour|tip)\\b[^.!?]{0,30}\\b(?:colander|sieve)\\b",
            "(?:lift|take)\\b[^.!?]{0,12}\\blid\\b(?! on)",
            "lid off\\b");
    private static final Phrase HOT_FOOD = Phrase.of(
            "pasta",
            "spaghetti",
            "noodle",
            "rice",
            "potato",
            "peas\\b",
            "veg",
            "carrot",
            "broccoli",
            "eggs?\\b",
            "greens",
            "dumpling",
            "gnocchi",
            "beans\\b",
            "them\\b",
            "it\\b",
            "lid\\b");
    private static final Phrase AWAY =
            Phrase.of("steam\\b", "lean back", "(?:away from|out of) (?:you|your face|the way)", "scald", "stand back");

    private static final Phrase CAUTION = Phrase.of(
            "steam\\b",
            "lean back",
            "away from you",
            "careful",
            "mind (?:the|your|that)",
            "scald",
            "burns?\\b",
            "watch (?:the|out|your)",
            "stand back",
            "adult",
            "grown[- ]?up",
            "(?:very |really |red )hot\\b");
    private static final Phrase BOILS = Phrase.of(
            "boil",
            "simmer",
            "steam",
            "blanch",
            "bring (?:it|that) (?:all )?(?:back )?up\\b(?! to)",
            "(?:pasta|spaghetti|noodles|rice|potatoes|eggs)\\b[^.!?]{0,30}\\bminutes?\\b[^.!?]{0,20}\\bdrain");
    private static final Phrase COLD = Phrase.of(
            "tins?\\b",
            "tinned",
            "chickpeas",
            "tofu",
            "tuna",
            "sweetcorn",
            "capers",
            "olives",
            "mozzarella",
            "soak",
            "rinse",
            "kidney beans",
            "drained",
            "kitchen paper",
            "kitchen towel",
            "fat\\b",
            "oil\\b");

    /** Straight out of the tin it is cold, whatever boiled before. */
    private static final Phrase OPENED = Phrase.of("open (?:the|your|that|a) (?:tins?|cans?)\\b");

    /** Steps back in which it may have been put on to boil: a stew stands for longer than pasta. */
    private static final int NEAR = 6;

    @Override
    public Stream<Finding> find(Situation s) {
        return Told.oncePerStep(s.told().meant(POURS))
                .filter(x -> x.step().kind().isHandsOn()
                        && (!COLD.isIn(x.sentence()) || BOILS.isIn(x.before()))
                        && !OPENED.isIn(x.sentence())
                        && HOT_FOOD.isIn(x.sentence()))
                .filter(x -> !Told.says(x.step(), CAUTION))
                .filter(x -> s.lesson().steps().subList(Math.max(0, x.number() - NEAR), x.number()).stream()
                        .anyMatch(step -> step.place() == Place.RING && Told.says(step, BOILS)
                                || step.equals(x.step()) && Told.says(step, BOILS)))
                // Said once of draining, it holds.
                .filter(x -> s.lesson().steps().subList(0, x.number() - 1).stream()
                        .noneMatch(step -> Told.says(step, POURS) && Told.says(step, AWAY)))
                .limit(1)
                .map(x -> at(s, x.step().id(), x.words().strip()).mending(sayFirst(x.step())));
    }
}
