package webodidact.core.reading;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.lesson.Doubt;
import webodidact.core.lesson.Yield;

/** One page on its way from the first line to the last. */
final class PageReading {
    private static final int GROUP_WORDS = 4;
    /** Lines at the end of a page among which a goodbye ends it. */
    private static final int GOODBYE = 5;

    /** Where on the page a line stands. */
    private enum Place {
        LIST,
        METHOD,
        TOOLS,
        NOTES
    }

    private final LineLooks looks;
    private final String text;
    private final List<PageLine> page;
    private final List<ReadLine> read = new ArrayList<>();
    private final Set<String> known = new HashSet<>();
    private final List<String> parts = new ArrayList<>();
    private final List<String> headings = new ArrayList<>();
    private final List<RecipeReader.Section> sections = new ArrayList<>();
    private final List<String> about = new ArrayList<>();
    private final List<String> aside = new ArrayList<>();
    private final List<RecipeReader.Needed> tools = new ArrayList<>();
    private final List<String> under = new ArrayList<>();
    private final boolean sentenced;
    private final boolean clocked;
    private final int firstFood;
    private final int lastFood;
    private final boolean methodAfter;
    private Optional<Yield> makes = Optional.empty();
    private Place place = Place.LIST;
    private String head = "";
    private String part = "";
    private String title = "";

    PageReading(String text, LineLooks looks) {
        this.looks = looks;
        this.text = text;
        page = PageLine.of(text);
        sentenced = page.stream().filter(l -> l.isEnded() && l.words() > 2).count() > 1;
        clocked = page.stream()
                        .filter(l -> PageWords.CLOCKED.matcher(l.text()).matches())
                        .count()
                > 1;
        int first = 0;
        while (first < page.size() && !LineLooks.isCounted(page.get(first))) first++;
        firstFood = first == page.size() ? -1 : first;
        int last = page.size() - 1;
        while (last >= 0 && !LineLooks.isCounted(page.get(last))) last--;
        lastFood = last;
        methodAfter = firstFood >= 0
                && page.stream()
                        .skip(firstFood)
                        .anyMatch(l -> PageWords.METHOD.matcher(l.text()).matches() || looks.isTold(l));
    }

    RecipeReader.Recipe read() {
        for (int i = 0; i < page.size(); i++) line(i);
        close("");
        return new RecipeReader.Recipe(
                List.copyOf(read),
                List.copyOf(parts),
                List.copyOf(headings),
                List.copyOf(sections),
                List.copyOf(about),
                List.copyOf(aside),
                makes,
                title,
                List.copyOf(tools));
    }

    /** The lines told so far are one section, and another begins. */
    private void close(String next) {
        if (!under.isEmpty()) sections.add(new RecipeReader.Section(head, under));
        under.clear();
        head = next;
    }

    private boolean hasMethod() {
        return !sections.isEmpty() || !under.isEmpty();
    }

    private boolean isNothingRead() {
        return title.isEmpty()
                && read.isEmpty()
                && headings.isEmpty()
                && about.isEmpty()
                && !hasMethod()
                && aside.isEmpty();
    }

    private void line(int i) {
        var line = page.get(i);
        var t = line.text();
        if (isNothingRead()
                && page.size() > 1
                && (line.marked() && LineLooks.mayBeTitle(t) || looks.isTitle(t) || looks.stands(t, text))) {
            title = titled(t);
            return;
        }
        if (begins(t, i) || isNote(t)) return;
        if (isLaterTitle(i)) {
            if (!title.isEmpty()) aside.add(title);
            title = titled(t);
            return;
        }
        if (place == Place.LIST && line.gap() && !read.isEmpty() && isBlockOfDeeds(i)) {
            close("");
            place = Place.METHOD;
        }
        if (place == Place.TOOLS && !PageWords.HEADING.matcher(t).matches() && !looks.isTold(line)) needed(t);
        else if (isAbout(t)) about.add(t);
        else if (isLetter(t, i) || PageWords.JUNK.matcher(t).matches() && !looks.isFood(t)) aside.add(t);
        else if (place == Place.METHOD && isListedInStep(line)) foods(line);
        else if (isLabelled(line)) return;
        else if (isHead(i)) heading(i);
        else if (place == Place.METHOD || looks.isTold(line) || hasMethod() && looks.isDeed(t, true) || isClocked(t))
            told(i);
        else foods(line);
    }

    /** The name of the dish below what was written about it: "Spiced chickpea pilaf" over "Serves 3". */
    private boolean isLaterTitle(int i) {
        if (title.isEmpty() && read.isEmpty() && isTitled(page.get(i).text())) return true;
        if (title.isEmpty() || !read.isEmpty() || hasMethod() || aside.isEmpty() || i + 1 == page.size()) return false;
        var next = page.get(i + 1).text();
        return page.get(i).gap()
                && LineLooks.isShort(page.get(i))
                && LineLooks.mayBeTitle(page.get(i).text())
                && (PageWords.MAKES.matcher(next).matches()
                        || PageWords.PEOPLE.matcher(next).matches());
    }

