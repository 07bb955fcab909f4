package webodidact.core.rules;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Food;
import webodidact.core.food.KindWords;
import webodidact.core.food.Risk;
import webodidact.core.lesson.FoodLine;
import webodidact.core.script.Asides;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Food is kept for another day and nobody says for how long. */
final class KeepingUnsaid implements Check {
    private static final Phrase KEPT = Phrase.of(
            "(?:what(?:ever)?(?:'s| is) (?:left|over)|left[- ]?overs?|the rest|any (?:that(?:'s| is) )?left|spares?)\\b[^.!?]{0,60}\\b(?:fridge|freez|keeps?|box|tub|another day|later)\\b",
            "left\\b[^.!?]{0,40}\\b(?:fridge|freezer)\\b",
            "keeps? (?:well |fine |lovely |it |them )*for (?:ages|ever|a (?:good )?while|weeks|as long)",
            "(?:keep|store|save) (?:it|them|the rest|any)\\b[^.!?]{0,30}\\b(?:in the fridge|in a (?:box|tub|jar)|in the freezer)",
            "left[- ]?over\\b[^.!?]{0,40}\\b(?:whenever|any ?time|another day|later in the week|next day|for lunch)\\b",
            "(?:they|it|these|this)(?:'ll| will) keep (?:well |fine )?in (?:a|the|your|an airtight) (?:tin|tub|jar|box|container|fridge)\\b(?! for)",
            "lasts? (?:for )?(?:ages|forever|a while|weeks)");
    private static final Phrase HOW_LONG = Phrase.of(
            "\\bdays?\\b",
            "today\\b",
            "tonight\\b",
            "tomorrow\\b",
            "(?:a|one|two|three|four|six|\\d+) (?:hours?|weeks?|months?)\\b",
            "use[- ]by\\b",
            "best before",
            "minutes?\\b",
            "straight away\\b",
            "by (?:mon|tues|wednes|thurs|fri|satur|sun)day");

    /** So long, and not frozen. */
    private static final Phrase LONG = Phrase.of(
            "(?:keeps?|lasts?|(?:good|fine)(?= for)|(?:be|is|are|they're|it's) (?:fine|good|ok|okay|all right)) (?:in the fridge |well |fine |happily )*(?:you )?(?:for )?(?:up to |about |around |at least |a good |easily )*(?:a fortnight|(?:two|three|2|3) weeks|(?:ten|twelve|10|12|14|fourteen) days|a month|(?:a|the|all) week|(?:six|seven|6|7) days)\\b(?! or\\b| to\\b)");
    /** Cooked rice, meat, poultry and fish are past it in two to four days wherever one asks. */
    private static final Phrase WEEK = Phrase.of("(?:a|the|all) week\\b", "(?:six|seven|6|7) days");

    private static boolean isShortCooked(Food food) {
        return food.risk() == Risk.RAW_POULTRY
                || food.risk() == Risk.RAW_MINCE
                || food.risk() == Risk.RAW_MEAT
                || food.risk() == Risk.RAW_FISH
                || KindWords.isMeantBy(food, "rice");
    }

    /** Fat, sugar, salt, acid or dryness keeps these. */
    private static final Phrase KEEPS = Phrase.of(
            "jam\\b",
            "chutney",
            "pickle",
            "relish",
            "marmalade",
            "curd\\b",
            "biscuits?",
            "cookies?",
            "shortbread",
            "granola",
            "flapjacks?",
            "fudge",
            "toffee",
            "truffles?",
            "fruit ?cake",
            "christmas",
            "ferment",
            "kimchi",
            "sauerkraut",
            "cure[ds]?\\b",
            "syrup",
            "cordial",
            "vinaigrette",
            "crackers?",
            "cakes?\\b",
            "loaf",
            "bread\\b",
            "meringues?",
            "butter\\b",
            "pesto",
            "freez",
            "frozen");
    /** Days after which milk, cream, cooked meat, fish and rice are past it everywhere. */
    private static final int SHORT = 5;

