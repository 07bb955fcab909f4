package webodidact.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import webodidact.core.lesson.Step;
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

    private final Needed needed;

    private Phrase(Pattern pattern) {
        this.pattern = pattern;
        needed = Needed.by(pattern.pattern());
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

    /** What it was asked of last: a keystroke changes one step, and the others, the very same, are not even looked up again. */
    private record Last(List<Step> steps, List<Told.Said> said) {}

    private volatile Last last = new Last(List.of(), List.of());

    /** In all steps, in their order, of each first what is said. */
    List<Told.Said> said(List<Step> steps) {
        var was = last;
        if (was.steps() == steps) return was.said();
        int now = steps.size();
        int then = was.steps().size();
        int head = 0;
        while (head < Math.min(now, then) && steps.get(head) == was.steps().get(head)) head++;
        int tail = 0;
        while (tail < Math.min(now, then) - head
                && steps.get(now - 1 - tail) == was.steps().get(then - 1 - tail)) tail++;
        var all = new ArrayList<Told.Said>();
        for (var said : was.said()) if (said.number() <= head) all.add(said);
        for (int i = head; i < now - tail; i++) {
            var step = steps.get(i);
            for (var hit : in(step.say())) all.add(new Told.Said(step, i + 1, step.say(), hit));
            for (var hit : in(step.doing())) all.add(new Told.Said(step, i + 1, step.doing(), hit));
        }
        for (var said : was.said())
            if (said.number() > then - tail)
                all.add(
                        now == then
                                ? said
                                : new Told.Said(said.step(), said.number() + now - then, said.text(), said.hit()));
        var found = List.copyOf(all);
        last = new Last(steps, found);
        return found;
    }

    private List<Hit> search(String text) {
        if (!needed.mayBeIn(Needed.pairs(text))) return List.of();
        var m = pattern.matcher(text);
        if (text.length() > MOST) m.region(0, MOST);
        if (!m.find()) return List.of();
        var all = new ArrayList<Hit>();
        do all.add(new Hit(m.start(), m.end(), m.group(), HeatWords.sentenceAround(text, m.start())));
        while (m.find());
        return List.copyOf(all);
    }
}
