package webodidact.core.afters;

import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import webodidact.core.lesson.Lesson;

/** Whether two texts are about the same, by the words that carry it: no more than a hint, and told as one. */
final class SameWords {
    private static final Set<String> EMPTY = Set.of(
            "about", "after", "again", "all", "also", "and", "are", "back", "because", "been", "before", "but", "can",
            "come", "could", "did", "does", "done", "for", "from", "get", "going", "have", "her", "here", "his", "how",
            "into", "its", "just", "know", "learn", "lesson", "let", "like", "look", "lot", "make", "more", "much",
            "next", "not", "now", "one", "our", "out", "over", "same", "see", "she", "should", "show", "some", "still",
            "than", "that", "the", "their", "them", "then", "there", "they", "thing", "this", "time", "today", "too",
            "until", "use", "very", "was", "week", "well", "were", "what", "when", "where", "which", "while", "who",
            "why", "will", "with", "you", "your");

    private SameWords() {}

    /** Words of three letters and more, without those that say nothing; the end of a plural or a verb taken off. */
    static Set<String> of(String text) {
        var all = new LinkedHashSet<String>();
        for (var word : text.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"))
            if (word.length() > 2 && !EMPTY.contains(word)) all.add(stem(word));
        return all;
    }

    /** Those words of a text that the other has not, as they are written. */
    static List<String> missing(String text, Set<String> in) {
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"))
                .filter(w -> !of(w).isEmpty() && !in.containsAll(of(w)))
                .distinct()
                .toList();
    }

    private static String stem(String word) {
        for (var end : new String[] {"ings", "ing", "ies", "es", "ed", "s"})
            if (word.endsWith(end) && !(end.equals("s") && word.endsWith("ss")) && word.length() - end.length() > 2)
                return word.substring(0, word.length() - end.length());
        return word.endsWith("e") && word.length() > 3 ? word.substring(0, word.length() - 1) : word;
    }

    static Set<String> of(Lesson lesson) {
        var all = new LinkedHashSet<>(of(lesson.title()));
        for (var step : lesson.steps()) all.addAll(of(step.title() + " " + step.say() + " " + step.skill()));
        return all;
    }

    /** Percent of the words of the one that the other has; -1 where it has none that say anything. */
    static int share(Set<String> words, Set<String> in) {
        if (words.isEmpty()) return -1;
        return (int) (words.stream().filter(in::contains).count() * 100 / words.size());
    }
}
