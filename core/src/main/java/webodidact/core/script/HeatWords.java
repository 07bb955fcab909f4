package webodidact.core.script;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import webodidact.core.amount.Heat;
import webodidact.core.amount.OvenScale;

/** Oven settings in plain words: "180 degrees fan", "200–220 °C", "350 °F", "gas mark 6". */
public final class HeatWords {
    /** From {@code start} (inclusive) to {@code end} (exclusive) in the text. */
    public record Found(int start, int end, Heat heat) {}

    private static final Pattern DEGREES = Pattern.compile(
            "\\b(\\d{2,3})(?:\\s*(?:-|–|to)\\s*(\\d{2,3}))?\\s*(?:°\\s*|degrees?\\s*|deg\\.?\\s*)?(celsius|fahrenheit|centigrade|c\\b|f\\b)?\\s*(fan|conventional)?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern GAS =
            Pattern.compile("\\bgas\\s*(?:mark\\s*)?(\\d{1,2})\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern PROBE = Pattern.compile(
            "\\b(core|probe|thermometer|inside|middle|centre|center|internal|reach(?:es)?|reads?|says)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern FAN = Pattern.compile("\\bfan\\b", Pattern.CASE_INSENSITIVE);

    /** Letters to either side that can bear on a figure: speech has no full stops, and a page of it is no sentence. */
    private static final int REACH = 200;

    private static final Pattern MARKED = Pattern.compile(
            "°|deg|celsius|centigrade|fahrenheit|\\d\\s*[cf]\\b|fan|conventional", Pattern.CASE_INSENSITIVE);

    private HeatWords() {}

    /** The first that can be an oven's; a core temperature, which a probe reads, is none. */
    public static Optional<Found> in(String text) {
        var gas = GAS.matcher(text);
        if (gas.find()) {
            int mark = Integer.parseInt(gas.group(1));
            if (mark >= 1 && mark <= 9) {
                int c = dial(OvenScale.celsiusOfGas(mark));
                return Optional.of(new Found(gas.start(), gas.end(), new Heat(c, c, Heat.Mode.CONVENTIONAL)));
            }
        }
        var m = DEGREES.matcher(text);
        while (m.find()) {
            boolean marked = MARKED.matcher(m.group()).find();
            if (!marked || PROBE.matcher(sentenceAround(text, m.start())).find()) continue;
            var heat = heat(
                    m.group(1),
                    m.group(2),
                    m.group(3),
                    m.group(4) == null
                                    && FAN.matcher(sentenceAround(text, m.start()))
                                            .find()
                            ? "fan"
                            : m.group(4));
            if (heat.isPresent()) return Optional.of(new Found(m.start(), m.end(), heat.get()));
        }
        return Optional.empty();
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
                : mode.equalsIgnoreCase("fan") ? Heat.Mode.FAN : Heat.Mode.CONVENTIONAL;
        return Optional.of(new Heat(from, to, how));
    }

    /** An oven's dial is set in steps of five degrees: 350 °F is 175 °C, not 177. */
    private static int dial(int celsius) {
        return (celsius + 2) / 5 * 5;
    }

    /** The sentence, as far as anybody would read back or on to make out what a figure means. */
    static String sentenceAround(String text, int at) {
        int to = at;
        while (to < text.length() && to - at < REACH && ".!?\n".indexOf(text.charAt(to)) < 0) to++;
        return sentenceBefore(text, at, REACH) + text.substring(at, to);
    }

    /** The last letters of its part before {@code at}, at most so many. */
    static String sentenceBefore(String text, int at, int most) {
        int from = at;
        while (from > 0 && at - from < most && ".!?\n".indexOf(text.charAt(from - 1)) < 0) from--;
        return text.substring(from, at);
    }
}
