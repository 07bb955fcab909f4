package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Foil or metal goes into a microwave: sparks and fire. */
final class MetalInMicrowave implements Check {
    private static final Phrase MICROWAVE = Phrase.of("microwav\\w*", "zap(?:s|ped|ping)?\\b");
    private static final Phrase METAL = Phrase.of(
            "foil\\b",
            "metal\\b",
            "(?:baking|roasting|cake|loaf) tin\\b",
            "steel\\b",
            "alumini?um",
            "in (?:its|the|their) tin\\b",
            "metal skewers?",
            "gold rim");
    private static final Phrase NOT = Phrase.of(
            "no (?:foil|metal)",
            "not? (?:in )?(?:foil|metal)",
            "take (?:off )?the (?:foil|metal)",
            "(?:remove|without|never|don't)[^.!?]{0,20}(?:foil|metal)",
            "foil off",
            "plastic",
            "instead of");

    @Override
    public Stream<Finding> find(Situation s) {
        return Told.oncePerStep(s.told().all(MICROWAVE).filter(x -> !x.is(Asides.Kind.DENIED)))
                .filter(x -> METAL.isIn(x.sentence()) && !NOT.isIn(x.sentence()))
                .map(x -> at(s, x.step().id(), s.number(x.step())));
    }
}
