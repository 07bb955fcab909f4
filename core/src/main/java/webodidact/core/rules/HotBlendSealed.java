package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Hot soup is blended in a closed jug: steam lifts the lid. */
final class HotBlendSealed implements Check {
    private static final Phrase SEALED = Phrase.of(
            "(?:hot|straight (?:off|from)|boiling|from the pan|off the heat)\\b[^.!?]{0,80}\\b(?:blend|blitz|liquidi[sz]e|pur[ée]e|whizz)",
            "lid (?:on )?(?:tight(?:ly)?|firmly|down|sealed|locked)\\b[^.!?]{0,40}\\b(?:blend|blitz|liquidi[sz]e|whizz)",
            "(?:blend|blitz|liquidi[sz]e|pur[ée]e|whizz)\\b[^.!?]{0,60}\\b(?:lid (?:on )?(?:tight|firmly|down)|to the (?:top|brim)|while (?:it's|it is) (?:still )?(?:hot|boiling))");
    private static final Phrase VENTED = Phrase.of(
            "vent",
            "steam (?:out|escape)",
            "cap (?:out|off)",
            "towel",
            "cloth",
            "cool (?:it|a bit|down|for|slightly)",
            "little at a time",
            "half[- ]full",
            "in (?:the|your) pan",
            "(?:stick|hand|immersion) blender",
            "lid (?:off|ajar|open)",
            "in batches");

    @Override
    public Stream<Finding> find(Situation s) {
        return Told.oncePerStep(
                        s.told().meant(SEALED).filter(x -> !VENTED.isIn(x.sentence()) && !Told.says(x.step(), VENTED)))
                .map(x -> at(s, x.step().id(), x.words()).mending(sayFirst(x.step())));
    }
}
