package webodidact.core.rules;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import webodidact.core.words.NumberWords;

/** A core temperature in words or figures: "75", "one forty five", "a hundred and sixty five"; always without its scale. */
final class CoreSaid {
    private static final String TENS = "(?:thirty|forty|fifty|sixty|seventy|eighty|ninety)";
    private static final String ONES = "(?:one|two|three|four|five|six|seven|eight|nine)";

    /** In words; what follows is no time and no weight. */
    static final String FIGURE = "(?:(?:(?:a|one) hundred(?: and)? |one )?" + TENS + "(?:[- ]" + ONES + ")?)\\b"
            + "(?![- ]?(?:minutes?|mins?|seconds?|secs?|grams?|mils?|per ?cent))";

    private static final Pattern IN_WORDS = Pattern.compile(
            "\\b((?:a|one) hundred(?: and)? |one )?(" + TENS + ")(?:[- ](" + ONES + "))?\\b(?: degrees)?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern IN_FIGURES = Pattern.compile("\\d{2,3}(?:\\s*°\\s*[cfCF]?|\\s*degrees)?");

    private CoreSaid() {}

    /** The first in these words, 0 for none. */
    static int of(String words) {
        var figures = IN_FIGURES.matcher(words);
        if (figures.find()) return Integer.parseInt(figures.group().replaceAll("\\D", ""));
        var m = IN_WORDS.matcher(words);
        if (!m.find()) return 0;
        return (m.group(1) == null ? 0 : 100) + value(m.group(2)) + value(m.group(3));
    }

    /** The words with another figure. */
    static String corrected(String words, String degrees) {
        var pattern = IN_FIGURES.matcher(words).find() ? IN_FIGURES : IN_WORDS;
        return pattern.matcher(words).replaceFirst(Matcher.quoteReplacement(degrees));
    }

    private static int value(String word) {
        return word == null
                ? 0
                : NumberWords.value(word.toLowerCase(Locale.ROOT)).orElse(0);
    }
}
