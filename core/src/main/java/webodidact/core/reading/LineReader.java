package webodidact.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import webodidact.core.amount.Amount;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Unit;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Doubt;
import webodidact.core.words.Word;

/** Reads one recipe line as people write it: {@code 1½ cups (225 g) plain flour, sifted}. */
public final class LineReader {
    /** Behind the spoon: "1 tsp heaped paprika". */
    private static final List<String> NOT_LEVEL = List.of("heaped", "heaping", "rounded", "scant", "generous");

    private static final Pattern BULLET =
            Pattern.compile("^\\s*(?:(?:[-–—*•·▢☐□■☑✓✔]|\\[[ xX]?\\])\\s+|\\d{1,2}[.)]\\s+)?");
    /** What is said before a line is read out. */
    private static final Pattern LEAD = Pattern.compile(
            "^(?:(?:and then|then|and|we need|we'll need|you need|you'll need|you will need|i'm using|i use|take|another|okay|ok|right|now|well|so)[, ]+)+",
            Pattern.CASE_INSENSITIVE);
    /** How much is said, and is no amount. */
    private static final Pattern VAGUE = Pattern.compile(
            "^(?:just )?(?:some|several|any|enough|plenty of|lots of|loads of|a lot of|a little bit of|a little|a bit of|a few|up to|at least)\\b\\s*",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern LIMIT = Pattern.compile("^(?:up to|at least)\\b\\s*", Pattern.CASE_INSENSITIVE);
    private static final Pattern BRACKET = Pattern.compile("\\(([^()]*)\\)");
    private static final Pattern TASTE =
            Pattern.compile("[,;]?\\s*\\b(?:or )?(?:to taste|to season|as needed)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern OPTIONAL = Pattern.compile("[,;]?\\s*\\boptional\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern EXTRA = Pattern.compile(
            "[,;]?\\s*\\b(?:plus|and)\\s+(?:a little |some )?(?:extra|more)\\b[^,;]*", Pattern.CASE_INSENSITIVE);
    private static final Pattern FAT =
            Pattern.compile("(?<!\\d)[,;]?\\s*\\(?(\\d{1,2} ?% fat)\\b\\)?[,;]?\\s?", Pattern.CASE_INSENSITIVE);
    private static final Pattern PART = Pattern.compile(
            "^(?:the )?((?:finely |freshly )?(?:grated |squeezed )?)((?:(?:juice|zest|rind)(?: and |, )?)++) (?:of|from) ",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern OF = Pattern.compile("^\\s*of\\s+(?:an?\\s+)?", Pattern.CASE_INSENSITIVE);
    private static final Pattern SPACES = Pattern.compile("\\s+");
    /** What it is for, behind the name without a comma. */
    private static final Pattern PURPOSE = Pattern.compile(
            "\\s+(?:for (?:the |an? )?(?:\\w+ing|tin|tins|pan|top|bowl|table|pot)\\b|to (?:serve|garnish|decorate|finish|top|glaze|grease|dust|fry|drizzle|taste))\\b.*$",
            Pattern.CASE_INSENSITIVE);
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
            "tinned",
            "canned",
            "fresh",
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
    private final MeasureSystem region;

    public LineReader(Knowledge knowledge) {
        this(knowledge, MeasureSystem.METRIC);
    }

    /** @param region whose words are meant where they differ: "corn flour" */
    public LineReader(Knowledge knowledge, MeasureSystem region) {
        this.knowledge = knowledge;
        this.region = region;
    }

    /**
     * Every food of the line, each as a line of its own: "1 tsp each cumin and turmeric". Never fails, and is never empty: what is not
     * understood is in {@link ReadLine#unsure()}.
     */
    public List<ReadLine> readAll(String line) {
        return new ManyFoods(this, knowledge).read(line);
    }

    /** The line as one food. Never fails: what is not understood is in {@link ReadLine#unsure()}. */
    public ReadLine read(String line) {
        var state = new LineState();
        // Lowering a dotted capital I, one after the other, takes Java's own strings time by the square.
        var plain = line.replace('\u00a0', ' ').replace('\u0130', 'I');
        // Patterns that may begin with a blank look at each run of blanks from every one of them.
        if (plain.length() > 200) plain = SPACES.matcher(plain).replaceAll(" ");
        var bullet = BULLET.matcher(plain);
        var rest = trimmed(bullet.lookingAt() ? state.gone(bullet.group(), plain.substring(bullet.end())) : plain);
        // A line that begins with a figure is read out by nobody and vague in nothing.
        boolean words = !rest.isEmpty() && Character.isLetter(rest.charAt(0));
        if (words) rest = lead(state, rest);
        // Looking for a word is much cheaper than for a pattern, and most lines have none of these.
        var lower = rest.toLowerCase(Locale.ROOT);
        if (lower.contains("taste") || lower.contains("to season") || lower.contains("needed"))
            rest = state.take(TASTE, rest, () -> state.toTaste = true);
        if (lower.contains("optional")) rest = trimmed(state.take(OPTIONAL, rest, () -> state.optional = true));
        if (lower.contains("% fat")) rest = fat(state, rest);
        if (lower.contains("extra") || lower.contains("more")) rest = extra(state, rest);
        if (lower.contains(" of ")) rest = parts(state, rest);
        rest = LineAmounts.misread(state, rest);
        if (words) rest = vague(state, rest);
        rest = LineAmounts.amount(state, rest);
        rest = withoutOf(state, rest);
        if (rest.contains(" of ")) rest = parts(state, rest);
        if (rest.indexOf('(') >= 0) rest = brackets(state, rest);
        rest = state.amount == null ? LineAmounts.trailing(state, rest) : LineAmounts.weighedBehind(state, rest);
        return item(line, state, rest);
    }

    private static String lead(LineState state, String text) {
        var m = LEAD.matcher(text);
        return m.lookingAt() ? state.gone(m.group(), text.substring(m.end())) : text;
    }

    /** "A few sprigs of thyme": a measure without a number counts nothing. */
    private static String vague(LineState state, String text) {
        var m = VAGUE.matcher(text);
        if (!m.lookingAt()) return text;
        state.notes.add(m.group().strip());
        var rest = text.substring(m.end());
        if (LIMIT.matcher(text).lookingAt()) return rest;
        state.isVague = true;
        var unit = AmountReader.start("1 " + rest).filter(s -> s.amount().unit() != Unit.PIECE);
        if (unit.isEmpty()) return rest;
        int end = unit.get().end() - 2;
        state.form.add(rest.substring(0, end).strip());
        return rest.substring(end);
    }

    private static String withoutOf(LineState state, String text) {
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

    /** "5% fat beef mince": how it is, and no part of its name. */
    private static String fat(LineState state, String text) {
        var m = FAT.matcher(text);
        if (!m.find()) return text;
        state.notes.add(m.group(1));
        return (text.substring(0, m.start()) + " " + text.substring(m.end())).strip();
    }

    private static String extra(LineState state, String text) {
        var m = EXTRA.matcher(text);
        if (!m.find()) return text;
        state.notes.add(trimmed(m.group()));
        return (text.substring(0, m.start()) + text.substring(m.end())).strip();
    }

    private static String parts(LineState state, String text) {
        var m = PART.matcher(text);
        if (!m.find()) return text;
        if (!m.group(1).isBlank()) state.form.add(m.group(1).strip());
        for (var part : m.group(2).toLowerCase(Locale.ROOT).split("\\s*(?:and|,)\\s*")) {
            if (!part.isBlank()) state.form.add(part.strip());
        }
        var rest = state.gone(m.group(), text.substring(m.end()));
        return state.amount == null ? LineAmounts.amount(state, rest) : rest;
    }

    private static String brackets(LineState state, String text) {
        Matcher m = BRACKET.matcher(text);
        var rest = new StringBuilder();
        int from = 0;
        while (m.find()) {
            rest.append(text, from, m.start());
            from = m.end();
            LineAmounts.bracket(state, m.group(1).strip());
        }
        rest.append(text, from, text.length());
        return SPACES.matcher(rest).replaceAll(" ").strip();
    }

    private ReadLine item(String line, LineState state, String text) {
        var rest = purpose(state, afterDescriptions(state, text));
        int comma = rest.indexOf(',');
        if (comma >= 0) {
            for (var part : rest.substring(comma + 1).split(",")) describe(state, part.strip());
            rest = rest.substring(0, comma).strip();
        }
        var alternatives = new ArrayList<String>();
        var options = rest.toLowerCase(Locale.ROOT).contains(" or ") ? OR.split(rest) : new String[] {rest};
        if (options.length > 1) state.gone.add("or ".repeat(options.length - 1));
        for (int i = 1; i < options.length; i++) alternatives.add(options[i].strip());
        if (options.length > 1) options[0] = shared(state, options[0], options[1].strip());
        var item = leadingForms(
                state, countedAs(state, withoutOf(state, options[0]).strip()));
        var food = new LineFood(knowledge, region).of(state, item);
        if (state.amount != null && NOT_LEVEL.stream().anyMatch(item::contains))
            state.amount = new Amount(state.amount.low(), state.amount.high(), state.amount.unit(), true);
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
                food == null ? null : food.id(),
                state.unsure);
    }

    /** "Olive or rapeseed oil" is olive oil, "red or yellow pepper" a red pepper; "1 lemon or lime juice" may be a lemon. */
    private String shared(LineState state, String first, String second) {
        int space = second.lastIndexOf(' ');
        if (space < 0 || second.startsWith(first.strip())) return first;
        var whole = first.strip() + second.substring(space);
        boolean counted = state.amount == null || state.amount.unit() == Unit.PIECE;
        var form = String.join(" ", state.form);
        if (counted && knowledge.match(first, state.amount, form, region).food().isPresent()) return first;
        if (knowledge.match(whole, state.amount, form, region).food().isEmpty()) return first;
        state.gone.add(second.substring(space));
        return whole;
    }

    private static String purpose(LineState state, String text) {
        if (!text.contains(" for ") && !text.contains(" to ")) return text;
        int comma = text.indexOf(',');
        var m = PURPOSE.matcher(comma < 0 ? text : text.substring(0, comma));
        if (!m.find()) return text;
        state.notes.add(m.group().strip());
        return (text.substring(0, m.start()) + text.substring(m.end())).strip();
    }

    /** "Skinless, boneless chicken thighs": what stands before the food is part of how it is. */
    private String afterDescriptions(LineState state, String text) {
        var rest = text;
        for (int comma = rest.indexOf(','); comma > 0; comma = rest.indexOf(',')) {
            if (!knowledge.isDescription(rest.substring(0, comma))) break;
            state.form.add(rest.substring(0, comma).strip());
            rest = rest.substring(comma + 1).strip();
        }
        return rest;
    }

    private static final Set<Unit> NAMED_LAST =
            Set.of(Unit.parse("wedge"), Unit.parse("leaf"), Unit.parse("sprig"), Unit.SLICE, Unit.STALK);
    private static final Pattern HEAD_OF = Pattern.compile(
            "^(?:(?:whole|small|medium|large|big)\\s+)*(?:(?:piece|lump|chunk|bit)s?\\s+of|balls?(?:\\s+of)?)\\s+",
            Pattern.CASE_INSENSITIVE);

    /** "4 lemon wedges" are counted in wedges, "2 balls of mozzarella" in pieces. */
    private String countedAs(LineState state, String item) {
        if (item.contains(" of ") || item.contains("ball")) {
            var head = HEAD_OF.matcher(item);
            if (head.lookingAt()) return state.gone(head.group(), item.substring(head.end()));
        }
        int last = item.lastIndexOf(' ');
        if (last < 0) return item;
        var unit = Unit.named(item.substring(last + 1)).filter(NAMED_LAST::contains);
        if (unit.isEmpty() || knowledge.foodsIn(item).stream().anyMatch(f -> f.end() > last)) return item;
        if (state.amount != null && state.amount.unit() == Unit.PIECE)
            state.amount = new Amount(state.amount.low(), state.amount.high(), unit.get(), state.amount.approximate());
        else state.form.add(item.substring(last + 1));
        state.gone.add(item.substring(last + 1));
        return item.substring(0, last).strip();
    }

    private static boolean hasFigure(String text) {
        for (int i = 0; i < text.length(); i++)
            if (Character.isDigit(text.charAt(i)) || Character.getType(text.charAt(i)) == Character.OTHER_NUMBER)
                return true;
        return false;
    }

    private static void describe(LineState state, String part) {
        if (part.isEmpty()) return;
        boolean form = FORMS.contains(part.toLowerCase(Locale.ROOT))
                || Word.of(part).stream().anyMatch(w -> FORMS.contains(w.stem()));
        if (form) state.form.add(part);
        else state.notes.add(part);
    }

    /** "finely chopped dill" is dill in the form "finely chopped"; a name that includes the word ("dried dill") keeps it. */
    private String leadingForms(LineState state, String item) {
        var named = knowledge.foodsIn(item);
        int nameStart = named.isEmpty() ? item.length() : named.getLast().start();
        var words = Word.of(item);
        int i = 0;
        while (i < words.size() - 1
                && words.get(i).end() <= nameStart
                && FORMS.contains(words.get(i).stem())
                && !LineFood.KEPT.contains(words.get(i).stem())) i++;
        if (i == 0) return item;
        state.form.add(0, item.substring(0, words.get(i - 1).end()));
        return item.substring(words.get(i).start());
    }
}
