package webodidact.core.rules;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Food;
import webodidact.core.food.Group;
import webodidact.core.food.Risk;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Step;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Fruit, leaves and vegetables that are eaten with their skin and that nobody washes, in words or on the list. */
final class ProduceUnwashed implements Check {
    /** Their skin, or what is around it, does not come to the table. */
    private static final Set<String> SKIN_OFF = Set.of(
            "onion",
            "red-onion",
            "shallot",
            "garlic",
            "ginger",
            "banana",
            "plantain",
            "avocado",
            "melon",
            "watermelon",
            "mango",
            "pineapple",
            "pomegranate",
            "orange",
            "clementine",
            "grapefruit",
            "blood-orange",
            "squash",
            "pumpkin",
            "swede",
            "celeriac",
            "cassava",
            "yam",
            "lemon",
            "lime",
            "mushroom",
            "portobello",
            "shiitake",
            "passion-fruit",
            "lychee",
            "papaya",
            "bay-fresh",
            "lime-leaf",
            "lemongrass",
            "turmeric-root",
            "galangal",
            "horseradish-root",
            "sweetcorn-cob",
            "fresh-pea",
            "broad-bean-fresh");

    private static final Phrase WASHES = Phrase.of(
            "(?:wash(?:es|ed|ing)?|rins(?:e|es|ed|ing)|scrub(?:s|bed|bing)?|clean(?:s|ed|ing)?)\\b(?! (?:your |those |our )?hands)",
            "(?:wash|rinse|scrub) (?:your |those |our )?hands,? (?:and|then) (?:also )?(?:the|your|those|all|any)\\b",
            "under the (?:cold )?tap\\b",
            "colander and rinse");
    private static final Phrase ALL = Phrase.of(
            "(?:wash|rinse)(?:ed|ing)? (?:all |off )*(?:of )?(?:the |your |our |my )?(?:veg|vegetables|veggies|fruit|salad|produce|herbs|leaves|everything|them all|it all|lot)\\b",
            "hands a (?:\\p{L}+ )?(?:wash|scrub|rinse),? and (?:all )?(?:the|your|our|my) (?:veg|vegetables|veggies|fruit|salad|produce|herbs|leaves)\\b",
            "(?:veg|vegetables|veggies|fruit|salad|produce|herbs) (?:all )?(?:gets?|needs?|wants?|have had|has had) (?:an? )?(?:good |quick |nice |proper )*(?:wash|rinse|scrub|washing|rinsing)\\b",
            "(?:veg|vegetables|veggies|fruit|salad|produce|herbs|everything)\\b[^.!?]{0,20}\\b(?:been|gone|goes?|run) (?:all )?(?:under|through) (?:the|a) (?:cold )?(?:tap|water)\\b",
            "(?:veg|vegetables|fruit|salad|everything|it)(?:['’]s| is| are| was| were| have| has)? (?:all )?(?:been )?(?:washed|rinsed|scrubbed)\\b");
    private static final Phrase PEELS = Phrase.of("peel(?:s|ed|ing)?\\b");
    private static final Phrase READY = Phrase.of(
            "(?:ready[- ]|pre-?|un)?washed\\b",
            "prepared\\b",
            "bagged\\b",
            "tinned\\b",
            "frozen\\b",
            "peeled\\b",
            "cooked\\b",
            "dried\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        if (s.told().all(ALL).findAny().isPresent()) return Stream.empty();
        var unwashed = s.lesson().foods().stream()
                .filter(line -> s.food(line).filter(ProduceUnwashed::hasSkin).isPresent())
                .filter(line -> !READY.isIn(line.described() + " " + line.note()))
                .filter(line -> first(s, line) > 0)
                .filter(line -> !isWashed(s, line))
                .toList();
        if (unwashed.isEmpty()) return Stream.empty();
        int first = unwashed.stream().mapToInt(line -> first(s, line)).min().orElseThrow();
        var step = s.lesson().steps().get(first - 1);
        return Stream.of(at(
                        s,
                        step.id(),
                        unwashed.size(),
                        unwashed.stream().map(FoodLine::item).toList())
                .ofFoods(unwashed.stream().map(FoodLine::id).toList())
                .mending(sayFirst(step, unwashed.stream().map(FoodLine::item).toList())));
    }

    private static boolean hasSkin(Food food) {
        return food.risk() == Risk.UNWASHED
                && !SKIN_OFF.contains(food.id())
                && food.shelf() != Shelf.FREEZER
                && (food.group() == Group.VEGETABLE || food.group() == Group.FRUIT || food.group() == Group.HERB);
    }

    /** Number of the first step that uses it, 0 where none does. */
    private static int first(Situation s, FoodLine line) {
        return s.handsOn()
                .filter(step -> step.usesLine(line.id()) || names(s, step, line))
                .findFirst()
                .map(s::number)
                .orElse(0);
    }

