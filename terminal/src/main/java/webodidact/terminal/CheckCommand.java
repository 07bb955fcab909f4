package webodidact.terminal;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import webodidact.core.check.Covering;
import webodidact.core.check.Family;
import webodidact.core.check.Finding;
import webodidact.core.lesson.Accepted;
import webodidact.core.lesson.FoodLine;
import webodidact.core.outcome.MendPrice;
import webodidact.core.outcome.Outcome;
import webodidact.core.rules.Rules;
import webodidact.formats.course.CourseFolder;

/** The checks on one lesson of a course, so that a machine can watch a course under version control. */
final class CheckCommand implements Command {
    /** Mends in one go; more would be a mend that does not mend. */
    private static final int MOST = 100;

    private Told told;

    private boolean json;

    private String family;

    private String mend;

    private Path file;

    @Override
    public Manual manual() {
        return new Manual("check")
                .flag("json")
                .option("family", "FAMILY")
                .option("mend", "CODE")
                .argument("LESSON");
    }

    @Override
    public int run(Told told) throws IOException {
        this.told = told;
        json = told.has("json");
        family = told.text("family");
        mend = told.text("mend");
        file = told.file();
        var only = family == null ? null : family();
        var files = LessonFile.lessons("check", file, told.err());
        if (mend != null) {
            if (files.size() != 1 || !file.toString().endsWith(CourseFolder.LESSON))
                throw new IllegalArgumentException(Words.say("check.mendOne"));
            files = List.of(mended(files.getFirst()));
        }
        var all = new ArrayList<Map<String, Object>>();
        int code = 0;
        for (var each : files) {
            var outcome = each.outcome();
            var open = of(only, outcome.report().open());
            if (json) {
                all.addAll(open.parallelStream()
                        .map(f -> map(each, outcome, f, null))
                        .toList());
                of(only, outcome.report().covered())
                        .forEach(f -> all.add(map(
                                each,
                                outcome,
                                f,
                                Covering.of(f, outcome.lesson()).orElseThrow())));
            } else print(files.size() > 1 ? each.lesson().title() : "", outcome, open);
            code = Math.max(code, LessonFile.code(outcome, open.stream().anyMatch(Finding::isStop)));
        }
        if (json) told.out().println(Json.pretty(Map.of("findings", all)));
        return code;
    }

    private Family family() {
        var wanted = family.toUpperCase(Locale.ROOT).replace('-', '_');
        return Stream.of(Family.values())
                .filter(f -> f.name().equals(wanted))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(Words.say(
                        "check.noFamily",
                        family,
                        String.join(
                                ", ",
                                Stream.of(Family.values())
                                        .map(CheckCommand::code)
                                        .toList()))));
    }

    private static String code(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }

    private static List<Finding> of(Family only, List<Finding> findings) {
        return findings.stream().filter(f -> only == null || f.family() == only).toList();
    }

    /** One after the other, each looked for anew: a mend may mend two, or bring another. */
    private LessonFile mended(LessonFile opened) throws IOException {
        if (Rules.ALL.stream().noneMatch(r -> r.id().equals(mend)))
            throw new IllegalArgumentException(Words.say("check.none", mend));
        var now = opened;
        var err = told.err();
        for (int i = 0; i < MOST; i++) {
            var first = now.outcome().report().open().stream()
                    .filter(f -> f.check().equals(mend) && !f.mends().isEmpty())
                    .findFirst();
            if (first.isEmpty()) break;
            var by = first.get().mends().getFirst();
            err.println(Words.say("check.mended", first.get().what(), by.label()));
            var changed = by.change().apply(now.lesson());
            if (changed.equals(now.lesson())) break;
            now = new LessonFile(
                    now.folder(), now.book().withLesson(now.lesson().id(), l -> changed), changed, now.warnings());
        }
        if (now == opened) {
            err.println(Words.say("check.nothing", mend));
            return opened;
        }
        return opened.saving("check", now.lesson());
    }

    private void print(String title, Outcome outcome, List<Finding> open) {
        var out = told.out();
        if (!title.isEmpty()) out.println(Words.say("check.lesson", title));
        // A mend's price is a whole lesson worked out again: on all cores.
        open.parallelStream().map(f -> text(outcome, f)).forEachOrdered(out::println);
        if (open.isEmpty()) out.println(Words.say("check.clean"));
    }

    private static String text(Outcome outcome, Finding f) {
        var found = Words.say(
                f.isStop() ? "check.stop" : "check.look",
                f.step() > 0 ? Words.say("check.step", f.step(), f.what()) : f.what(),
                f.why());
        var mends = f.mends().stream()
                .map(m -> Words.say(
                        "check.mend", m.label(), MendPrice.of(outcome, m).text()));
        return Stream.concat(Stream.of(found), mends).collect(Collectors.joining(System.lineSeparator()));
    }

    private static Map<String, Object> map(LessonFile in, Outcome outcome, Finding f, Accepted cover) {
        var map = new LinkedHashMap<String, Object>();
        map.put("lesson", in.lesson().id());
        map.put("check", f.check());
        map.put("family", code(f.family()));
        map.put("severity", code(f.severity()));
        map.put("step", f.step() == 0 ? null : f.step());
        map.put("steps", List.copyOf(f.steps()));
        map.put("foods", f.foods().stream().map(id -> name(in, id)).toList());
        map.put("tools", f.concerns().tools());
        map.put("homes", f.concerns().homes());
        if (!f.branch().isEmpty()) map.put("branch", f.branch());
        map.put("what", f.what());
        map.put("why", f.why());
        map.put("basis", f.basis());
        map.put("where", f.where());
        map.put(
                "mends",
                cover != null
                        ? List.of()
                        : f.mends().stream()
                                .map(m -> Map.of(
                                        "does",
                                        m.label(),
                                        "price",
                                        MendPrice.of(outcome, m).text()))
                                .toList());
        map.put("covered", cover == null ? null : covered(cover));
        return map;
    }

    /** As the lesson calls it; of a food that no line has its id in the table. */
    private static String name(LessonFile in, String id) {
        return in.lesson().food(id).map(FoodLine::item).orElse(id);
    }

    private static Map<String, Object> covered(Accepted cover) {
        var map = new LinkedHashMap<String, Object>();
        map.put("reason", cover.reason());
        map.put("by", cover.by());
        map.put("on", cover.on() == null ? null : cover.on().toString());
        return map;
    }
}
