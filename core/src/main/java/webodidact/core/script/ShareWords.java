package webodidact.core.script;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Ratio;
import webodidact.core.lesson.FoodLine;
import webodidact.core.reading.AmountReader;

/** How much of a food the words before its name say: "half the flour", "a third of the cheese", "2 tbsp of oil", "the rest of the milk". */
public final class ShareWords {
    /**
     * @param start index in the text where the share begins
     * @param amount at the lesson's own yield, or null for all that is left
     * @param rest the words say "the rest"
     */
    public record Share(int start, Amount amount, boolean rest) {}

    private static final Pattern PART = Pattern.compile(
            "(?<![\\p{L}\\p{N}])(half|a half|one half|a third|one third|two thirds|a quarter|one quarter|three quarters|[½⅓⅔¼¾])\\s+(?:of\\s+)?(?:the\\s+|your\\s+)?((?:[\\p{L}-]+\\s+){0,2})$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern REST = Pattern.compile(
            "\\b(?:the\\s+)?(?:rest|remainder|last)\\s+of\\s+(?:the\\s+|your\\s+)?((?:[\\p{L}-]+\\s+){0,2})$|\\b(?:the\\s+)?(?:remaining|leftover)\\s+((?:[\\p{L}-]+\\s+){0,2})$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern MEASURE = Pattern.compile(
            "(?:^|[\\s(])((?:about |around )?(?:\\d[\\d.,/ ]*|[½⅓⅔¼¾]|\\d+\\s?[½⅓⅔¼¾]|an?|one|two|three|four|five|six|half an?)\\s*-?\\s*(?:g|kg|ml|l|tbsp|tsp|tablespoons?|teaspoons?|grams?|cups?|pinch(?:es)?|handfuls?|knobs?|cloves?|slices?|sheets?|litres?|ounces?|oz|pints?|splash|drizzle))\\s+(?:of\\s+)?(?:the\\s+|your\\s+)?$",
            Pattern.CASE_INSENSITIVE);

    private ShareWords() {}

    /** @param at where the food's name begins */
    public static Optional<Share> before(String text, int at, FoodLine line) {
        int from = Math.max(0, at - 60);
        var head = text.substring(from, at);
        var rest = REST.matcher(head);
        if (rest.find()) return Optional.of(new Share(from + rest.start(), null, true));
        var part = PART.matcher(head);
        if (part.find() && line.amount() != null)
            return Optional.of(new Share(from + part.start(), line.amount().times(fraction(part.group(1))), false));
        var measure = MEASURE.matcher(head);
        if (!measure.find()) return Optional.empty();
        try {
            return Optional.of(new Share(
                    from + measure.start(1), AmountReader.whole(measure.group(1).strip()), false));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static Ratio fraction(String words) {
        var w = words.toLowerCase(Locale.ROOT);
        if (w.contains("third") || w.equals("⅓") || w.equals("⅔"))
            return w.startsWith("two") || w.equals("⅔") ? Ratio.of(2, 3) : Ratio.of(1, 3);
        if (w.contains("quarter") || w.equals("¼") || w.equals("¾"))
            return w.startsWith("three") || w.equals("¾") ? Ratio.of(3, 4) : Ratio.of(1, 4);
        return Ratio.HALF;
    }
}
