package webodidact.core.reading;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.MeasureSystem;
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
    private static final String SIGN = "[½⅓⅔¼¾⅛⅜⅝⅞⅙⅕]";
    private static final String NUMBER = "(?:\\d+\\s+(?:and|&)\\s+(?:\\d+\\s*[/⁄]\\s*\\d+|" + SIGN
            + "|an? (?:half|quarter))|\\d+(?:\\s+|\\s?-\\s?)\\d+\\s*[/⁄]\\s*\\d+|\\d+\\s*[/⁄]\\s*\\d+|\\d+(?:[.,]\\d+)?\\s?"
            + SIGN + "?|[.,]\\d+|" + SIGN + ")";
    private static final String ABOUT =
            "\\s*(?:(about |approx\\.? |approximately |around |roughly |nearly |almost |maybe |perhaps |circa |(?:an? )?(?:scant|good|generous|heaped) (?=half|quarter|third|two|three|[0-9½¼¾⅓⅔])|c\\. ?|~ ?))?";
    private static final Pattern FIGURES = Pattern.compile(
            "\\s*(?:between )?(" + NUMBER + ")(?:\\s*(?:-|–|—|to|or)\\s*(" + NUMBER
                    + "))?(\\s*(?:dozen|doz\\.?)(?![a-z])(?: of\\b)?)?",
            Pattern.CASE_INSENSITIVE);
    /** Letters that "about", "roughly", "scant" and their like begin with. */
    private static final String ABOUT_LETTERS = "arnmpchgs~";

    private static final Pattern BETWEEN = Pattern.compile("\\s*between \\S+ and \\S", Pattern.CASE_INSENSITIVE);
    private static final Pattern ONLY_ABOUT = Pattern.compile(ABOUT, Pattern.CASE_INSENSITIVE);
    /** "fl oz", "fl.oz.", "fluid ounces": measures of several words, each with or without its full stop. */
    private static final String PHRASES =
            Unit.phrases().stream().map(p -> p.replace(" ", "\\.? ?") + "\\.?").collect(Collectors.joining("|"));

    private static final Pattern UNIT = Pattern.compile(
            "\\s*-?\\s*((?:(?:level|heaped|rounded|scant|generous|good|large|big|small|heaping|slightly|whole|fat|plump) )*+)("
                    + PHRASES + "|[A-Za-z]+)\\.?(?=[^A-Za-z]|$)",
            Pattern.CASE_INSENSITIVE);
    /** More or less than the measure itself. */
    private static final Pattern NOT_LEVEL =
            Pattern.compile("heap|round|scant|generous|good", Pattern.CASE_INSENSITIVE);
    /** The second of "2 lb 3 oz". */
    private static final Pattern SECOND =
            Pattern.compile("\\s*(?:and\\s+)?(\\d+(?:\\.\\d+)?)(?=\\s?[a-z])", Pattern.CASE_INSENSITIVE);

    private static final Set<String> GOES_ON = Set.of("lb", "kg", "pint", "l");
    private static final Set<List<String>> PAIRS =
            Set.of(List.of("lb", "oz"), List.of("kg", "g"), List.of("pint", "floz"), List.of("l", "ml"));
    /** "a few", "a little": no one can say how many. */
    private static final Pattern NOT_ONE = Pattern.compile(
            "\\s+(?:few|little|some|couple|bit|lot|note|small amount)\\b|\\s*$", Pattern.CASE_INSENSITIVE);

    private static final List<Unit> ONLY_WITH_UNIT = List.of(Unit.PIECE);

    private static final Pattern AND = Pattern.compile("\\s+(?:and|&)\\s+", Pattern.CASE_INSENSITIVE);
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
        int begin = 0;
        while (begin < text.length() && Character.isWhitespace(text.charAt(begin))) begin++;
        if (begin == text.length()) return Optional.empty();
        char first = Character.toLowerCase(text.charAt(begin));
        // Of the same length, so that places in it stay.
        if (first == 'b' && BETWEEN.matcher(text).lookingAt()) text = text.replaceFirst(" and ", " to  ");
        // Most lines begin with a figure, and most of the others with no amount: a look at one letter spares the
        // patterns.
        boolean about = false;
        int from = begin;
        if (ABOUT_LETTERS.indexOf(first) >= 0) {
            var m = ONLY_ABOUT.matcher(text);
            about = m.lookingAt() && m.group(1) != null;
            if (about) from = m.end();
        }
        if (about || first == 'b' || !Character.isLetter(first)) {
            var m = FIGURES.matcher(text).region(from, text.length());
            if (m.lookingAt()) return numeric(text, m, about);
        }
        var number = WordNumber.at(text, from);
        return number.isPresent() ? worded(text, number.get(), about) : bare(text);
    }

    private static final Set<String> BARE_SPOONS = Set.of("tbsp", "tsp");

    /** "pinch of salt" without a number is one. */
    private static Optional<Start> bare(String text) {
        return unit(text, 0)
                .filter(u -> u.unit().dimension() == Dimension.INFORMAL
                        || u.unit() == Unit.BUNCH
                        // "Tablespoon of oil, salt, shake."
                        || BARE_SPOONS.contains(u.unit().symbol())
                                && (text.startsWith(" of ", u.end()) || text.startsWith(" more ", u.end())))
                .map(u -> new Start(Amount.of(1, u.unit()), u.end()));
    }

    /** The whole text as an amount: what is typed into an amount cell. */
    public static Amount whole(String text) {
        var start = start(text).filter(s -> text.substring(s.end()).isBlank());
        return start.map(Start::amount)
                .orElseThrow(() -> new IllegalArgumentException(Words.OURS.say("wrong.amountReader", text.strip())));
    }

    /** Empty for a figure that nobody can mean: "1/0", or one of more digits than anything is counted in. */
    private static Optional<Start> numeric(String text, Matcher m, boolean about) {
        var low = figure(m.group(1)).orElse(null);
        if (low == null) return Optional.empty();
        var high = m.group(2) == null ? low : figure(m.group(2)).orElse(low);
        if (high.isLessThan(low)) high = low;
        boolean dozens = m.group(3) != null;
        var number = new WordNumber.Found(dozens ? low.times(12) : low, dozens ? high.times(12) : high, false, m.end());
        return Optional.of(measured(text, number, about));
    }

    private static Optional<Ratio> figure(String text) {
        if (NEEDLESS.matcher(text).find()) return Optional.empty();
        var value = number(text);
        return value.isMoreThan(MOST) ? Optional.empty() : Optional.of(value);
    }

    private static Optional<Start> worded(String text, WordNumber.Found number, boolean about) {
        if (number.isArticle()
                && unit(text, number.end()).isEmpty()
                && NOT_ONE.matcher(text).region(number.end(), text.length()).lookingAt()) return Optional.empty();
        return Optional.of(measured(text, number, about));
    }

    /** With its unit, the part behind that ("a cup and a half") and the smaller unit that goes on ("2 lb 3 oz"). */
    private static Start measured(String text, WordNumber.Found number, boolean about) {
        var unit = unit(text, number.end());
        if (unit.isEmpty()) return new Start(new Amount(number.low(), number.high(), Unit.PIECE, about), number.end());
        var found = unit.get();
        boolean roughly = about || found.notLevel();
        var part = text.startsWith(" and ", found.end())
                ? WordNumber.andPart(text, found.end())
                : Optional.<WordNumber.Found>empty();
        if (part.isPresent()) {
            var more = part.get().low();
            return new Start(
                    new Amount(number.low().plus(more), number.high().plus(more), found.unit(), roughly),
                    part.get().end());
        }
        var amount = new Amount(number.low(), number.high(), found.unit(), roughly);
        return second(text, amount, found.end()).orElse(new Start(amount, found.end()));
    }

    private static Optional<Start> second(String text, Amount first, int from) {
        if (first.isRange() || !GOES_ON.contains(first.unit().symbol())) return Optional.empty();
        var m = SECOND.matcher(text).region(from, text.length());
        if (!m.lookingAt()) return Optional.empty();
        var unit = unit(text, m.end()).orElse(null);
        if (unit == null
                || !PAIRS.contains(List.of(first.unit().symbol(), unit.unit().symbol()))) return Optional.empty();
        var more = Amount.of(number(m.group(1)), unit.unit());
        return Optional.of(
                new Start(first.in(unit.unit(), MeasureSystem.METRIC).plus(more, MeasureSystem.METRIC), unit.end()));
    }

    /** @param notLevel heaped, scant or "a good" one */
    private record Found(Unit unit, int end, boolean notLevel) {}

    private static Optional<Found> unit(String text, int from) {
        var m = UNIT.matcher(text).region(from, text.length());
        if (!m.lookingAt()) return Optional.empty();
        boolean notLevel = NOT_LEVEL.matcher(m.group(1)).find();
        return Unit.named(m.group(2))
                .filter(u -> !ONLY_WITH_UNIT.contains(u))
                .map(u -> new Found(u, m.end(), notLevel));
    }

    /** "1½", "1 1/2", "3/4", "0,5" and "0.5"; a comma with one or two figures after it is a decimal. */
    static Ratio number(String text) {
        var t = AND.matcher(text.strip())
                .replaceFirst(" ")
                .replaceFirst("an? half", "1/2")
                .replaceFirst("an? quarter", "1/4");
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
