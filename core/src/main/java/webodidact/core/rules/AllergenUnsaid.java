package webodidact.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Allergen;
import webodidact.core.food.AllergenWords;
import webodidact.core.food.Group;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Step;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** What is in the dish that people are allergic to is never said on air, or only a part of it. */
final class AllergenUnsaid implements Check {
    private static final String NAMED =
            "(?:wheat|gluten|milk|dairy|eggs?|nuts?|peanuts?|almonds?|walnuts|hazelnuts|cashews|pecans|pistachios|sesame|soya|soy|fish|shellfish|crustaceans?|prawns?|celery|mustard|sulphites|lupin|molluscs?)";
    private static final Phrase TOLD = Phrase.of(
            "allerg",
            "heads[- ]up\\b[^.!?]{0,40}\\b" + NAMED,
            NAMED + "(?:(?:,| and|, and) " + NAMED
                    + ")* in (?:it|this|there|the|that|them|my|your|these|one|two|both|all)\\b",
            "(?:got|has|have|with) " + NAMED + "(?:(?:,| and|, and|,? some) " + NAMED + ")+",
            "intoleran",
            "co?eliac",
            "contains?\\b",
            "(?:check|read)\\b[^.!?]{0,25}\\b(?:labels?|packets?|packs?|paste|sauce|powder|tin|jar)\\b",
            "labels?\\b",
            "(?:there's|there is|has|got|it's got|with) (?:\\p{L}+ ){0,2}" + NAMED + "(?:,? (?:and )?" + NAMED
                    + ")* in (?:it|this|there|the|that|them)",
            "that(?:'s| is) (?:your |the )?" + NAMED + "(?=[.,!?]|$)",
            "in (?:it|this|this one|there|them)[^.!?]{0,12} (?:there's|there is|is|are) " + NAMED,
            "there's " + NAMED + "(?:, | and |, and )" + NAMED,
            "(?:^|(?<=[.!?] ))" + NAMED + "(?:(?:,| and|, and) " + NAMED + ")*,? (?:obviously|of course)(?=[.!?])",
            "(?:there's|there is|has|got|it's got) (?:\\p{L}+(?: \\p{L}+)?(?:, | and |, and )){1,4}(?:a bit of |some )?\\p{L}+ in (?:it|this|there|the|that|them)\\b",
            "(?:there's|there is) " + NAMED + " and \\p{L}+ in (?:it|this|there|the|that|them)\\b");
    /** Words that no list of foods has, and two allergens in a row, where somebody welcomes or talks. */
    private static final Phrase WELCOMED = Phrase.of(
            "(?:wheat|gluten|dairy|shellfish|crustaceans?|soya|sesame|allergens?)\\b(?![- ]free)",
            NAMED + "(?:(?:,| and|, and) " + NAMED + ")+");

    /** What somebody with an allergy does instead tells nobody what is in it. */
    private static final Phrase ASKS =
            Phrase.of("check\\b", "labels?\\b", "packets?\\b", "read (?:the|your)\\b", "tell (?:me|us|your)\\b");

    private static final Phrase FOR_SOME = Phrase.of(
            "(?:if|for) (?:you|you're|you've|anyone|anybody|someone|those|people|everyone|everybody)\\b[^.!?]{0,40}\\b(?:allerg|intoleran|co?eliac)",
            "suitable for\\b");

    /** Means it in any step. */
    private static final Phrase PLAIN =
            Phrase.of("allerg", "intoleran", "co?eliac", "contains?", "labels?", "check", "read");

    private static final Phrase FLOURS = Phrase.of("(?:flour|bread|pasta|noodles?)\\b");
    private static final Phrase DAIRY = Phrase.of("(?:cheese|butter|yoghurt|cream)\\b");

