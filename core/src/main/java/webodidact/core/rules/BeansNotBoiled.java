package webodidact.core.rules;

import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.FoodLine;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Dried red kidney beans are cooked, and nobody says that they boil hard for ten minutes first. */
final class BeansNotBoiled implements Check {
    private static final Set<String> BEANS = Set.of("dried-kidney-beans");
    private static final Phrase BOILED = Phrase.of(
            "boil(?:s|ed|ing)?\\b[^.!?]{0,60}\\b(?:hard|fast|fiercely|vigorously|rapidly|ten|10|fifteen|15|twenty|20)\\b",
            "(?:hard|fast|fierce|vigorous|rapid|rolling|proper|furious)(?:ly)? (?:rolling )?boil",
            "(?:ten|10|fifteen|15|twenty|20)[- ](?:minutes?|mins?)\\b[^.!?]{0,40}\\bboil");

    private static final Phrase COOKS = Phrase.of(
            "pan\\b",
            "pot\\b",
            "slow cooker",
            "simmer",
            "cook",
            "heat\\b",
            "hob\\b",
            "stove",
            "turn (?:it|them) down",
            "oven");

    @Override
    public Stream<Finding> find(Situation s) {
        var beans = s.lesson().foods().stream()
                .filter(f -> f.cooked() != null && BEANS.contains(f.cooked()))
                .toList();
        if (beans.isEmpty() || s.told().all(BOILED).findAny().isPresent()) return Stream.empty();
        var ids = beans.stream().map(FoodLine::id).toList();
        return s.lesson().steps().stream()
                .filter(step -> step.kind().isHandsOn()
                        && beans.stream().anyMatch(f -> s.isAt(step, f))
                        && (step.place().isHot() || Told.says(step, COOKS)))
                .findFirst()
                .map(step ->
                        at(s, step.id(), beans.getFirst().item()).ofFoods(ids).mending(sayFirst(step)))
                .stream();
    }
}
