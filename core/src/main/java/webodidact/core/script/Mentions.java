package webodidact.core.script;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import webodidact.core.food.Actions;
import webodidact.core.food.KindWords;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.memo.Remembered;
import webodidact.core.words.Names;
import webodidact.core.words.Word;

/** Finds the foods and tools of a lesson in plain words: those on the list, those that are not, and the tools. */
public final class Mentions {
    /**
     * LISTED: {@code id} is a food line; UNLISTED: a food of the table that no line has; TOOL: a tool of the table; NEAR: one
     * letter off a word of a food line; STAND_IN: a food of the table that is said as another for one of the list.
     */
    public enum Kind {
        LISTED,
        UNLISTED,
        TOOL,
        NEAR,
        STAND_IN
    }

    /**
     * From {@code start} (inclusive) to {@code end} (exclusive) in the text searched.
     *
     * @param right what a near miss probably means, or the line that a stand-in is for, else ""
     */
    public record Mention(int start, int end, Kind kind, String id, String words, String right) {
        public Mention(int start, int end, Kind kind, String id, String words) {
            this(start, end, kind, id, words, "");
        }
    }

    private final Knowledge knowledge;
    private final Map<String, String> lineByFood = new LinkedHashMap<>();
    private final List<Map.Entry<Set<String>, String>> lineWords = new ArrayList<>();
    private final NearMiss near;
    private final Names own = new Names();
    private final Set<String> made = new HashSet<>();
    private final Map<String, List<String>> kinds = new HashMap<>();
    private final Map<String, Optional<String>> answers = new ConcurrentHashMap<>();

    /** What is found depends on the list alone: while words are typed it stays the same, for whoever asks. */
    private record Known(List<FoodLine> foods, String made, Knowledge knowledge) {}

    private static final Remembered<Known, Mentions> LATEST =
            new Remembered<>(k -> new Mentions(k.foods(), k.made(), k.knowledge()), 8);

    /** Those of the lesson, shared by all who ask for the same list. */
    public static Mentions of(Lesson lesson, Knowledge knowledge) {
        return LATEST.of(
                new Known(lesson.foods(), lesson.title() + " " + lesson.makes().what(), knowledge));
    }

    private Mentions(List<FoodLine> given, String makes, Knowledge knowledge) {
        // Whatever the order of the list, the word means the same line.
        var foods = given.stream()
                .sorted(Comparator.comparingInt((FoodLine l) -> l.id().length()).thenComparing(FoodLine::id))
                .toList();
        this.knowledge = knowledge;
        near = nearMiss(foods, knowledge);
        made.addAll(stems(makes));
        kinds(foods);
        own(foods);
        for (var line : foods) {
            for (var food : foodsOf(line)) lineByFood.putIfAbsent(food, line.id());
            lineWords.add(Map.entry(stems(line.item()), line.id()));
            if (line.chosen() != null) {
                knowledge.food(line.chosen()).ifPresent(f -> lineWords.add(Map.entry(stems(f.name()), line.id())));
            }
        }
    }

    private static NearMiss nearMiss(List<FoodLine> foods, Knowledge knowledge) {
        var words = new LinkedHashMap<String, String>();
        for (var line : foods) for (var word : Word.of(line.item())) words.putIfAbsent(word.stem(), line.id());
        return new NearMiss(words, knowledge);
    }

    private static List<String> foodsOf(FoodLine line) {
        var ids = new ArrayList<String>();
        if (line.food() != null) ids.add(line.food());
        if (line.chosen() != null) ids.add(line.chosen());
        ids.addAll(line.mentioned());
        return ids;
    }

    private static Set<String> stems(String text) {
        var set = new HashSet<String>();
        Word.of(text).forEach(w -> set.add(w.stem()));
        return set;
    }

    private void kinds(List<FoodLine> foods) {
        for (var word : KindWords.all()) {
            var lines = foods.stream()
                    .filter(l -> knowledge
                            .food(l.cooked())
                            .filter(f -> KindWords.isMeantBy(f, word))
                            .isPresent())
                    .map(FoodLine::id)
                    .toList();
            if (!lines.isEmpty()) kinds.put(word, lines);
            boolean unknown =
                    knowledge.foodsIn(word).isEmpty() && knowledge.toolsIn(word).isEmpty();
            if (lines.size() == 1 && unknown) own.add(word, lines.getFirst());
        }
    }