    @Override
    public Stream<Finding> find(Situation s) {
        return Stream.of(unsaid(s), tooLong(s), raw(s)).flatMap(f -> f);
    }

    /** Of fish eaten raw: cold storage charts (USDA FSIS) give fresh fish one to two days. */
    private static final Phrase DAYS = Phrase.of(
            "(?:keeps?|lasts?|(?:good|fine)(?= for)|(?:be|is|are|they're|it's) (?:fine|good|ok|okay|all right)) (?:in the fridge |well |fine |happily )*(?:you )?(?:for )?(?:up to |about |around |at least |a good |easily )*(?:three|four|five|[3-5]) days\\b");

    /** "The rice keeps three days" is not said of the fish. */
    private Stream<Finding> raw(Situation s) {
        var fish = EatenRaw.fish(s);
        if (fish.isEmpty()) return Stream.empty();
        return Told.oncePerStep(s.told()
                        .all(DAYS)
                        .filter(x -> !x.is(Asides.Kind.DENIED))
                        .filter(x ->
                                named(s, x).isEmpty() || named(s, x).stream().anyMatch(fish::contains)))
                .map(x -> at(
                                s,
                                x.step().id(),
                                x.words().strip(),
                                fish.getFirst().item())
                        .as("raw"));
    }

    private Stream<Finding> tooLong(Situation s) {
        var spoils = s.foods()
                .filter(LeftOutTooLong::spoils)
                .filter(f -> isShortCooked(f)
                        || f.facts().keeps() != null && f.facts().keeps().time() <= SHORT)
                .findFirst();
        if (spoils.isEmpty() || KEEPS.isIn(s.lesson().title())) return Stream.empty();
        boolean cooked = s.foods().anyMatch(KeepingUnsaid::isShortCooked);
        return Told.oncePerStep(s.told()
                        .all(LONG)
                        .filter(x -> cooked || !WEEK.isIn(x.words()))
                        .filter(x ->
                                !x.is(Asides.Kind.DENIED) && !x.is(Asides.Kind.OTHER_TIME) && !KEEPS.isIn(x.text()))
                        .filter(x -> !isOfOthers(s, x)))
                .map(x -> at(s, x.step().id(), x.words().strip(), spoils.get().name())
                        .as("long"));
    }

    /** "The ginger keeps for a week": of foods that do. */
    private static boolean isOfOthers(Situation s, Told.Said said) {
        var named = named(s, said).stream().flatMap(l -> s.food(l).stream()).toList();
        return !named.isEmpty() && named.stream().noneMatch(LeftOutTooLong::spoils);
    }

    /** The foods of the list that its sentence names. */
    private static List<FoodLine> named(Situation s, Told.Said said) {
        return s.answers().finder().in(said.sentence()).stream()
                .filter(m -> m.kind() == Mentions.Kind.LISTED)
                .flatMap(m -> s.lesson().food(m.id()).stream())
                .toList();
    }

    private Stream<Finding> unsaid(Situation s) {
        return Told.oncePerStep(s.told()
                        .all(KEPT)
                        .filter(x -> !isAsBought(s, x) && !OVERNIGHT.isIn(x.sentence()))
                        .filter(x -> !x.is(Asides.Kind.DENIED) && !x.is(Asides.Kind.OTHER_TIME)))
                .filter(x -> !Told.says(x.step(), HOW_LONG) || VAGUE.isIn(x.words()))
                .map(x -> at(s, x.step().id(), x.words()).mending(sayAlso(x.step())));
    }

    /** "The rest of the lemon for later": nobody has cooked it. */
    private static boolean isAsBought(Situation s, Told.Said said) {
        return said.words().toLowerCase(Locale.ROOT).startsWith("the rest of the ")
                && s.answers().finder().in(said.words()).stream().anyMatch(m -> m.kind() == Mentions.Kind.LISTED);
    }

    /** That is how long. */
    private static final Phrase OVERNIGHT = Phrase.of("overnight\\b");

    private static final Phrase VAGUE = Phrase.of("ages\\b", "for ?ever", "a (?:good )?while", "weeks\\b");
}
