package webodidact.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import webodidact.core.amount.Heat;
import webodidact.core.amount.OvenScale;
import webodidact.core.memo.Remembered;
import webodidact.core.words.NumberWords;

/** Oven settings in plain words: "180 degrees fan", "200 °C (180 °C fan)", "180C/160C fan", "350 °F", "gas mark 6", "one eighty". */
public final class HeatWords {
    /** From {@code start} (inclusive) to {@code end} (exclusive) in the text. */
    public record Found(int start, int end, Heat heat) {}

    private static final Pattern DEGREES = Pattern.compile(
            "\\b(\\d{2,3})(?:\\s*(?:-|–|to)\\s*(\\d{2,3}))?\\s*(?:°\\s*|degrees?\\s*|deg\\.?\\s*)?(celsius|fahrenheit|centigrade|c\\b|f\\b)?[\\s(]*(fan|convection|conventional)?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern GAS = Pattern.compile(
            "\\bgas\\s*(?:mark\\s*)?(\\d{1,2}|one|two|three|four|five|six|seven|eight|nine)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PROBE = Pattern.compile(
            "\\b(core|probe|thermometer|inside|middle|centre|center|internal|reach(?:es)?|reads?|says)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern FAN = Pattern.compile("\\b(?:fan|convection)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern NO_FAN =
            Pattern.compile("\\b(?:no|not|without an?|isn['’]t an?) fan\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern FAN_AFTER = Pattern.compile(
            "^[^\\d,.;]{0,4}(?:if|for|with|in|on)?(?: it['’]?s| it is| yours is| yours['’]s| you are| you['’]re(?: using)?| you have| you['’]ve(?: got)?| yours (?:is|has)| yours['’]s)?(?: an?| the| your)? ?(?:fan|convection)\\b",
            Pattern.CASE_INSENSITIVE);
    /** "Two hundred, fan one eighty". */
    private static final Pattern FAN_BEFORE = Pattern.compile(
            "(?:^|[,;(/]|\\bor) *(?:in an? |for an? |with an? )?fan(?: ovens?| people| users| folk)?(?:['’]s| is| at|,|:)? $",
            Pattern.CASE_INSENSITIVE);
    /** "Twenty degrees hotter": a difference, no setting. */
    private static final Pattern DIFFERENCE = Pattern.compile(
            "^\\s*(?:°\\s*c?|degrees?)?\\s*(?:hotter|cooler|lower|higher|more|less|up|down|above|below|under)\\b|^\\s*(?:minutes?|mins?|g\\b|ml\\b|grams?)",
            Pattern.CASE_INSENSITIVE);
    /** "Set the oven to one eighty", "two hundred fan", "three fifty". */
    private static final Pattern SAID = Pattern.compile(
            "\\b(one|two|three|four|a(?= hundred))[ -](?:hundred(?:(?: and)?[ -](ten|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety))?|(ten|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety))(?:[ -](five))?\\b(?:\\s*(?:degrees?))?,?\\s*(fan|convection|conventional|fahrenheit|celsius)?",
            Pattern.CASE_INSENSITIVE);

    /** "Right, oven. Get that on to two hundred". */
    private static final Pattern THAT_OVEN = Pattern.compile(
            "\\bovens?[.,!]+ [^.!?]{0,24}\\b(?:that|it|them|yours) (?:on )?(?:to|at) $", Pattern.CASE_INSENSITIVE);

    /** "Forty-five minutes at one eighty": so long at so much. */
    private static final Pattern BAKED_AT = Pattern.compile(
            "\\b(?:minutes?|mins?|hours?|(?:straight |back )?in|goes in|bake|roast|baked|roasted) at $",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern PLAIN = Pattern.compile(
            "(?:\\b(?:at|to|on|or|oven,|fan people|fan users|that['’]s)\\s+(?:about |around )?|(?<=\\boven\\b[^.!?]{0,30}, )(?=\\d{3} for \\d{1,2}\\b)|(?<=^|[.!?] )(?=\\d{3} for (?:\\d{1,2} ?(?:min|hour)|half an hour|an hour|(?:ten|fifteen|twenty|thirty|forty)\\b)))(\\d{2}[05])\\b(?!\\s*(?:g\\b|ml\\b|grams?|kg|mils?|minutes?|mins?|seconds?|secs?|watts?|w\\b|°|deg|[cf]\\b|-|–|:|%))",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PLAIN_OVEN = Pattern.compile(
            "\\bovens?\\b|\\bturn (?:it|that|the oven) (?:up|down)\\b|\\b(?:bake|roast|fan)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern OVEN = Pattern.compile("\\bovens?\\b", Pattern.CASE_INSENSITIVE);
    /** Letters to either side that can bear on a figure: speech has no full stops, and a page of it is no sentence. */
    private static final int REACH = 200;
    /** Hottest mark in °C that is ever meant where nobody says Celsius or Fahrenheit: "three fifty" is °F. */
    private static final int CELSIUS_MOST = 280;

    private static final Pattern MARKED = Pattern.compile(
            "°|deg|celsius|centigrade|fahrenheit|\\d\\s*[cf]\\b|fan|conventional|\\d{3} oven",
            Pattern.CASE_INSENSITIVE);

    private HeatWords() {}

    /**
     * The first that can be an oven's; a core temperature, which a probe reads, is none. Of a pair ("200 °C (180 °C fan)", "180 °C or gas
     * 4") it is the one whose kind of oven is said, the fan's first.
     */
    public static Optional<Found> in(String text) {
        return text.isEmpty() ? Optional.empty() : READ.of(text);
    }

    private static final Remembered<String, Optional<Found>> READ = new Remembered<>(HeatWords::read);

    private static Optional<Found> read(String text) {
        if (!MARKED.matcher(text).find()
                && !GAS.matcher(text).find()
                && !SAID.matcher(text).find()
                && !PLAIN.matcher(text).find()) return Optional.empty();
        var asides = Asides.of(text);
        var all = new ArrayList<Found>();
        figures(text, all);
        spoken(text, all);
        plain(text, all);
        boolean figures = !all.isEmpty();
        var gas = GAS.matcher(text);
        while (gas.find()) {
            int mark = NumberWords.value(gas.group(1)).orElse(0);
            if (mark < 1 || mark > 9) continue;
            int c = GAS_MARKS[mark - 1];
            all.add(new Found(gas.start(), gas.end(), new Heat(c, c, Heat.Mode.CONVENTIONAL)));
        }
        all.removeIf(f -> asides.covers(f.start(), Asides.Kind.DENIED)
                || asides.covers(f.start(), Asides.Kind.HABIT)
                || asides.covers(f.start(), Asides.Kind.OTHER_TIME));
        all.sort((a, b) -> Integer.compare(a.start(), b.start()));
        if (all.isEmpty()) return Optional.empty();
        var first = all.getFirst();
        var pair = all.stream().filter(f -> f.start() - first.start() < 40).toList();
        var fan = pair.stream().filter(f -> f.heat().mode() == Heat.Mode.FAN).findFirst();
        if (fan.isPresent()) return fan;
        // "180 °C or gas 4": a figure beside a gas mark is of an oven without a fan.
        boolean gasToo = pair.size() > 1
                && figures
                && pair.stream().anyMatch(f -> f.heat().mode() == Heat.Mode.CONVENTIONAL);
        if (gasToo && first.heat().mode() == Heat.Mode.UNSTATED)
            return Optional.of(new Found(
                    first.start(),
                    first.end(),
                    new Heat(first.heat().low(), first.heat().high(), Heat.Mode.CONVENTIONAL)));
        return Optional.of(first);
    }

    private static void figures(String text, List<Found> all) {
        var m = DEGREES.matcher(text);
        while (m.find()) {
            boolean marked = MARKED.matcher(m.group()).find()
                    // "180/160 fan": the first of a pair needs no sign of its own.
                    || text.substring(m.end(), Math.min(text.length(), m.end() + 12))
                            .matches("(?is)/\\s*\\d{3}.*")
                    // "In a 220 oven".
                    || text.startsWith(" oven", m.end(1))
                    // "180 degrees, 160 if it's a fan": nor does the second of a pair.
                    || FAN_AFTER.matcher(text.substring(m.end(1))).find();
            if (!marked
                    || PROBE.matcher(sentenceAround(text, m.start())).find()
                    || DIFFERENCE.matcher(text.substring(m.end(1))).find()) continue;
            heat(m.group(1), m.group(2), m.group(3), mode(text, m.group(4), m.start(), m.end(1)))
                    .ifPresent(h -> all.add(new Found(m.start(), m.end(), h)));
        }
    }

    /** "The oven needs to be at 210", "turn it up to 220": no sign beside the figure, and the oven in the sentence. */
    private static void plain(String text, List<Found> all) {
        var m = PLAIN.matcher(text);
        while (m.find()) {
            if (all.stream().anyMatch(f -> f.start() < m.end(1) && f.end() > m.start(1))) continue;
            var sentence = sentenceAround(text, m.start());
            // "180 for half an hour, hollow when you tap it."
            boolean begins = text.startsWith(" for ", m.end(1))
                    && sentenceBefore(text, m.start(1), REACH).isBlank();
            if (!begins && !PLAIN_OVEN.matcher(sentence).find()
                    || PROBE.matcher(sentence).find()) continue;
            heat(m.group(1), null, null, mode(text, null, m.start(1), m.end(1)))
                    .ifPresent(h -> all.add(new Found(m.start(1), m.end(1), h)));
        }
    }

    private static void spoken(String text, List<Found> all) {
        var m = SAID.matcher(text);
        while (m.find()) {
            var sentence = sentenceAround(text, m.start());
            boolean meant = m.group(5) != null
                    || FAN_AFTER.matcher(text.substring(m.end())).find()
                    || GAS.matcher(sentence).find()
                    || BAKED_AT.matcher(sentenceBefore(text, m.start(), 60)).find()
                    || THAT_OVEN
                            .matcher(text.substring(Math.max(0, m.start() - 60), m.start()))
                            .find()
                    || m.group().toLowerCase(Locale.ROOT).contains("degree")
                    || OVEN.matcher(sentence).find();
            if (!meant
                    || PROBE.matcher(sentence).find()
                    || DIFFERENCE.matcher(text.substring(m.end())).find()) continue;
            int value = (m.group(1).equalsIgnoreCase("a")
                            ? 1
                            : NumberWords.value(m.group(1)).orElse(0))
                    * 100;
            var tens = m.group(2) != null ? m.group(2) : m.group(3);
            if (tens != null) value += NumberWords.value(tens).orElse(0);
            if (m.group(4) != null) value += 5;
            var said = m.group(5) == null ? "" : m.group(5).toLowerCase(Locale.ROOT);
            var scale = said.startsWith("fahr") || said.isEmpty() && value > CELSIUS_MOST ? "f" : "c";
            heat(
                            String.valueOf(value),
                            null,
                            scale,
                            mode(
                                    text,
                                    said.startsWith("fan") || said.startsWith("conve") ? said : null,
                                    m.start(),
                                    m.end()))
                    .ifPresent(h -> all.add(new Found(m.start(), m.end(), h)));
        }
    }

    /** A sentence with one figure and "fan" means a fan oven; where there are two, only the one beside the word. */
    private static String mode(String text, String said, int from, int to) {
        if (said != null) return said;
        var sentence = sentenceAround(text, from);
        var m = DEGREES.matcher(sentence);
        int figures = 0;
        while (m.find()) if (Integer.parseInt(m.group(1)) >= 100) figures++;
        var spoken = SAID.matcher(sentence);
        while (spoken.find()) figures++;
        if (figures <= 1)
            return FAN.matcher(sentence).find() && !NO_FAN.matcher(sentence).find() ? "fan" : null;
        return FAN_BEFORE.matcher(text.substring(Math.max(0, from - 30), from)).find()
                        || FAN_AFTER
                                .matcher(text.substring(to, Math.min(text.length(), to + 40)))
                                .find()
                ? "fan"
                : null;
    }

    private static Optional<Heat> heat(String low, String high, String scale, String mode) {
        boolean fahrenheit = scale != null && scale.toLowerCase(Locale.ROOT).startsWith("f");
        int from = Integer.parseInt(low);
        int to = high == null ? from : Integer.parseInt(high);
        if (fahrenheit) {
            from = dial(OvenScale.celsius(from));
            to = dial(OvenScale.celsius(to));
        }
        if (from < 100 || to > 300 || to < from) return Optional.empty();
        var how = mode == null
                ? Heat.Mode.UNSTATED
                : mode.equalsIgnoreCase("conventional") ? Heat.Mode.CONVENTIONAL : Heat.Mode.FAN;
        return Optional.of(new Heat(from, to, how));
    }

    /** °C on a dial without fan for gas 1 to 9, as cookery books print them. */
    private static final int[] GAS_MARKS = {140, 150, 170, 180, 190, 200, 220, 230, 240};

    /** An oven's dial is set in steps of five degrees: 350 °F is 175 °C, not 177. */
    private static int dial(int celsius) {
        return (celsius + 2) / 5 * 5;
    }

    /** The sentence, as far as anybody would read back or on to make out what a figure means. */
    static String sentenceAround(String text, int at) {
        return near(text, at, at, REACH);
    }

    /** The letters of its sentence within so many of a part of the text, with the part itself. */
    public static String near(String text, int start, int end, int most) {
        int to = end;
        while (to < text.length() && to - end < most && !isEnd(text, to)) to++;
        return sentenceBefore(text, start, most) + text.substring(start, to);
    }

    /** The last letters of its part before {@code at}, at most so many. */
    static String sentenceBefore(String text, int at, int most) {
        int from = at;
        while (from > 0 && at - from < most && !isEnd(text, from - 1)) from--;
        return text.substring(from, at);
    }

    /** A point within a figure or an abbreviation ends no sentence. */
    private static boolean isEnd(String text, int at) {
        char c = text.charAt(at);
        return c == '\n'
                || (c == '.' || c == '!' || c == '?')
                        && (at + 1 == text.length() || !Character.isLetterOrDigit(text.charAt(at + 1)));
    }
}
