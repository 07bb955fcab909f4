package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.OvenScale;
import webodidact.core.food.Allergen;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.ToolLine;
import webodidact.core.lesson.Way;
import webodidact.core.lesson.Who;
import webodidact.core.list.GatherList;
import webodidact.core.list.HomeList;
import webodidact.core.list.InTheHouse;
import webodidact.core.list.OvenInstead;
import webodidact.core.outcome.Outcome;
import webodidact.core.publish.Beforehand;
import webodidact.core.time.Clock;

/** What one home needs, by where it is kept, with what it uses instead. */
final class GatherPaper implements PagePaper {
    private static final Template PAGE = new Template("gather.html");

    @Override
    public String id() {
        return "gather-list";
    }

    @Override
    public PaperGroup group() {
        return PaperGroup.HOMES;
    }

    @Override
    public boolean isPerHome() {
        return true;
    }

    @Override
    public boolean isList() {
        return true;
    }

    @Override
    public String written(Edition edition, Medium medium) {
        var outcome = edition.outcome();
        var lesson = outcome.lesson();
        var gaps = new HashMap<String, Object>();
        gaps.put("makes", makes(edition));
        gaps.put("before", before(edition));
        gaps.put("wants", wants(edition));
        gaps.put("ticked", true);
        gaps.put("gather", true);
        gaps.putAll(new Columns(edition.print(), true).laid(sections(edition)));
        gaps.put("contains", contains(edition));
        gaps.put("help", help(outcome));
        gaps.put("named", Words.say("named", outcome.course().profile().title()));
        gaps.put("hot", lesson.steps().stream().anyMatch(s -> s.place() == Place.OVEN || s.place() == Place.RING));
        gaps.put("heat", lesson.audience().heat());
        return PAGE.fill(edition, this, medium, gaps);
    }

    /** "for a home of 2 · makes 2 parcels", or "for Bittern · …". */
    static String makes(Edition edition) {
        var lesson = edition.lesson();
        var count = AmountText.number(
                lesson.makes().count().times(edition.outcome().gather().factor()));
        return edition.home() == null
                ? Words.say("home.makes", lesson.homeOf(), count, lesson.makes().what())
                : Words.say(
                        "home.alias.makes",
                        edition.home().alias(),
                        lesson.homeOf(),
                        count,
                        lesson.makes().what());
    }

    /** "Thu 3 Dec, 07:30 fish: from freezer to fridge · 17:10 oven on, 180 °C fan (adult)", or "". */
    private static String before(Edition edition) {
        var answers = edition.answers();
        var lesson = edition.lesson();
        return Beforehand.of(answers.question(), answers.leads(), answers.schedule()).stream()
                .map(b -> {
                    var when = b.start() == null
                            ? Words.say("beforeClass", Clock.spell(b.beforeAir()))
                            : PaperText.before(b.start(), lesson.air());
                    var what = b.oven() && lesson.audience().needsAdult()
                            ? Words.say("noted", b.what(), Words.say("adult"))
                            : b.what();
                    return Words.say("before.at", when, what);
                })
                .collect(Collectors.joining(" · "));
    }

    /** What this home has no answer to yet. */
    private static String wants(Edition edition) {
        var home = edition.home();
        if (home == null) return "";
        var all = new ArrayList<String>();
        for (var entry : edition.list().entries())
            if (entry.stand() == HomeList.Stand.STOPS) all.add(Words.say("wants.food", entry.item()));
        var steps = edition.lesson().steps();
        if (!home.oven()) all.addAll(withoutOven(edition, home));
        if (!home.hob()) wanting(steps, Place.RING).ifPresent(all::add);
        if (!home.microwave()) wanting(steps, Place.MICROWAVE).ifPresent(all::add);
        if (!home.adult() && edition.lesson().audience().needsAdult()) all.add(Words.say("wants.adult"));
        return String.join(" ", all);
    }

    /** What another heat can take over, to be tried first; where none can, that somebody has to ask. */
    private static List<String> withoutOven(Edition edition, Household home) {
        var all = new ArrayList<String>();
        var none = new ArrayList<String>();
        for (var step : OvenInstead.of(edition.lesson(), home, edition.outcome().knowledge())) {
            if (step.ways().isEmpty()) none.add(step.step().title());
            else
                all.add(Words.say(
                        "wants.instead",
                        step.step().title(),
                        step.ways().stream().map(w -> way(edition, w)).collect(Collectors.joining("; "))));
        }
        if (!none.isEmpty()) all.add(Words.say("wants.place", Place.OVEN.title(), none));
        return all;
    }

    private static String way(Edition edition, OvenInstead.Instead way) {
        var parts = new ArrayList<String>();
        parts.add(
                way.sure()
                        ? way.tool().name()
                        : Words.say("wants.ifAny", way.tool().name()));
        if (way.heat() != null) parts.add(OvenScale.onEveryDial(way.heat(), edition.measures()));
        if (way.time() != null) parts.add(way.time().text());
        add(parts, way.note());
        return String.join(", ", parts);
    }

    /** Steps in a place that the home lacks and that no way told of does without. */
    private static Optional<String> wanting(List<Step> steps, Place place) {
        var titles = steps.stream()
                .filter(s -> s.place() == place && !s.who().isBeforeCamera())
                .filter(s -> s.ways().stream().filter(Way::offered).noneMatch(w -> w.place() != place))
                .map(Step::title)
                .toList();
        return titles.isEmpty() ? Optional.empty() : Optional.of(Words.say("wants.place", place.title(), titles));
    }

