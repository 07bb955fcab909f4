package webodidact.formats.pdf;

import com.openhtmltopdf.extend.FSTextBreaker;
import java.text.BreakIterator;
import java.util.Locale;
import java.util.regex.Pattern;

/** Where a line may end: between words, but not within 17:40 or 16–20, and not between an amount and its measure. */
final class Lines implements FSTextBreaker {
    private static final Pattern MEASURE = Pattern.compile(
            "(?:g|kg|ml|l|cm|mm|min|s|h|W|°[CF]|tbsp|tsp|cups?|×|%)(?![\\p{L}\\p{N}]).*", Pattern.DOTALL);

    private final BreakIterator breaks = BreakIterator.getLineInstance(Locale.ROOT);
    private String text = "";

    @Override
    public int next() {
        int at = breaks.next();
        while (at != BreakIterator.DONE && at < text.length() && clings(at)) at = breaks.next();
        return at;
    }

    private boolean clings(int at) {
        char before = text.charAt(at - 1);
        char after = text.charAt(at);
        boolean within = ":–/".indexOf(before) >= 0 && at > 1;
        if (within && Character.isDigit(text.charAt(at - 2)) && Character.isDigit(after)) return true;
        return before == ' '
                && at > 1
                && isFigure(text.charAt(at - 2))
                && MEASURE.matcher(text.substring(at, Math.min(text.length(), at + 6)))
                        .matches();
    }

    private static boolean isFigure(char c) {
        return Character.isDigit(c) || "½¼¾⅓⅔⅛".indexOf(c) >= 0;
    }

    @Override
    public void setText(String other) {
        text = other;
        breaks.setText(other);
    }
}
