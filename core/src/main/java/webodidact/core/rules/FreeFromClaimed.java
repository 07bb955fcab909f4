package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Something is promised to be without an allergen, which only a label can say. */
final class FreeFromClaimed implements Check {
    private static final String WHAT =
            "(?:gluten|dairy|nuts?|eggs?|milk|wheat|soya?|sesame|allergens?|peanuts?|fish|shellfish)";
    private static final Phrase CLAIM = Phrase.of(
            "(?:is|it's|they're|are|that's|this is|be|totally|completely|all|naturally|100%) (?:\\p{L}+ ){0,2}" + WHAT
                    + "[- ]free\\b(?! (?:flour|pasta|bread|milk|butter|spread|cheese|yoghurt|version|alternative|option|stock|oats|soy|one))",
            "(?:say|call (?:it|them|these|this)|label (?:it|them|these|this)(?: as)?|sell (?:it|them|these|this) as|put) (?:it's |they're )?"
                    + WHAT + "[- ]free\\b(?! (?:flour|pasta|bread|milk|butter|one|label))",
            WHAT + "[- ]free,? (?:and )?" + WHAT + "[- ]free\\b",
            "(?:free (?:from|of)|no trace of) (?:all |any )?" + WHAT,
            "no " + WHAT + "(?:,? (?:and |or )?(?:no )?" + WHAT
                    + ")* (?:in (?:it|this|here|any|them|these|those)|at all|whatsoever|anywhere)",
            "safe for (?:anyone|everyone|everybody|people|kids|children|those|somebody|someone)\\b[^.!?]{0,30}\\b(?:allerg|co?eliac|intoleran)",
            "(?:suitable|fine|ok|okay|good) for (?:co?eliacs|anyone with|people with|those with) ?[^.!?]{0,25}");
    private static final Phrase CONDITION = Phrase.of(
            "if you(?:'re| are) " + WHAT,
            "(?:check|read|look at|see|say so on|on) (?:the |your |every |each |its |their )?(?:\\p{L}+ )?labels?\\b",
            "labels? (?:says?|first|will|tells?)\\b",
            "packet",
            "check",
            "not " + WHAT + "[- ]free",
            "isn't",
            "can't (?:say|promise)",
            "may contain");

    @Override
    public Stream<Finding> find(Situation s) {
        return Told.oncePerStep(
                        s.told().all(CLAIM).filter(x -> !CONDITION.isIn(x.sentence()) && !x.is(Asides.Kind.OTHER_TIME)))
                .map(x -> at(s, x.step().id(), x.words().strip())
                        .mending(mend(
                                "contains",
                                Operations.reword(
                                        x.step().id(),
                                        t -> t.replace(
                                                x.words(),
                                                CheckTable.words()
                                                        .say(
                                                                "free-from-claimed.said",
                                                                x.words().strip()))))));
    }
}
