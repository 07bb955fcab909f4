package webodidact.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import webodidact.core.time.TimeRange;
import webodidact.core.words.NumberWords;

/**
 * Times in plain words: "10 to 12 minutes", "half an hour", "twenty minutes to half an hour", "a minute or two", "1 hour 15", "a good minute",
 * "overnight". Half a minute more or less is what is said, not what is meant: "a good minute" is 60 to 75 s, "a few minutes" 2 to 4.
 */
public final class TimeWords {
    /** From {@code start} (inclusive) to {@code end} (exclusive) in the text. */
    public record Found(int start, int end, TimeRange time) {}

    private static final String NUMBER = "(?:\\d{1,3}(?:\\s?[½¼¾]|[.,](?:25|5|75)(?!\\d))?|[½¼¾]|"
            + "(?:" + NumberWords.TEN + ")(?:[- ](?:" + NumberWords.ONE + ")\\b)?|(?:" + NumberWords.TEEN + "|"
            + NumberWords.ONE
            + "|an?)\\b)";
    private static final String UNIT = "(?:seconds?|secs?|minutes?|mins?|hours?|hrs?)\\b";
    private static final String PART = "half|quarter|three quarters";
    private static final String MORE = "(?:[\\s-]|more |or so |ish |odd |good |full )*+";
    /** In their order: the longer before what it begins with. */
    private static final Pattern TIME = Pattern.compile(
            "(?<![\\p{L}\\p{N}.,])(?:"
                    + "(?<part>half(?=[- ]hour|[- ]minute)|half an?|(?:a )?quarter of an?|three quarters of an?)[- ](?<partof>hour|minute)\\b"
                    + "|(?<hour>" + NUMBER
                    + ")\\s*(?:hours?|hrs?)(?:,? and|,)?\\s+(?<over>an? half|a quarter|three quarters|"
                    + NUMBER + "(?:\\s*(?:minutes?|mins?)\\b|(?=[,.;)]|\\s*$)))"
                    + "|(?<whole>" + NUMBER + ")\\s*(?:minutes?|mins?),? and (?:a )?(?<wholepart>" + PART + ")\\b(?! "
                    + UNIT + ")"
                    + "|(?<mixed>" + NUMBER + ") and (?:a )?(?<mixedpart>" + PART + ")\\s+(?<mixedunit>" + UNIT + ")"
                    + "|(?<=\\b(?:or|to) |, )(?<oneof>hour|minute) and a (?<onepart>half|quarter)\\b"
                    + "|a (?:good )?(?<couple>couple of|few)\\s+(?:more )?(?<coupleunit>" + UNIT + ")"
                    + "|a good (?<good>minute|hour)\\b"
                    + "|(?:a|another|one) (?<ortwo>minute|hour) or (?<ortwoword>two|so)\\b"
                    + "|somewhere between (?<some>" + NUMBER + ") and (?<sometill>" + NUMBER + ")(?=\\s*(?:[.,;!]|$))"
                    + "|between (?<from>" + NUMBER + ") and (?<till>" + NUMBER + ")" + MORE + "(?<betweenunit>" + UNIT
                    + ")"
                    + "|(?<low>" + NUMBER + ")(?:\\s*(?:-|–|—|,? ?to|,? ?or|,)\\s*(?<high>" + NUMBER + "))?" + MORE
                    + "(?<unit>" + UNIT
                    + ")(?<ortoo> or two\\b)?(?:,? (?:or )?(?:maybe|perhaps|up to|even)(?: even| up to)? (?<upto>"
                    + NUMBER + ")(?!\\s*" + UNIT + "))?"
                    + "|(?<more>" + NUMBER + ")(?: more\\b| on the other\\b)(?! " + UNIT + ")"
                    + "|(?:(?<!\\b(?:enough|makes|serves|plenty|good|recipe|table|dinner|supper|lunch) )(?<=[\\p{L}\\d] for )|(?<=\\banother ))(?<again>"
                    + NUMBER
                    + ")(?:(?:-|–| to | or )(?<againtill>" + NUMBER + "))?(?=\\s*(?:[.,;!]|$))"
                    + "|(?<=\\b(?:let (?:it|them|that|this) |leave (?:it|them|that) to )(?:stand|rest|sit|cool|prove|soak)(?: for)? )(?<bare>"
                    + NUMBER + ")(?=\\s*(?:[.,;!]|$|while\\b|before\\b|and then\\b|then\\b))"
                    + "|(?<=\\b(?:bake|roast|simmer|boil|grill|steam|prove|chill|rest|cook|cool|soak|poach|fry)(?: (?:in|on) (?:the )?\\p{L}{2,6})?(?:,| for)? )(?<plain>"
                    + NUMBER + ")(?:(?:-|–| to | or )(?<plaintill>" + NUMBER
                    + "))?(?=\\s*(?:[.,;!]|$|lid\\b|then\\b|covered\\b|uncovered\\b|(?:un)?till?\\b))"
                    + "|(?<=\\p{L}, )(?<apart>" + NUMBER + ")(?:-|–| to | or )(?<aparttill>" + NUMBER
                    + ")(?=\\s*(?:[.,;!]|$))"
                    + "|another (?<another>" + UNIT + ")"
                    + "|(?<night>overnight)\\b)",
            Pattern.CASE_INSENSITIVE);

