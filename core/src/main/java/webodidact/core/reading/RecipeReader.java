package webodidact.core.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Yield;

/** Reads a whole pasted recipe: foods, headings, the method, how much it makes, and whatever else was on the page. */
public final class RecipeReader {
    private static final Pattern HEADING = Pattern.compile(
            "(?i)\\s*(?:for the .{1,40}|ingredients|you(?: will|['’]ll)? need|what you need|to serve|to finish|topping|filling|dressing|sauce|.{1,40}:)\\s*:?\\s*");
    private static final Pattern TOOLS =
            Pattern.compile("(?i)\\s*(?:(?:special )?equipment|tools|utensils|kit|you will also need)\\s*:?\\s*");
    private static final Pattern METHOD = Pattern.compile(
            "(?i)\\s*(?:method|directions?|instructions?|preparation|steps|how to make it|what to do)\\s*:?\\s*");
    private static final Pattern MAKES = Pattern.compile(
            "(?i)\\s*\\(?(?:serves|serving|servings|makes|yield|yields|feeds)\\b\\s*:?\\s*(?:about |around )?(\\d{1,3})(?:\\s*(?:-|–|to)\\s*\\d{1,3})?\\s*(.*)");
    /** "(for 4 children)" */
    private static final Pattern PEOPLE = Pattern.compile(
            "(?i)\\s*\\(?(?:enough )?for (\\d{1,3})(?: (?:people|persons|children|kids|adults|servings|portions|hungry \\p{L}+))?\\)?\\s*");

    /** "Leek and potato soup (feeds 4)" */
    private static final Pattern TITLED = Pattern.compile(
            "(?i)\\s*(\\p{L}[^()]{2,60}?)\\s*\\((?:serves|feeds|makes|for|yields?)\\s+(\\d{1,3})\\b\\s*([^()]*)\\)\\s*");
    /** "Makes a 1-litre jar": of no use as a number. */
    private static final Pattern MAKES_ONE = Pattern.compile("(?i)\\s*(?:makes|yields?)\\s+(?:an?|one|enough)\\b.*");

    private static final Pattern ABOUT = Pattern.compile(
            "(?i)\\s*(?:prep(?:aration)?|cook(?:ing)?|total|active|rest(?:ing)?|chill(?:ing)?)?\\s*time\\b.*|\\s*(?:difficulty|level|course|cuisine|calories|nutrition|category|skill)\\b.*");
    private static final Pattern JUNK = Pattern.compile(
            "(?i).*(?:https?://|www\\.|\\bprint\\b|\\bshare\\b|\\bjump to\\b|\\brate this\\b|\\breviews?\\b|\\bsubscribe\\b|\\badvert|\\bcookies\\b|★|©|\\bby [A-Z][a-z]+ [A-Z]).*|[\\W_]+");
    /** "STEP 2" over a paragraph, or its number alone. */
    private static final Pattern MARK = Pattern.compile(
            "(?i)\\s*(?:step\\s*)?\\d{1,2}\\s*[.):]?\\s*|\\s*step\\s+(?:one|two|three|four|five|six|seven|eight|nine|ten)\\s*[.:]?\\s*");
    /** What comes after a method and is none of it. */
    private static final Pattern NOTES = Pattern.compile(
            "(?i)^\\s*(?:(?:cook['’]?s |recipe |chef['’]?s )?(?:notes?|tips?)|nutrition(?:al)?(?: information| facts)?|per serving|storage|to store|make ahead|variations?)\\b\\s*:?");

    private static final Pattern NUMBERED =
            Pattern.compile("\\s*(?:step\\s*)?\\d{1,2}[.):]\\s+.*", Pattern.CASE_INSENSITIVE);
    private final LineReader lines;
    private final Knowledge knowledge;

    public RecipeReader(Knowledge knowledge) {
        this(knowledge, MeasureSystem.METRIC);
    }

    /** @param region whose words are meant where they differ: "corn flour" */
    public RecipeReader(Knowledge knowledge, MeasureSystem region) {
        this.knowledge = knowledge;
        lines = new LineReader(knowledge, region);
    }

