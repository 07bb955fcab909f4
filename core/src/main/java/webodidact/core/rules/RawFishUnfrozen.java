package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.FoodLine;
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
                .filter(step -> step.kind().isHandsOn() && fish.stream().anyMatch(f -> s.isAt(step, f)))
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
}
