package webodidact.core.rules;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Allergen;
import webodidact.core.food.Food;
import webodidact.core.food.Group;
import webodidact.core.lesson.Step;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;

/**
 * A stand-in that is told on air brings something people are allergic to that the dish does not have, and neither its name nor the
 * step says so: pesto for the herbs, Worcestershire sauce for soy sauce.
 */
final class StandInAllergenUnsaid implements Check {
    private static final Phrase TOLD =
            Phrase.of("labels?\\b", "allerg", "contains?\\b", "packets?\\b", "suitable for\\b");

    /** Letters around it in which the same breath may tell. */
    private static final int FAR = 120;

    @Override
    public Stream<Finding> find(Situation s) {
        var said = new HashSet<String>();
        return s.lesson().steps().stream()
                .flatMap(step -> s.mentions().get(step.id()).stream()
                        .flatMap(m -> offered(s, m).stream())
                        .filter(t -> said.add(t.food().id()))
                        .flatMap(t -> found(s, step, t)));
    }

    /** @param line the stand-in is for, or "" */
    private record Offered(String words, int start, int end, String line, Food food) {}

    /** One that nobody has taken up yet, or one that the list has as announced and that is said here. */
    private static Optional<Offered> offered(Situation s, Mentions.Mention m) {
        if (m.kind() == Mentions.Kind.STAND_IN)
            return s.knowledge().food(m.id()).map(f -> new Offered(m.words(), m.start(), m.end(), m.right(), f));
        if (m.kind() != Mentions.Kind.LISTED) return Optional.empty();
        return s.lesson()
                .food(m.id())
                .filter(line -> !line.mentioned().isEmpty())
                .flatMap(line -> s.knowledge().foodsIn(m.words()).stream()
                        .filter(f -> line.mentioned().contains(f.id()))
                        .findFirst()
                        .flatMap(f -> s.knowledge().food(f.id()))
                        .map(f -> new Offered(m.words(), m.start(), m.end(), line.id(), f)));
    }

    private Stream<Finding> found(Situation s, Step step, Offered m) {
        var food = m.food();
        var say = step.say();
        var meant = meant(say, m);
        if (meant.isPresent())
            return Stream.of(finding(s, step, m, List.of(meant.get().title())).as("same"));
        if (TOLD.isIn(say.substring(Math.max(0, m.start() - FAR), Math.min(say.length(), m.end() + FAR))))
            return Stream.empty();
        var text = say.toLowerCase(Locale.ROOT);
        var brought = brought(s, food).stream()
                .filter(a -> !isInItsName(food, m.words(), a) && !AllergenUnsaid.names(text, a))
                .sorted()
                .toList();
        if (brought.isEmpty()) return Stream.empty();
        return Stream.of(
                finding(s, step, m, brought.stream().map(Allergen::title).toList()));
    }

    private Finding finding(Situation s, Step step, Offered m, List<String> titles) {
        return about(
                        m.line().isEmpty()
                                ? new About.OfStep(step.id())
                                : new About.OfOffer(m.line(), m.food().id()),
                        s.number(step),
                        m.words(),
                        titles.size(),
                        titles)
                .ofFoods(m.line().isEmpty() ? List.of() : List.of(m.line()))
                .mending(sayAlso(step, m.words(), titles));
    }

    /** "If you're allergic to nuts, use cashew butter": it is offered to those who must not have it. */
    private static Optional<Allergen> meant(String say, Offered m) {
        var before = FOR_THE_ALLERGIC.matcher(say.substring(Math.max(0, m.start() - FAR), m.start()));
        if (!before.find()) return Optional.empty();
        var who = before.group(1).toLowerCase(Locale.ROOT);
        return m.food().allergens().stream()
                .filter(a -> AllergenUnsaid.names(who, a))
                .sorted()
                .findFirst();
    }

    private static final Pattern FOR_THE_ALLERGIC = Pattern.compile(
            "\\b(?:allergic to|an? allergy to|no(?= [^.;!?,]{3,30} for (?:you|them|anyone)\\?)|(?:can['’]?t|cannot|mustn['’]t) (?:have|eat|do)|don['’]t (?:eat|do)|intolerant (?:to|of)|avoid(?:ing)?|(?:you|they|who)['’](?:re|s) off) ([^.;!?,]{3,40})(?:\\? )?[^.;!?]{0,40}$",
            Pattern.CASE_INSENSITIVE);

    /** What is declared of it, counts in this country, and is in no food of the list. */
    private static Set<Allergen> brought(Situation s, Food food) {
        var all = new HashSet<>(food.allergens());
        var named = s.course().profile().named();
        all.removeIf(a -> a != Allergen.WHEAT && a != Allergen.GLUTEN && !named.contains(a));
        if (all.contains(Allergen.WHEAT)) all.remove(Allergen.GLUTEN);
        for (var line : s.lesson().foods()) s.food(line).ifPresent(f -> all.removeAll(f.allergens()));
        return all;
    }

    /** Soya yoghurt, salmon: who must not have it hears it. */
    private static boolean isInItsName(Food food, String words, Allergen allergen) {
        boolean sea = allergen == Allergen.FISH || allergen == Allergen.CRUSTACEANS || allergen == Allergen.MOLLUSCS;
        return AllergenUnsaid.names(words.toLowerCase(Locale.ROOT), allergen) || sea && food.group() == Group.FISH;
    }
}