    /**
     * Every line of the paste that is not blank is in exactly one of these.
     *
     * @param title the line over it all that names no food and no amount, or ""
     * @param parts for each food line the heading it stood under, "For the sauce", or ""
     * @param headings lines taken as headings, as written
     * @param method lines that tell what to do
     * @param about lines about the recipe: what it serves, how long it takes, which tools it names
     * @param aside what else was on the page
     */
    public record Recipe(
            List<ReadLine> lines,
            List<String> parts,
            List<String> headings,
            List<String> method,
            List<String> about,
            List<String> aside,
            Optional<Yield> makes,
            String title) {
        /** The same with foods that stood in the method's sentences. */
        public Recipe with(List<ReadLine> others) {
            return new Recipe(
                    List.copyOf(others),
                    others.stream().map(o -> "").toList(),
                    headings,
                    method,
                    about,
                    aside,
                    makes,
                    title);
        }
    }

    public Recipe read(String text) {
        var read = new ArrayList<ReadLine>();
        var parts = new ArrayList<String>();
        var headings = new ArrayList<String>();
        var method = new ArrayList<String>();
        var about = new ArrayList<String>();
        var aside = new ArrayList<String>();
        Optional<Yield> makes = Optional.empty();
        boolean inMethod = false;
        boolean inNotes = false;
        boolean inTools = false;
        var part = "";
        var title = "";
        for (var line : text.split("\\R")) {
            if (line.isBlank()) continue;
            var t = line.strip();
            var yield = MAKES.matcher(t);
            var people = PEOPLE.matcher(t);
            boolean first = title.isEmpty()
                    && read.isEmpty()
                    && headings.isEmpty()
                    && about.isEmpty()
                    && method.isEmpty()
                    && aside.isEmpty();
            if (first && text.strip().contains("\n") && (isTitle(t) || stands(t, text))) {
                title = t;
            } else if (METHOD.matcher(t).matches() || MARK.matcher(t).matches()) {
                inMethod = true;
                inNotes = false;
                inTools = false;
                headings.add(t);
            } else if (TOOLS.matcher(t).matches()) {
                inTools = true;
                inMethod = false;
                headings.add(t);
            } else if (inTools && !HEADING.matcher(t).matches()) {
                about.add(t);
            } else if (inNotes || NOTES.matcher(t).find() && (inMethod || !method.isEmpty())) {
                inNotes = !HEADING.matcher(t).matches() || NOTES.matcher(t).find();
                if (inNotes) aside.add(t);
                else headings.add(t);
            } else if (yield.matches()) {
                about.add(t);
                if (makes.isEmpty()) makes = Optional.of(makes(yield.group(1), yield.group(2), t));
            } else if (people.matches()) {
                about.add(t);
                if (makes.isEmpty()) makes = Optional.of(makes(people.group(1), "", "serves " + people.group(1)));
            } else if (title.isEmpty() && read.isEmpty() && isTitled(t, TITLED)) {
                var titled = TITLED.matcher(t);
                titled.matches();
                title = titled.group(1).strip();
                if (makes.isEmpty())
                    makes = Optional.of(makes(titled.group(2), titled.group(3), t.substring(t.lastIndexOf("("))));
            } else if (MAKES_ONE.matcher(t).matches()) {
                about.add(t);
            } else if (ABOUT.matcher(t).matches() || t.startsWith("(") && t.endsWith(")")) {
                about.add(t);
            } else if (JUNK.matcher(t).matches() && !isFood(t)) {
                aside.add(t);
            } else if (HEADING.matcher(t).matches() && AmountReader.start(t).isEmpty()) {
                headings.add(t);
                part = t.toLowerCase(Locale.ROOT).startsWith("ingredients") ? "" : t.replaceFirst("\\s*:$", "");
                inMethod = false;
                inTools = false;
            } else if (inMethod || isSentence(t) || isDeed(t, !method.isEmpty())) {
                method.add(t);
            } else {
                var foods = lines.readAll(line);
                // A greeting over a list, a name below a method: no food, no amount, no heading that says so.
                boolean around = read.isEmpty() && headings.isEmpty() || !method.isEmpty();
                if (around && foods.stream().allMatch(f -> f.food() == null && f.amount() == null)) {
                    aside.add(t);
                    continue;
                }
                for (var food : foods) {
                    read.add(food);
                    parts.add(part);
                }
            }
        }
        return new Recipe(
                List.copyOf(read),
                List.copyOf(parts),
                List.copyOf(headings),
                List.copyOf(method),
                List.copyOf(about),
                List.copyOf(aside),
                makes,
                title);
    }

