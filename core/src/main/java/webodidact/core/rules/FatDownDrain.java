package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Fat goes down a drain and blocks it. */
final class FatDownDrain implements Check {
    private static final String FAT = "(?:oil|fat|grease|dripping|lard|butter|juices from the (?:bacon|meat))";
    private static final String DRAIN = "(?:sink|drain|plug ?hole|toilet|loo)";
    private static final Phrase POURED = Phrase.of(
            FAT + "\\b[^.!?]{0,60}\\b(?:down|in|into) (?:the |your )?" + DRAIN + "\\b",
            "(?:pour|tip|drain|empty)\\p{L}*\\b[^.!?]{0,30}\\b" + FAT + "\\b[^.!?]{0,40}\\b" + DRAIN + "\\b",
            "(?:oil|fat|grease|pan)\\b[^.!?]{0,80}[.!?] (?:\\p{L}+ ){0,2}(?:pour|tip|empty) it (?:all )?(?:down|into|in) (?:the |your )?"
                    + DRAIN,
            "(?:down|into) (?:the |your )?" + DRAIN + "\\b[^.!?]{0,40}\\b" + FAT + "\\b");
    private static final Phrase NOT =
            Phrase.of("never", "don't", "do not", "not (?:down|in)", "instead of", "rather than");

    @Override
    public Stream<Finding> find(Situation s) {
        return Told.oncePerStep(s.told().all(POURED).filter(x -> !NOT.isIn(x.sentence())))
                .map(x -> at(s, x.step().id(), x.words())
                        .mending(mend(
                                "bin",
                                Operations.reword(
                                        x.step().id(),
                                        t -> t.replace(
                                                x.sentence().strip(),
                                                CheckTable.words().say("fat-down-drain.said"))))));
    }
}