    /** The list's own words come first, also for foods the table does not know; a name of several words by its last, where that is no other food. */
    private void own(List<FoodLine> foods) {
        var last = new HashMap<String, Integer>();
        for (var line : foods) {
            var words = Word.of(line.item());
            if (!words.isEmpty()) last.merge(words.getLast().stem(), 1, Integer::sum);
        }
        for (var line : foods) {
            var words = Word.of(line.item());
            if (words.isEmpty()) continue;
            own.add(line.item(), line.id());
            var end = words.getLast();
            var word = line.item().substring(end.start(), end.end());
            boolean known = line.food() != null && ANYBODYS.contains(end.stem())
                    || !knowledge.foodsIn(word).isEmpty()
                    || !knowledge.toolsIn(word).isEmpty()
                    || knowledge.isDescription(word)
                    || Actions.shipped().named(word).isPresent();
            if (words.size() > 1 && !known && end.stem().length() >= LEAST_OWN && last.get(end.stem()) == 1)
                own.add(word, line.id());
        }
    }

    /**
     * In the order they stand. Tap water is always there and never unlisted; what is not used here and now ({@link Asides}) is not found, nor
     * what the lesson itself makes.
     */
    public List<Mention> in(String text) {
        return text.isEmpty() ? List.of() : found.of(text);
    }

    private final Remembered<String, List<Mention>> found = new Remembered<>(this::search);

    /** What was worked out with this list before; it goes with the list. @param key says all else that the answer depends on */
    @SuppressWarnings("unchecked")
    <V> V remembered(Object key, Supplier<V> work) {
        return (V) besides.of(key, work);
    }

    private final Remembered<Object, Object> besides = new Remembered<>(k -> {
        throw new IllegalStateException("Bug: only asked with its work");
    });

    private List<Mention> search(String text) {
        var asides = Asides.of(text);
        var all = everything(text);
        var used = new ArrayList<Mention>();
        var deeds = knowledge.actionsIn(text).stream().map(Actions.Found::start).collect(Collectors.toSet());
        for (var m : all) {
            // "Cream the butter": what hands do is no food; "butter the tin" takes some.
            if (deeds.contains(m.start()) && (m.kind() == Kind.UNLISTED || stands(CREAMING, text, m.start()))) continue;
            if (stands(FISHING, text, m.start()) || stands(MINCING, text, m.start())) continue;
            if (m.kind() == Kind.UNLISTED
                    && TAKEN_OUT
                            .matcher(text.substring(Math.max(0, m.start() - 24), m.start()))
                            .find()) continue;
            // "A spoon of the pasta water": what it was cooked in, or what is made of it.
            if (m.kind() == Kind.UNLISTED && stands(WATER, text, m.end())) continue;
            if (m.kind() == Kind.UNLISTED) {
                var stand = StandIns.of(text, m, all);
                if (stand != null) {
                    if (!asides.covers(m.start()) || asides.covers(m.start(), Asides.Kind.STATE)) used.add(stand);
                    continue;
                }
                if (isMade(text, m)) continue;
            }
            if (m.kind() != Kind.TOOL
                    && THING.matcher(text.substring(m.end(), Math.min(text.length(), m.end() + 12)))
                            .find()) continue;
            if (m.kind() == Kind.LISTED && isNamed(text, m)) continue;
            if (!asides.covers(m.start())) used.add(m);
        }
        return List.copyOf(used);
    }

    private static boolean stands(Pattern pattern, String text, int at) {
        return pattern.matcher(text)
                .region(at, text.length())
                .useTransparentBounds(true)
                .lookingAt();
    }

