package webodidact.core.rules;

import java.util.ArrayList;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.food.KindWords;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Step;
import webodidact.core.script.Mentions;

final class ListedNotUsed implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        if (!s.isWritten()) return Stream.empty();
        var said =
                s.handsOn().map(step -> Content.of(step)).flatMap(Set::stream).collect(Collectors.toSet());
        var unused = s.lesson().foods().stream()
                .filter(f -> s.lesson().steps().stream().noneMatch(step -> step.usesLine(f.id())))
                .filter(f -> !isSaid(s, f, said))
                .toList();
        if (unused.size() <= APART) return unused.stream().map(f -> finding(s, f));
        return Stream.of(about(
                        new About.OfLesson(),
                        0,
                        unused.size(),
                        unused.stream().limit(NAMED).map(FoodLine::item).toList())
                .as("many"));
    }

    /** A word of its name that no other line has: "the noodles" may be the egg noodles, and nobody knows. */
    private static boolean isSaid(Situation s, FoodLine line, Set<String> said) {
        if (s.handsOn().anyMatch(step -> names(s, step, line))) return false;
        var food = s.food(line);
        boolean kind = food.isPresent()
                && said.stream()
                        .filter(w -> KindWords.isMeantBy(food.get(), w))
                        .anyMatch(w ->
                                s.foods().filter(f -> KindWords.isMeantBy(f, w)).count() == 1);
        if (kind) return true;
        // "The breads" may be the flatbreads.
        if (Content.of(line.item()).stream()
                .anyMatch(own -> said.stream().anyMatch(w -> w.length() > 3 && own.endsWith(w) && !own.equals(w))))
            return true;
        return Content.of(line.item()).stream()
                .filter(said::contains)
                .filter(w -> !s.knowledge().isDescription(w))
                .anyMatch(w -> s.lesson().foods().stream()
                        .noneMatch(o -> o != line && Content.of(o.item()).contains(w)));
    }

    /** More of them are one matter. */
    private static final int APART = 3;

    private static final int NAMED = 8;

    private Finding finding(Situation s, FoodLine line) {
        var mends = new ArrayList<Mend>();
        var named = s.lesson().steps().stream()
                .filter(step -> step.kind().isHandsOn() && names(s, step, line))
                .findFirst();
        named.ifPresent(step -> mends.add(mend(
                "use", Operations.use(step.id(), line.id(), null), s.lesson().indexOf(step.id()) + 1)));
        mends.add(mend("off", Operations.delist(line.id())));
        int number = named.map(step -> s.lesson().indexOf(step.id()) + 1).orElse(0);
        return about(new About.OfFood(line.id()), number, line.item()).mending(mends);
    }

    private static boolean names(Situation s, Step step, FoodLine line) {
        return Stream.concat(s.mentions().get(step.id()).stream(), s.done().get(step.id()).stream())
                .anyMatch(m -> m.kind() == Mentions.Kind.LISTED && m.id().equals(line.id()));
    }
}
