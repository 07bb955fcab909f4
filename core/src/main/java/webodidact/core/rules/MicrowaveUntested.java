package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Household;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** What comes out of a microwave has hot places: for small children it is stirred, left and tested; NHS, first solid foods. */
final class MicrowaveUntested implements Check {
    private static final Phrase WARMED = Phrase.of(
            "microwave (?:it|them|that|this|an? \\p{L}+|the \\p{L}+|one)\\b",
            "in the microwave\\b",
            "zap (?:it|them|an? \\p{L}+)\\b");
    private static final Phrase TESTED = Phrase.of(
            "stir",
            "test",
            "check",
            "shake",
            "stand\\b",
            "cool",
            "lukewarm",
            "not too hot",
            "inside of your wrist",
            "wrist");
    private static final Phrase SERVED = Phrase.of(
            "give (?:it |them |that )?(?:straight |right )?(?:to|away)",
            "serve",
            "feed",
            "spoon (?:it|them)? ?(?:in|to)",
            "straight to",
            "ready to (?:go|eat|serve)\\b",
            "for (?:baby|the baby|them|your little)");
    private static final int SMALL = 5;

    @Override
    public Stream<Finding> find(Situation s) {
        var homes = s.answers().question().homes().stream()
                .filter(h -> h.ages().stream().anyMatch(a -> a < SMALL))
                .map(Household::alias)
                .toList();
        if (homes.isEmpty() && s.lesson().audience() != Audience.EARLY_YEARS && !Ages.areBabiesFed(s))
            return Stream.empty();
        return Told.oncePerStep(s.told()
                        .all(WARMED)
                        .filter(x -> !x.is(Asides.Kind.DENIED))
                        .filter(x -> Told.says(x.step(), SERVED) && !Told.says(x.step(), TESTED)))
                .map(x -> at(s, x.step().id(), x.sentence().strip())
                        .ofHomes(homes)
                        .mending(sayAlso(x.step())));
    }
}
