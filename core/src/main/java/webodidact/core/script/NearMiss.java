package webodidact.core.script;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import webodidact.core.food.Actions;
import webodidact.core.food.Knowledge;
import webodidact.core.words.Word;

/** Words that are one slip of the finger off a word on the gather list: one letter too many, missing, wrong, or two exchanged. */
final class NearMiss {
    /** Shorter words are too often another word: "peas" and "pears". */
    private static final int LEAST = 5;
    /** English words of a kitchen that are one letter off a food and not meant as one. */
    private static final Set<String> WORDS = Set.of(
            "better", "bitter", "batter", "matter", "letter", "litter", "stream", "steam", "grated", "grate", "spread",
            "treat", "toast", "roast", "coast", "paste", "taste", "baste", "haste", "waste", "later", "water", "wafer",
            "crean", "clean", "dream", "crust", "clove", "glove", "floor", "flows", "share", "shape", "scale", "scald",
            "sauté", "gently", "bread", "broad", "creamy", "floury");

    private record Known(String stem, String line) {}

    private final Map<Integer, List<Known>> byLength = new HashMap<>();
    private final Knowledge knowledge;
    private final Map<String, Optional<Known>> answers = new ConcurrentHashMap<>();

    /** @param words line ids by the stems of the words in the list's items */
    NearMiss(Map<String, String> words, Knowledge knowledge) {
        this.knowledge = knowledge;
        words.forEach((stem, line) -> {
            if (stem.length() >= LEAST)
                byLength.computeIfAbsent(stem.length(), k -> new ArrayList<>()).add(new Known(stem, line));
        });
    }

    /** Adds the near misses among the words that nothing else was found in. */
    void in(String text, BitSet taken, List<Mentions.Mention> found) {
        if (byLength.isEmpty()) return;
        var near = new ArrayList<Mentions.Mention>();
        for (var word : Word.of(text)) {
            if (word.stem().length() < LEAST) continue;
            var known = of(word.stem());
            if (known == null || !Mentions.isFree(taken, word.start(), word.end())) continue;
            near.add(new Mentions.Mention(
                    word.start(),
                    word.end(),
                    Mentions.Kind.NEAR,
                    known.line(),
                    text.substring(word.start(), word.end()),
                    known.stem()));
        }
        found.addAll(near);
    }

    private Known of(String stem) {
        return answers.computeIfAbsent(stem, k -> Optional.ofNullable(search(k)))
                .orElse(null);
    }

    private Known search(String stem) {
        if (WORDS.contains(stem)
                || !knowledge.foodsIn(stem).isEmpty()
                || !knowledge.toolsIn(stem).isEmpty()
                || Actions.shipped().named(stem).isPresent()) return null;
        for (int length = stem.length() - 1; length <= stem.length() + 1; length++) {
            for (var known : byLength.getOrDefault(length, List.of())) {
                if (known.stem().equals(stem)) return null;
                if (known.stem().charAt(0) == stem.charAt(0)
                        && !known.stem().startsWith(stem)
                        && !stem.startsWith(known.stem())
                        && isOneSlip(stem, known.stem())) return known;
            }
        }
        return null;
    }

    /** Equal but for one letter more, less or other, or two neighbours exchanged. */
    static boolean isOneSlip(String a, String b) {
        if (a.length() > b.length()) return isOneSlip(b, a);
        int i = 0;
        while (i < a.length() && a.charAt(i) == b.charAt(i)) i++;
        if (a.length() < b.length()) return a.substring(i).equals(b.substring(i + 1));
        if (i == a.length()) return false;
        if (a.substring(i + 1).equals(b.substring(i + 1))) return true;
        return i + 1 < a.length()
                && a.charAt(i) == b.charAt(i + 1)
                && a.charAt(i + 1) == b.charAt(i)
                && a.substring(i + 2).equals(b.substring(i + 2));
    }
}
