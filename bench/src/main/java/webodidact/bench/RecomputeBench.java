package webodidact.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import webodidact.core.answer.Answers;
import webodidact.core.answer.Question;
import webodidact.core.check.Report;
import webodidact.core.check.Situation;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Lesson;
import webodidact.core.outcome.Outcome;
import webodidact.core.rules.Rules;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;

/**
 * One keystroke in a step, then everything that follows from the lesson: words, timing, checks, lists, bench. Read as ratios:
 * 600 steps against 60, and everything against the timing alone.
 */
@State(Scope.Thread)
@BenchmarkMode({Mode.AverageTime, Mode.SampleTime})
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(2)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
public class RecomputeBench {
    @Param({"60", "600"})
    int steps;

    private Lesson lesson;
    private final Course course = Course.named("Bench");
    private int typed;

    @Setup(Level.Trial)
    public void setUp() {
        lesson = Lessons.of(steps);
    }

    /** Words that nobody has typed before: what is remembered of others is all that may be used. */
    private Lesson keystroke() {
        var letters = new StringBuilder();
        for (int n = typed++; n > 0; n /= 26) letters.append((char) ('a' + n % 26));
        return lesson.withStep("s7", s -> s.but(d -> d.say = s.say() + " " + letters));
    }

    @Benchmark
    public Outcome everything() {
        return Outcome.of(keystroke(), course, Knowledge.shipped());
    }

    /** All checks on answers that are known but for the step that was typed in. */
    @Benchmark
    public Object checksAlone() {
        var answers = new Answers(Question.of(keystroke(), course, Knowledge.shipped()));
        return Report.of(Rules.ALL, new Situation(answers), List.of());
    }

    /** What is on hands and tools, alone. */
    @Benchmark
    public Object traceAlone() {
        return new Answers(Question.of(keystroke(), course, Knowledge.shipped())).trace();
    }

    @Benchmark
    public Object timingAlone() {
        var changed = keystroke();
        return Planner.plan(changed, new Pace(changed.audience(), course.pace()));
    }
}
