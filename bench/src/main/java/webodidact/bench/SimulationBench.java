package webodidact.bench;

import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import webodidact.core.food.Knowledge;
import webodidact.core.homes.Chance;
import webodidact.core.homes.HomePace;
import webodidact.core.homes.Progress;
import webodidact.core.homes.Simulation;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Lesson;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;
import webodidact.core.timing.Schedule;

/** 10,000 homes through 60 steps; read it beside a plain loop that throws the same dice and adds, and remembers nothing. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(2)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
public class SimulationBench {
    private static final int HOMES = 10_000;
    private final Lesson lesson = Lessons.of(60);
    private final Schedule schedule = Planner.plan(lesson, new Pace(Audience.ADULTS, Map.of()));
    private final List<HomePace> paces = HomePace.of(lesson, List.of(), Knowledge.shipped(), Course.named("Bench"));

    @Benchmark
    public Object simulation() {
        return Simulation.of(lesson, paces, Chance.USUAL, HOMES, 7, Progress.NONE)
                .orElseThrow()
                .against(schedule);
    }

    @Benchmark
    public long plainLoop() {
        var chance = Chance.USUAL;
        int steps = lesson.steps().size();
        int[] shown =
                schedule.steps().stream().mapToInt(p -> p.span().start() * 1000).toArray();
        int[] usual =
                paces.getFirst().millis().stream().mapToInt(Integer::intValue).toArray();
        long ready = 0;
        for (int h = 0; h < HOMES; h++) {
            var dice = new SplittableRandom(7 * 0x9E3779B97F4A7C15L + h);
            int skill = 1000
                    + (dice.nextInt(2 * chance.skill() + 1) + dice.nextInt(2 * chance.skill() + 1)) / 2
                    - chance.skill();
            long now = 0;
            for (int k = 0; k < steps; k++) {
                if (now <= shown[k]) ready++;
                long time = (long) usual[k]
                        * skill
                        / 1000
                        * (1000
                                + (dice.nextInt(2 * chance.mood() + 1) + dice.nextInt(2 * chance.mood() + 1)) / 2
                                - chance.mood())
                        / 1000;
                if (dice.nextInt(1000) < chance.fetch()) time += dice.nextInt(chance.fetchSeconds() * 1000 + 1);
                if (dice.nextInt(1000) < chance.stuck()) time += dice.nextInt(chance.stuckSeconds() * 1000 + 1);
                now = Math.max(now, shown[k]) + time;
            }
        }
        return ready;
    }
}
