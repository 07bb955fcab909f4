package webodidact.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import webodidact.core.memo.Remembered;

/** Sentences that warn: they are said slower, and the prompter marks them. */
public final class Cautions {
    /** From {@code start} (inclusive) to {@code end} (exclusive). */
    public record Sentence(int start, int end) {}

    private static final Pattern WARNS = Pattern.compile(
            "\\b(careful|take care|mind (the|your|that)|watch (out|your|the steam)|beware|danger\\w*|never|(do not|don['’]t) touch|very hot|is hot|are hot|"
                    + "hot (steam|oil|handle|fat|water)|stand back|lean back|step back|keep (your )?(fingers|hands|face)|away from (you|your)|oven gloves|grown-?ups?|an adult|"
                    + "tuck(ed)? (in )?(your )?finger\\w*|sharp|burns?|scalds?|spits?|allerg\\w*|choke|raw (chicken|meat|fish|egg|eggs|poultry|mince))\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SENTENCE = Pattern.compile("[^.!?\\n]+[.!?]*");

    /** Most words of the warning itself. */
    private static final int WARNING = 4;

    private Cautions() {}

    private static final Remembered<String, List<Sentence>> KNOWN = new Remembered<>(Cautions::read);

    public static List<Sentence> in(String text) {
        return KNOWN.of(text);
    }

    private static List<Sentence> read(String text) {
        // Most texts warn of nothing: one look at the whole is cheaper than one at each sentence.
        if (!WARNS.matcher(text).find()) return List.of();
        var all = new ArrayList<Sentence>();
        var sentence = SENTENCE.matcher(text);
        while (sentence.find()) {
            var warns = WARNS.matcher(sentence.group());
            if (!warns.find()) continue;
            if (SpokenWords.count(sentence.group()) <= MOST) {
                all.add(new Sentence(sentence.start(), sentence.end()));
                continue;
            }
            // Speech without full stops: the words around what warns, not the page.
            int end = sentence.start();
            do {
                if (sentence.start() + warns.start() < end) continue;
                int from = Math.max(end, back(text, sentence.start() + warns.start(), sentence.start()));
                end = on(text, sentence.start() + warns.end(), sentence.end());
                all.add(new Sentence(from, end));
            } while (warns.find());
        }
        return List.copyOf(all);
    }

    /** Most words that are one caution. */
    public static final int MOST = 30;

    private static final int BEFORE = 10;

    private static int back(String text, int at, int least) {
        int words = 0;
        int i = at;
        while (i > least && words < BEFORE) {
            i--;
            if (Character.isWhitespace(text.charAt(i))) words++;
        }
        return i == least ? i : i + 1;
    }

    private static int on(String text, int at, int most) {
        int words = 0;
        int i = at;
        while (i < most && words < MOST - BEFORE - WARNING) {
            if (Character.isWhitespace(text.charAt(i))) words++;
            i++;
        }
        return i;
    }
}
