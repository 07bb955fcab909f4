package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;

/** Food is warmed up more than once. */
final class ReheatedTwice implements Check {
    private static final Phrase AGAIN = Phrase.of(
            "(?:re-?heat|warm(?:ed)?(?: it| them)? up|heat(?:ed)?(?: it| them)? up again)\\b[^.!?]{0,50}\\b(?:as (?:often|many times)|again and again|twice|every (?:day|night|time|lunch)|each (?:day|time)|whenever|a second time|another time|all week)",
            "(?:bring it|heat it|warm it) (?:back |right )?(?:up|through)\\b[^.!?]{0,80}\\b(?:days running|again and again|every|each|(?:two|three|several) (?:days|times|nights))",
            "(?:re-?heat|warm|heat)(?: it| them| that)? (?:up )?(?:again )?(?:the next day|tomorrow|on \\p{L}+day|once)\\b[^.!?]{0,30}\\b(?:and|then)(?: again)? (?:on )?(?:the (?:day after|next|one after)|again\\b|\\p{L}+day)",
            "(?:re-?heat|warm|heat)(?: it| them| that)?(?: up)? as (?:many times|often)\\b",
            "re-?heat\\b[^.!?]{0,40}[.,;!]? (?:and|then) (?:re-?heat|warm|heat)\\b[^.!?]{0,40}\\bagain\\b",
            "(?:twice|as often as you like|as many times)\\b[^.!?]{0,25}\\b(?:re-?heat|warm)");

    @Override
    public Stream<Finding> find(Situation s) {
        return saying(s, s.told().all(AGAIN).filter(x -> !x.is(Asides.Kind.DENIED) && !ONCE.isIn(x.sentence())));
    }

    private static final Phrase ONCE = Phrase.of(
            "once only",
            "only once",
            "never\\b[^.,!?]{0,20}(?:heat|warm|twice|again)",
            "don't\\b[^.,!?]{0,20}(?:heat|warm|twice|again)",
            "no more than once",
            "not\\b[^.,!?]{0,20}(?:heat|warm|twice|again|more)");
}
