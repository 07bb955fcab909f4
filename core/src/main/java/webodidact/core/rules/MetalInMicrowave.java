package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Foil or metal goes into a microwave, or a knife into a toaster: sparks, fire and live wires. */
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
        return Stream.concat(microwave(s), toaster(s));
    }

    /** A blade in a toaster reaches the live wires. */
    private static final Phrase TOASTER = Phrase.of(
            "toaster\\b[^!?]{0,80}\\b(?:knife|fork|skewer|tongs)\\b",
            "(?:knife|fork|skewer|metal tongs)\\b[^.!?]{0,40}\\b(?:in|into|down|out of|from) (?:the |your |a )?toaster\\b");

    private static final Phrase UNPLUGGED =
            Phrase.of("unplug", "plug (?:it )?out", "never\\b", "don't\\b", "do not\\b", "wooden\\b", "not a\\b");

    /** Words by which it goes inside, and not to the butter. */
    private static final Phrase OUT_OF_IT = Phrase.of(
            "fish (?:it|them|one|the (?:toast|bread|slice))\\b",
            "stuck\\b",
            "get (?:it|them) out",
            "hook",
            "prise",
            "dig\\b",
            "poke",
            "(?:in|into|down) (?:the |your )?toaster\\b");

    private Stream<Finding> toaster(Situation s) {
        return Told.oncePerStep(s.told().all(TOASTER).filter(x -> !x.is(Asides.Kind.DENIED)))
                .filter(x -> OUT_OF_IT.isIn(x.words() + x.rest()) && !UNPLUGGED.isIn(x.text()))
                .map(x -> at(s, x.step().id(), s.number(x.step())).as("toaster"));
    }

    private Stream<Finding> microwave(Situation s) {
        return Told.oncePerStep(s.told().all(MICROWAVE).filter(x -> !x.is(Asides.Kind.DENIED)))
                .filter(x -> METAL.isIn(x.sentence()) && !NOT.isIn(x.sentence()))
                .map(x -> at(s, x.step().id(), s.number(x.step())));
    }
}
