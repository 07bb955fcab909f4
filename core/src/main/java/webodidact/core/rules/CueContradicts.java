package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** The cue cannot show, or one word of it denies the other. */
final class CueContradicts implements Check {
    private static final Phrase BOTH = Phrase.of(
            "(?:without|no|not any|don't let it) (?:\\p{L}+ ){0,2}colou?r\\b[^.!?]{0,50}\\b(?:golden|brown)",
            "(?:soft(?:en(?:ed|s)?)?|sweat|translucent|see[- ]through)\\b[^.!?]{0,30}\\b(?:until|till|and) (?:it's |they're |nice and )?(?:deep )?(?:golden|brown)",
            "(?:golden|brown)\\b[^.!?]{0,15}\\b(?:but|and|or|well,?) (?:not (?:golden|brown|coloured)|(?:just )?(?:translucent|see[- ]through|without colou?r))",
            "(?:golden|brown)\\b[^.!?]{0,20}\\bwithout (?:any )?colou?r",
            "(?:don't|do not|never) let (?:it|them|that|the \\p{L}+) boil\\b[^.!?]{0,50}\\b(?:boil|boiling)\\b(?! over)",
            "(?:don't|do not|never) let (?:it|them|the \\p{L}+) (?:go )?(?:brown|colour)\\b[^!]{0,40}\\bgolden(?: brown)?\\b",
            "(?:gentle|gently|low heat|barely)\\b[^.!?]{0,40}\\b(?:rolling boil|fierce|furious)",
            "(?:comes?|came) out (?:with|covered in|coated in) (?:wet |raw |some |a bit of )*(?:batter|mixture|dough|goo)\\b[^.!?]{0,20}\\b(?:it's|it is|they're|that's) (?:done|ready|cooked|baked)\\b",
            "(?:batter|raw mixture|wet mixture) on it,? (?:then )?(?:it's|it is|that's) (?:done|ready|cooked|baked)\\b",
            "(?:sinks?|go(?:es)? to the bottom|drops? to the bottom)\\b[^.!?]{0,20}\\b(?:it's|it is|they're|they are|that's) (?:done|ready|cooked)\\b",
            "(?:bit|drop|speck|little|touch|streak|blob) of (?:the )?(?:egg )?yolk\\b[^.!?]{0,60}\\b(?:doesn't matter|don't worry|won't matter|just the same|no matter|that's fine|it's fine)",
            "(?:rolling|fast|hard) (?:boil|simmer)\\b[^.!?]{0,40}\\b(?:gentle|gently|barely)");
    private static final Phrase YOLK = Phrase.of(
            "(?:until|till|when|once)\\b[^.!?]{0,30}\\byolks?\\b[^.!?]{0,30}\\b(?:set|runny|soft|firm|hard|cooked)");
    private static final Phrase BEATEN = Phrase.of(
            "(?:beat|whisk|scramble|mix)(?:en|ed|ing)?\\b[^.!?]{0,30}\\beggs?\\b",
            "eggs?\\b[^.!?]{0,30}\\b(?:beat|whisk|scramble)");

    @Override
    public Stream<Finding> find(Situation s) {
        var both = s.told().all(BOTH).filter(x -> !x.is(Asides.Kind.OTHER_TIME) && !x.is(Asides.Kind.HABIT));
        var yolk = s.told().all(YOLK).filter(x -> s.told().all(BEATEN).anyMatch(b -> b.number() < x.number()));
        return Told.oncePerStep(Stream.concat(both, yolk))
                .map(x -> at(s, x.step().id(), x.words()));
    }
}
