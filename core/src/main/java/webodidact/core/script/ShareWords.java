package webodidact.core.script;

import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.lesson.FoodLine;
import webodidact.core.reading.AmountReader;
import webodidact.core.words.NumberWords;

/**
 * How much of a food the words around its name say: "half the flour", "a third of the cheese", "2 tbsp of oil", "the rest of the milk",
 * "cheese, about 50 g". A fraction before a measure is that much of the measure: an eighth of a teaspoon is no share of the list.
 */
public final class ShareWords {
    /**
     * @param start index in the text where the share begins
     * @param amount at the lesson's own yield, or null for all that is left
     * @param rest the words say "the rest"
     */
    public record Share(int start, Amount amount, boolean rest) {}

    private static final Pattern PART = Pattern.compile(
            "(?<![\\p{L}\\p{N}])(?<!\\b(?:cups?|pints?|tablespoons?|teaspoons?|tbsp|tsp|ounces?|pounds?|litres?|liters?|spoons?|one|two|three|four|\\d) and )(half|a half|one half|a third|one third|two thirds|a quarter|one quarter|three quarters|a fifth|1/2|1/3|1/4|2/3|3/4|[½⅓⅔¼¾])\\s+(?:of\\s+)?(?:the\\s+|your\\s+|that\\s+|an?\\s+)?((?:(?!(?:for|with|w|and|in|into|to|on|over|now|then)\\b)[\\p{L}-]+\\s+){0,2})$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern REST = Pattern.compile(
            "\\b(?:(?:the\\s+)?(?:rest|remainder|last)|what(?:['’]s| is) left)\\s+of\\s+(?:the\\s+|your\\s+|that\\s+)?((?:[\\p{L}-]+\\s+){0,2})$|\\b(?:the\\s+)?(?:remaining|leftover)\\s+((?:[\\p{L}-]+\\s+){0,2})$|\\b(?:the|your|that) last\\s+$|\\bthe other half\\s+(?:of\\s+)?(?:the\\s+|your\\s+|that\\s+)?$",
            Pattern.CASE_INSENSITIVE);
    /** "Another teaspoon": one. */
    private static final Pattern ANOTHER =
            Pattern.compile("\\banother(?= )|\\bthe other(?= (?:tea|table)?spoon)", Pattern.CASE_INSENSITIVE);

    /** "A tablespoon or two": one to two. */
    private static final Pattern OR_TWO =
            Pattern.compile("\\b(an?|one) (\\p{L}+) or two\\b(?= )", Pattern.CASE_INSENSITIVE);

    /** What may stand between an amount and the name. */
    private static final Pattern FILLER = Pattern.compile(
            "\\s*(?:of\\s+|more\\s+|or so\\s+(?:of\\s+)?)?(?:the\\s+|your\\s+|that\\s+|my\\s+)?(?:(?!(?:with|and|in|into|to|on|over|for|from|by|or|then|if|it|them|is|goes)\\b)[\\p{L}-]+\\s+){0,1}",
            Pattern.CASE_INSENSITIVE);
    /** "Two tablespoons, sorry, teaspoons" and "three, no, four": what was corrected goes. */
    private static final Pattern CORRECTED_UNIT =
            Pattern.compile("(\\S+\\s+)\\p{L}+,? (?:sorry|no|I mean|I meant),? (?=\\p{L})", Pattern.CASE_INSENSITIVE);

