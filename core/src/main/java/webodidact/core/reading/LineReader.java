package webodidact.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.Unit;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Doubt;
import webodidact.core.words.Word;

/** Reads one recipe line as people write it: {@code 1½ cups (225 g) plain flour, sifted}. */
public final class LineReader {
    private static final Pattern BULLET = Pattern.compile("^\\s*(?:[-–—*•·▢☐□■]\\s+|\\d{1,2}[.)]\\s+)?");
    private static final Pattern TIMES = Pattern.compile("\\s*[x×]\\s*(?=\\d)", Pattern.CASE_INSENSITIVE);
    private static final Pattern BRACKET = Pattern.compile("\\(([^()]*)\\)");
    private static final Pattern TASTE =
            Pattern.compile("[,;]?\\s*\\b(?:or )?(?:to taste|to season|as needed)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern OPTIONAL = Pattern.compile("[,;]?\\s*\\boptional\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern EXTRA = Pattern.compile(
            "[,;]?\\s*\\b(?:plus|and)\\s+(?:a little |some )?(?:extra|more)\\b[^,;]*", Pattern.CASE_INSENSITIVE);
    private static final Pattern PART = Pattern.compile(
            "^(?:the )?((?:(?:juice|zest|rind)(?: and |, )?)++) (?:of|from) ", Pattern.CASE_INSENSITIVE);
    private static final Pattern OF = Pattern.compile("^\\s*of\\s+(?:an?\\s+)?", Pattern.CASE_INSENSITIVE);
    private static final Pattern SPACES = Pattern.compile("\\s+");
    private static final Pattern ONE_OF_SIZE =
            Pattern.compile("\\s*(?:an?|one|1)\\s+(?=\\d+(?:[.,]\\d+)?\\s*[a-z])", Pattern.CASE_INSENSITIVE);
    private static final Pattern BRACKETED_SIZE = Pattern.compile("\\s*\\(\\s*([^()]+?)\\s*\\)\\s*");
    /** "70 % chocolate" and "00 flour" are names; any other figure may be an amount that was not seen. */
    private static final Pattern FIGURE = Pattern.compile("(?<![\\d/])(?!00\\b)[\\d½¼¾⅓⅔⅛]+(?![\\d]| ?%)");

    private static final Pattern OR = Pattern.compile("\\s+or\\s+", Pattern.CASE_INSENSITIVE);
    private static final Set<String> FORMS = Set.of(
            "chopped",
            "grated",
            "sliced",
            "diced",
            "minced",
            "crushed",
            "drained",
            "rinsed",
            "sifted",
            "peeled",
            "melted",
            "softened",
            "beaten",
            "trimmed",
            "shredded",
            "snipped",
            "mashed",
            "cubed",
            "halved",
            "quartered",
            "washed",
            "scrubbed",
            "torn",
            "toasted",
            "cooked",
            "frozen",
            "dried",
            "fresh",
            "tinned",
            "canned",
            "packed",
            "finely",
            "roughly",
            "thinly",
            "skinless",
            "boneless",
            "thawed",
            "skinned",
            "cold",
            "warm",
            "lukewarm",
            "cut",
            "picked");

    private final Knowledge knowledge;

    public LineReader(Knowledge knowledge) {
        this.knowledge = knowledge;
    }

    /** Never fails: what is not understood is in {@link ReadLine#unsure()}. */
    public ReadLine read(String line) {
        var state = new State();
        // Lowering a dotted capital I, one after the other, takes Java's own strings time by the square.
        var plain = line.replace('\u00a0', ' ').replace('\u0130', 'I');
        // Patterns that may begin with a blank look at each run of blanks from every one of them.
        if (plain.length() > 200) plain = SPACES.matcher(plain).replaceAll(" ");
        var bullet = BULLET.matcher(plain);
        var rest = trimmed(bullet.lookingAt() ? state.gone(bullet.group(), plain.substring(bullet.end())) : plain);
        // Looking for a word is much cheaper than for a pattern, and most lines have none of these.
        var lower = rest.toLowerCase(Locale.ROOT);
        if (lower.contains("taste") || lower.contains("to season") || lower.contains("needed"))
            rest = state.take(TASTE, rest, () -> state.toTaste = true);
        if (lower.contains("optional")) rest = trimmed(state.take(OPTIONAL, rest, () -> state.optional = true));
        if (lower.contains("extra") || lower.contains("more")) rest = extra(state, rest);
        if (lower.contains(" of ")) rest = parts(state, rest);
        rest = amount(state, rest);
        rest = withoutOf(state, rest);
        if (rest.contains(" of ")) rest = parts(state, rest);
        if (rest.indexOf('(') >= 0) rest = brackets(state, rest);
        return item(line, state, rest);
    }

    private static String withoutOf(State state, String text) {
        var of = OF.matcher(text);
        return of.lookingAt() ? state.gone(of.group(), text.substring(of.end())) : text;
    }

    /** Without white space and stray punctuation at both ends. */
    private static String trimmed(String text) {
        int from = 0;
        int to = text.length();
        while (from < to && (Character.isWhitespace(text.charAt(from)) || ":,;".indexOf(text.charAt(from)) >= 0))
            from++;
        while (to > from && (Character.isWhitespace(text.charAt(to - 1)) || ".,;:".indexOf(text.charAt(to - 1)) >= 0))
            to--;
        return text.substring(from, to);
    }

    private static final class State {
        private Amount amount;
        private Amount size;
        private Amount also;
        private boolean optional;
        private boolean toTaste;
        private final List<String> form = new ArrayList<>();
        private final List<String> notes = new ArrayList<>();
        private final List<Doubt> unsure = new ArrayList<>();

        /** What was cut out of the line because it was understood. */
        private final List<String> gone = new ArrayList<>();

        private String gone(String cut, String rest) {
            gone.add(cut);
            return rest;
        }

        private String take(Pattern pattern, String text, Runnable found) {
            var m = pattern.matcher(text);
            if (!m.find()) return text;
            found.run();
            gone.add(m.group());
            return (text.substring(0, m.start()) + text.substring(m.end())).strip();
        }
    }

    private static String extra(State state, String text) {
        var m = EXTRA.matcher(text);
        if (!m.find()) return text;
        state.notes.add(trimmed(m.group()));
        return (text.substring(0, m.start()) + text.substring(m.end())).strip();
    }

    private static String parts(State state, String text) {
        var m = PART.matcher(text);
        if (!m.find()) return text;
        for (var part : m.group(1).toLowerCase(Locale.ROOT).split("\\s*(?:and|,)\\s*")) {
            if (!part.isBlank()) state.form.add(part.strip());
        }
        var rest = state.gone(m.group(), text.substring(m.end()));
        return state.amount == null ? amount(state, rest) : rest;
    }

    private static String amount(State state, String text) {
        if (state.amount != null) return text;
        var one = ONE_OF_SIZE.matcher(text);
        if (one.lookingAt() && hasSize(text.substring(one.end())))
            return sized(state, Amount.of(1, Unit.PIECE), state.gone(one.group(), text.substring(one.end())));
        var start = AmountReader.start(text);
        if (start.isEmpty()) return text;
        var first = start.get().amount();
        var rest = state.gone(
                text.substring(0, start.get().end()), text.substring(start.get().end()));
        if (first.unit() == Unit.PIECE) {
            var times = TIMES.matcher(rest);
            if (times.lookingAt()) return sized(state, first, state.gone(times.group(), rest.substring(times.end())));
            var bracket = BRACKETED_SIZE.matcher(rest);
            if (bracket.lookingAt()
                    && hasSize(bracket.group(1))
                    && holder(rest.substring(bracket.end())).isPresent()) {
                return sized(state, first, bracket.group(1) + " " + rest.substring(bracket.end()));
            }
        } else if (first.unit().dimension() == Dimension.MASS || first.unit().dimension() == Dimension.VOLUME) {
            var holder = holder(rest.strip())
                    .filter(h -> h.amount().unit() == Unit.TIN || h.amount().unit() == Unit.BLOCK);
            if (holder.isPresent()) return sized(state, Amount.of(1, Unit.PIECE), text);
        }
        state.amount = first;
        rest = rest.strip();
        if (rest.startsWith("/")) {
            var other = AmountReader.start(rest.substring(1));
            if (other.isPresent()) {
                state.also = other.get().amount();
                rest = state.gone(
                                rest.substring(0, 1 + other.get().end()),
                                rest.substring(1 + other.get().end()))
                        .strip();
            }
        }
        return rest;
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
    private static String sized(State state, Amount count, String after) {
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

    private static String brackets(State state, String text) {
        Matcher m = BRACKET.matcher(text);
        var rest = new StringBuilder();
        int from = 0;
        while (m.find()) {
            rest.append(text, from, m.start());
            from = m.end();
            var inside = m.group(1).strip();
            var start = AmountReader.start(inside)
                    .filter(s ->
                            inside.substring(s.end()).isBlank() && s.amount().unit() != Unit.PIECE);
            if (start.isPresent() && state.also == null) {
                state.also = start.get().amount();
                state.gone.add(inside);
            } else if (!inside.isEmpty()) state.notes.add(inside);
        }
        rest.append(text, from, text.length());
        return SPACES.matcher(rest).replaceAll(" ").strip();
    }

    private ReadLine item(String line, State state, String text) {
        var rest = text;
        int comma = rest.indexOf(',');
        if (comma >= 0) {
            for (var part : rest.substring(comma + 1).split(",")) describe(state, part.strip());
            rest = rest.substring(0, comma).strip();
        }
        var alternatives = new ArrayList<String>();
        var options = rest.toLowerCase(Locale.ROOT).contains(" or ") ? OR.split(rest) : new String[] {rest};
        if (options.length > 1) state.gone.add("or ".repeat(options.length - 1));
        for (int i = 1; i < options.length; i++) alternatives.add(options[i].strip());
        var item = leadingForms(state, withoutOf(state, options[0]).strip());
        var food = knowledge.foodNamed(item);
        if (food.isEmpty() && !item.isEmpty() && knowledge.toolNamed(item).isEmpty()) {
            state.unsure.add(new Doubt(Doubt.Kind.UNKNOWN_FOOD, item));
        }
        if (hasFigure(item) && FIGURE.matcher(item).find())
            state.unsure.add(new Doubt(Doubt.Kind.FIGURE_IN_NAME, item));
        if (item.isEmpty()) state.unsure.add(Doubt.of(Doubt.Kind.NO_FOOD));
        if (state.amount == null && !state.toTaste && !item.isEmpty()) state.unsure.add(Doubt.of(Doubt.Kind.NO_AMOUNT));
        var left = Account.left(line, state.gone, item, state.form, state.notes, alternatives);
        if (!left.isEmpty()) state.unsure.add(new Doubt(Doubt.Kind.NOT_UNDERSTOOD, String.join(" ", left)));
        return new ReadLine(
                line,
                state.amount,
                state.size,
                state.also,
                item,
                state.form,
                String.join("; ", state.notes),
                state.optional,
                state.toTaste,
                alternatives,
                food.map(f -> f.id()).orElse(null),
                state.unsure);
    }

    private static boolean hasFigure(String text) {
        for (int i = 0; i < text.length(); i++)
            if (Character.isDigit(text.charAt(i)) || Character.getType(text.charAt(i)) == Character.OTHER_NUMBER)
                return true;
        return false;
    }

    private static void describe(State state, String part) {
        if (part.isEmpty()) return;
        boolean form = FORMS.contains(part.toLowerCase(Locale.ROOT))
                || Word.of(part).stream().anyMatch(w -> FORMS.contains(w.stem()));
        if (form) state.form.add(part);
        else state.notes.add(part);
    }

    /** "finely chopped dill" is dill in the form "finely chopped"; a name that includes the word ("dried dill") keeps it. */
    private String leadingForms(State state, String item) {
        var named = knowledge.foodsIn(item);
        int nameStart = named.isEmpty() ? item.length() : named.getLast().start();
        var words = Word.of(item);
        int i = 0;
        while (i < words.size() - 1
                && words.get(i).end() <= nameStart
                && FORMS.contains(words.get(i).stem())) i++;
        if (i == 0) return item;
        state.form.add(0, item.substring(0, words.get(i - 1).end()));
        return item.substring(words.get(i).start());
    }
}