    private static List<ListPaper.Section> sections(Edition edition) {
        var gather = edition.answers().gather();
        var own = edition.isUsual()
                ? Map.<String, List<HomeList.Entry>>of()
                : edition.list().entries().stream().collect(Collectors.groupingBy(HomeList.Entry::line));
        var sections = new ArrayList<ListPaper.Section>();
        var house = new ArrayList<ListPaper.Row>();
        gather.shelves().forEach((shelf, entries) -> {
            var rows = new ArrayList<ListPaper.Row>();
            for (var entry : entries) {
                var mine = own.getOrDefault(entry.line().id(), List.of());
                var made = mine.isEmpty() ? List.of(usual(edition.outcome(), entry)) : mine(entry, mine);
                (InTheHouse.has(entry.food()) && mine.size() < 2 ? house : rows).addAll(made);
            }
            sections.add(new ListPaper.Section(shelf.title(), "", rows));
        });
        sections.add(new ListPaper.Section(Words.say("gather.house"), "", house));
        sections.add(new ListPaper.Section(Words.say("page.kit"), "", tools(edition)));
        return sections.stream().filter(s -> !s.rows().isEmpty()).toList();
    }

    private static ListPaper.Row usual(Outcome outcome, GatherList.Entry entry) {
        var line = entry.line();
        var swaps = line.mentioned().stream()
                .map(m -> outcome.knowledge().food(m).map(f -> f.name()).orElse(m))
                .toList();
        var soft = new ArrayList<String>();
        add(soft, entry.also());
        add(soft, entry.form());
        add(soft, line.note());
        add(soft, entry.note());
        add(soft, or(swaps));
        return new ListPaper.Row(
                entry.take(), item(entry.item(), line.optional()), String.join(" · ", soft), entry.contains());
    }

    private static List<ListPaper.Row> mine(GatherList.Entry entry, List<HomeList.Entry> own) {
        var rows = new ArrayList<ListPaper.Row>();
        for (var each : own) {
            var soft = new ArrayList<String>();
            boolean first = rows.isEmpty();
            if (first) add(soft, entry.form());
            if (!each.from().isEmpty()) soft.add(from(each));
            add(soft, each.beforehand());
            switch (each.stand()) {
                case OFFERED -> soft.add(Words.say("stand.offered"));
                case STOPS -> soft.add(Words.say("stand.stops"));
                case LABEL -> soft.add(Words.say("stand.label"));
                case HAS, AGREED -> {}
            }
            rows.add(new ListPaper.Row(
                    each.take(),
                    item(each.item(), entry.line().optional()),
                    String.join(" · ", soft),
                    each.contains()));
        }
        return rows;
    }

    /** What is in its place in the lesson, what the lesson calls the same thing, or which stand-in needs it. */
    static String from(HomeList.Entry entry) {
        return Words.say(entry.along() ? "along" : entry.isSame() ? "called" : "instead", entry.from());
    }

    private static String item(String item, boolean optional) {
        return optional ? Words.say("noted", item, Words.say("page.optional")) : item;
    }

    private static void add(List<String> all, String words) {
        if (!words.isEmpty()) all.add(words);
    }

    private static List<ListPaper.Row> tools(Edition edition) {
        if (edition.home() != null)
            return edition.list().tools().stream()
                    .map(t -> {
                        int times = t.indexOf(" × ");
                        boolean counted =
                                times > 0 && t.substring(0, times).chars().allMatch(Character::isDigit);
                        return counted
                                ? new ListPaper.Row(t.substring(0, times), t.substring(times + 3), "", "")
                                : new ListPaper.Row("1", t, "", "");
                    })
                    .toList();
        return edition.lesson().tools().stream()
                .map(t -> tool(edition.outcome(), t))
                .toList();
    }

    private static ListPaper.Row tool(Outcome outcome, ToolLine line) {
        var instead =
                outcome.knowledge().tool(line.tool()).map(t -> t.instead()).orElse(List.of());
        var names = instead.stream()
                .map(i -> {
                    var name = outcome.knowledge()
                            .tool(i.tool())
                            .map(t -> t.name())
                            .orElse(i.tool());
                    return i.note().isEmpty() ? name : Words.say("noted", name, i.note());
                })
                .toList();
        var soft = new ArrayList<String>();
        add(soft, line.note());
        add(soft, or(names));
        return new ListPaper.Row(String.valueOf(line.count()), line.name(), String.join(" · ", soft), "");
    }

    /** "or butter, or oil". */
    private static String or(List<String> names) {
        return String.join(", ", names.stream().map(n -> Words.say("or", n)).toList());
    }

    /** What the dish is known to contain, and whether labels decide; "" without foods. */
    static String contains(Edition edition) {
        if (edition.lesson().foods().isEmpty()) return "";
        var labels = edition.answers().labels();
        var names = labels.contains().stream()
                .filter(a -> a != Allergen.GLUTEN || !labels.contains().contains(Allergen.WHEAT))
                .sorted()
                .map(Allergen::title)
                .toList();
        var known = names.isEmpty() ? Words.say("contains.none") : Words.say("contains", names);
        // Words that name a food which is not on the list are a matter of the checks.
        var listed = edition.answers().gather().entries().stream()
                .map(GatherList.Entry::item)
                .filter(labels.labels()::contains)
                .toList();
        return listed.isEmpty() ? known : Words.say("contains.label", known, listed);
    }

    /** The steps for which an adult is wanted, or "". */
    private static String help(Outcome outcome) {
        var titles = outcome.lesson().steps().stream()
                .filter(s -> s.who() == Who.ADULT)
                .map(Step::title)
                .toList();
        return titles.isEmpty() ? "" : Words.say("help", titles);
    }
}
