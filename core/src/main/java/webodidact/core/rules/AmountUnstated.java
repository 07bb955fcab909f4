package webodidact.core.rules;

import java.util.ArrayList;
import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.food.Group;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.FoodLine;

/** Lines that no home can buy or weigh by: no amount at all. */
final class AmountUnstated implements Check {
    private static final Set<Group> TO_TASTE = Set.of(Group.SEASONING, Group.WATER, Group.HERB);
    private static final Set<String> FOR_THE_PAN =
            Set.of("olive-oil", "sunflower-oil", "cooking-spray", "vegetable-oil");

    @Override
    public Stream<Finding> find(Situation s) {
        var open = s.lesson().foods().stream()
                .filter(l -> l.amount() == null
                        && !l.toTaste()
                        && !l.optional()
                        && l.because().isEmpty())
                .filter(l -> s.food(l)
                        .filter(f -> !TO_TASTE.contains(f.group())
                                && f.shelf() != Shelf.TAP
                                && !FOR_THE_PAN.contains(f.id()))
                        .isPresent())
                .toList();
        if (open.isEmpty()) return Stream.empty();
        var mends = new ArrayList<Mend>();
        if (open.size() == 1)
            mends.add(mend("taste", Operations.toTaste(open.getFirst().id())));
        return Stream.of(about(
                        new About.OfLesson(),
                        0,
                        open.size(),
                        open.stream().map(FoodLine::item).toList())
                .ofFoods(open.stream().map(FoodLine::id).toList())
                .mending(mends));
    }
}