    private static boolean isTitled(String t) {
        return PageWords.TITLED.matcher(t).matches() && AmountReader.start(t).isEmpty();
    }

    /** Lines of a few words each, half of them verbs and times: "Rice in, 3 min". */
    private boolean isBlockOfDeeds(int i) {
        int all = 0;
        int deeds = 0;
        for (int j = i; j < page.size() && (j == i || !page.get(j).gap()); j++, all++) {
            var plain = PageWords.plain(page.get(j).text());
            if (AmountReader.start(plain).isPresent()
                    || PageWords.ABOUT_FIRST.matcher(plain).matches()) return false;
            boolean described = PageWords.DESCRIBED.matcher(plain).find();
            if (!described && looks.isBegun(plain)
                    || PageWords.MINUTES.matcher(plain).find()) deeds++;
        }
        return all > 1 && 2 * deeds >= all;
    }

    /** "For the dressing: 1 lime, 1 tsp sugar": a whole group in one line. */
    private boolean isLabelled(PageLine line) {
        var labelled = PageWords.LABELLED.matcher(line.text());
        if (line.isEnded()) return false;
        if (!labelled.matches()) return isRun(line.text());
        if (PageWords.TOOLS.matcher(labelled.group(1)).matches()) {
            headings.add(labelled.group(1) + ":");
            needed(labelled.group(2));
            return true;
        }
        if (!isCounted(labelled.group(2), 2)) return false;
        headings.add(labelled.group(1) + ":");
        close("");
        place = Place.LIST;
        part = PageWords.LIST.matcher(labelled.group(1)).matches() ? "" : labelled.group(1);
        each(labelled.group(2));
        return true;
    }

    /** "200 g rice; 1 onion; 2 eggs": the list in one line. */
    private boolean isRun(String t) {
        if (place == Place.METHOD || !isCounted(t, 3)) return false;
        each(t);
        return true;
    }

    /** At least so many foods in one line, most with their amounts. */
    private static boolean isCounted(String t, int least) {
        var each = List.of(t.split(PageWords.EACH));
        return each.size() >= least
                && each.stream().filter(e -> AmountReader.start(e).isPresent()).count() * 2 >= each.size();
    }

    private void each(String t) {
        for (var food : t.split(PageWords.EACH)) foods(new PageLine(food, false, false));
    }

    /** Method, Step 2, Step 2: Batter, Equipment. */
    private boolean begins(String t, int i) {
        var mark = PageWords.METHOD.matcher(t).matches()
                || PageWords.MARK.matcher(t).matches();
        var inLine = PageWords.METHOD_IN_LINE.matcher(t);
        if (inLine.matches()) {
            close("");
            place = Place.METHOD;
            under.add(inLine.group(2));
            headings.add(inLine.group(1) + ":");
            return true;
        }
        if (mark) {
            close("");
            place = Place.METHOD;
        } else if (PageWords.STEP_HEAD.matcher(t).matches() && LineLooks.isShort(page.get(i)) && !isNextNumbered(i)) {
            close(PageWords.title(t));
            place = Place.METHOD;
        } else if (PageWords.TOOLS.matcher(t).matches()) {
            place = Place.TOOLS;
        } else {
            return false;
        }
        headings.add(t);
        return true;
    }

    private boolean isNextNumbered(int i) {
        if (i + 1 == page.size()) return true;
        var next = page.get(i + 1).text();
        return PageWords.NUMBERED.matcher(next).matches()
                || PageWords.STEP_HEAD.matcher(next).matches();
    }

    /** A tip in a line of its own, or all that comes after a heading of notes. */
    private boolean isNote(String t) {
        if (PageWords.TIP.matcher(t).matches() && hasMethod()) {
            aside.add(t);
            return true;
        }
        boolean begins = PageWords.NOTES.matcher(t).find() && (place == Place.METHOD || hasMethod());
        if (begins) place = Place.NOTES;
        if (place != Place.NOTES) return false;
        if (!begins
                && (PageWords.HEADING.matcher(t).matches()
                        || PageWords.NUMBERED.matcher(t).matches() && looks.isTold(new PageLine(t, false, false)))) {
            place = PageWords.HEADING.matcher(t).matches() ? Place.LIST : Place.METHOD;
            return false;
        }
        aside.add(t);
        return true;
    }

    /** What comes behind a goodbye is no method. */
    private boolean isLetter(String t, int i) {
        if (!PageWords.LETTER.matcher(t).matches()) return false;
        if (hasMethod() && page.size() - i <= GOODBYE) place = Place.NOTES;
        return true;
    }

