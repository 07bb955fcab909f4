package webodidact.core.rules;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.food.Food;
import webodidact.core.food.Group;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;
import webodidact.core.words.Word;

final class UsedNotListed implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        var told = new HashSet<String>();
        var named = s.lesson().steps().stream()
                .filter(step -> step.kind().isHandsOn() || step.kind() == Kind.RUN_THROUGH)
                .flatMap(step -> Stream.concat(s.mentions().get(step.id()).stream(), s.done().get(step.id()).stream())
                        .filter(m -> m.kind() == Mentions.Kind.UNLISTED
                                && told.add(m.id())
                                && !isMade(s, step, m)
                                && !isPart(s, m)
                                && !isSpiceOfList(s, m)
                                && !isBrownOfList(s, m))
                        .map(m -> finding(s, step, m)));
        return Stream.concat(named, salted(s));
    }

    private static final Phrase SALTED = Phrase.of("(?:well |heavily |lightly )?salted (?:boiling )?water\\b");

    /** "A big pan of salted water": so there is salt. */
    private Stream<Finding> salted(Situation s) {
        boolean listed = s.lesson().foods().stream()
                .anyMatch(l -> l.food() != null && l.food().contains("salt"));
        if (listed) return Stream.empty();
        var salt = s.knowledge().food("salt").orElseThrow();
        return s.told()
                .meant(SALTED)
                .filter(x -> x.step().kind().isHandsOn())
                .limit(1)
                .map(x -> about(
                                new About.OfFoodInStep(x.step().id(), salt.id()),
                                x.number(),
                                x.words().strip())
                        .mending(mend("list", lesson -> listed(lesson, x.step(), salt, salt.name()))));
    }

    private static final Set<String> PARTS =
            Set.of("yolk", "white", "zest", "juice", "peel", "rind", "leaf", "leaves", "stalk", "shell");

    /** The yolks of the eggs on the list. */
    private static boolean isPart(Situation s, Mentions.Mention mention) {
        int dash = mention.id().lastIndexOf('-');
        return dash > 0
                && PARTS.contains(mention.id().substring(dash + 1))
                && s.lesson().foods().stream()
                        .anyMatch(f -> mention.id().substring(0, dash).equals(f.cooked()));
    }

    /** "Dried chillies" are the chilli flakes of the list: the same seasoning by a looser name. */
    private static boolean isSpiceOfList(Situation s, Mentions.Mention mention) {
        if (!isSeasoning(s.knowledge().food(mention.id()))) return false;
        var said = Word.of(mention.words());
        return said.size() > 1
                && s.lesson().foods().stream()
                        .filter(l -> isSeasoning(s.food(l)))
                        .flatMap(l -> Word.of(l.item()).stream())
                        .anyMatch(w -> w.stem().equals(said.getLast().stem()));
    }

    /** Demerara and muscovado are brown sugars. */
    private static boolean isBrownOfList(Situation s, Mentions.Mention mention) {
        return mention.words().equalsIgnoreCase("brown sugar") && s.foods().anyMatch(f -> BROWN.contains(f.id()));
    }

    private static final Set<String> BROWN = Set.of("demerara", "dark-sugar");

    private static boolean isSeasoning(Optional<Food> food) {
        return food.filter(f -> f.group() == Group.SEASONING).isPresent();
    }

    /** "The salsa", where a step before is called so. */
    private static boolean isMade(Situation s, Step step, Mentions.Mention mention) {
        var said = Content.of(mention.words());
        return s.lesson().steps().subList(0, s.number(step) - 1).stream()
                .anyMatch(
                        before -> !said.isEmpty() && Content.of(before.title()).containsAll(said));
    }

    private Finding finding(Situation s, Step step, Mentions.Mention mention) {
        var food = s.knowledge().food(mention.id()).orElseThrow();
        return about(new About.OfFoodInStep(step.id(), food.id()), s.number(step.id()), mention.words())
                .mending(mend("list", lesson -> listed(lesson, step, food, mention.words())));
    }

    private static Lesson listed(Lesson lesson, Step step, Food food, String words) {
        var line = FoodLine.of(lesson.newFoodId(), words, food.id(), null).but(d -> {
            d.optional = true;
            d.toTaste = true;
        });
        return Operations.list(line, step.id()).apply(lesson);
    }
}