    private static boolean names(Situation s, Step step, FoodLine line) {
        return names(s.mentions().get(step.id()), line) || names(s.done().get(step.id()), line);
    }

    private static boolean names(List<Mentions.Mention> mentions, FoodLine line) {
        for (var m : mentions) if (m.kind() == Mentions.Kind.LISTED && m.id().equals(line.id())) return true;
        return false;
    }

    private static boolean isWashed(Situation s, FoodLine line) {
        var food = s.food(line).orElseThrow();
        if (KINDS.containsKey(food.group()) && s.told().says(KINDS.get(food.group()))) return true;
        if (food.id().endsWith("berry") && s.told().says(BERRIES)) return true;
        if (s.lesson().foods().size() == 1 && s.told().says(WASHES)) return true;
        return s.told().all(OF_A_BAG).anyMatch(x -> isOfABag(s, x, line))
                || Stream.concat(s.told().all(WASHES), s.told().all(PEELS)).anyMatch(x -> isMeant(s, x, line));
    }

    /** "Give your herbs and the cucumber a rinse": herbs by their kind, the cucumber by its name. */
    private static final Map<Group, Phrase> KINDS = Map.of(
            Group.HERB, washedByKind("herbs"),
            Group.FRUIT, washedByKind("fruit"),
            Group.VEGETABLE, washedByKind("(?:veg|veggies|vegetables)"));

    private static final Phrase BERRIES = washedByKind("berries");

    private static Phrase washedByKind(String kind) {
        return Phrase.of(
                "g[ia]v(?:e|en|ing)\\b[^.!?]{0,30}\\b" + kind
                        + "\\b[^.!?]{0,40}\\ba (?:\\p{L}+ )?(?:rinse|wash|scrub)\\b",
                "(?:rinse|wash|scrub)(?:ed|d)?\\b[^.!?]{0,40}\\b" + kind + "\\b");
    }

    /** "The cabbage is out of the bag": a bag of salad is sold washed, and its label says so. */
    private static boolean isOfABag(Situation s, Told.Said said, FoodLine line) {
        return mentions(s, said, line)
                .anyMatch(m -> said.hit().start() >= m.end() && said.hit().start() - m.end() < 14);
    }

    private static Stream<Mentions.Mention> mentions(Situation s, Told.Said said, FoodLine line) {
        return s.answers().finder().in(said.text()).stream().filter(m -> m.id().equals(line.id()));
    }

    private static final Phrase OF_A_BAG =
            Phrase.of("(?:is |are |comes? |straight )*(?:out of|out|from) (?:the|a|its) (?:bag|packet)\\b");

    /** "Peel the carrots": what is peeled stands next to it. */
    private static boolean isNear(String text, Phrase.Hit hit, Mentions.Mention m) {
        return m.start() >= hit.end()
                        && m.start() - hit.end() < FAR
                        && !CUTS.matcher(ALIKE.matcher(text.substring(hit.end(), m.start()))
                                        .replaceFirst(""))
                                .find()
                || m.end() <= hit.start()
                        && hit.start() - m.end() < 14
                        && text.substring(m.end(), hit.start()).indexOf('.') < 0;
    }

    /** Letters within which a list of what is peeled goes on. */
    private static final int FAR = 40;

    /** "Peel and chop the carrots": both are done to what follows. */
    private static final Pattern ALIKE = Pattern.compile(
            "^,? (?:and|then|and then) (?:finely |roughly |thinly )?(?:chop|slice|cut|dice|grate)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern CUTS = Pattern.compile("\\b(?:chop|slice|cut|dice|grate)", Pattern.CASE_INSENSITIVE);

    /** "Carrots in sticks, broccoli in florets. Rinse them first." */
    private static final Phrase THEM =
            Phrase.of("(?:rinse|wash|scrub|clean) (?:them|these|both|those|it all|them all)\\b");

    /** Letters before "rinse them" within which they are named. */
    private static final int JUST_BEFORE = 120;

    private static boolean isMeant(Situation s, Told.Said said, FoodLine line) {
        boolean peels = said.words().toLowerCase(Locale.ROOT).startsWith("peel");
        // "Potatoes: peel, cut into halves": of what the step is called after.
        if (peels
                && said.step().usesLine(line.id())
                && s.answers().finder().in(said.step().title()).stream().anyMatch(m -> m.id().equals(line.id()))
                && mentions(s, said, line).findAny().isEmpty()) return true;
        return mentions(s, said, line)
                .anyMatch(m -> isNear(said.text(), said.hit(), m)
                        || !peels && said.sentence().contains(m.words())
                        || THEM.isIn(said.sentence())
                                && m.end() <= said.hit().start()
                                && said.hit().start() - m.end() < JUST_BEFORE);
    }
}