    private void needed(String t) {
        about.add(t);
        for (var each : PageWords.BULLET.matcher(t).replaceFirst("").split(PageWords.EACH)) {
            var start = AmountReader.start(each);
            boolean counted = start.filter(s -> s.amount().unit() == Unit.PIECE).isPresent();
            var name = (counted ? each.substring(start.get().end()) : each.replaceFirst("(?i)^(?:an?|the)\\s+", ""))
                    .strip();
            int count = counted ? Math.max(1, (int) start.get().amount().high().ceiling()) : 1;
            looks.knowledge().toolNamed(name).ifPresent(tool -> tools.add(new RecipeReader.Needed(name, tool, count)));
        }
    }

    /** How much it makes, for how many, how long it takes. */
    private boolean isAbout(String t) {
        var yield = PageWords.MAKES.matcher(t);
        if (yield.matches()) return making(makes(yield.group(1), yield.group(2), t));
        var people = PageWords.PEOPLE.matcher(t);
        if (people.matches()) return making(makes(people.group(1), "", "serves " + people.group(1)));
        return PageWords.MAKES_ONE.matcher(t).matches()
                || PageWords.ABOUT.matcher(t).matches()
                || place != Place.METHOD
                        && !hasMethod()
                        && PageWords.ABOUT_FIRST.matcher(t).matches()
                || isFacts(t)
                || t.startsWith("(") && t.endsWith(")");
    }

    private boolean isFacts(String t) {
        var each = List.of(t.split(PageWords.FACTS));
        if (each.size() < 2) return false;
        boolean any = false;
        for (var fact : each) {
            var yield = PageWords.MAKES.matcher(fact);
            any |= PageWords.TAKES.matcher(fact).matches()
                    || yield.matches() && making(makes(yield.group(1), yield.group(2), fact));
        }
        return any;
    }

    private boolean making(Yield yield) {
        if (makes.isEmpty()) makes = Optional.of(yield);
        return true;
    }

    /** "Leek and potato soup (feeds 4)" is two things. */
    private String titled(String t) {
        var titled = PageWords.TITLED.matcher(t);
        if (!titled.matches()) return t.replaceFirst("(?<=\\p{L}{2})\\.$", "");
        var yield = t.substring(titled.end(1)).replaceAll("^[\\s(–—,-]+|[\\s)]+$", "");
        about.add(yield);
        making(makes(titled.group(2), titled.group(3), yield));
        return titled.group(1).strip();
    }

    private boolean isHead(int i) {
        var line = page.get(i);
        var plain = PageWords.plain(line.text());
        if (AmountReader.start(plain).isPresent() || plain.isEmpty()) return false;
        if (PageWords.HEADING.matcher(line.text()).matches()) return true;
        if (PageWords.COURSE.matcher(line.text()).matches() && LineLooks.isShort(line)) return true;
        if (i + 1 == page.size() || !LineLooks.isShort(line)) return false;
        if (line.marked()) return true;
        var next = page.get(i + 1);
        if (plain.split("\\s+").length > LineLooks.HEAD_WORDS || plain.contains(",")) return false;
        if (PageWords.NUMBERED.matcher(line.text()).matches())
            return sentenced
                    && next.isEnded()
                    && !PageWords.NUMBERED.matcher(next.text()).matches();
        if (PageWords.BULLET.matcher(line.text()).find()) return false;
        return looks.isListed(next) ? isGroup(i, plain) : sentenced && isSection(i, plain);
    }

    /** "Vegetables" over the lines of its group; "butter" over "2 leeks" is a food. */
    private boolean isGroup(int i, String plain) {
        var line = page.get(i);
        if (place == Place.METHOD || !line.gap() || page.get(i + 1).gap()) return false;
        if (plain.split("\\s+").length > GROUP_WORDS
                || AmountReader.start(page.get(i + 1).text()).isEmpty()) return false;
        return looks.knowledge().foodNamed(plain).isEmpty()
                        && looks.foods(plain).stream().allMatch(r -> r.food() == null && !r.toTaste())
                || repeats(i, plain);
    }

    /** A line under it names it again. */
    private boolean repeats(int i, String plain) {
        var word = plain.toLowerCase(Locale.ROOT);
        for (int j = i + 1; j < page.size() && (j == i + 1 || !page.get(j).gap()); j++)
            if (page.get(j).text().toLowerCase(Locale.ROOT).contains(word)) return true;
        return false;
    }

