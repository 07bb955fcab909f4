package webodidact.core.outcome;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import webodidact.core.bench.BackTimer;
import webodidact.core.bench.BenchPlan;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Report;
import webodidact.core.check.Situation;
import webodidact.core.check.Unworked;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Segment;
import webodidact.core.lesson.Step;
import webodidact.core.list.GatherList;
import webodidact.core.rules.Rules;
import webodidact.core.script.Draws;
import webodidact.core.script.Mentions;
import webodidact.core.timing.Calibration;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;
import webodidact.core.timing.Schedule;
import webodidact.core.words.Message;

/**
 * All that follows from a lesson; worked out anew after each edit, a pure function of it and its course. Each part is worked out
 * apart: one that fails is empty and told in {@code unworked} and as a stop, the others are of the lesson as it stands.
 */
public record Outcome(Lesson lesson, Course course, Pace pace, Schedule schedule, Map<String, List<Mentions.Mention>> said,
        Map<String, List<Mentions.Mention>> done, Report report, BenchPlan bench, GatherList gather, Knowledge knowledge,
        Map<Segment, Calibration.Measured> measured, Map<String, Draws.Line> draws, List<Unworked> unworked) {

    /** What is worked out apart from the rest. */
    public enum Part {
        TIMES, USES, BENCH, GATHER;

        private Message said() {
            return part(name().toLowerCase(Locale.ROOT));
        }
    }

    private static final Message ALL = part("all");
    private static final BenchPlan NO_PLAN = new BenchPlan(List.of(), List.of());

    public static Outcome of(Lesson lesson, Course course, Knowledge knowledge) {
        return of(lesson, course, knowledge, Map.of());
    }

    /** @param measured the instructor's own pace, from takes */
    public static Outcome of(Lesson lesson, Course course, Knowledge knowledge, Map<Segment, Calibration.Measured> measured) {
        var apart = new Unworked.Apart();
        var pace = apart.work(part("pace"), () -> Pace.of(lesson.audience(), course.pace(), measured), Pace.of(lesson.audience(), Map.of(), Map.of()));
        var schedule = apart.work(Part.TIMES.said(), () -> Planner.plan(lesson, pace), null);
        var finder = apart.work(part("mentions"), () -> new Mentions(lesson, knowledge), null);
        var said = new LinkedHashMap<String, List<Mentions.Mention>>();
        var done = new LinkedHashMap<String, List<Mentions.Mention>>();
        for (var step : lesson.steps()) {
            said.put(step.id(), mentions(finder, step, step.say(), apart));
            done.put(step.id(), mentions(finder, step, step.doing(), apart));
        }
        var draws = apart.work(Part.USES.said(), () -> Draws.of(lesson, knowledge, course.house()), null);
        var bench = schedule == null ? NO_PLAN : apart.work(Part.BENCH.said(), () -> BackTimer.plan(lesson, schedule, course.kitchen()), NO_PLAN);
        var gather = apart.work(Part.GATHER.said(), () -> GatherList.of(lesson, course.house(), knowledge), GatherList.none());
        var report = Report.of(Rules.ALL, new Situation(lesson, course, pace, schedule, knowledge, said, done, draws), apart.failed());
        return new Outcome(lesson, course, pace, schedule == null ? Schedule.unknown(lesson) : schedule, said, done, report, bench, gather, knowledge, measured,
                draws == null ? Map.of() : draws, apart.failed());
    }

    private static Message part(String code, Object... args) {
        return CheckTable.words().message("part." + code, args);
    }

    private static List<Mentions.Mention> mentions(Mentions finder, Step step, String text, Unworked.Apart apart) {
        return finder == null ? List.of() : apart.work(part("step", step.title()), () -> finder.in(text), List.of());
    }

    /** Nothing could be worked out: a stop says so, and nothing is shown of an earlier state. */
    public static Outcome failed(Lesson lesson, Course course, Knowledge knowledge, Throwable why) {
        var all = List.of(Unworked.of(ALL, why));
        return new Outcome(lesson, course, Pace.of(lesson.audience(), Map.of(), Map.of()), Schedule.unknown(lesson), Map.of(), Map.of(), new Report(List.of(all.getFirst().finding()), List.of()),
                NO_PLAN, GatherList.none(), knowledge, Map.of(), Map.of(), all);
    }

    /** Why that part is empty: it could not be worked out. Without times every step is at 0:00, and there is no plan for the Bench. */
    public Optional<Unworked> missing(Part part) {
        return unworked.stream().filter(u -> u.what().equals(ALL) || u.what().equals(part.said()) || part == Part.BENCH && u.what().equals(Part.TIMES.said())).findFirst();
    }

    /** For what can show nothing without that part. @throws Unworked.Missing if it could not be worked out */
    public void need(Part part) {
        missing(part).ifPresent(u -> {
            throw new Unworked.Missing(u.text() + " " + u.why());
        });
    }
}
