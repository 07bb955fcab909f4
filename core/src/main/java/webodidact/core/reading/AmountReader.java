package webodidact.core.reading;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;

/** Reads amounts as people write them at the start of a text: "1½ cups", "1 1/2", "2-3 tbsp", "half a pint", "0,5 l", "a knob of". */
public final class AmountReader {
    /** @param end index after the amount and its unit */
    public record Start(Amount amount, int end) {}

    private static final Map<Character, Ratio> SIGNS = Map.ofEntries(
            Map.entry('½', Ratio.of(1, 2)),
            Map.entry('⅓', Ratio.of(1, 3)),
            Map.entry('⅔', Ratio.of(2, 3)),
            Map.entry('¼', Ratio.of(1, 4)),
            Map.entry('¾', Ratio.of(3, 4)),
            Map.entry('⅛', Ratio.of(1, 8)),
            Map.entry('⅜', Ratio.of(3, 8)),
            Map.entry('⅝', Ratio.of(5, 8)),
            Map.entry('⅞', Ratio.of(7, 8)),
            Map.entry('⅙', Ratio.of(1, 6)),
            Map.entry('⅕', Ratio.of(1, 5)));
    private static final Map<String, Ratio> WORDS = Map.ofEntries(
            Map.entry("a", Ratio.ONE),
            Map.entry("an", Ratio.ONE),
            Map.entry("one", Ratio.ONE),
            Map.entry("two", Ratio.of(2)),
            Map.entry("three", Ratio.of(3)),
            Map.entry("four", Ratio.of(4)),
            Map.entry("five", Ratio.of(5)),
            Map.entry("six", Ratio.of(6)),
            Map.entry("seven", Ratio.of(7)),
            Map.entry("eight", Ratio.of(8)),
            Map.entry("nine", Ratio.of(9)),
            Map.entry("ten", Ratio.of(10)),
            Map.entry("twelve", Ratio.of(12)),
            Map.entry("half", Ratio.HALF),
            Map.entry("quarter", Ratio.of(1, 4)),
            Map.entry("dozen", Ratio.of(12)));
    private static final String SIGN = "[½⅓⅔¼¾⅛⅜⅝⅞⅙⅕]";
    private static final String NUMBER =
            "(?:\\d+(?:\\s+|\\s?-\\s?)\\d+\\s*[/⁄]\\s*\\d+|\\d+\\s*[/⁄]\\s*\\d+|\\d+(?:[.,]\\d+)?\\s?" + SIGN
                    + "?|[.,]\\d+|" + SIGN + ")";
    private static final Pattern FIRST = Pattern.compile(
            "\\s*(about |approx\\.? |approximately |around |roughly |c\\. ?|~ ?)?(" + NUMBER
                    + ")(?:\\s*(?:-|–|—|to|or)\\s*(" + NUMBER + "))?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern WORD_FIRST = Pattern.compile(
            "\\s*(about |around |roughly )?(half a dozen|half an?|a half|a quarter|quarter|half|a dozen|an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve)\\b(?:\\s+(?:to|or)\\s+(two|three|four|five|six)\\b)?",
            Pattern.CASE_INSENSITIVE);
    /** "fl oz", "fl.oz.", "fluid ounces": measures of several words, each with or without its full stop. */
    private static final String PHRASES =
            Unit.phrases().stream().map(p -> p.replace(" ", "\\.? ?") + "\\.?").collect(Collectors.joining("|"));

    private static final Pattern UNIT = Pattern.compile(
            "\\s*-?\\s*(?:(?:level|heaped|rounded|scant|generous|good|large|big|small|heaping) )*+(" + PHRASES
                    + "|[A-Za-z]+)\\.?(?=[^A-Za-z]|$)",
            Pattern.CASE_INSENSITIVE);
    /** "a few", "a little": no one can say how many. */
    private static final Pattern NOT_ONE = Pattern.compile(
            "\\s+(?:few|little|some|couple|bit|lot|note|small amount)\\b|\\s*$", Pattern.CASE_INSENSITIVE);

    private static final List<Unit> ONLY_WITH_UNIT = List.of(Unit.PIECE);

    private static final Pattern SPLIT = Pattern.compile("[\\s-]+");
    private static final Pattern THOUSANDS = Pattern.compile("\\d+,\\d{3}");

    /** More digits in a row than anything is counted in, or nothing below the line. */
    private static final Pattern NEEDLESS = Pattern.compile("\\d{10}|[/⁄]\\s*0+(?!\\d)");

    private static final Ratio MOST = Ratio.of(100_000);

    private static final int LONGEST = 200;

    private AmountReader() {}