    private List<Mention> everything(String text) {
        var all = new ArrayList<Mention>();
        var taken = new BitSet(text.length());
        var foods = knowledge.foodsIn(text);
        var tools = knowledge.toolsIn(text);
        // "Butter knife": a food's name within a tool's is the tool's.
        for (var tool : tools) {
            if (foods.stream()
                    .anyMatch(f -> f.start() >= tool.start()
                            && f.end() <= tool.end()
                            && f.end() - f.start() < tool.end() - tool.start())) add(all, taken, tool(text, tool));
        }
        for (var found : own.find(text)) {
            boolean longer = foods.stream()
                    .anyMatch(f -> f.start() <= found.start()
                            && f.end() >= found.end()
                            && f.end() - f.start() > found.end() - found.start());
            if (!longer)
                add(
                        all,
                        taken,
                        new Mention(
                                found.start(),
                                found.end(),
                                Kind.LISTED,
                                found.id(),
                                text.substring(found.start(), found.end())));
        }
        for (var found : foods) {
            var words = text.substring(found.start(), found.end());
            var line = lineFor(found.id(), words);
            if (line != null) add(all, taken, new Mention(found.start(), found.end(), Kind.LISTED, line, words));
            else if (knowledge.food(found.id()).orElseThrow().shelf() != Shelf.TAP
                    && kind(stems(words)).isEmpty())
                add(all, taken, new Mention(found.start(), found.end(), Kind.UNLISTED, found.id(), words));
        }
        for (var found : tools) add(all, taken, tool(text, found));
        near.in(text, taken, all);
        all.sort(Comparator.comparingInt(Mention::start));
        return all;
    }

    private static Mention tool(String text, Names.Found found) {
        return new Mention(
                found.start(), found.end(), Kind.TOOL, found.id(), text.substring(found.start(), found.end()));
    }

    /** "The salsa", where the title has it, and "the dough", "your filling": what comes of the list. */
    private boolean isMade(String text, Mention mention) {
        var said = stems(mention.words());
        if (made.containsAll(said)) return true;
        // The breads of "Flatbreads".
        if (said.size() == 1
                && made.stream().anyMatch(m -> m.endsWith(said.iterator().next()))) return true;
        var before = text.substring(Math.max(0, mention.start() - 12), mention.start())
                .toLowerCase(Locale.ROOT);
        return MADE_HERE.containsAll(said)
                && MINE.matcher(before).find()
                // "A bit of bread with it" is bought; "a ball of dough" is made.
                && !(before.endsWith("bit of ") && BOUGHT.containsAll(said));
    }

    private static final Set<String> BOUGHT = stems("bread salad gravy jam pesto relish chutney cake biscuit");

    /** "The fish pie" of a lesson called so is the dish, and takes no fish. */
    private boolean isNamed(String text, Mention mention) {
        var next = NEXT.matcher(text.substring(mention.end(), Math.min(text.length(), mention.end() + 16)));
        if (!next.find()) return false;
        var dish = stems(next.group(1));
        return MADE_HERE.containsAll(dish) && made.containsAll(dish) && made.containsAll(stems(mention.words()));
    }

    private static final Pattern NEXT = Pattern.compile("^[ -](\\p{L}{3,})");

    /** Unless another stands there already. */
    private static void add(List<Mention> all, BitSet taken, Mention mention) {
        if (!isFree(taken, mention.start(), mention.end())) return;
        taken.set(mention.start(), mention.end());
        all.add(mention);
    }

    static boolean isFree(BitSet taken, int start, int end) {
        int next = taken.nextSetBit(start);
        return next < 0 || next >= end;
    }

    /** Lines of the kind that a single word means; empty for any other word. */
    private List<String> kind(Set<String> said) {
        return said.size() == 1 ? kinds.getOrDefault(said.iterator().next(), List.of()) : List.of();
    }

    /** The line of that food; else the only kind on the list that the plain word can mean: "oil" is the sunflower oil. */
    private String lineFor(String food, String words) {
        // A lesson says "oil" fifty times; nothing is an answer too.
        var key = food + "/" + words;
        return answers.computeIfAbsent(key, k -> Optional.ofNullable(search(food, words)))
                .orElse(null);
    }

