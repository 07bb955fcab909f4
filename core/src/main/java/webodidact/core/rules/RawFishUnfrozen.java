package webodidact.core.rules;

import java.util.List;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Step;
import webodidact.core.script.Phrase;

/** Fish is eaten raw, and nobody says that it has to have been frozen. */
final class RawFishUnfrozen implements Check {
    private static final Phrase FROZEN = Phrase.of(
            "fro[sz]en\\b",
            "freez(?:e|es|er|ing)\\b",
            "(?:sushi|sashimi)[- ]grade",
            "(?:safe|fit|fine|sold|right|good|ok|okay|meant) (?:to (?:be )?eaten? raw|for eating raw|to eat raw)",
            "fishmonger\\b[^.!?]{0,60}\\braw\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        var fish = EatenRaw.fish(s);
        if (fish.isEmpty() || s.told().all(FROZEN).findAny().isPresent()) return Stream.empty();
        if (fish.stream().anyMatch(f -> FROZEN.isIn(f.item() + " " + f.described() + " " + f.note())))
            return Stream.empty();
        var ids = fish.stream().map(FoodLine::id).toList();
        return s.lesson().steps().stream()
                .filter(step -> step.kind().isHandsOn() && isOf(s, step, ids))
                .findFirst()
                .map(step -> at(
                                s,
                                step.id(),
                                fish.getFirst().item(),
                                s.course().profile().fishFrozen())
                        .ofFoods(ids)
                        .mending(sayFirst(step)))
                .stream();
    }

    private static boolean isOf(Situation s, Step step, List<String> ids) {
        return ids.stream()
                .anyMatch(id -> step.usesLine(id)
                        || s.mentions().get(step.id()).stream().anyMatch(m -> m.id().equals(id)));
    }
}