    /** The amount the text begins with; without a unit it counts pieces. Empty if it begins with none. */
    public static Optional<Start> start(String whole) {
        // Nobody writes an amount of more letters; what follows is not looked at, so that a page without line ends
        // costs no more.
        var text = whole.length() > LONGEST ? whole.substring(0, LONGEST) : whole;
        var m = FIRST.matcher(text);
        if (m.lookingAt()) return numeric(text, m);
        m = WORD_FIRST.matcher(text);
        return m.lookingAt() ? worded(text, m) : bare(text);
    }

    /** "pinch of salt" without a number is one. */
    private static Optional<Start> bare(String text) {
        return unit(text, 0)
                .filter(u -> u.unit().dimension() == Dimension.INFORMAL || u.unit() == Unit.BUNCH)
                .map(u -> new Start(Amount.of(1, u.unit()), u.end()));
    }

    /** The whole text as an amount: what is typed into an amount cell. */
    public static Amount whole(String text) {
        var start = start(text).filter(s -> text.substring(s.end()).isBlank());
        return start.map(Start::amount)
                .orElseThrow(() -> new IllegalArgumentException(Words.OURS.say("wrong.amountReader", text.strip())));
    }

    /** Empty for a figure that nobody can mean: "1/0", or one of more digits than anything is counted in. */
    private static Optional<Start> numeric(String text, Matcher m) {
        var low = figure(m.group(2)).orElse(null);
        if (low == null) return Optional.empty();
        var high = m.group(3) == null ? low : figure(m.group(3)).orElse(low);
        if (high.isLessThan(low)) high = low;
        var unit = unit(text, m.end());
        var kind = unit.map(Found::unit).orElse(Unit.PIECE);
        return Optional.of(new Start(
                new Amount(low, high, kind, m.group(1) != null),
                unit.map(Found::end).orElse(m.end())));
    }

    private static Optional<Ratio> figure(String text) {
        if (NEEDLESS.matcher(text).find()) return Optional.empty();
        var value = number(text);
        return value.isMoreThan(MOST) ? Optional.empty() : Optional.of(value);
    }

    private static Optional<Start> worded(String text, Matcher m) {
        var unit = unit(text, m.end());
        var word = m.group(2).toLowerCase(Locale.ROOT);
        var value = word.equals("half a dozen")
                ? Ratio.of(6)
                : word.startsWith("half") || word.equals("a half")
                        ? Ratio.HALF
                        : word.endsWith("quarter")
                                ? Ratio.of(1, 4)
                                : word.equals("a dozen") ? Ratio.of(12) : WORDS.get(word);
        if (unit.isEmpty()
                && (word.equals("a") || word.equals("an"))
                && NOT_ONE.matcher(text).region(m.end(), text.length()).lookingAt()) return Optional.empty();
        var high = m.group(3) == null ? value : WORDS.get(m.group(3).toLowerCase(Locale.ROOT));
        return Optional.of(new Start(
                new Amount(value, high.max(value), unit.map(Found::unit).orElse(Unit.PIECE), m.group(1) != null),
                unit.map(Found::end).orElse(m.end())));
    }

    private record Found(Unit unit, int end) {}

    private static Optional<Found> unit(String text, int from) {
        var m = UNIT.matcher(text).region(from, text.length());
        if (!m.lookingAt()) return Optional.empty();
        var word = m.group(1);
        return Unit.named(word).filter(u -> !ONLY_WITH_UNIT.contains(u)).map(u -> new Found(u, m.end()));
    }

    /** "1½", "1 1/2", "3/4", "0,5" and "0.5"; a comma with one or two figures after it is a decimal. */
    static Ratio number(String text) {
        var t = text.strip();
        char last = t.charAt(t.length() - 1);
        if (SIGNS.containsKey(last)) {
            var before = t.substring(0, t.length() - 1).strip();
            return before.isEmpty() ? SIGNS.get(last) : number(before).plus(SIGNS.get(last));
        }
        int slash = Math.max(t.indexOf('/'), t.indexOf('⁄'));
        if (slash > 0) {
            var top = SPLIT.split(t.substring(0, slash).strip());
            long den = Long.parseLong(t.substring(slash + 1).strip());
            if (den == 0) throw new IllegalArgumentException(Words.OURS.say("wrong.amountReader.2", t));
            var part = Ratio.of(Long.parseLong(top[top.length - 1]), den);
            return top.length == 2 ? part.plus(Ratio.of(Long.parseLong(top[0]))) : part;
        }
        if (THOUSANDS.matcher(t).matches()) return Ratio.of(Long.parseLong(t.replace(",", "")));
        var decimal = t.replace(',', '.');
        return Ratio.parseDecimal(decimal.startsWith(".") ? "0" + decimal : decimal);
    }
}