    /** What is done to food for so many minutes, and never for so many people. */
    private static final Pattern LEFT = Pattern.compile(
            "\\b(?:rest|simmer|boil|bubble|fry|grill|sweat|cook|roast|bake|sizzle|leave|steam|prove|chill|soak|poach|stand|blanch|touch|toast|knead|whisk|beat|stir)\\b[^.;!?]{0,30}\\bfor $|\\b(?:back in|back on|in the oven|under the grill|on the heat|lid on),? for $|\\b(?:oven|fan|degrees|in (?:it|they|that) goe?s?)\\b[^.;!?]{0,30}\\b\\d{3} for $|\\b(?:flip|turn|flipped|turned|back in|back on|then|lid on)\\b[^.;!?]{0,24}\\banother $",
            Pattern.CASE_INSENSITIVE);

    /** "Flip, four more", "off, and eleven more": minutes, whatever they follow. */
    private static final Pattern TURNED = Pattern.compile(
            "(?:^|[.!?,;] )(?:(?:then|now|and|so),? )?(?:flip|turn|flipped|turned|off|heat off|lid (?:back )?on|back in|back on)(?: (?:it|them|over))*,? (?:and |for )?$",
            Pattern.CASE_INSENSITIVE);

    /** "Low and slow, ten to fifteen"; "knead, and I mean properly, eight to ten". */
    private static final Pattern GOES_ON = Pattern.compile(
            "\\b(?:low and slow|(?:low|medium|high|gentle|full) heat|knead|simmer|bubble|bake|roast|boil|fry|sweat|steam|prove|rest|grill|lid on|in the (?:oven|pan)|under the grill|in (?:it|they|that) goe?s?)\\b[^.;!?]{0,40}, $",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern ENDS = Pattern.compile("\\s*(?:[.,;!]|$)");
    private static final Pattern BETWEEN = Pattern.compile(
            "\\.?\\s*(?:-|–|—|,? ?to|,? ?\\(?or|,)\\s*(?:(?:ideally|better(?: still)?|preferably|even) )?",
            Pattern.CASE_INSENSITIVE);
    private static final TimeRange NIGHT = new TimeRange(8 * 3600, 12 * 3600);

    private TimeWords() {}

    public static List<Found> in(String text) {
        var all = new ArrayList<Found>();
        var m = TIME.matcher(text);
        while (m.find()) {
            if (m.group("more") != null || m.group("again") != null) {
                more(text, m, all);
                continue;
            }
            if (m.group("bare") != null) {
                int quarters = quarters(m.group("bare"));
                if (quarters >= 8 && quarters < 240)
                    all.add(new Found(m.start(), m.end(), TimeRange.of(quarters * 15)));
                continue;
            }
            if (m.group("apart") != null) {
                int low = quarters(m.group("apart"));
                int high = quarters(m.group("aparttill"));
                if (low >= 8
                        && high > low
                        && high < 240
                        && GOES_ON.matcher(text.substring(0, m.start())).find())
                    all.add(new Found(m.start(), m.end(), new TimeRange(low * 15, high * 15)));
                continue;
            }
            if (m.group("some") != null) {
                int low = quarters(m.group("some"));
                int high = quarters(m.group("sometill"));
                if (low >= 20 && high > low && high < 240)
                    all.add(new Found(m.start(), m.end(), new TimeRange(low * 15, high * 15)));
                continue;
            }
            if (m.group("plain") != null) {
                int low = quarters(m.group("plain"));
                int high = m.group("plaintill") == null ? low : quarters(m.group("plaintill"));
                // "Fry 4, then the other 4" counts pieces, and "bake at 180" is no time.
                if (low >= 20 && high >= low && high < 240)
                    all.add(new Found(m.start(), m.end(), new TimeRange(low * 15, high * 15)));
                continue;
            }
            var range = range(m);
            if (range == null || range.isZero()) continue;
            var last = all.isEmpty() ? null : all.getLast();
            boolean joined = last != null
                    && BETWEEN.matcher(text.substring(last.end(), m.start())).matches();
            // "3 to 4 hours or overnight": one of the two, and the first is the one that is needed.
            if (joined && m.group("night") != null) continue;
            // "Twenty minutes to half an hour": two times with each its own unit are the ends of one.
            if (last != null
                    && !last.time().isRange()
                    && !range.isRange()
                    && last.time().low() < range.low()
                    && joined) {
                all.removeLast();
                all.add(new Found(
                        last.start(), m.end(), new TimeRange(last.time().low(), range.high())));
            } else {
                all.add(new Found(m.start(), m.end(), range));
            }
        }
        return all;
    }

    /** "Give them three minutes, turn them, give them two more": in the unit of the time before, in the same sentence. */
    private static void more(String text, Matcher m, List<Found> all) {
        if (all.isEmpty()) {
            // "Grill on high for 3"; "flip, four more".
            boolean again = m.group("again") != null;
            int quarters = quarters(m.group(again ? "again" : "more"));
            if (quarters >= 8
                    && quarters < 240
                    && (again
                            || ENDS.matcher(text).region(m.end(), text.length()).lookingAt())
                    && (again ? LEFT : TURNED)
                            .matcher(text.substring(0, m.start()))
                            .find())
                all.add(new Found(
                        m.start(),
                        m.end(),
                        new TimeRange(
                                quarters * 15,
                                Math.max(quarters, m.group("againtill") == null ? 0 : quarters(m.group("againtill")))
                                        * 15)));
            return;
        }
        var last = all.getLast();
        var between = text.substring(last.end(), m.start());
        if (between.length() > 60 || between.matches("(?s).*[.!?]\\s.*")) return;
        int unit = last.time().low() % 60 == 0 ? 60 : 1;
        int seconds = quarters(m.group("more") != null ? m.group("more") : m.group("again")) * unit / 4;
        if (seconds > 0) all.add(new Found(m.start(), m.end(), TimeRange.of(seconds)));
    }

    private static TimeRange range(Matcher m) {
        if (m.group("part") != null) return TimeRange.of(part(m.group("part")) * unit(m.group("partof")) / 4);
        if (m.group("hour") != null) {
            var over = m.group("over").toLowerCase(Locale.ROOT);
            int more = over.contains("half") || over.contains("quarter")
                    ? part(over) * 900
                    : quarters(over.replaceFirst("\\s*(?:minutes?|mins?)$", "")) * 15;
            return TimeRange.of(quarters(m.group("hour")) * 900 + more);
        }
        if (m.group("whole") != null)
            return TimeRange.of(quarters(m.group("whole")) * 15 + part(m.group("wholepart")) * 15);
        if (m.group("mixed") != null) {
            int unit = unit(m.group("mixedunit"));
            return TimeRange.of((quarters(m.group("mixed")) + part(m.group("mixedpart"))) * unit / 4);
        }
        if (m.group("oneof") != null) return TimeRange.of((4 + part(m.group("onepart"))) * unit(m.group("oneof")) / 4);
        if (m.group("couple") != null) {
            int unit = unit(m.group("coupleunit"));
            return m.group("couple").startsWith("few")
                    ? new TimeRange(2 * unit, 4 * unit)
                    : m.group().toLowerCase(Locale.ROOT).startsWith("a good")
                            ? new TimeRange(2 * unit, 2 * unit + unit / 2)
                            : TimeRange.of(2 * unit);
        }
        if (m.group("good") != null) {
            int unit = unit(m.group("good"));
            return new TimeRange(unit, unit + unit / 4);
        }
        if (m.group("ortwo") != null) {
            int unit = unit(m.group("ortwo"));
            return new TimeRange(unit, m.group("ortwoword").equalsIgnoreCase("two") ? 2 * unit : unit);
        }
        if (m.group("from") != null) {
            int unit = unit(m.group("betweenunit"));
            int low = quarters(m.group("from")) * unit / 4;
            int high = quarters(m.group("till")) * unit / 4;
            return high < low ? null : new TimeRange(low, high);
        }
        if (m.group("another") != null) return TimeRange.of(unit(m.group("another")));
        if (m.group("night") != null) return NIGHT;
        int unit = unit(m.group("unit"));
        int low = quarters(m.group("low")) * unit / 4;
        if (m.group("upto") != null && m.group("high") == null) {
            int most = quarters(m.group("upto")) * unit / 4;
            return new TimeRange(low, Math.max(low, most));
        }
        int high = m.group("ortoo") != null
                ? 2 * unit
                : m.group("high") == null ? low : quarters(m.group("high")) * unit / 4;
        // "Gas mark four, an hour", "gas 6, 25 mins": what stands before the comma is another figure.
        boolean listed = BY_COMMA.matcher(m.group()).find();
        if (listed && (high < low || high > 2 * low)) return TimeRange.of(high);
        if (high < low) return null;
        return new TimeRange(low, high);
    }

    private static final Pattern BY_COMMA =
            Pattern.compile("^[\\p{L}\\d]+,(?! (?:to|or)\\b)", Pattern.CASE_INSENSITIVE);

    private static int unit(String word) {
        var w = word.toLowerCase(Locale.ROOT);
        return w.startsWith("s") ? 1 : w.startsWith("m") ? 60 : 3600;
    }

    /** Quarters in "half", "a quarter of", "three quarters". */
    private static int part(String words) {
        var w = words.toLowerCase(Locale.ROOT);
        return w.contains("half") ? 2 : w.startsWith("three") ? 3 : 1;
    }

    /** In quarters, so that halves and quarters of an hour stay whole. */
    private static int quarters(String number) {
        var n = number.toLowerCase(Locale.ROOT).strip();
        if (Character.isLetter(n.charAt(0))) return NumberWords.value(n).orElse(0) * 4;
        int part = n.contains("½") || n.matches(".*[.,]5")
                ? 2
                : n.contains("¼") || n.matches(".*[.,]25") ? 1 : n.contains("¾") || n.matches(".*[.,]75") ? 3 : 0;
        var whole = n.replaceAll("[.,]\\d+$", "").replaceAll("[^0-9]", "");
        return (whole.isEmpty() ? 0 : Integer.parseInt(whole) * 4) + part;
    }
}
