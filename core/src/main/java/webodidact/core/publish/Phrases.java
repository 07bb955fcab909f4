package webodidact.core.publish;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Where a spoken text may be parted: at the end of a sentence, at a comma, before "and" or "in"; never behind "the". */
final class Phrases {
    private static final Set<String> JOINS = Set.of(
            "and", "but", "or", "so", "then", "until", "while", "because", "which", "that", "if", "when", "before",
            "after", "und", "aber", "oder", "dann", "bis", "weil", "wenn");
    private static final Set<String> BEFORE_NOUNS = Set.of(
            "in", "on", "into", "with", "for", "from", "to", "of", "at", "under", "over", "through", "between",
            "without", "off");
    private static final Set<String> CLINGS = Set.of(
            "a", "an", "the", "my", "your", "our", "its", "their", "this", "these", "those", "some", "no", "not",
            "very", "about", "half", "der", "die", "das", "ein", "eine");

    private Phrases() {}

    /** Words of a text, none longer than {@code most} signs. */
    static List<String> words(String text, int most) {
        var all = new ArrayList<String>();
        for (var word : text.strip().split("[\\s\\u00a0]+")) {
            int[] signs = word.codePoints().toArray();
            for (int i = 0; i < signs.length; i += most)
                all.add(new String(signs, i, Math.min(most, signs.length - i)));
        }
        return all;
    }

    static int length(List<String> words) {
        int sum = Math.max(0, words.size() - 1);
        for (var word : words) sum += word.codePointCount(0, word.length());
        return sum;
    }

    /** How well a text may be parted before word {@code at}: 100 between sentences, below zero where words cling together. */
    static int parts(List<String> words, int at) {
        var before = words.get(at - 1);
        char last = before.charAt(before.length() - 1);
        if (endsSentence(before)) return 100;
        if (";:–—".indexOf(last) >= 0) return 80;
        if (last == ',') return 60;
        var next = bare(words.get(at));
        var own = bare(before);
        if (CLINGS.contains(own)
                || BEFORE_NOUNS.contains(own)
                || own.chars().allMatch(c -> Character.isDigit(c) || "½¼¾⅓⅔".indexOf(c) >= 0)) return -50;
        if (JOINS.contains(next)) return 45;
        return BEFORE_NOUNS.contains(next) ? 30 : 5;
    }

    static boolean endsSentence(String word) {
        var end = word.replaceAll("[\"'”’)\\]]+$", "");
        return !end.isEmpty()
                && ".!?…".indexOf(end.charAt(end.length() - 1)) >= 0
                && !end.matches("(?i)(e\\.g\\.|i\\.e\\.|approx\\.|min\\.|z\\.b\\.|ca\\.|\\d+\\.)");
    }

    private static String bare(String word) {
        return word.toLowerCase(Locale.ROOT).replaceAll("^\\p{Punct}+|\\p{Punct}+$", "");
    }

    /** On at most two lines of {@code width} signs, parted where it reads best; empty if it does not fit. */
    static List<String> lines(List<String> words, int width) {
        if (length(words) <= width) return List.of(String.join(" ", words));
        int best = -1;
        int most = Integer.MIN_VALUE;
        for (int k = 1; k < words.size(); k++) {
            int first = length(words.subList(0, k));
            int second = length(words.subList(k, words.size()));
            if (first > width || second > width) continue;
            int worth = parts(words, k) - Math.abs(first - second);
            if (worth > most) {
                most = worth;
                best = k;
            }
        }
        return best < 0
                ? List.of()
                : List.of(
                        String.join(" ", words.subList(0, best)), String.join(" ", words.subList(best, words.size())));
    }

    /** Parts of a text that each fit on two lines of {@code width} signs, in its order; no word is lost. */
    static List<List<String>> captions(String text, int width) {
        if (text.isBlank()) return List.of();
        var words = words(text, width);
        var all = new ArrayList<List<String>>();
        int from = 0;
        while (from < words.size()) {
            int to = from;
            int best = from + 1;
            int most = Integer.MIN_VALUE;
            while (to < words.size()
                    && !lines(words.subList(from, to + 1), width).isEmpty()) {
                to++;
                int fill = length(words.subList(from, to));
                int worth = to == words.size() ? 100 : parts(words, to);
                // A caption of two words flickers past: fullness counts, most of all below a third.
                worth += fill * 30 / (2 * width) - (fill < 2 * width / 3 ? 60 : 0);
                if (worth >= most) {
                    most = worth;
                    best = to;
                }
            }
            all.add(lines(words.subList(from, best), width));
            from = best;
        }
        return all;
    }

    /** Sentences of a text, each with its end sign. */
    static List<String> sentences(String text) {
        var all = new ArrayList<String>();
        var now = new ArrayList<String>();
        for (var word : Arrays.asList(text.strip().split("\\s+"))) {
            if (word.isEmpty()) continue;
            now.add(word);
            if (endsSentence(word)) {
                all.add(String.join(" ", now));
                now.clear();
            }
        }
        if (!now.isEmpty()) all.add(String.join(" ", now));
        return all;
    }
}
