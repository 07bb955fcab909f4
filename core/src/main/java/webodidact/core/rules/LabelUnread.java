package webodidact.core.rules;

import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Food;
import webodidact.core.food.Group;
import webodidact.core.lesson.FoodLine;
import webodidact.core.script.Phrase;

/** Something on the list has its allergens on its label alone, and nobody is asked to read it. */
final class LabelUnread implements Check {
    private static final Phrase LABEL = Phrase.of(
            "labels?\\b",
            "packets?\\b",
            "(?:back|side) of the (?:pack|tin|jar|box)",
            "ingredients list",
            "allergen list",
            "allerg",
            "look (?:on|at) (?:the |your |its |their )?(?:pack|box|tin|jar|tub|bottle|back)\\b",
            "read (?:the|your|its|each|every)\\b",
            "check (?:the|your|that|this|each|every|any)\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        if (s.lesson().steps().isEmpty() || s.told().says(LABEL)) return Stream.empty();
        var unread = s.lesson().foods().stream()
                .filter(l -> l.labelSays() == null
                        && s.food(l).filter(LabelUnread::isCompound).isPresent())
                .toList();
        if (unread.isEmpty()) return Stream.empty();
        return Stream.of(about(
                        new About.OfLesson(),
                        0,
                        unread.size(),
                        unread.stream().map(FoodLine::item).toList())
                .ofFoods(unread.stream().map(FoodLine::id).toList())
                .mending(sayAlso(
                        s.lesson().steps().getFirst(),
                        unread.stream().map(FoodLine::item).toList())));
    }

    /** Made of several things, of which the table declares none: sausages, pesto, stock cubes. Plain foods may share a line with others, but nobody reads that out. */
    private static boolean isCompound(Food food) {
        return food.checkLabel() && food.allergens().isEmpty() && COMPOUND.contains(food.group());
    }

    private static final Set<Group> COMPOUND =
            Set.of(Group.SAUCE, Group.MEAT, Group.PROTEIN, Group.BAKERY, Group.OTHER);
}