    /** "The night before" over what is done then. */
    private boolean isSection(int i, String plain) {
        var next = page.get(i + 1);
        if (read.isEmpty()
                || !next.isEnded() && !PageWords.NUMBERED.matcher(next.text()).matches()) return false;
        if (next.words() < 3) return false;
        if (place == Place.METHOD) {
            boolean deed = looks.isBegun(plain) && plain.contains(" ");
            return page.get(i).gap() || !deed;
        }
        if (!page.get(i).gap() || next.gap()) return false;
        return looks.knowledge()
                .foodNamed(plain)
                .map(f -> known.contains(f.id()))
                .orElse(true);
    }

    private void heading(int i) {
        var line = page.get(i);
        var t = line.text();
        headings.add(t);
        boolean last = i + 1 == page.size();
        boolean method = !PageWords.LIST.matcher(t).matches()
                && !last
                && !looks.isListed(page.get(i + 1))
                && (place == Place.METHOD || hasMethod() || !read.isEmpty() && isText(i + 1));
        close(method ? PageWords.title(t) : "");
        place = method ? Place.METHOD : isTools(i + 1) ? Place.TOOLS : Place.LIST;
        if (!method) part = t.toLowerCase(Locale.ROOT).startsWith("ingredients") ? "" : t.replaceFirst("\\s*:$", "");
    }

    /** "Bring from home": things of the kitchen and nothing to eat. */
    private boolean isTools(int first) {
        boolean any = false;
        for (int i = first; i < page.size() && (i == first || !page.get(i).gap()); i++) {
            if (PageWords.HEADING.matcher(page.get(i).text()).matches()) break;
            var plain = PageWords.BULLET.matcher(page.get(i).text()).replaceFirst("");
            var read = looks.foods(plain);
            if (read.stream().anyMatch(r -> r.food() != null || r.isMeasured())) return false;
            any |= read.stream()
                    .anyMatch(r -> looks.knowledge().toolNamed(r.item()).isPresent());
        }
        return any;
    }

    private boolean isText(int i) {
        var line = page.get(i);
        return looks.isTold(line)
                || looks.isDeed(line.text(), true)
                || line.isEnded() && line.words() > 3
                || isHead(i) && i + 1 < page.size() && looks.isTold(page.get(i + 1));
    }

    /** "125 g plain flour" under "Step 1: Batter", before what is done with it. */
    private boolean isListedInStep(PageLine line) {
        if (head.isEmpty() || !under.isEmpty() || line.isEnded() || looks.isTold(line)) return false;
        return looks.foods(line.text()).stream()
                .allMatch(r -> r.food() != null
                        && (r.amount() != null || !r.note().isEmpty())
                        && r.unsure().stream().allMatch(u -> u.kind() == Doubt.Kind.NO_AMOUNT));
    }

    private boolean isClocked(String t) {
        return clocked && PageWords.CLOCKED.matcher(t).matches();
    }

    /** What is told over the list of a page that has a method behind it is about the dish. */
    private void told(int i) {
        if (methodAfter && i < firstFood && place != Place.METHOD && read.isEmpty())
            aside.add(page.get(i).text());
        else under.add(numbered(page.get(i).text()));
        // Foods and what is done with them in turn: each group's heading is that of its steps.
        if (place == Place.LIST && head.isEmpty() && under.size() == 1 && isByGroups(i)) head = PageWords.title(part);
    }

    private boolean isByGroups(int i) {
        return !part.isEmpty()
                && headings.contains(part)
                && (i < lastFood || sections.stream().anyMatch(s -> !s.head().isEmpty()));
    }

    /** "3 Knead" in a method that counts its lines so. */
    private String numbered(String t) {
        var bare = PageWords.BARE_NUMBER.matcher(t);
        if (!bare.matches() || Integer.parseInt(bare.group(1)) != under.size() + 1) return t;
        return bare.group(1) + ". " + bare.group(2);
    }

    private void foods(PageLine line) {
        var foods = looks.foods(line.text());
        // A greeting over a list, a name below a method: no food, no amount, no heading that says so.
        boolean around = read.isEmpty() && headings.isEmpty() || hasMethod();
        if (around && foods.stream().allMatch(f -> f.food() == null && (f.amount() == null || line.isEnded()))) {
            aside.add(line.text());
            return;
        }
        for (var food : foods) {
            read.add(food);
            parts.add(part);
            if (food.food() != null) known.add(food.food());
        }
    }

    /** "Serves 4" or "Makes 12 scones". */
    private static Yield makes(String count, String what, String line) {
        int n = Math.max(1, Integer.parseInt(count));
        var thing = what.replaceFirst("(?i)^(people|persons|servings?|portions?)?[.,;]?\\s*", "")
                .replaceFirst("[.,;(].*", "")
                .strip();
        boolean serves = line.toLowerCase(Locale.ROOT).matches("[\\s(–—,-]*(?:serv|feed).*");
        if (thing.isEmpty()) thing = "pieces";
        return serves ? new Yield(Ratio.of(n), "portions", n) : new Yield(Ratio.of(n), thing, 4);
    }
}
