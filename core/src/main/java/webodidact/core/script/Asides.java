package webodidact.core.script;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import webodidact.core.memo.Remembered;
import webodidact.core.table.TableFile;

/**
 * What a text says that is not done here and now. Nothing in it is a use, a deed or a wait, whatever foods, verbs and times it names. Only
 * what the words themselves show is one; where they can mean either, it is none. The signs stand in {@code asides.txt}.
 */
public final class Asides {
    /** From {@code start} (inclusive) to {@code end} (exclusive). */
    public record Aside(int start, int end, Kind kind) {}

    /**
     * What makes it one: denied; a likeness, colour or size; another dish or day; still to come; habit or past; what something is made of;
     * praise and advice; put away; asked or only talked about; a state that is waited for; what was done already.
     */
    public enum Kind {
        DENIED,
        LIKENESS,
        OTHER_TIME,
        TO_COME,
        HABIT,
        CONTENTS,
        PRAISE,
        PUT_AWAY,
        ASKED,
        STATE,
        DONE
    }

    /** A line of {@code asides.txt}. */
    record Sign(Kind kind, boolean wholeSentence, String example, Pattern pattern, Needed needed) {}

    private static final String COLOURS =
            "peach|orange|lemon|cherry|plum|chestnut|coffee|caramel|chocolate|mustard|olive|salmon|cream|honey|ginger|cinnamon|walnut|apricot|biscuit|toffee|straw|butter|raspberry|aubergine|tomato|mint|pea|avocado";
    private static final String TO_CLAUSE_END = "[^.,;:!?\\n]*";

    static final List<Sign> SIGNS = signs();

    private static List<Sign> signs() {
        var all = new ArrayList<Sign>();
        String head = "";
        for (var line : TableFile.lines(Asides.class, "asides.txt")) {
            if (!line.startsWith(" ")) {
                head = line;
                continue;
            }
            int space = head.indexOf(' ');
            int colon = head.indexOf(':');
            var pattern = line.strip().replace("{clause}", TO_CLAUSE_END).replace("{colours}", COLOURS);
            all.add(new Sign(
                    Kind.valueOf(head.substring(0, space).replace('-', '_').toUpperCase(Locale.ROOT)),
                    head.startsWith(" whole:", space),
                    head.substring(colon + 1).strip(),
                    Pattern.compile(pattern, Pattern.CASE_INSENSITIVE),
                    Needed.by(pattern)));
        }
        return List.copyOf(all);
    }

    private static final Remembered<String, Asides> LATEST = new Remembered<>(Asides::new);

    private final List<Aside> all = new ArrayList<>();
    private final BitSet letters = new BitSet();

    private Asides(String text) {
        int from = 0;
        while (from < text.length()) {
            int to = end(text, from);
            sentence(text, from, to);
            from = to;
        }
    }

    public static Asides of(String text) {
        return LATEST.of(text);
    }

    private static int end(String text, int from) {
        for (int i = from; i < text.length() && i - from < LONGEST; i++)
            if (".!?\n".indexOf(text.charAt(i)) >= 0
                    && (i + 1 == text.length() || Character.isWhitespace(text.charAt(i + 1)) || text.charAt(i) == '\n'))
                return i + 1;
        return Math.min(text.length(), from + LONGEST);
    }

    /** Speech has no full stops: what is further off than this has nothing to do with it. */
    private static final int LONGEST = 300;

    private void sentence(String text, int from, int to) {
        var part = text.substring(from, to);
        var pairs = Needed.pairs(part);
        for (var sign : SIGNS) {
            if (!sign.needed().mayBeIn(pairs)) continue;
            var m = sign.pattern().matcher(part);
            while (m.find()) {
                boolean whole = sign.wholeSentence();
                int start = whole ? from + turnBefore(part, m.start()) : from + m.start();
                int end = whole ? from + turnAfter(part, m.end()) : from + m.end();
                if (end == start) continue;
                all.add(new Aside(start, end, sign.kind()));
                letters.set(start, end);
                if (sign.wholeSentence()) break;
            }
        }
    }

    /** Letters that a written sentence has; spoken ones run on, and what is an aside in them is a part. */
    private static final int WRITTEN = 140;

    /** Where a run-on sentence turns to something else. */
    private static final Pattern TURN = Pattern.compile(
            "[,;:] (?:and|so|but|then|now|because|which) |\\b(?:and then|so then|and now|but then|so now|and so|right so|so) (?=(?:you|we|I|the|that|it|what|now|just|in)\\b)",
            Pattern.CASE_INSENSITIVE);

    private static int turnBefore(String sentence, int at) {
        if (sentence.length() <= WRITTEN) return 0;
        var m = TURN.matcher(sentence);
        int last = 0;
        while (m.find() && m.end() <= at) last = m.start();
        return last;
    }

    private static int turnAfter(String sentence, int at) {
        if (sentence.length() <= WRITTEN) return sentence.length();
        var m = TURN.matcher(sentence);
        return m.find(Math.min(at, sentence.length())) ? m.start() : sentence.length();
    }

    public List<Aside> all() {
        return List.copyOf(all);
    }

    /** Whether what stands there is one. */
    public boolean covers(int at) {
        return letters.get(at);
    }

    /** Denied, of another day, or what somebody else always does: nothing named there is needed today. */
    public boolean isNotToday(int at) {
        return covers(at, Kind.DENIED) || covers(at, Kind.OTHER_TIME) || covers(at, Kind.HABIT);
    }

    /** Whether what stands there is one of that kind. */
    public boolean covers(int at, Kind kind) {
        return letters.get(at) && all.stream().anyMatch(a -> a.kind() == kind && a.start() <= at && at < a.end());
    }
}
