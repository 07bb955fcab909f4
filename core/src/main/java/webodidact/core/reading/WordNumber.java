package webodidact.core.reading;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import webodidact.core.amount.Ratio;

/** Numbers in words at the start of a text: "one and a half", "three quarters of a", "fifteen", "half a dozen", "a couple of". */
final class WordNumber {
    /**
     * @param isArticle it is "a" or "an" alone
     * @param end index after it
     */
    record Found(Ratio low, Ratio high, boolean isArticle, int end) {}

    private static final Map<String, Integer> WHOLE = new HashMap<>();
    private static final Map<String, Integer> PARTS =
            Map.of("half", 2, "third", 3, "quarter", 4, "fifth", 5, "sixth", 6, "eighth", 8);

    static {
        var ones =
                ("one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen "
                                + "eighteen nineteen")
                        .split(" ");
        for (int i = 0; i < ones.length; i++) WHOLE.put(ones[i], i + 1);
        var tens = "twenty thirty forty fifty sixty seventy eighty ninety".split(" ");
        for (int i = 0; i < tens.length; i++) WHOLE.put(tens[i], 10 * (i + 2));
        WHOLE.put("a", 1);
        WHOLE.put("an", 1);
    }

    /** Every word that a number begins with. */
    private static final Set<String> FIRST = new HashSet<>(PARTS.keySet());

    static {
        FIRST.addAll(WHOLE.keySet());
        FIRST.addAll(Set.of("dozen", "couple", "hundred"));
    }

    private static final String ONES = "one|two|three|four|five|six|seven|eight|nine";
    private static final String TENS = "twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety";
    private static final String INTEGER =
            "(?:(?:(?:(?:an?|" + ONES + ")\\s+)?hundred(?:\\s+and)?(?:\\s+(?=" + TENS + "|" + ONES
                    + "))?)?(?:(?:" + TENS
                    + ")(?:[- ](?:" + ONES
                    + "))?|(?:ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen|" + ONES
                    + ")|(?<=hundred)|an?))";
    private static final String PART =
            "(?:(?:(?:an?|one)\\s+)?(?:half|third|quarter|fifth|sixth|eighth)|(?:two|three|five|seven)[- ](?:thirds?|quarters?|fifths?|sixths?|eighths?))";
    private static final Pattern DOZENS = Pattern.compile(
            "(?:(half)\\s+a\\s+dozen|(?:(an?|" + ONES + ")\\s+)?dozen|((?:a )?couple(?= of)))\\b(?:\\s+of\\b)?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NUMBER = Pattern.compile(
            "(?:(" + PART + ")(?:\\s+(?:of\\s+)?an?)?|(" + INTEGER + ")(?:\\s+and\\s+(" + PART
                    + "))?)\\b(?:\\s+(?:to|or)\\s+(" + INTEGER + ")\\b)?",
            Pattern.CASE_INSENSITIVE);
    /** "and a half" behind a measure. */
    private static final Pattern AND_PART = Pattern.compile("\\s+and\\s+(" + PART + ")\\b", Pattern.CASE_INSENSITIVE);

    private WordNumber() {}

    /** The number in words that stands at {@code from}; empty if none does. */
    static Optional<Found> at(CharSequence text, int from) {
        int end = from;
        while (end < text.length() && Character.isLetter(text.charAt(end))) end++;
        // Looking one word up is much cheaper than the patterns, and most lines begin with none of these.
        if (end == from
                || !FIRST.contains(text.subSequence(from, end).toString().toLowerCase(Locale.ROOT)))
            return Optional.empty();
        var m = DOZENS.matcher(text).region(from, text.length());
        if (m.lookingAt()) return Optional.of(dozens(m));
        m = NUMBER.matcher(text).region(from, text.length());
        if (!m.lookingAt()) return Optional.empty();
        var low = m.group(1) != null ? part(m.group(1)) : whole(m.group(2));
        if (m.group(3) != null) low = low.plus(part(m.group(3)));
        var high = m.group(4) == null ? low : whole(m.group(4)).max(low);
        boolean article = m.group(2) != null && m.group(3) == null && m.group(2).matches("(?i)an?");
        return Optional.of(new Found(low, high, article, m.end()));
    }

    private static Found dozens(Matcher m) {
        Ratio value;
        if (m.group(1) != null) value = Ratio.of(6);
        else if (m.group(3) != null) value = Ratio.of(2);
        else value = Ratio.of(12).times(m.group(2) == null ? Ratio.ONE : whole(m.group(2)));
        return new Found(value, value, false, m.end());
    }

    /** The "and a half" that stands at {@code from}; {@code end} after it. */
    static Optional<Found> andPart(CharSequence text, int from) {
        var m = AND_PART.matcher(text).region(from, text.length());
        return m.lookingAt()
                ? Optional.of(new Found(part(m.group(1)), part(m.group(1)), false, m.end()))
                : Optional.empty();
    }

    private static Ratio part(String text) {
        int top = 1;
        int bottom = 1;
        for (var word : text.toLowerCase(Locale.ROOT).split("[\\s-]+")) {
            var whole = WHOLE.get(word);
            if (whole != null) top = whole;
            else bottom = PARTS.get(word.equals("half") ? word : word.replaceFirst("s$", ""));
        }
        return Ratio.of(top, bottom);
    }

    private static Ratio whole(String text) {
        int sum = 0;
        for (var word : text.toLowerCase(Locale.ROOT).split("[\\s-]+")) {
            if (word.equals("hundred")) sum = Math.max(1, sum) * 100;
            else if (!word.equals("and")) sum += WHOLE.get(word);
        }
        return Ratio.of(sum);
    }
}
