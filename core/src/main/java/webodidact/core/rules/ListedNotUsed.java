package webodidact.core.rules;

import java.util.ArrayList;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.food.Food;
import webodidact.core.food.Group;
import webodidact.core.food.KindWords;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.script.Asides;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;
import webodidact.core.words.Word;

final class ListedNotUsed implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        if (!s.isWritten()) return Stream.empty();
        var taken = s.lesson().steps().stream()
                .flatMap(step -> step.uses().stream())
                .map(Use::line)
                .collect(Collectors.toSet());
        if (s.lesson().foods().stream().allMatch(f -> taken.contains(f.id()))) return Stream.empty();
        var said = s.handsOn().map(Content::done).flatMap(Set::stream).collect(Collectors.toSet());
        if (s.handsOn().anyMatch(step -> Told.says(step, EVERYTHING))) return Stream.empty();
        boolean fries = s.handsOn().anyMatch(step -> Told.says(step, FRIES));
        var unused = s.lesson().foods().stream()
                .filter(f -> !(fries
                        && s.food(f).filter(x -> x.id().endsWith("-oil")).isPresent()))
                .filter(f -> s.lesson().foods().stream()
                        .noneMatch(o -> o != f
                                && f.cooked() != null
                                && f.cooked().equals(o.cooked())
                                && taken.contains(o.id())))
                .filter(f -> !taken.contains(f.id()))
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

    /** Whatever is on the list is in it, named or not. */
    private static final Phrase EVERYTHING = Phrase.of(
            "(?:everything|the lot|all (?:of )?the (?:rest|ingredients|other)|the rest of (?:the|your) ingredients)\\b[^.!?]{0,20}\\b(?:in|into|together|goes|else)\\b",
            "all (?:of )?(?:your|the|those) (?:\\p{L}+ )?(?:colours|colors|fillings|toppings|bits|goodies|extras)\\b",
            "(?:mix|stir|fold|tip|put|chuck|throw|bung) (?:everything|it all|them all|that all|the lot)",
            "everything else\\b");

    private static final Phrase FRIES = Phrase.of("(?:deep|shallow)?[- ]?fr(?:y|ies|ied)\\b");

    /** What takes several lines at once without naming them. */
    private static final Map<Phrase, Predicate<Food>> TOGETHER = Map.of(
            Phrase.of("(?:(?:the|your|those|all) (?:\\p{L}+ )?)?spices\\b"), f -> f.shelf() == Shelf.SPICE,
            Phrase.of("(?<!dried |mixed )(?:(?:the|your|those|all) (?:\\p{L}+ )?)?herbs\\b"),
                    f -> f.group() == Group.HERB,
            Phrase.of("(?:the|your|those|all) (?:\\p{L}+ )?(?:veg|veggies|vegetables)\\b"),
                    f -> f.group() == Group.VEGETABLE,
            Phrase.of("(?:(?:the|your|those|all) (?:\\p{L}+ )?)?sauces\\b"), f -> f.group() == Group.SAUCE,
            Phrase.of("toast\\b"), f -> f.id().endsWith("bread"),
            Phrase.of("(?:a|the|your|my|each|every|of|in|on|two|three|four) wraps?\\b", "wrap,"),
                    f -> f.id().endsWith("tortilla"),
            Phrase.of("(?:the|your|all) dry (?:ingredients|things|stuff|bits)\\b"),
                    f -> f.group() == Group.GRAIN || f.group() == Group.RAISING || f.group() == Group.SUGAR);

    /** A word of its name that no other line has: "the noodles" may be the egg noodles, and nobody knows. */
    private static boolean isSaid(Situation s, FoodLine line, Set<String> said) {
        if (isForLater(s, line) || isOneOfTwo(s, line)) return true;
        if (s.food(line).filter(ListedNotUsed::isSalt).isPresent()
                && s.handsOn().anyMatch(step -> Told.says(step, SEASONS))) return true;
        if (s.handsOn().anyMatch(step -> names(s, step, line))) return false;
        if (isGiven(s, line)) return true;
        if (line.amount() != null
                && line.amount().unit().symbol().equals("slice")
                && s.handsOn().anyMatch(step -> Told.says(step, SLICES))) return true;
        var food = s.food(line);
        if (food.isPresent()
                && TOGETHER.entrySet().stream()
                        .anyMatch(e -> e.getValue().test(food.get())
                                && s.handsOn()
                                        .anyMatch(step ->
                                                Told.says(step, e.getKey()) && !namesSeveral(s, step, e.getValue()))))
            return true;
        if (food.filter(f -> f.id().endsWith("bread")).isPresent() && s.told().says(WITH_TOAST)) return true;
        boolean kind = food.isPresent()
                && said.stream()
                        .filter(w -> KindWords.isMeantBy(food.get(), w))
                        // "The spices" are all of them; "the pepper" is one, and nobody knows which.
                        .anyMatch(w -> w.endsWith("s")
                                || MASS.contains(w)
                                || s.foods()
                                                .filter(f -> KindWords.isMeantBy(f, w))
                                                .count()
                                        == 1);
        if (kind) return true;
        // "The breads" may be the flatbreads.
        if (Content.of(line.item()).stream()
                .anyMatch(own -> said.stream().anyMatch(w -> w.length() > 3 && own.endsWith(w) && !own.equals(w))))
            return true;
        if (Content.of(line.form()).stream()
                .anyMatch(own -> said.stream().anyMatch(w -> w.length() > 3 && own.startsWith(w)))) return true;
        return Content.of(line.item()).stream()
                .filter(said::contains)
                .filter(w -> !s.knowledge().isDescription(w))
                .anyMatch(w -> s.lesson().foods().stream()
                        .noneMatch(o -> o != line && Content.of(o.item()).contains(w)));
    }

    /** "Taste and season": with the salt, though nobody names it. */
    private static final Phrase SEASONS =
            Phrase.of("(?<!\\bin |this |the )season(?: it| them| well| to taste)*(?= ?[.,!;]| and\\b|$)");

    private static boolean isSalt(Food food) {
        return food.id().equals("salt") || food.id().endsWith("-salt");
    }

    /** "For finger food give them grapes", in a talk: it is served, where nobody's hands are at work. */
    private static boolean isGiven(Situation s, FoodLine line) {
        return s.lesson().steps().stream()
                .filter(step -> step.kind() == Kind.TALK || step.kind() == Kind.TASK)
                .anyMatch(step -> GIVES.in(step.say()).stream()
                        .anyMatch(hit -> s.mentions().get(step.id()).stream()
                                .anyMatch(m -> m.kind() == Mentions.Kind.LISTED
                                        && m.id().equals(line.id())
                                        && hit.sentence().contains(m.words()))));
    }

    /** Served beside it, in whatever step that is said. */
    private static final Phrase WITH_TOAST = Phrase.of("(?:some|bit of|slice of|piece of|the|with|buttered) toast\\b");

    /** What is listed in slices and goes by no other name. */
    private static final Phrase SLICES = Phrase.of(
            "(?:on|onto|with|between|of|your|the|two|three|four|six|eight|each|every) (?:\\p{L}+ )?slices?\\b");

    private static final Phrase GIVES =
            Phrase.of("\\b(?:give|offer|serve|hand|let) (?:them|it|him|her|baby|your|the|some|a)\\b", "\\bserve\\b");

    /** Words for all there is of a kind, in the singular. */
    private static final Set<String> MASS = Set.of("fish", "meat", "fruit");

    /** "On with the veg: the pepper in strips, the onions on the slant": the step says which it means. */
    private static boolean namesSeveral(Situation s, Step step, Predicate<Food> group) {
        return s.lesson().foods().stream()
                        .filter(line -> s.food(line).filter(group).isPresent() && names(s, step, line))
                        .count()
                >= 2;
    }

    /** More of them are one matter. */
    private static final int APART = 3;

    private static final int NAMED = 8;

    private Finding finding(Situation s, FoodLine line) {
        var mends = new ArrayList<Mend>();
        var named = s.lesson().steps().stream()
                .filter(step -> step.kind().isHandsOn() && names(s, step, line))
                .findFirst();
        named.ifPresent(
                step -> mends.add(mend("use", Operations.use(step.id(), line.id(), null), s.number(step.id()))));
        mends.add(mend("off", Operations.delist(line.id())));
        int number = named.map(step -> s.number(step.id())).orElse(0);
        return about(new About.OfFood(line.id()), number, line.item()).mending(mends);
    }

    /** "Flour" in two steps, of a list with two flours: the second may be the other one. */
    private static boolean isOneOfTwo(Situation s, FoodLine line) {
        var words = Word.of(line.item());
        if (words.size() < 2) return false;
        var head = words.getLast().stem();
        var others = s.lesson().foods().stream()
                .filter(o -> o != line && Word.of(o.item()).getLast().stem().equals(head))
                .map(FoodLine::id)
                .collect(Collectors.toSet());
        var said = s.handsOn()
                .filter(step -> s.mentions().get(step.id()).stream().anyMatch(m -> others.contains(m.id())))
                .toList();
        return said.size() > 1
                && said.stream()
                        .flatMap(step -> s.mentions().get(step.id()).stream())
                        .anyMatch(m -> others.contains(m.id())
                                && Word.of(m.words()).size() == 1
                                && Word.stem(m.words().toLowerCase(Locale.ROOT)).equals(head));
    }

    /** "Tomorrow morning, hazelnuts on top": used, though not here and now. */
    private static boolean isForLater(Situation s, FoodLine line) {
        var own = Content.of(line.item());
        return s.told()
                .all(LATER)
                .filter(x -> x.step().kind() != Kind.RUN_THROUGH)
                .anyMatch(x -> (x.is(Asides.Kind.OTHER_TIME) || x.is(Asides.Kind.TO_COME))
                        && !own.isEmpty()
                        && Content.of(x.sentence()).containsAll(own));
    }

    private static final Phrase LATER = Phrase.of("tomorrow", "later", "next (?:day|time|week)", "another day");

    private static boolean names(Situation s, Step step, FoodLine line) {
        return Stream.concat(s.mentions().get(step.id()).stream(), s.done().get(step.id()).stream())
                .anyMatch(m -> m.kind() == Mentions.Kind.LISTED && m.id().equals(line.id()));
    }
}
