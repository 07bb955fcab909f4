package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Step;
import webodidact.core.script.ActWords;
import webodidact.core.script.Asides;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;

/** The first hands on food are washed hands. */
final class NoOpeningWash implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        for (var step : s.lesson().steps()) {
            boolean handles = step.kind() == Kind.HANDS_ON && handles(s, step);
            if (isForHands(step)
                    || (step.acts().contains(Act.WASH_HANDS) || tells(step)) && !(handles && isAfter(s, step)))
                return Stream.empty();
            if (handles)
                return Stream.of(at(s, step.id(), s.number(step)).mending(mend("wash", l -> Washing.before(l, step))));
        }
        return Stream.empty();
    }

    /** "Hands.", where hygiene is the matter of the step. */
    private static boolean isForHands(Step step) {
        return step.kind() == Kind.HYGIENE && (HANDS.isIn(step.say()) || HANDS.isIn(step.doing()));
    }

    private static final Phrase HANDS = Phrase.of(
            "hands\\b", "soap\\b", "wash(?:ed)? up\\b", "scrub(?:bed)? up\\b", "(?:wash|washed|scrubbed|done) mine\\b");

    /** "Dice the chicken, and then a wash for your hands": that is not the wash at the start. */
    private static boolean isAfter(Situation s, Step step) {
        int said = wash(step.say());
        var first = s.mentions().get(step.id()).stream()
                .filter(m -> m.kind() == Mentions.Kind.LISTED)
                .findFirst();
        return said > 0 && first.isPresent() && first.get().end() < said && wash(step.doing()) < 0;
    }

    /** Where the first wash is said, -1 for nowhere. */
    private static int wash(String text) {
        return Stream.concat(
                        Washing.SAID.in(text).stream().map(Phrase.Hit::start),
                        ActWords.at(Act.WASH_HANDS, text).stream())
                .min(Integer::compare)
                .orElse(-1);
    }

    private static boolean tells(Step step) {
        return Stream.of(step.say(), step.doing())
                .anyMatch(text -> Washing.SAID.in(text).stream()
                        .anyMatch(h -> !Asides.of(text).covers(h.start(), Asides.Kind.TO_COME)
                                && !Asides.of(text).covers(h.start(), Asides.Kind.DENIED)));
    }

    private static boolean handles(Situation s, Step step) {
        return !step.uses().isEmpty()
                || Stream.concat(s.mentions().get(step.id()).stream(), s.done().get(step.id()).stream())
                        .anyMatch(m -> m.kind() == Mentions.Kind.LISTED);
    }
}
