package webodidact.terminal;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import webodidact.core.answer.Answers;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Sets;
import webodidact.core.list.HomeList;
import webodidact.core.list.OvenInstead;

/** One of a lesson's lists: what a home needs, what the instructor does, the mise en place, the kits, the exercise. */
final class ListCommand implements Command {
    private static final List<String> KINDS = List.of("home", "shoot", "bench", "kit", "pupil");

    private Told told;

    private boolean json;

    private Path file;

    private String kind;

    private Integer servings;

    private Integer groups;

    private String home;

    @Override
    public Manual manual() {
        return new Manual("list")
                .flag("json")
                .option("for", "WHOM", "home")
                .option("servings", "N")
                .option("groups", "N")
                .option("home", "ALIAS")
                .argument("LESSON");
    }

    @Override
    public int run(Told told) {
        this.told = told;
        json = told.has("json");
        file = told.file();
        kind = told.text("for");
        servings = told.number("servings");
        groups = told.number("groups");
        home = told.text("home");
        if (!KINDS.contains(kind)) throw new IllegalArgumentException(Words.say("list.kind", kind, KINDS));
        if (servings != null && (servings < 1 || servings > 1000))
            throw new IllegalArgumentException(Words.say("list.servings", servings));
        if (groups != null && (groups < 0 || groups > 99))
            throw new IllegalArgumentException(Words.say("list.groups", groups));
        var opened = LessonFile.open("list", file, told.err());
        var lesson = changed(opened.lesson());
        // No check is asked: a list is there at once.
        var answers = new Answers(opened.question().about(lesson));
        var object = switch (kind) {
            case "shoot" -> shoot(answers);
            case "bench" -> bench(answers);
            case "kit" -> kit(answers);
            case "pupil" -> pupil(answers);
            default -> home == null ? gather(answers, lesson) : own(answers, opened);
        };
        var out = told.out();
        if (json) out.println(Json.pretty(object));
        else print(object, 0);
        return 0;
    }

    private Lesson changed(Lesson lesson) {
        return lesson.but(d -> {
            if (servings != null) d.homeOf = servings;
            if (groups != null)
                d.sets = new Sets(groups, lesson.sets().demo(), lesson.sets().spares());
        });
    }

    private static Map<String, Object> gather(Answers answers, Lesson lesson) {
        var entries = new ArrayList<Map<String, Object>>();
        answers.gather().shelves().forEach((shelf, all) -> {
            for (var e : all)
                entries.add(map(
                        "shelf", shelf.title(),
                        "take", e.take(),
                        "item", e.item(),
                        "form", e.form(),
                        "also", e.also(),
                        "contains", e.contains(),
                        "optional", e.line().optional(),
                        "steps", e.steps()));
        });
        var tools = lesson.tools().stream()
                .map(t -> map("count", t.count(), "name", t.name(), "note", t.note()))
                .toList();
        return map("servings", lesson.homeOf(), "entries", entries, "tools", tools);
    }

