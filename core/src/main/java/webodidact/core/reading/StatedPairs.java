package webodidact.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.Unit;
import webodidact.core.memo.Remembered;

/** Finds two measures of one thing stated side by side in running text: "80 g / 3 oz", "half a pint, 250 ml", "1½ cups (225 g)". */
public final class StatedPairs {
    /** From {@code start} (inclusive) to {@code end} (exclusive) in the text. */
    public record Pair(int start, int end, Amount first, Amount second) {}

    private static final Pattern BEGINS = Pattern.compile(
            "(?<![\\w½⅓⅔¼¾⅛/])(?:[\\d½⅓⅔¼¾⅛]|half\\b|(?:an?|one|two|three) (?:and (?:an? |three |one )?(?:half|quarters?|thirds?) )?(?:pints?|cups?|litres?|liters?|tablespoons?|teaspoons?|ounces?|pounds?)\\b)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern BETWEEN = Pattern.compile(
            "(?: of (?:\\p{L}+ )?\\p{L}+(?=, (?:that['’]s|which is)))?\\s*(?:\\(|/|=|,|–|, or|or about|that is|that's|which is)\\s*(?:that is |that's |or |about |=\\s*)?",
            Pattern.CASE_INSENSITIVE);

    /** "A cup and a quarter of milk, that's around 300 ml, half a cup of the yoghurt": the second of one, and no first of the next. */
    private static final Pattern SECOND = Pattern.compile(
            "\\b(?:that['’]s|that is|which is) (?:about |around |roughly |nearly |just )*$", Pattern.CASE_INSENSITIVE);

    private static final Remembered<String, List<Pair>> FOUND = new Remembered<>(StatedPairs::find);

    private StatedPairs() {}

    public static List<Pair> in(String text) {
        return FOUND.of(text);
    }

    private static List<Pair> find(String text) {
        var all = new ArrayList<Pair>();
        var at = BEGINS.matcher(text);
        int from = 0;
        while (at.find(from)) {
            var pair = pair(text, at.start());
            if (pair != null) all.add(pair);
            from = pair == null ? at.end() : pair.end();
            if (from >= text.length()) break;
        }
        return List.copyOf(all);
    }

    private static Pair pair(String text, int start) {
        if (!isFollowed(text, start)
                || SECOND.matcher(text.substring(Math.max(0, start - 24), start))
                        .find()) return null;
        var first = AmountReader.start(from(text, start))
                .filter(s -> isMeasure(s.amount()))
                .orElse(null);
        if (first == null) return null;
        var between = BETWEEN.matcher(text).region(start + first.end(), text.length());
        if (!between.lookingAt()) return null;
        var second = AmountReader.start(from(text, between.end()))
                .filter(s -> isMeasure(s.amount()))
                .orElse(null);
        if (second == null || second.amount().unit() == first.amount().unit()) return null;
        return new Pair(start, between.end() + second.end(), first.amount(), second.amount());
    }

    /** Whether a sign or word comes soon that can stand between two measures: most figures have none, and that is quickly seen. */
    private static boolean isFollowed(String text, int start) {
        int to = Math.min(text.length(), start + 60);
        for (int i = start; i < to; i++) if ("(/=,–".indexOf(text.charAt(i)) >= 0) return true;
        var near = text.substring(start, to).toLowerCase(Locale.ROOT);
        return near.contains("or about") || near.contains("that") || near.contains("which");
    }

    /** As much of the text as an amount can be long: copying all of it at each figure would take for ever. */
    private static String from(String text, int at) {
        return text.substring(at, Math.min(text.length(), at + 120));
    }

    private static boolean isMeasure(Amount amount) {
        return amount.unit() != Unit.PIECE
                && (amount.unit().dimension() == Dimension.MASS || amount.unit().dimension() == Dimension.VOLUME);
    }
}
