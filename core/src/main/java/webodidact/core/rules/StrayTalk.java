package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Talk to the room, the camera or the dog that is not for learners. */
final class StrayTalk implements Check {
    private static final Phrase STRAY = Phrase.of(
            "is (?:it|this|that|this thing|that thing|my mic\\p{L}*|the (?:camera|mic|light)) (?:recording|on|working|live|going|running)\\b",
            "are (?:we|you) (?:on|live|recording|rolling|getting (?:this|that))(?: yet| now)?\\b\\??",
            "is (?:it|this|that) (?:still )(?:going|on|running|recording|live)\\b",
            "(?:have|did) I (?:stop(?:ped)?|end(?:ed)?|press(?:ed)?|turn(?:ed)?|switch(?:ed)?) (?:it|that|the (?:camera|stream|recording))\\b",
            "(?:which|what) button\\b",
            "take (?:two|three|\\d)\\b(?= ?[.,!]|$)",
            "(?:let me|I'll|can I|shall I) (?:just )?(?:start|do|try|go) (?:that |this |it )?(?:again|over|from the top)\\b",
            // "I'll say it again: two cups" says it again, to learners.
            "(?:let me|I'll|can I|shall I) (?:just )?say (?:that |this |it )?(?:again|over|from the top)\\b(?! ?[,:;–—-])",
            "(?:edit|cut) (?:that|this|it|me) out\\b",
            "(?:don't|do not) put that in\\b",
            "I'll cut (?:this|that)\\b",
            "keep rolling\\b",
            "ignore (?:that|the (?:noise|dog|doorbell|phone))",
            "that's (?:the|my) (?:dog|cat|doorbell|phone|neighbour)\\b",
            "sorry,? (?:the|my) (?:dog|cat|phone|doorbell)\\b",
            "what was I (?:saying|doing)\\b",
            "where was I\\b",
            "my battery");
    /** What people ask on a line, and only a recording keeps. */
    private static final Phrase ON_THE_LINE = Phrase.of(
            "am I (?:on|live|muted|recording|frozen|still on)\\b(?! the)",
            "can (?:you|everyone|anybody|anyone) (?:all )?hear me\\b",
            "you're on mute\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        boolean live = s.lesson().delivery().isLive();
        return Told.oncePerStep(
                        live
                                ? s.told().all(STRAY)
                                : Stream.concat(s.told().all(STRAY), s.told().all(ON_THE_LINE)))
                .map(x -> at(s, x.step().id(), x.words().strip())
                        .mending(mend(
                                "out",
                                Operations.reword(
                                        x.step().id(),
                                        t -> t.replace(x.sentence().strip(), "")
                                                .replaceAll("^[?!., ]+", "")
                                                .strip()))));
    }
}
