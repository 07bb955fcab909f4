package webodidact.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import webodidact.core.memo.Remembered;

/** Words that mean one thing, wherever a text has them. What was found in a text is kept: a keystroke changes one text of a lesson. */
public final class Phrase {
    /**
     * From {@code start} (inclusive) to {@code end} (exclusive) of the text.
     *
     * @param sentence the sentence around it; of speech without full stops the words around it
     */
    public record Hit(int start, int end, String words, String sentence) {}

    /** Letters of one text that are searched: two hours of speech; what is longer is no step of a lesson and must not hold up the others. */
    private static final int MOST = 100_000;

    private final Pattern pattern;
    private final Remembered<String, List<Hit>> known = new Remembered<>(this::search);

    private Phrase(Pattern pattern) {
        this.pattern = pattern;
    }

    /** Any of these patterns, in small or capital letters, as whole words. A word mark within goes for both kinds of apostrophe. */
    public static Phrase of(String... patterns) {
        return new Phrase(Pattern.compile(
                "\\b(?:" + String.join("|", patterns).replace("'", "['’]") + ")", Pattern.CASE_INSENSITIVE));
    }

    /** The same with capital letters told from small ones: names. */
    public static Phrase exactly(String pattern) {
        return new Phrase(Pattern.compile(pattern));
    }

    /** In the order of the text. */
    public List<Hit> in(String text) {
        return text.isEmpty() ? List.of() : known.of(text);
    }

    public boolean isIn(String text) {
        return !in(text).isEmpty();
    }

    private List<Hit> search(String text) {
        var m = pattern.matcher(text);
        if (text.length() > MOST) m.region(0, MOST);
        if (!m.find()) return List.of();
        var all = new ArrayList<Hit>();
        do all.add(new Hit(m.start(), m.end(), m.group(), HeatWords.sentenceAround(text, m.start())));
        while (m.find());
        return List.copyOf(all);
    }
}
