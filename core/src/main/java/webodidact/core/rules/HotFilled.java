package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Hot food is closed in a box or wrap for later: it stays warm for hours. */
final class HotFilled implements Check {
    private static final Phrase CLOSED = Phrase.of(
            "(?:hot|warm|straight from the (?:pan|oven)|steaming)\\b[^.!?]{0,160}\\b(?:lunch ?box(?:es)?|lidded box(?:es)?|tubs?|containers?|cling ?film|food box)\\b[^.!?]*",
            "(?:lunch ?box(?:es)?|lidded box(?:es)?|tubs?|containers?)\\b[^.!?]{0,60}\\bwhile (?:it's|they're|it is) (?:still )?(?:piping|steaming|hot|warm)",
            "(?:lunch ?box(?:es)?|lidded box(?:es)?|tubs?|containers?)\\b[^.!?]{0,40}\\b(?:still )?(?:piping |steaming )?hot\\b[^.!?]{0,20}\\b(?:lids?|seal|close)",
            "(?:boxes|box|tubs?|containers?)\\b, (?:still |piping )?hot, lids? on\\b",
            "while (?:it's|they're|it is) (?:still )?hot\\b.{0,80}?\\binto the freezer\\b",
            "(?:hot|warm)\\b[^.!?]{0,30}\\b(?:straight|right|directly) (?:in|into|to) the (?:freezer|fridge)",
            "(?:straight|right|directly) (?:in|into|to) the (?:freezer|fridge)\\b[^.!?]{0,30}\\b(?:while|still) (?:it's |they're )?(?:piping |still )?(?:hot|warm)",
            "(?:wrap|box|pack) (?:up )?(?:the (?:other|spare)s?(?: ones)?|them|it|the rest|one) (?:up )?(?:while (?:it's|they're) )?(?:still )?(?:hot|warm)\\b[^.!?]{0,60}\\b(?:tomorrow|lunch|later|(?:mon|tues|wednes|thurs|fri|satur|sun)day)\\b",
            "(?:hot|warm)\\b[^.!?]{0,120}\\b(?:wrap|close|seal|lid)\\w*\\b[^.!?]{0,60}\\bfor (?:tomorrow|later|lunch|the morning|school)");
    /** Closed hot and put in the cold as it is: the fridge does not cool it in time. */
    private static final Phrase CHILLED_CLOSED = Phrase.of(
            "(?:hot|warm)\\b[^.!?]{0,80}\\b(?:jars?|pots?|bowls?)\\b[^.!?]{0,40}\\blids? (?:back )?on\\b[^.!?]{0,60}\\b(?:fridge|refrigerator|freezer)\\b");

    private static final Phrase COOLS = Phrase.of("cool", "cold\\b", "once it", "wait");
    private static final Phrase COOLED = Phrase.of(
            "cool",
            "cold\\b",
            "(?<!straight |right |directly )(?:in|into|to) the fridge",
            "flask",
            "jam\\b",
            "once it",
            "eat (?:it|them) (?:hot|now|straight)",
            "wait");

    @Override
    public Stream<Finding> find(Situation s) {
        return Told.oncePerStep(Stream.concat(
                                s.told().all(CLOSED).filter(x -> !Told.says(x.step(), COOLED)),
                                s.told().all(CHILLED_CLOSED).filter(x -> !Told.says(x.step(), COOLS)))
                        .filter(x -> !x.is(Asides.Kind.DENIED)))
                .map(x -> at(s, x.step().id(), s.number(x.step())).mending(sayFirst(x.step())));
    }
}