    private Map<String, Object> own(Answers answers, LessonFile opened) {
        var household = opened.book().households().stream()
                .filter(h -> h.alias().equalsIgnoreCase(home))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(Words.say(
                        "papers.noHome",
                        home,
                        opened.book().households().stream().map(h -> h.alias()).toList())));
        var list = answers.homeList(household);
        return map(
                "home", list.alias(),
                "entries", list.entries().stream().map(ListCommand::entry).toList(),
                "tools", list.tools(),
                "withoutOven",
                        OvenInstead.of(
                                        answers.question().lesson(),
                                        household,
                                        answers.question().knowledge())
                                .stream()
                                .map(ListCommand::withoutOven)
                                .toList());
    }

    private static Map<String, Object> withoutOven(OvenInstead of) {
        return map(
                "step", of.number(),
                "title", of.step().title(),
                "ways",
                        of.ways().stream()
                                .map(w -> map(
                                        "tool", w.tool().name(),
                                        "known", w.sure(),
                                        "time",
                                                w.time() == null
                                                        ? null
                                                        : w.time().text(),
                                        "heat",
                                                w.heat() == null
                                                        ? null
                                                        : w.heat().text(),
                                        "note", w.note()))
                                .toList());
    }

    private static Map<String, Object> entry(HomeList.Entry e) {
        return map(
                "take", e.take(),
                "item", e.item(),
                "instead", e.along() ? "" : e.from(),
                "with", e.along() ? e.from() : "",
                "stand", e.stand().name().toLowerCase(Locale.ROOT),
                "beforehand", e.beforehand(),
                "contains", e.contains());
    }

    private static Map<String, Object> shoot(Answers answers) {
        var list = answers.shoot();
        return map(
                "onCamera", list.onCamera(),
                "copies", list.copies(),
                "spares", list.spares(),
                "entries",
                        list.entries().stream()
                                .map(e -> map("take", e.take(), "item", e.item(), "why", e.why()))
                                .toList(),
                "tools",
                        list.tools().stream()
                                .map(t -> map("count", t.count(), "name", t.name()))
                                .toList());
    }

    private static Map<String, Object> bench(Answers answers) {
        return map(
                "steps",
                answers.setOut().settings().stream()
                        .map(s -> map(
                                "step", s.number(),
                                "title", s.title(),
                                "foods", s.foods(),
                                "tools", s.tools(),
                                "apart", s.apart()))
                        .toList());
    }

    private static Map<String, Object> kit(Answers answers) {
        var list = answers.kit();
        return map(
                "sets", list.sets(),
                "pots", list.pots().stream().map(p -> p.label()).toList(),
                "totals",
                        list.totals().stream()
                                .map(t -> map("take", t.take(), "item", t.item(), "packs", t.packs()))
                                .toList(),
                "tools",
                        list.tools().stream()
                                .map(t -> map(
                                        "wanted", t.wanted(), "there", t.there(), "name", t.name(), "turns", t.turns()))
                                .toList());
    }

    private static Map<String, Object> pupil(Answers answers) {
        var list = answers.pupil();
        return map(
                "questions",
                        list.questions().stream()
                                .map(q -> map("step", q.step(), "title", q.title(), "blanks", q.blanks()))
                                .toList(),
                "foods", list.foods(),
                "answers", list.answers());
    }

    private static Map<String, Object> map(Object... pairs) {
        var map = new LinkedHashMap<String, Object>();
        for (int i = 0; i < pairs.length; i += 2) map.put((String) pairs[i], pairs[i + 1]);
        return map;
    }

    /** The same object as lines: a line for each entry, what is empty left out. */
    private void print(Map<?, ?> object, int depth) {
        var out = told.out();
        var words = new ArrayList<String>();
        for (var field : object.entrySet()) {
            switch (field.getValue()) {
                case List<?> list when list.isEmpty() -> {}
                case List<?> list
                when list.getFirst() instanceof Map<?, ?> -> {
                    if (!words.isEmpty()) out.println("  ".repeat(depth) + String.join("  ", words));
                    words.clear();
                    out.println("  ".repeat(depth) + field.getKey());
                    for (var each : list) print((Map<?, ?>) each, depth + 1);
                }
                case List<?> list
                when depth == 0 -> {
                    out.println(field.getKey());
                    for (var each : list) out.println("  " + each);
                }
                case List<?> list ->
                    words.add(
                            String.join(", ", list.stream().map(String::valueOf).toList()));
                case Boolean b -> {
                    if (b) words.add(String.valueOf(field.getKey()));
                }
                default -> {
                    var said = String.valueOf(field.getValue());
                    if (!said.isEmpty()) words.add(depth == 0 ? field.getKey() + " " + said : said);
                }
            }
        }
        if (!words.isEmpty()) out.println("  ".repeat(depth) + String.join("  ", words));
    }
}
