package webodidact.terminal;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import webodidact.core.answer.Answers;
import webodidact.core.lesson.Lesson;
import webodidact.core.prep.Clash;
import webodidact.core.prep.DayPrep;
import webodidact.core.prep.Link;
import webodidact.core.prep.Prep;
import webodidact.core.prep.PrepPlan;
import webodidact.core.prep.PrepSolver;
import webodidact.core.prep.Task;
import webodidact.core.time.Clock;

/** What has to be ready before air, by the clock; of a course the lessons of each day share the kitchen. */
final class PrepCommand implements Command {
    private Told told;

    private boolean json;

    private double effort;

    private Path file;

    /** Lessons that are prepared together. */
    private record Day(String title, LocalDateTime air, Prep prep) {}

    @Override
    public Manual manual() {
        return new Manual("prep").flag("json").option("effort", "N", "2").argument("LESSON|COURSE");
    }

    @Override
    public int run(Told told) {
        this.told = told;
        json = told.has("json");
        effort = told.figure("effort");
        file = told.file();
        if (effort <= 0 || effort > 1000) throw new IllegalArgumentException(Words.say("prep.effort", effort));
        int code = 0;
        var all = new ArrayList<Map<String, Object>>();
        for (var day : days(LessonFile.lessons("prep", file, told.err()))) {
            var solver = PrepSolver.usual();
            var answer = solver.solve(day.prep(), effort, () -> false);
            var clash = answer.impossible() ? Clash.of(day.prep(), solver, () -> false) : Optional.<Clash>empty();
            if (answer.plan().isEmpty()) code = 1;
            if (json) all.add(object(day, answer.plan(), clash));
            else print(day, answer.plan(), clash);
        }
        if (json) told.out().println(Json.pretty(all.size() == 1 ? all.getFirst() : Map.of("days", all)));
        return code;
    }

    /** Lessons of one day in one kitchen are one question, told from the first one's air. */
    private List<Day> days(List<LessonFile> lessons) {
        var days = new ArrayList<Day>();
        var planned = new HashSet<String>();
        for (var each : lessons) {
            var answers = new Answers(each.question());
            int untimed = answers.schedule().untimed().size();
            if (untimed > 0)
                told.err().println(Words.say("prep.untimed", each.lesson().title(), untimed));
            if (planned.contains(each.lesson().id())) continue;
            var day = DayPrep.of(answers);
            day.lessons().forEach(l -> planned.add(l.id()));
            var title = day.lessons().stream().map(Lesson::title).collect(Collectors.joining(", "));
            days.add(new Day(title, day.lessons().getFirst().air(), day.prep()));
        }
        return days;
    }

    private static Map<String, Object> object(Day day, Optional<PrepPlan> plan, Optional<Clash> clash) {
        var map = new LinkedHashMap<String, Object>();
        map.put("title", day.title());
        map.put("start", plan.map(PrepPlan::start).orElse(null));
        map.put("proved", plan.map(PrepPlan::proved).orElse(false));
        map.put("bound", plan.map(PrepPlan::bound).orElse(null));
        map.put(
                "jobs",
                plan.stream()
                        .flatMap(p -> p.jobs().stream())
                        .filter(j -> j.task().kind() != Task.Kind.AIR)
                        .map(j -> job(j, day.prep()))
                        .toList());
        map.put("clashes", clash.stream().map(PrepCommand::clash).toList());
        return map;
    }

    private static Map<String, Object> job(PrepPlan.Job job, Prep prep) {
        var task = job.task();
        var needs = new ArrayList<String>();
        if (task.place() != null)
            needs.add(task.place().name().toLowerCase(Locale.ROOT) + (job.unit() > 1 ? " " + job.unit() : ""));
        task.skills().stream().map(s -> s.title()).sorted().forEach(needs::add);
        var map = new LinkedHashMap<String, Object>();
        map.put("id", task.id());
        map.put("what", task.what());
        map.put("who", job.who());
        map.put("at", job.start());
        map.put("takes", task.takes());
        map.put("needs", needs);
        map.put(
                "after",
                prep.links().stream()
                        .filter(l -> l.after().equals(task.id()))
                        .map(Link::before)
                        .toList());
        return map;
    }

    private static Map<String, Object> clash(Clash clash) {
        var map = new LinkedHashMap<String, Object>();
        map.put("demands", clash.demands().stream().map(d -> d.text()).toList());
        map.put(
                "relax",
                clash.relax().stream()
                        .map(r -> {
                            var one = new LinkedHashMap<String, Object>();
                            one.put("what", r.demand().relaxed());
                            one.put("start", r.start());
                            return one;
                        })
                        .toList());
        return map;
    }

    private void print(Day day, Optional<PrepPlan> plan, Optional<Clash> clash) {
        var out = told.out();
        out.println(day.title());
        plan.ifPresent(p -> {
            for (var job : p.jobs())
                if (job.task().kind() != Task.Kind.AIR)
                    out.printf(
                            Locale.ROOT,
                            "%8s  %6s  %-8s %s%n",
                            at(day, job.start()),
                            Clock.text(job.task().takes()),
                            job.who().isEmpty() ? "-" : job.who(),
                            job.task().what());
            out.println(
                    p.proved()
                            ? Words.say("prep.proved", at(day, p.start()))
                            : Words.say("prep.gap", at(day, p.start()), Clock.text(p.gap())));
        });
        clash.ifPresent(c -> {
            out.println(Words.say("prep.clash"));
            c.demands().forEach(d -> out.println("  " + d.text()));
            c.relax()
                    .forEach(r -> out.println("  "
                            + (r.start() == null
                                    ? Words.say("prep.relax.not", r.demand().relaxed())
                                    : Words.say("prep.relax", r.demand().relaxed(), at(day, r.start())))));
        });
        if (plan.isEmpty() && clash.isEmpty()) out.println(Words.say("prep.none"));
    }

    private static String at(Day day, int second) {
        return day.air() == null
                ? Clock.text(second)
                : day.air().plusSeconds(second).toLocalTime().withNano(0).toString();
    }
}
