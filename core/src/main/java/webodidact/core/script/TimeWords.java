package webodidact.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import webodidact.core.time.TimeRange;

/** Times in plain words: "10 to 12 minutes", "half an hour", "for a minute or two", "1½ hours", "20-25 mins". */
public final class TimeWords {
    /** From {@code start} (inclusive) to {@code end} (exclusive) in the text. */
    public record Found(int start, int end, TimeRange time) {}

    private static final Map<String, Integer> NUMBERS = Map.ofEntries(
            Map.entry("a", 1),
            Map.entry("an", 1),
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9),
            Map.entry("ten", 10),
            Map.entry("twelve", 12),
            Map.entry("fifteen", 15),
            Map.entry("twenty", 20),
            Map.entry("thirty", 30),
            Map.entry("forty", 40),
            Map.entry("forty-five", 45),
            Map.entry("sixty", 60));
    private static final String WORD =
            "forty-five|an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|thirty|forty|sixty";
    private static final String NUMBER = "(?:\\d{1,3}(?:\\s?[½¼¾]|[.,]5)?|[½¼¾]|" + WORD + ")";
    private static final String UNIT = "(seconds?|secs?|minutes?|mins?|hours?|hrs?)";
    private static final Pattern TIME = Pattern.compile(
            "\\b(half an hour|quarter of an hour|three quarters of an hour|an hour and a half|(?:a minute|an hour) or two|"
                    + "(" + NUMBER + ")(?:\\s*(?:-|–|—|to|or)\\s*(" + NUMBER + "))?(?:[\\s-]|more )*+" + UNIT
                    + ")\\b|([½¼¾])\\s*" + UNIT + "\\b",
            Pattern.CASE_INSENSITIVE);

    private TimeWords() {}

    public static List<Found> in(String text) {
        var all = new ArrayList<Found>();
        var m = TIME.matcher(text);
        while (m.find()) {
            var range = range(m);
            if (range != null && !range.isZero()) all.add(new Found(m.start(), m.end(), range));
        }
        return all;
    }

    private static TimeRange range(Matcher m) {
        if (m.group(5) != null) return TimeRange.of(quarters(m.group(5)) * unit(m.group(6)) / 4);
        switch (m.group(1).toLowerCase(Locale.ROOT)) {
            case "half an hour" -> {
                return TimeRange.of(1800);
            }
            case "quarter of an hour" -> {
                return TimeRange.of(900);
            }
            case "three quarters of an hour" -> {
                return TimeRange.of(2700);
            }
            case "an hour and a half" -> {
                return TimeRange.of(5400);
            }
            case "a minute or two" -> {
                return new TimeRange(60, 120);
            }
            case "an hour or two" -> {
                return new TimeRange(3600, 7200);
            }
            default -> {}
        }
        int unit = unit(m.group(4));
        int low = quarters(m.group(2)) * unit / 4;
        int high = m.group(3) == null ? low : quarters(m.group(3)) * unit / 4;
        return high < low ? null : new TimeRange(low, high);
    }

    private static int unit(String word) {
        var w = word.toLowerCase(Locale.ROOT);
        return w.startsWith("s") ? 1 : w.startsWith("m") ? 60 : 3600;
    }

    /** In quarters, so that halves and quarters of an hour stay whole. */
    private static int quarters(String number) {
        var n = number.toLowerCase(Locale.ROOT).strip();
        if (NUMBERS.containsKey(n)) return NUMBERS.get(n) * 4;
        int part = n.contains("½") || n.endsWith(".5") || n.endsWith(",5")
                ? 2
                : n.contains("¼") ? 1 : n.contains("¾") ? 3 : 0;
        var whole = n.replaceAll("[.,]5$", "").replaceAll("[^0-9]", "");
        return (whole.isEmpty() ? 0 : Integer.parseInt(whole) * 4) + part;
    }
}
