package webodidact.core.rules;

import java.util.List;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Hot oil, and nobody is told that it spits and catches fire. */
final class OilCautionMissing implements Check {
    private static final Phrase DEEP = Phrase.of(
            "deep[- ]?fr(?:y|ied|ying)",
            "(?:\\d+|two|three|an?) ?(?:cm|centimetres?|inch(?:es)?|fingers?) of oil",
            "(?:litre|pint|pan(?:ful)?|pot) of oil",
            "oil\\b[^.!?]{0,40}\\b(?:third|half|quarter)(?: of the way)? (?:full|up)\\b",
            "oil\\b[^.!?]{0,20}\\bdeep (?:pan|pot|saucepan|wok)\\b",
            "oil\\b[^.!?]{0,60}\\b(?:180|170|190|350)\\b");
    private static final Phrase HOT = Phrase.of(
            "(?:heat|hot|shimmering|smoking)\\b[^.!?]{0,20}\\boil\\b",
            "oil\\b[^.!?]{0,40}\\b(?:hot|shimmer|smoking|sizzl)",
            "shallow[- ]?fry");
    /** Said of hot fat, wherever it stands. */
    private static final Phrase OF_OIL = Phrase.of(
            "spits?\\b",
            "spitting",
            "splash",
            "splat",
            "(?:oil|fat|pan|hob)\\b[^.!?]{0,60}\\b(?:careful|burn|danger|fire|away from you|stand back)",
            "(?:adult|grown[- ]?up)s?\\b[^.!?]{0,60}\\b(?:oil|fat)\\b",
            "(?:careful|mind|watch|danger\\p{L}*|burns?)\\b[^.!?]{0,60}\\b(?:oil|fat|pan|hob)\\b");

    /** Any of these is enough in the step that heats it: it is said at the pan. */
    private static final Phrase CAUTION = Phrase.of(
            "spit",
            "splash",
            "splat",
            "careful",
            "mind (?:the|your|that)",
            "away from you",
            "stand back",
            "burns?\\b",
            "never leave",
            "lower (?:it|them)",
            "damp lid",
            "fire",
            "(?:adult|grown[- ]?up)[^.!?]{0,60}\\b(?:oil|pan|fry|hob|hot)",
            "watch out",
            "danger");

    @Override
    public Stream<Finding> find(Situation s) {
        var phrase = Ages.areChildren(s) ? List.of(DEEP, HOT) : List.of(DEEP);
        return phrase.stream()
                .flatMap(p -> s.told().meant(p))
                .filter(x -> x.step().kind().isHandsOn())
                .limit(1)
                .filter(x -> !Told.says(x.step(), CAUTION)
                        && s.lesson().steps().subList(0, x.number()).stream()
                                .noneMatch(step -> Told.says(step, OF_OIL)))
                .map(x -> at(s, x.step().id(), x.words()).mending(sayFirst(x.step())));
    }
}
