package webodidact.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

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

    private Cautions() {}

    public static List<Sentence> in(String text) {
        // Most texts warn of nothing: one look at the whole is cheaper than one at each sentence.
        if (!WARNS.matcher(text).find()) return List.of();
        var all = new ArrayList<Sentence>();
        var sentence = SENTENCE.matcher(text);
        while (sentence.find()) {
            if (WARNS.matcher(sentence.group()).find()) all.add(new Sentence(sentence.start(), sentence.end()));
        }
        return all;
    }
}
