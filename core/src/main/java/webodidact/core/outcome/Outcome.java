package webodidact.core.outcome;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import webodidact.core.bench.BackTimer;
import webodidact.core.bench.BenchPlan;
import webodidact.core.check.Report;
import webodidact.core.check.Situation;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Segment;
import webodidact.core.list.GatherList;
import webodidact.core.rules.Rules;
import webodidact.core.script.Draws;
import webodidact.core.script.Mentions;
import webodidact.core.timing.Calibration;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;
import webodidact.core.timing.Schedule;

/** All that follows from a lesson; worked out anew after each edit, a pure function of it and its course. */
public record Outcome(Lesson lesson, Course course, Pace pace, Schedule schedule, Map<String, List<Mentions.Mention>> said,
        Map<String, List<Mentions.Mention>> done, Report report, BenchPlan bench, GatherList gather, Knowledge knowledge,
        Map<Segment, Calibration.Measured> measured, Map<String, Draws.Line> draws) {

    public static Outcome of(Lesson lesson, Course course, Knowledge knowledge) {
        return of(lesson, course, knowledge, Map.of());
    }

    /** @param measured the instructor's own pace, from takes */
    public static Outcome of(Lesson lesson, Course course, Knowledge knowledge, Map<Segment, Calibration.Measured> measured) {
        var pace = Pace.of(lesson.audience(), course.pace(), measured);
        var schedule = Planner.plan(lesson, pace);
        var finder = new Mentions(lesson, knowledge);
        var said = new LinkedHashMap<String, List<Mentions.Mention>>();
        var done = new LinkedHashMap<String, List<Mentions.Mention>>();
        for (var step : lesson.steps()) {
            said.put(step.id(), finder.in(step.say()));
            done.put(step.id(), finder.in(step.doing()));
        }
        var draws = Draws.of(lesson, knowledge, course.house());
        var report = Report.of(Rules.ALL, new Situation(lesson, course, pace, schedule, knowledge, said, done, draws));
        return new Outcome(lesson, course, pace, schedule, said, done, report, BackTimer.plan(lesson, schedule, course.kitchen()),
                GatherList.of(lesson, course.house(), knowledge), knowledge, measured, draws);
    }
}
