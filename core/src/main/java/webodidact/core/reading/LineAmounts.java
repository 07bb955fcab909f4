package webodidact.core.reading;

import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.lesson.Doubt;

/** The amounts of a recipe line, wherever they stand: before the food, behind it, in brackets, of one tin or stated twice. */
final class LineAmounts {
    /** What foods are sold in: "7 g sachet" is one sachet of 7 g. */
    private static final Set<String> HOLDERS =
            Set.of("tin", "block", "sachet", "pack", "jar", "carton", "tub", "bag", "bottle", "tube");

    private static final Pattern TIMES = Pattern.compile("\\s*[x×]\\s*(?=\\d)", Pattern.CASE_INSENSITIVE);

    private static final Pattern ONE_OF_SIZE =
            Pattern.compile("\\s*(an?|one|\\d{1,2})\\s+(?=\\d+(?:[.,]\\d+)?\\s*-?\\s*[a-z])", Pattern.CASE_INSENSITIVE);

    /** "A 2 cm piece": the article counts nothing. */
    private static final Pattern ARTICLE =
            Pattern.compile("an?\\s+(?=\\d+(?:[.,]\\d+)?\\s*-?\\s*(?:cm|inch))", Pattern.CASE_INSENSITIVE);

    private static final Pattern BRACKETED_SIZE = Pattern.compile("\\s*\\(\\s*([^()]+?)\\s*\\)\\s*");

    private static final Pattern OR_ALSO = Pattern.compile("^or\\s+(?=[\\d½¼¾⅓⅔a-z])", Pattern.CASE_INSENSITIVE);

    private static final Pattern EACH = Pattern.compile("\\s*\\b(?:each|apiece)\\s*$", Pattern.CASE_INSENSITIVE);

    /** Letters where a scanner should have seen figures: "2OO ml", "l00 g". */
    private static final Pattern MISREAD = Pattern.compile(
            "^\\s*(?=[0-9OolI]*\\d)(?=[0-9]*[OolI])([0-9OolI]{2,})(?=\\s?(?:k?g|ml|l|oz|lb|tsp|tbsp|cups?)\\b)");

    /** "1l/2": one and a half, or a half? Nobody reads it as a litre. */
    private static final Pattern MISREAD_PART = Pattern.compile("^\\s*\\d*[lI]\\d*/\\d");

    /** Words before the end of the line where an amount may begin. */
    private static final Pattern TRAILING =
            Pattern.compile("\\s*(?:[-–—:,=]+|\\.{2,}|…|\\s)\\s*(?:[x×]\\s?)?(?=[\\d½¼¾⅓⅔])|\\s+[x×]\\s?(?=\\d)");

    private static final Pattern WEIGHED = Pattern.compile(
            "\\s*[,–—-]?\\s+(?=(?:about |approx\\.? |approximately |roughly |around |circa )?\\d)",
            Pattern.CASE_INSENSITIVE);

    /** "A thumb-sized piece of ginger" is a thumb of it. */
    private static final Pattern SIZED = Pattern.compile(
            "-?\\s*sized?\\b(?:\\s+(?:piece|knob|chunk|bit|lump))?(?:\\s+of\\b)?\\s*", Pattern.CASE_INSENSITIVE);

    private static final int LONGEST_AMOUNT = 60;

    private LineAmounts() {}

    /** "2OO ml" is read as 200, and said to be. */
    static String misread(LineState state, String text) {
        if (!startsWithAFigureLikeOne(text)) return text;
        var m = MISREAD.matcher(text);
        if (!m.lookingAt()) return text;
        state.unsure.add(new Doubt(Doubt.Kind.MISREAD, m.group(1)));
        // Its unit too where it follows at once: "2OOml" is one word.
        int end = m.end();
        while (end < text.length() && Character.isLetter(text.charAt(end))) end++;
        state.gone.add(text.substring(0, end));
        var figures = m.group(1).replaceAll("[Oo]", "0").replaceAll("[lI]", "1");
        return figures + text.substring(m.end());
    }

    private static boolean isMisreadPart(String text) {
        return text.indexOf('/') > 0 && MISREAD_PART.matcher(text).lookingAt();
    }