    private static final Phrase LABELS = Phrase.of(
            "labels?\\b",
            "packets?\\b",
            "list of allergens",
            "allergen list",
            "check (?:the|your)\\b",
            "check with\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        var named = s.course().profile().named();
        var declared = new LinkedHashMap<Allergen, List<String>>();
        for (var line : s.lesson().foods())
            s.food(line)
                    .ifPresent(f -> f.allergens().stream()
                            .filter(a -> named.contains(a) || a == Allergen.WHEAT || a == Allergen.GLUTEN)
                            .forEach(a -> declared.computeIfAbsent(a, k -> new ArrayList<>())
                                    .add(line.id())));
        if (declared.containsKey(Allergen.WHEAT)) declared.remove(Allergen.GLUTEN);
        if (declared.isEmpty() || s.lesson().steps().isEmpty()) return Stream.empty();
        var foods = declared.values().stream().flatMap(List::stream).distinct().toList();
        var titles = declared.keySet().stream().map(Allergen::title).toList();
        var told = s.told()
                .all(TOLD)
                .filter(x -> !x.step().kind().isHandsOn() || PLAIN.isIn(x.words()))
                .filter(x -> !FOR_SOME.isIn(x.sentence()) || ASKS.isIn(x.sentence()))
                .toList();
        if (told.isEmpty())
            told = s.told()
                    .all(WELCOMED)
                    .filter(x -> x.step().kind() == Kind.WELCOME || x.step().kind() == Kind.TALK)
                    .toList();
        var first = s.lesson().steps().getFirst();
        if (told.isEmpty())
            return Stream.of(about(new About.OfLesson(), 0, titles.size(), titles)
                    .ofFoods(foods)
                    .mending(sayAlso(first, titles)));
        return some(s, certain(s, declared), told, first);
    }

    /** Without those that a label alone may have. */
    private static Map<Allergen, List<String>> certain(Situation s, Map<Allergen, List<String>> declared) {
        var all = new LinkedHashMap<Allergen, List<String>>();
        declared.forEach((allergen, lines) -> {
            var sure = lines.stream()
                    .filter(l -> s.lesson()
                            .food(l)
                            .flatMap(s::food)
                            .filter(f -> !f.checkLabel() || f.group() == Group.BAKERY && allergen == Allergen.WHEAT)
                            .isPresent())
                    .toList();
            if (!sure.isEmpty()) all.put(allergen, sure);
        });
        return all;
    }

    /** Where some are named one by one, the others are missed; where a label or a list is pointed to, it has them all. */
    private Stream<Finding> some(Situation s, Map<Allergen, List<String>> declared, List<Told.Said> told, Step first) {
        var words = new StringBuilder();
        told.forEach(x -> words.append(x.sentence().toLowerCase(Locale.ROOT)).append(". "));
        var all = words.toString();
        var missing = declared.keySet().stream().filter(a -> !names(all, a)).toList();
        boolean any = missing.size() < declared.size();
        if (!any || missing.isEmpty() || LABELS.isIn(all)) return Stream.empty();
        var titles = missing.stream().map(Allergen::title).toList();
        return Stream.of(at(s, told.getFirst().step().id(), titles.size(), titles)
                .as("some")
                .ofFoods(missing.stream()
                        .flatMap(a -> declared.get(a).stream())
                        .distinct()
                        .toList())
                .mending(sayAlso(first, titles)));
    }

    /** The allergen, another of its kind, or a food that everybody knows to have it. */
    static boolean names(String words, Allergen allergen) {
        return AllergenWords.isNamed(allergen, words)
                || switch (allergen) {
                    case GLUTEN -> AllergenWords.isNamed(Allergen.WHEAT, words) || FLOURS.isIn(words);
                    case WHEAT -> AllergenWords.isNamed(Allergen.GLUTEN, words) || FLOURS.isIn(words);
                    case MILK -> DAIRY.isIn(words);
                    case CRUSTACEANS -> AllergenWords.isNamed(Allergen.MOLLUSCS, words);
                    case MOLLUSCS -> AllergenWords.isNamed(Allergen.CRUSTACEANS, words);
                    case NUTS -> AllergenWords.isNamed(Allergen.PEANUTS, words);
                    case PEANUTS -> AllergenWords.isNamed(Allergen.NUTS, words);
                    case SULPHITES -> true;
                    case EGGS, SOYA, FISH, CELERY, MUSTARD, SESAME, LUPIN -> false;
                };
    }
}
