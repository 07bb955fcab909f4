package webodidact.core.rules;

import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Step;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Hands that cut fresh chilli go on to eyes and faces, and nobody is told. */
final class ChilliHands implements Check {
    private static final Set<String> HOT = Set.of("chilli-fresh", "scotch-bonnet", "jalapeno", "padron");
    private static final Phrase TOLD =
            Phrase.of("eyes?\\b", "gloves\\b", "rub (?:your|you)", "face\\b", "sting", "burns?\\b");
    private static final Set<String> CUTS =
            Set.of("chop", "slice", "halve", "deseed", "dice", "cut", "scrape", "split", "snip", "pick", "quarter");

    @Override
    public Stream<Finding> find(Situation s) {
        if (s.foods().noneMatch(f -> HOT.contains(f.id()))) return Stream.empty();
        var steps = s.lesson().steps();
        for (int i = 0; i < steps.size(); i++) {
            var step = steps.get(i);
            if (isTold(s, step)) return Stream.empty();
            if (!step.kind().isHandsOn() || s.foods(step).noneMatch(f -> HOT.contains(f.id())) || !cuts(s, step))
                continue;
            boolean washed = Told.says(step, Washing.SAID)
                    || step.acts().contains(Act.WASH_HANDS)
                    || i + 1 < steps.size()
                            && (Told.says(steps.get(i + 1), Washing.SAID)
                                    || steps.get(i + 1).acts().contains(Act.WASH_HANDS));
            return washed ? Stream.empty() : Stream.of(at(s, step.id(), i + 1).mending(sayAlso(step)));
        }
        return Stream.empty();
    }

    /** "Mind the steam, away from your face" says nothing of chilli. */
    private static boolean isTold(Situation s, Step step) {
        return s.told().all(TOLD).anyMatch(x -> x.step().id().equals(step.id()) && !STEAM.isIn(x.sentence()));
    }

    private static final Phrase STEAM = Phrase.of("steam", "(?:hot )?oil\\b", "spits?\\b");

    private static boolean cuts(Situation s, Step step) {
        return s.knowledge().actionsIn(step.say() + " " + step.doing()).stream()
                        .anyMatch(a -> CUTS.contains(a.action().verb()))
                || Told.says(step, DONE);
    }

    /** "Garlic and chilli, all chopped nice and fine." */
    private static final Phrase DONE = Phrase.of(
            "(?:all|both) (?:finely |roughly |nicely )?(?:chopped|sliced|diced|deseeded)\\b",
            "(?:chopped|sliced|diced) (?:up |nice and |really |very )*(?:fine|small|thin)(?:ly)?\\b");
}
