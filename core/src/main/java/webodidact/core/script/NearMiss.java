package webodidact.core.script;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import webodidact.core.food.Actions;
import webodidact.core.food.Knowledge;
import webodidact.core.words.Word;

/** Words that are one slip of the finger off a word on the gather list: one letter too many, missing, wrong, or two exchanged. */
final class NearMiss {
    /** Shorter words are too often another word: "peas" and "pears". */
    private static final int LEAST = 5;
    /** Common words that are one letter off a food, or could be, and are not meant as one: spelling help never proposes to change them. */
    private static final Set<String> WORDS = Set.of(
            "about", "after", "again", "alive", "almost", "along", "among", "another", "around", "basic", "basis",
            "baste", "batter", "beach", "beads", "beams", "bears", "beast", "before", "began", "being", "below",
            "better", "between", "bitter", "boast", "brawn", "bread", "break", "bring", "broad", "brush", "build",
            "built", "carried", "carry", "carton", "cases", "catch", "cause", "chase", "check", "child", "chill",
            "chilly", "choose", "chose", "clatter", "clean", "clear", "close", "closes", "clove", "coast", "colder",
            "comes", "coming", "cough", "could", "count", "cover", "crack", "creamy", "cross", "crush", "crust",
            "curly", "daily", "dares", "demon", "doing", "drape", "drawn", "dream", "dried", "drink", "drive", "early",
            "earth", "eight", "empty", "enjoy", "equal", "every", "extra", "fails", "falls", "fears", "feast", "ferry",
            "filled", "fills", "filter", "final", "finger", "first", "flame", "flash", "flesh", "float", "floor",
            "flour", "floury", "flows", "fresh", "front", "gates", "gears", "gently", "given", "gives", "glass",
            "glove", "gloves", "going", "grade", "grain", "grand", "grasp", "grate", "grated", "great", "green",
            "group", "grown", "guess", "gutter", "hands", "happy", "haste", "heads", "heard", "heart", "heats", "heavy",
            "hello", "helps", "holds", "hotter", "hours", "house", "hurry", "inner", "inside", "keeps", "kinds",
            "known", "large", "later", "latter", "layer", "leaks", "least", "leave", "leaves", "letter", "level",
            "light", "liked", "likes", "limbs", "lines", "litter", "little", "local", "loose", "lower", "lucky",
            "lunch", "maker", "makes", "match", "matter", "means", "meant", "measure", "merry", "might", "mines",
            "minor", "mixed", "money", "month", "mouth", "moves", "mutter", "never", "night", "noise", "north", "often",
            "order", "other", "ought", "outer", "owner", "pantry", "paper", "parrot", "paste", "pasts", "peace",
            "peaks", "piece", "pieces", "place", "plain", "plate", "plumb", "point", "pound", "pours", "press", "proud",
            "pulls", "quick", "quiet", "quite", "raise", "raising", "range", "rates", "rather", "reach", "ready",
            "relish", "rhyme", "right", "rings", "risen", "rises", "roast", "rough", "round", "runny", "salon",
            "saucer", "sauté", "scald", "scale", "scoop", "seeks", "serve", "seven", "shake", "shape", "share", "sharp",
            "sheet", "shelf", "shell", "shine", "shock", "short", "should", "shows", "sides", "sieve", "sight",
            "simple", "since", "singer", "skins", "slice", "small", "smell", "smooth", "sneak", "solid", "sorry",
            "sorts", "south", "space", "spare", "speak", "spend", "spike", "spine", "spoil", "spoon", "spread", "stack",
            "stage", "stand", "start", "state", "stays", "stead", "steady", "steam", "stick", "still", "stirs", "stone",
            "store", "stork", "story", "stream", "strip", "stuff", "style", "sweet", "table", "taken", "takes", "tango",
            "taste", "tastes", "teach", "tears", "thank", "their", "theme", "there", "these", "thick", "thing",
            "things", "think", "third", "those", "though", "three", "throw", "thumb", "thumbs", "tight", "times",
            "tired", "toast", "today", "touch", "tough", "towel", "tread", "treat", "trick", "tries", "trust", "turns",
            "twice", "under", "union", "until", "upper", "using", "usual", "value", "visit", "wafer", "waits", "waste",
            "watch", "water", "waver", "weeks", "where", "which", "while", "white", "whole", "whose", "wider", "wince",
            "wipes", "woman", "words", "works", "worth", "would", "wraps", "write", "wrong", "years", "young");

    private static final Set<String> STEMS =
            WORDS.stream().flatMap(w -> Stream.of(w, Word.stem(w))).collect(Collectors.toUnmodifiableSet());

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
        if (STEMS.contains(stem)
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