    private static final Pattern CORRECTED = Pattern.compile(
            "(?:an? )?\\p{L}+(?: \\p{L}+)?,? (?:sorry|no|no wait|I mean|I meant),? (?=(?:\\d|one|two|three|four|five|six|seven|eight|nine|ten)\\b)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern AFTER = Pattern.compile(
            "^(?:,| (?:hot|warm|melted|soft|cold|now),| (?:goes? )?(?:in|over|on)(?: the)?(?: top)?(?: bit by bit| little by little| slowly| gradually| a (?:bit|little|splash) at a time)?,?)?\\s*(?:\\(|,\\s*)?(?:about |around |roughly |maybe |perhaps |probably |call it |that['’]s |say |all |(?=couple of))*",
            Pattern.CASE_INSENSITIVE);
    /** "The milk, a bit at a time, that's 350 ml": between them nothing but how it goes in. */
    private static final Pattern PRONOUN = Pattern.compile(
            "^(?:[, ]+(?:goes|go|going|in|on|over|top|straight|slowly|gradually|a|bit|little|splash|at|time|by|all|of|it|them|now|next|then|there|here|into|the|pan|bowl|mixture|jug)\\b)*[, ]+(?:and |so )?(?:that['’]s|that is|it['’]s|that['’]ll be|which is|there['’]s)\\s+(?:about |around |roughly |only |just )*",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern LED = Pattern.compile(
            "^(?:\\d|[½⅓⅔¼¾⅛]|(?:an?|one|two|three|four|five|six|half|about|around|roughly|couple|some|another)\\b)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern COUNTED = Pattern.compile(
            "^(?:all )?(?:\\d|[½⅓⅔¼¾⅛]|(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|half|couple|twelve|twenty|fifty|a hundred)\\b)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern AFTER_END = Pattern.compile(
            "^\\s*(?:[.,;:!?)\\n]|$|of (?:it|them)\\b|to (?:start|begin) with\\b|altogether|in all\\b|in total|all told|max\\b|maximum\\b|at (?:the )?most\\b|tops\\b|at least\\b)",
            Pattern.CASE_INSENSITIVE);
    /** "Milk, a splash at a time, half a litre altogether". */
    private static final Pattern TOTAL = Pattern.compile(
            "^,[^.;!?]{0,45}?, (?=[^.,;!?]{2,24} (?:altogether|in all|in total|all told)\\b)",
            Pattern.CASE_INSENSITIVE);

    /** "Enough milk to bring it together, usually about a hundred mil". */
    private static final Pattern ENOUGH =
            Pattern.compile("\\benough (?:of )?(?:the |your )?(?:\\p{L}+ )?$", Pattern.CASE_INSENSITIVE);

    private static final Pattern USUALLY = Pattern.compile(
            "^,?[^.,;!?]{0,50}, (?:(?:usually|normally|probably|perhaps|maybe|say|so|that['’]s|it['’]s|I['’]d say|you['’]ll want|about|around|roughly|something like) ){1,3}",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern FOR_EACH = Pattern.compile(
            "\\b(?:everybody|everyone|each (?:of (?:you|us|them)|person|child|one of you)|you all|they all)\\b[^.;,!?]{0,15}\\b(?:gets?|has)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final int REACH = 60;

    private ShareWords() {}

    /** @param at where the food's name begins */
    public static Optional<Share> before(String text, int at, FoodLine line) {
        int from = Math.max(0, at - REACH);
        var head = text.substring(from, at);
        int cut = Math.max(
                Math.max(head.lastIndexOf(';'), head.lastIndexOf('!')),
                Math.max(head.lastIndexOf('\n'), head.lastIndexOf(". ")));
        from += cut + 1;
        head = head.substring(cut + 1);
        var rest = REST.matcher(head);
        if (rest.find()) return Optional.of(new Share(from + rest.start(), null, true));
        // "Everybody gets a tomato": how many that is the list says.
        if (isCounted(line) && FOR_EACH.matcher(head).find()) return Optional.empty();
        var measure = measured(head, line);
        if (measure.isPresent())
            return Optional.of(
                    new Share(from + measure.get().start(), measure.get().amount(), false));
        var part = PART.matcher(head);
        if (part.find() && line.amount() != null && !isDeed(head, part.start()))
            return Optional.of(new Share(from + part.start(), line.amount().times(fraction(part.group(1))), false));
        return Optional.empty();
    }

    /** Before the name, else after it. @param end where the food's name ends */
    public static Optional<Share> around(String text, int at, int end, FoodLine line) {
        var before = before(text, at, line);
        if (before.isEmpty() || before.get().amount() != null) {
            var half = andAHalf(text, at, end, line);
            if (half.isPresent()) return half;
        }
        boolean loose = before.isPresent()
                && before.get().amount() != null
                && before.get().amount().unit().dimension() == Dimension.INFORMAL;
        if (before.isPresent() && !loose) return before;
        var half = PART_OF_IT.matcher(text).region(end, Math.min(text.length(), end + REACH));
        if (half.lookingAt() && line.amount() != null)
            return Optional.of(new Share(end, line.amount().times(fraction(half.group(1))), false));
        // "A knob of butter, about 15 g": the figure says how much.
        return after(text, end, line)
                .or(() -> ENOUGH.matcher(text.substring(Math.max(0, at - REACH), at))
                                .find()
                        ? led(USUALLY, text, end)
                        : Optional.empty())
                .filter(s -> !loose || s.amount() != null && s.amount().unit().dimension() != Dimension.INFORMAL)
                .or(() -> before);
    }

    /** "An onion and a half", "two onions and a half". */
    private static Optional<Share> andAHalf(String text, int at, int end, FoodLine line) {
        if (!isCounted(line)
                || !AND_A_HALF.matcher(text).region(end, text.length()).lookingAt()) return Optional.empty();
        var number = COUNT_BEFORE.matcher(text.substring(Math.max(0, at - 12), at));
        if (!number.find()) return Optional.empty();
        int n = number.group(1).toLowerCase(Locale.ROOT).startsWith("a")
                ? 1
                : NumberWords.value(number.group(1)).orElse(0);
        return n == 0
                ? Optional.empty()
                : Optional.of(new Share(
                        end, new Amount(Ratio.of(2 * n + 1, 2), Ratio.of(2 * n + 1, 2), Unit.PIECE, false), false));
    }

    private static final Pattern AND_A_HALF =
            Pattern.compile(" and a half\\b(?! (?:of|hours?|minutes?))", Pattern.CASE_INSENSITIVE);
    private static final Pattern COUNT_BEFORE =
            Pattern.compile("\\b(an?|one|two|three|four|five|six|\\d)\\s+$", Pattern.CASE_INSENSITIVE);

    /** "My butter melting over here, about half of it." */
    private static final Pattern PART_OF_IT = Pattern.compile(
            "(?:: (?=[^.;!?]{3,16} (?:goes|go|in|now|for now|first|here)\\b)|(?! and | or |, \\p{L}+ and )[^.;:!?]{0,30}, )(?:about |around |roughly |just |maybe |say |only )?(half|a third|two thirds|a quarter|three quarters)(?: of (?:it|them|that|yours|what(?:['’]s there|['’]s left| you have| you['’]ve got))\\b|(?= (?:goes|go|in|now|for now|first|here)\\b))(?! (?:for later|for the|back|later))",
            Pattern.CASE_INSENSITIVE);

    private static Optional<Share> after(String text, int end, FoodLine line) {
        var tail = text.substring(end, Math.min(text.length(), end + REACH));
        var lead = AFTER.matcher(tail);
        var pronoun = PRONOUN.matcher(tail);
        var total = TOTAL.matcher(tail);
        boolean all = total.find();
        boolean later = !all && pronoun.find();
        if (!all && !later && (!lead.find() || lead.end() == 0)) return Optional.empty();
        int from = all ? total.end() : later ? pronoun.end() : lead.end();
        if (!COUNTED.matcher(tail.substring(from)).find()) return Optional.empty();
        var inUnit = ofIt(tail.substring(from), line)
                .or(() -> !all
                                && !later
                                && from == 2
                                && tail.startsWith(", ")
                                && !BAKES.matcher(text).find()
                        ? alone(tail.substring(from), line)
                        : Optional.empty());
        if (inUnit.isPresent()) return inUnit.map(a -> new Share(end + from, a, false));
        return AmountReader.start(tail.substring(from))
                .filter(s -> (s.amount().unit() != Unit.PIECE
                                || isCounted(line)
                                        && OF_THEM.matcher(tail.substring(from + s.end()))
                                                .find())
                        && isEnd(tail, from + s.end()))
                .filter(s -> s.amount().unit().dimension() != Dimension.LENGTH)
                .map(s -> new Share(end + from, s.amount(), false));
    }

    /** "Stock on top, 500 of it": in the unit of the list. */
    private static Optional<Amount> ofIt(String tail, FoodLine line) {
        return AmountReader.start(tail)
                .filter(s -> s.amount().unit() == Unit.PIECE && !isCounted(line))
                .filter(s -> OF_IT.matcher(tail.substring(s.end())).find())
                .flatMap(s -> inItsUnit(" of ", s.amount(), line));
    }

    private static final Pattern OF_IT = Pattern.compile("^\\s*of it\\b", Pattern.CASE_INSENSITIVE);

    /** "Yoghurt, 100, lemon juice": no more than the list has, and in its unit. */
    private static Optional<Amount> alone(String tail, FoodLine line) {
        return AmountReader.start(tail)
                .filter(s -> s.amount().unit() == Unit.PIECE && !isCounted(line))
                .filter(s -> ALONE.matcher(tail.substring(s.end())).find())
                .flatMap(s -> inItsUnit(" of ", s.amount(), line))
                .filter(a -> a.unit() == Unit.G || a.unit() == Unit.ML)
                .filter(a -> a.high().compareTo(line.amount().high()) <= 0);
    }

    private static final Pattern ALONE = Pattern.compile("^\\s*(?:now\\b)?\\s*(?:[,.;]|$)", Pattern.CASE_INSENSITIVE);
    /** A bare figure in such a text may be an oven's, or of minutes. */
    private static final Pattern BAKES = Pattern.compile(
            "\\b(?:ovens?|bakes?|roast|fan|degrees|minutes?|mins?|hours?|gas)\\b", Pattern.CASE_INSENSITIVE);

    /** "120 g." takes its full stop along. */
    private static boolean isEnd(String tail, int at) {
        return tail.charAt(at - 1) == '.'
                || AFTER_END.matcher(tail.substring(at)).find();
    }

    private static final Pattern NEXT = Pattern.compile(
            "^[^.!?]*[.!] +(?:that['’]s|that is|it['’]s|there['’]s) (?:about |around |roughly |all |only )*(?=[\\d\\p{L}])",
            Pattern.CASE_INSENSITIVE);

    /** "Sprinkle the cheese all over. That's about 50 g." @param end where the name of the sentence's only food ends */
    static Optional<Share> saidNext(String text, int end) {
        return led(NEXT, text, end);
    }

    /** A weight or a volume that those words lead to. */
    private static Optional<Share> led(Pattern words, String text, int end) {
        var lead = words.matcher(text).region(end, Math.min(text.length(), end + 2 * REACH));
        if (!lead.lookingAt()) return Optional.empty();
        var tail = text.substring(lead.end(), Math.min(text.length(), lead.end() + REACH));
        return AmountReader.start(tail)
                .filter(s -> s.amount().unit().dimension() == Dimension.MASS
                        || s.amount().unit().dimension() == Dimension.VOLUME)
                .filter(s -> isEnd(tail, s.end()))
                .map(s -> new Share(lead.end(), s.amount(), false));
    }

    /** "Grate your apple, one of them." */
    private static final Pattern OF_THEM = Pattern.compile("^\\s*of (?:them|those|the)\\b", Pattern.CASE_INSENSITIVE);

    private static boolean isCounted(FoodLine line) {
        return line.amount() != null && line.amount().unit() == Unit.PIECE;
    }

    /** "Quarter the lemon": a deed, no share. */
    private static boolean isDeed(String head, int at) {
        return head.substring(at).toLowerCase(Locale.ROOT).startsWith("quarter");
    }

    private record Measure(int start, Amount amount) {}

    /** The longest amount that ends right before the name. */
    private static Optional<Measure> measured(String written, FoodLine line) {
        // As many letters, so that places stay true.
        var head = ANOTHER.matcher(written).replaceAll(m -> " ".repeat(m.group().length() - 3) + "one");
        head = OR_TWO.matcher(head)
                .replaceAll(m -> "1-2 " + m.group(2) + " ".repeat(m.group(1).length() + 4));
        var unit = CORRECTED_UNIT.matcher(head);
        if (unit.find()) head = head.substring(0, unit.start()) + unit.group(1) + head.substring(unit.end());
        var number = CORRECTED.matcher(head);
        if (number.find()) head = head.substring(0, number.start()) + head.substring(number.end());
        for (int k = 0; k < head.length(); k++) {
            boolean begins = !Character.isWhitespace(head.charAt(k))
                    && (k == 0 || Character.isWhitespace(head.charAt(k - 1)) || "(,".indexOf(head.charAt(k - 1)) >= 0);
            if (!begins) continue;
            var start = AmountReader.start(head.substring(k));
            if (start.isEmpty()
                    || !isFiller(
                            head.substring(k + start.get().end()), start.get().amount())) continue;
            var amount = start.get().amount();
            if (amount.unit().dimension() == Dimension.LENGTH) continue;
            // "Sprinkle the sugar" tells to do it; "sprinkle of sugar" is that much.
            boolean bare = amount.unit().dimension() == Dimension.INFORMAL
                    && !LED.matcher(head.substring(k)).find();
            if (bare && !head.substring(k + start.get().end()).strip().startsWith("of")) continue;
            if (amount.unit() == Unit.PIECE) {
                boolean counted = line.amount() != null
                        && line.amount().unit() == Unit.PIECE
                        && (amount.low().isWhole() || amount.low().compareTo(Ratio.ONE) > 0);
                if (!counted) {
                    var said = inItsUnit(head.substring(k + start.get().end()), amount, line);
                    if (said.isEmpty()) continue;
                    return Optional.of(new Measure(Math.min(k, written.length()), said.get()));
                }
            }
            return Optional.of(new Measure(Math.min(k, written.length()), amount));
        }
        return Optional.empty();
    }

    /** "Fifty of butter", "two of mustard", "150 warm milk": the unit is the list's. */
    private static Optional<Amount> inItsUnit(String between, Amount said, FoodLine line) {
        boolean of = between.matches("(?i)\\s*of (?:the |your |that )?");
        boolean straight = between.matches("(?i)\\s*(?:(?:warm|cold|hot|melted|soft|tepid|plain|cool) )?")
                && said.low().compareTo(Ratio.of(25)) >= 0;
        if (!of && !straight || line.amount() == null) return Optional.empty();
        var unit = line.amount().unit();
        boolean spoons = SPOONS.contains(unit.symbol());
        boolean grams = unit == Unit.G || unit == Unit.ML;
        boolean fits = said.low().isWhole()
                && (grams && said.low().compareTo(Ratio.of(10)) >= 0
                        || spoons
                                && of
                                && said.low().compareTo(Ratio.ONE) > 0
                                && said.low().compareTo(Ratio.of(12)) <= 0);
        return fits ? Optional.of(new Amount(said.low(), said.high(), unit, said.approximate())) : Optional.empty();
    }

    private static final Set<String> SPOONS = Set.of("tbsp", "tsp", "cup");

    private static boolean isFiller(String between, Amount amount) {
        if (between.isBlank()) return true;
        if (!FILLER.matcher(between).matches()) return false;
        // "Half the flour" is a share; "a the" is none of ours.
        boolean share = amount.unit() == Unit.PIECE
                && !amount.low().isWhole()
                && between.strip().matches("(?i)(?:of )?(?:the|your|that|my)\\b.*");
        return !share;
    }

    private static Ratio fraction(String words) {
        var w = words.toLowerCase(Locale.ROOT);
        if (w.contains("fifth")) return Ratio.of(1, 5);
        if (w.contains("/")) return Ratio.of(w.charAt(0) - '0', w.charAt(2) - '0');
        if (w.contains("third") || w.equals("⅓") || w.equals("⅔"))
            return w.startsWith("two") || w.equals("⅔") ? Ratio.of(2, 3) : Ratio.of(1, 3);
        if (w.contains("quarter") || w.equals("¼") || w.equals("¾"))
            return w.startsWith("three") || w.equals("¾") ? Ratio.of(3, 4) : Ratio.of(1, 4);
        return Ratio.HALF;
    }
}
