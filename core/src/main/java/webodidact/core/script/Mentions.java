package webodidact.core.script;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.memo.Remembered;
import webodidact.core.words.Word;

/** Finds the foods and tools of a lesson in plain words: those on the list, those that are not, and the tools. */
public final class Mentions {
    /**
     * LISTED: {@code id} is a food line; UNLISTED: a food of the table that no line has; TOOL: a tool of the table; NEAR: one
     * letter off a word of a food line.
     */
    public enum Kind {
        LISTED,
        UNLISTED,
        TOOL,
        NEAR
    }

    /**
     * From {@code start} (inclusive) to {@code end} (exclusive) in the text searched.
     *
     * @param right what a near miss probably means, else ""
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
    private final Map<String, Optional<String>> answers = new ConcurrentHashMap<>();

    /** What is found depends on the list alone: while words are typed it stays the same, for whoever asks. */
    private record Known(List<FoodLine> foods, Knowledge knowledge) {}

    private static final Remembered<Known, Mentions> LATEST =
            new Remembered<>(k -> new Mentions(k.foods(), k.knowledge()), 8);

    /** Those of the lesson, shared by all who ask for the same list. */
    public static Mentions of(Lesson lesson, Knowledge knowledge) {
        return LATEST.of(new Known(lesson.foods(), knowledge));
    }

    private Mentions(List<FoodLine> foods, Knowledge knowledge) {
        this.knowledge = knowledge;
        near = nearMiss(foods, knowledge);
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

    /** In the order they stand; tap water is always there and never unlisted. */
    public List<Mention> in(String text) {
        if (text.isEmpty()) return List.of();
        var all = new ArrayList<Mention>();
        var taken = new BitSet(text.length());
        for (var found : knowledge.foodsIn(text)) {
            var words = text.substring(found.start(), found.end());
            var line = lineFor(found.id(), words);
            if (line != null) add(all, taken, new Mention(found.start(), found.end(), Kind.LISTED, line, words));
            else if (knowledge.food(found.id()).orElseThrow().shelf() != Shelf.TAP)
                add(all, taken, new Mention(found.start(), found.end(), Kind.UNLISTED, found.id(), words));
        }
        for (var found : knowledge.toolsIn(text))
            add(
                    all,
                    taken,
                    new Mention(
                            found.start(),
                            found.end(),
                            Kind.TOOL,
                            found.id(),
                            text.substring(found.start(), found.end())));
        near.in(text, taken, all);
        all.sort(Comparator.comparingInt(Mention::start));
        return all;
    }

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
        // The zest of a listed lemon is on the list, the white of a listed egg too.
        if (said.removeIf(PARTS::contains) && !said.isEmpty())
            for (var entry : lineWords) if (entry.getKey().containsAll(said)) return entry.getValue();
        return null;
    }

    private static final Set<String> PARTS = Set.of(
            "zest", "juice", "rind", "peel", "white", "yolk", "leaf", "stalk", "sprig", "clove", "water", "liquid");
}
