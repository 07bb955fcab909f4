package webodidact.core.publish;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.words.Cautions;

/** Words to be read aloud, with marks: a bar where there is time for a breath, two at the end of a sentence, a triangle before a caution. */
public final class Prompter {
    /** Words that are said in one breath. */
    private static final int BREATH = 12;

    public static final String SHORT = "|";
    public static final String LONG = "‖";
    public static final String CAUTION = "▲";

    private Prompter() {}

    /**
     * A run of words in one breath.
     *
     * @param caution it warns, and is said slowly
     * @param ends a sentence ends with it
     */
    public record Breath(String words, boolean caution, boolean ends) {}

    public static List<Breath> breaths(String text) {
        var flat = text.strip().replaceAll("\\s+", " ");
        var cautions = Cautions.in(flat);
        var all = new ArrayList<Breath>();
        int at = 0;
        for (var sentence : Phrases.sentences(flat)) {
            int start = flat.indexOf(sentence, at);
            int end = start + sentence.length();
            at = end;
            boolean warns = cautions.stream().anyMatch(c -> c.start() < end && c.end() > start);
            var parts = parts(sentence);
            for (int i = 0; i < parts.size(); i++) all.add(new Breath(parts.get(i), warns, i == parts.size() - 1));
        }
        return List.copyOf(all);
    }

    /** At commas and before "and" where more words follow than one breath has. */
    private static List<String> parts(String sentence) {
        var words = Phrases.words(sentence, Integer.MAX_VALUE);
        var all = new ArrayList<String>();
        int from = 0;
        while (words.size() - from > BREATH) {
            int best = -1;
            int most = 0;
            for (int k = from + 3; k < Math.min(words.size() - 1, from + BREATH + 3); k++) {
                int worth = Phrases.parts(words, k) + (k - from);
                if (Phrases.parts(words, k) >= 30 && worth >= most) {
                    most = worth;
                    best = k;
                }
            }
            if (best < 0) best = Math.min(words.size(), from + BREATH);
            all.add(String.join(" ", words.subList(from, best)));
            from = best;
        }
        if (from < words.size()) all.add(String.join(" ", words.subList(from, words.size())));
        return all;
    }

    /** One line to a sentence: "▲ Gloves on, | tray out, ‖". */
    public static String marked(String text) {
        var out = new StringBuilder();
        boolean fresh = true;
        for (var breath : breaths(text)) {
            if (fresh && breath.caution()) out.append(CAUTION).append(' ');
            out.append(breath.words()).append(breath.ends() ? " " + LONG + "\n" : " " + SHORT + " ");
            fresh = breath.ends();
        }
        return out.toString().strip();
    }
}