    private String search(String food, String words) {
        var said = stems(words);
        for (var entry : lineWords) if (entry.getKey().equals(said)) return entry.getValue();
        var exact = lineByFood.get(food);
        if (exact != null) return exact;
        for (var entry : lineWords) if (entry.getKey().containsAll(said)) return entry.getValue();
        // "The leftover rice" is what the listed rice has become.
        if (said.removeIf(BECOME::contains) && !said.isEmpty()) {
            for (var entry : lineWords) if (entry.getKey().containsAll(said)) return entry.getValue();
        }
        // The zest of a listed lemon is on the list, the white of a listed egg too.
        if (said.removeIf(PARTS::contains) && !said.isEmpty())
            for (var entry : lineWords) if (entry.getKey().containsAll(said)) return entry.getValue();
        // "A runny yolk" is that of the listed eggs.
        if (said.isEmpty() && food.contains("-")) {
            var whole = lineByFood.get(food.substring(0, food.lastIndexOf('-')));
            if (whole != null) return whole;
        }
        // "The cheese" is the mozzarella, where that is the only one.
        var kind = kind(stems(words));
        return kind.size() == 1 ? kind.getFirst() : null;
    }

    /** Letters of a word that may stand for a list's name of several words. */
    private static final int LEAST_OWN = 4;

    /** "Butter knife", "egg timer": a food's name in that of a thing the table may not know. */
    private static final Pattern THING = Pattern.compile(
            "^[ -](?:knife|timer|peeler|press|mill|grinder|dish|corer|crusher|cutter|slicer|pack|masher|ricer|cup|pan|pot|jar|tin|bowl|jug|basin|tray|whisk|brush|board|spoon|fork|box|counter|aisle|stall|shop|marinade)s?\\b",
            Pattern.CASE_INSENSITIVE);

    /** "Fish the cinnamon out". */
    /** "Mince the garlic": with a knife, and no meat. */
    private static final Pattern MINCING = Pattern.compile(
            "mince (?:up |finely )?(?:the|your|one|two|three|four|some|an?|that|it|them|all|both|\\d|garlic|onions?|ginger|shallots?|chill|parsley|herbs)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern FISHING = Pattern.compile(
            "fish (?:it|them|(?:the|your|that|those) [^.,!?]{1,30}) out\\b|(?<!\\b(?:the|your|my|that|this|some|any|of|white|raw|cooked) )fish out\\b(?! of)",
            Pattern.CASE_INSENSITIVE);

    /** "Fish out the bay leaf". */
    private static final Pattern TAKEN_OUT = Pattern.compile(
            "\\b(?:fish|pick|lift|scoop)(?:ing)? out (?:the|your|that|those|any) (?:\\p{L}+ )?$",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern CREAMING = Pattern.compile(
            "cream (?:the|your|together|it|them|butter|\\d+ ?(?:g|grams?|oz) of (?:the )?butter)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern WATER =
            Pattern.compile("\\s+(?:cooking )?(?:water|juices)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern MINE = Pattern.compile("\\b(?:the|your|our|this|that|of)\\s+$");
    private static final Set<String> MADE_HERE = stems(
            "dough batter mixture sauce dressing salsa filling topping crumble pastry soup stew curry salad paste marinade glaze icing syrup puree mash gravy broth custard jam pesto relish chutney bread cake pancake fritter dumpling meatball burger pie tart frittata omelette risotto porridge pudding biscuit scone muffin crust");

    /** Last words of names that are said of other foods, and of what is left of them, as well. */
    private static final Set<String> ANYBODYS = stems(
            "seed leaf stick clove half piece slice ball cube drop powder paste sauce mix juice skin zest peel water stock flake spread roll sheet block tin bag jar cream milk oil butter cheese bread flour sugar vinegar syrup bean root stalk sprig head bulb heart tip end top white yolk salt pepper");

    private static final Set<String> BECOME = Set.copyOf(stems("leftover cooked drained"));

    private static final Set<String> PARTS = Set.of(
            "zest", "juice", "rind", "peel", "white", "yolk", "leaf", "stalk", "sprig", "clove", "seed", "water",
            "liquid");
}