    /** "2O", "l0": letters among the first figures. */
    private static boolean startsWithAFigureLikeOne(String text) {
        boolean letter = false;
        boolean figure = false;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (Character.isDigit(c)) figure = true;
            else if ("OolI".indexOf(c) >= 0) letter = true;
            else break;
        }
        return letter && figure;
    }

    /** "Butter – 100 g", "Potatoes x 4": the amount stands behind. */
    static String trailing(LineState state, String text) {
        if (state.isVague) return text;
        // An amount at the end is short; a page without line ends is not searched from its beginning.
        var m = TRAILING.matcher(text).region(Math.max(0, text.length() - LONGEST_AMOUNT), text.length());
        while (m.find()) {
            if (m.start() == 0) continue;
            var after = text.substring(m.end());
            var start = AmountReader.start(after);
            if (start.isEmpty() || !after.substring(start.get().end()).isBlank()) continue;
            state.amount = start.get().amount();
            state.gone.add(text.substring(m.start()));
            return text.substring(0, m.start()).strip();
        }
        return text;
    }

    /** "1 aubergine about 350 g", "a tub of ricotta 250 grams": the same, weighed. Of several, only "about" says that it is of all of them. */
    static String weighedBehind(LineState state, String text) {
        if (state.amount.unit().dimension() != Dimension.COUNT || state.also != null || state.size != null) return text;
        var m = WEIGHED.matcher(text).region(Math.max(0, text.length() - LONGEST_AMOUNT), text.length());
        while (m.find()) {
            if (m.start() == 0) continue;
            var after = text.substring(m.end());
            var start = AmountReader.start(after);
            if (start.isEmpty()
                    || !after.substring(start.get().end()).isBlank()
                    || !hasSize(after)
                    || !isOfAll(state.amount, start.get().amount())) continue;
            state.also = start.get().amount();
            state.gone.add(text.substring(m.start()));
            return text.substring(0, m.start()).strip();
        }
        return text;
    }

    /** "2 (6 oz) tuna steaks": six ounces each; "about" may be of all of them. */
    private static boolean isOfEach(Amount count, String size) {
        return count.low().isMoreThan(Ratio.ONE)
                && AmountReader.start(size)
                        .filter(s -> !s.amount().approximate())
                        .isPresent();
    }

    private static boolean isOfAll(Amount count, Amount weight) {
        return weight.approximate() || count.high().compareTo(Ratio.ONE) <= 0;
    }

    static String amount(LineState state, String text) {
        if (state.amount != null || state.isVague || isMisreadPart(text)) return text;
        if (text.startsWith("a") || text.startsWith("A")) {
            var article = ARTICLE.matcher(text);
            if (article.lookingAt()) return amount(state, state.gone(article.group(), text.substring(article.end())));
        }
        var one = ONE_OF_SIZE.matcher(text);
        if (one.lookingAt()
                && hasSize(text.substring(one.end()))
                && isOneOrHeld(one.group(1), text.substring(one.end())))
            return sized(state, count(one.group(1)), state.gone(one.group(), text.substring(one.end())));
        var start = AmountReader.start(text);
        if (start.isEmpty()) return text;
        var first = start.get().amount();
        if (first.unit().symbol().equals("clove")
                && text.substring(start.get().end()).isBlank()) {
            // "4 cloves" of nothing: the spice.
            int at = text.toLowerCase(Locale.ROOT).indexOf("clove");
            state.amount = new Amount(first.low(), first.high(), Unit.PIECE, first.approximate());
            return state.gone(text.substring(0, at), text.substring(at));
        }
        var rest = state.gone(
                text.substring(0, start.get().end()), text.substring(start.get().end()));
        if (first.unit() == Unit.PIECE) {
            var times = TIMES.matcher(rest);
            if (times.lookingAt()) return sized(state, first, state.gone(times.group(), rest.substring(times.end())));
            var bracket = BRACKETED_SIZE.matcher(rest);
            if (bracket.lookingAt()
                    && hasSize(bracket.group(1))
                    && (holder(rest.substring(bracket.end())).isPresent() || isOfEach(first, bracket.group(1)))) {
                return sized(state, first, firstOf(bracket.group(1), state) + " " + rest.substring(bracket.end()));
            }
        } else if (first.unit().dimension() == Dimension.MASS || first.unit().dimension() == Dimension.VOLUME) {
            var holder = holder(rest.strip())
                    .filter(h -> HOLDERS.contains(h.amount().unit().symbol()));
            if (holder.isPresent()) return sized(state, Amount.of(1, Unit.PIECE), text);
        }
        state.amount = first;
        rest = rest.strip();
        if (first.unit().dimension() == Dimension.INFORMAL) {
            var sized = SIZED.matcher(rest);
            if (sized.lookingAt()) rest = state.gone(sized.group(), rest.substring(sized.end()));
        }
        if (rest.startsWith("/")) {
            var other = AmountReader.start(rest.substring(1));
            if (other.isPresent()) {
                state.also = other.get().amount();
                rest = state.gone(
                                rest.substring(0, 1 + other.get().end()),
                                rest.substring(1 + other.get().end()))
                        .strip();
            }
        } else if (first.unit() != Unit.PIECE) rest = orAlso(state, rest);
        return rest;
    }

    /** "75 g or 3 oz butter": the same, stated twice. */
    private static String orAlso(LineState state, String text) {
        var or = OR_ALSO.matcher(text);
        if (!or.lookingAt()) return text;
        var other = AmountReader.start(text.substring(or.end()))
                .filter(s -> s.amount().unit() != Unit.PIECE);
        if (other.isEmpty()) return text;
        state.also = other.get().amount();
        int end = or.end() + other.get().end();
        return state.gone(text.substring(0, end), text.substring(end)).strip();
    }

    private static Amount count(String text) {
        return Amount.of(Character.isDigit(text.charAt(0)) ? Integer.parseInt(text) : 1, Unit.PIECE);
    }

    /** "2 14-oz cans"; "2 400 g" alone may be anything. */
    private static boolean isOneOrHeld(String count, String after) {
        return count(count).low().equals(Ratio.ONE)
                || AmountReader.start(after)
                        .flatMap(s -> holder(after.substring(s.end()).strip()))
                        .isPresent();
    }

    /** Of "400g/14oz" the first; the other says the same. */
    private static String firstOf(String sizes, LineState state) {
        int slash = sizes.indexOf('/');
        if (slash <= 0 || !hasSize(sizes.substring(slash + 1))) return sizes;
        state.gone.add(sizes.substring(slash));
        return sizes.substring(0, slash);
    }

    /** The text begins with a weight or volume. */
    private static boolean hasSize(String text) {
        return AmountReader.start(text)
                .filter(s -> s.amount().unit().dimension() == Dimension.MASS
                        || s.amount().unit().dimension() == Dimension.VOLUME)
                .isPresent();
    }

    /** "tins ...": what the sizes are of. The end counts from the start of "1 ". */
    private static Optional<AmountReader.Start> holder(String text) {
        return AmountReader.start("1 " + text)
                .filter(s -> s.amount().unit().dimension() == Dimension.COUNT
                        && s.amount().unit() != Unit.PIECE);
    }

    /** "2 x 400 g tins": two tins of 400 g. */
    private static String sized(LineState state, Amount count, String after) {
        var found = AmountReader.start(after);
        if (found.isEmpty()) {
            // "2 x 99999999999 g": the count stands, the figure stays in the name and is doubted there.
            state.amount = count;
            return after;
        }
        var size = found.get();
        var rest = state.gone(after.substring(0, size.end()), after.substring(size.end()))
                .strip();
        var holder = holder(rest);
        state.size = size.amount();
        state.amount = new Amount(
                count.low(), count.high(), holder.map(h -> h.amount().unit()).orElse(Unit.PIECE), count.approximate());
        return holder.map(h -> state.gone(rest.substring(0, h.end() - 2), rest.substring(h.end() - 2))
                        .strip())
                .orElse(rest);
    }

    static void bracket(LineState state, String inside) {
        var each = EACH.matcher(inside);
        boolean ofOne = each.find();
        var figures = ofOne ? inside.substring(0, each.start()) : inside;
        var start = AmountReader.start(figures).filter(s -> s.amount().unit() != Unit.PIECE);
        if (start.isEmpty() && state.amount == null && !state.isVague && counted(state, inside)) return;
        boolean whole =
                start.isPresent() && isNoMore(figures.substring(start.get().end()));
        if (!whole) {
            if (!inside.isEmpty()) state.notes.add(inside);
            return;
        }
        var amount = start.get().amount();
        if (state.amount == null && !state.isVague) state.amount = amount;
        else if (ofOne && state.size == null) state.size = amount;
        else if (state.also == null) state.also = amount;
        else {
            state.notes.add(inside);
            return;
        }
        state.gone.add(inside);
    }

    private static final Pattern COUNTED = Pattern.compile(
            "(\\d{1,3})(?:\\s+(small|medium|large|big))?(?:\\s+(?:ones?|pieces?))?", Pattern.CASE_INSENSITIVE);

    /** "Onion (1 large)". */
    private static boolean counted(LineState state, String inside) {
        var count = COUNTED.matcher(inside);
        if (!count.matches()) return false;
        state.amount = AmountReader.start(count.group(1)).orElseThrow().amount();
        state.gone.add(count.group(1));
        if (count.group(2) != null) state.form.add(count.group(2));
        return true;
    }

    /** Nothing, or the same in another measure: "/ 12 oz". */
    private static boolean isNoMore(String after) {
        if (after.isBlank()) return true;
        var rest = after.strip();
        if (!rest.startsWith("/") && !rest.startsWith(",")) return false;
        return AmountReader.start(rest.substring(1))
                .filter(s -> rest.substring(1 + s.end()).isBlank())
                .isPresent();
    }
}