    /** A few words that are nothing else a page has. */
    private static boolean mayBeTitle(String line) {
        return line.split("\\s+").length <= 12
                // "Two-minute slaw" counts nothing.
                && (AmountReader.start(line).isEmpty() || line.matches("\\p{L}+-\\p{L}.*"))
                && !MAKES.matcher(line).matches()
                && !METHOD.matcher(line).matches()
                && !ABOUT.matcher(line).matches()
                && !JUNK.matcher(line).matches()
                && !HEADING.matcher(line).matches();
    }

    /** A few words over the page, of which no reader of lines is sure. */
    private boolean isTitle(String line) {
        if (!mayBeTitle(line)) return false;
        return lines.readAll(line).stream().anyMatch(r -> r.food() == null || r.amount() == null && isTitled(line));
    }

    private static boolean isTitled(String line, Pattern pattern) {
        return pattern.matcher(line).matches() && AmountReader.start(line).isEmpty();
    }

    /** "Lemon Dill Yoghurt": every word of weight begins with a capital. */
    private static boolean isTitled(String line) {
        var words = line.split("\\s+");
        return words.length > 2
                && Arrays.stream(words).filter(w -> w.length() > 3).allMatch(w -> Character.isUpperCase(w.charAt(0)));
    }

    /** The first line of a page, with nothing to count, over a blank line, its yield or its list. */
    private boolean stands(String line, String page) {
        if (line.endsWith(".") || BULLET.matcher(line).find() || !mayBeTitle(line)) return false;
        var rest = page.strip().lines().skip(1).toList();
        if (rest.isEmpty()) return false;
        var next = rest.getFirst().strip().replaceFirst("^[-–—•*·▪◦]\\s*", "");
        return next.isEmpty()
                || MAKES.matcher(next.replaceFirst("^\\(", "")).matches()
                || ABOUT.matcher(next).matches()
                || JUNK.matcher(next).matches()
                || HEADING.matcher(next).matches()
                || METHOD.matcher(next).matches()
                || AmountReader.start(next).isPresent();
    }

    /** A line that tells to do something: it begins with a verb and no amount, and after a list or a method nobody lists so. */
    private boolean isDeed(String line, boolean after) {
        var plain = NUMBER.matcher(BULLET.matcher(line).replaceFirst(""))
                .replaceFirst("")
                .strip();
        if (AmountReader.start(plain)
                .filter(s -> s.amount().unit().dimension() != Dimension.INFORMAL)
                .isPresent()) return false;
        int words = plain.split("\\s+").length;
        boolean begins = knowledge.actionsIn(plain).stream().anyMatch(a -> a.start() == 0);
        boolean numbered = !plain.equals(line.strip()) && !BULLET.matcher(line).find();
        return begins
                        && (words > 3 || plain.endsWith("."))
                        && (plain.endsWith(".") || plain.endsWith("!") || after || numbered || words > 6)
                || after && (words > 6 || plain.endsWith("."));
    }

    private static final Pattern BULLET = Pattern.compile("^\\s*[-–—•*·▪◦]\\s*");
    private static final Pattern NUMBER = Pattern.compile(
            "^\\s*(?:step\\s*)?\\d{1,2}\\s*[.):]\\s*|^\\s*step\\s+\\d{1,2}\\s+", Pattern.CASE_INSENSITIVE);

    private boolean isFood(String line) {
        return AmountReader.start(line)
                        .filter(s -> s.amount().unit().dimension() != Dimension.COUNT)
                        .isPresent()
                && knowledge.foodNamed(line).isPresent();
    }

    /** A numbered or long line that begins with a verb, or two sentences: nobody lists foods so. */
    private static boolean isSentence(String line) {
        var words = line.split("\\s+").length;
        boolean numbered = NUMBERED.matcher(line).matches() && words > 6 && line.endsWith(".");
        boolean two = line.matches(".*[a-z)]\\. [A-Z].*");
        return numbered || two && words > 7 || words > 14;
    }

    /** "Serves 4" or "Makes 12 scones". */
    private static Yield makes(String count, String what, String line) {
        int n = Math.max(1, Integer.parseInt(count));
        var thing = what.replaceFirst("(?i)^(people|persons|servings?|portions?)?[.,;]?\\s*", "")
                .replaceFirst("[.,;(].*", "")
                .strip();
        boolean serves = line.toLowerCase(Locale.ROOT).matches("\\(?(?:serv|feed).*");
        if (thing.isEmpty()) thing = "pieces";
        return serves ? new Yield(Ratio.of(n), "portions", n) : new Yield(Ratio.of(n), thing, 4);
    }
}
