package webodidact.core.rules;

import java.util.HashSet;
import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** "As I said": nothing before says it. */
final class SaidBeforeUnsaid implements Check {
    private static final Phrase SAID = Phrase.of(
            "(?:as|like) (?:I|we) (?:said|told you|mentioned|showed you|explained|saw|learned|promised)\\b[^.!?]*",
            "(?:as|like) (?:I|we) (?:was|were) (?:saying|talking|discussing)\\b[^.!?]*",
            "remember (?:how|what|when|that|why) (?:I|we) (?:said|told|showed|talked|explained|made|learned|saw)\\b[^.!?]*",
            "(?:I|we) (?:told|showed) you (?:at the (?:start|beginning)|earlier|before)\\b[^.!?]*");
    private static final Phrase OTHER_LESSON = Phrase.of(
            "last (?:week|time|lesson|month|year)", "previous", "other lesson", "lesson (?:one|two|three|\\d)");

    @Override
    public Stream<Finding> find(Situation s) {
        return Told.oncePerStep(s.told().all(SAID).filter(x -> !OTHER_LESSON.isIn(x.sentence())))
                .filter(x -> isUnsaid(s, x))
                .map(x -> at(s, x.step().id(), x.words().strip()));
    }

    private static boolean isUnsaid(Situation s, Told.Said said) {
        var about = Content.of(said.words());
        NOISE.forEach(about::remove);
        if (about.isEmpty()) return false;
        var before = new HashSet<>(Content.of(said.before().replaceAll("(?i)the rest\\b", "")));
        s.lesson()
                .steps()
                .subList(0, said.number() - 1)
                .forEach(step -> before.addAll(Content.of(
                        (step.title() + ". " + step.say() + " . " + step.doing()).replaceAll("(?i)the rest\\b", ""))));
        long known = about.stream().filter(before::contains).count();
        return known * 10 < about.size() * 6L;
    }

    private static final Set<String> NOISE = Set.of(
            "said",
            "told",
            "mention",
            "show",
            "explain",
            "learn",
            "promis",
            "mentioned",
            "showed",
            "explained",
            "learned",
            "promised");
}
