package webodidact.core.outcome;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.waits;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import webodidact.core.check.Report;
import webodidact.core.fit.Fit;
import webodidact.core.fit.Greedy;
import webodidact.core.food.Knowledge;
import webodidact.core.homes.Chance;
import webodidact.core.homes.HomePace;
import webodidact.core.homes.Progress;
import webodidact.core.homes.Simulation;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;

/** Two thousand steps, five thousand homes: slower, but everything is worked out, and whoever says stop is heard. */
class ExtremesTest {
    private static Lesson lesson(int steps) {
        var all = new ArrayList<Step>();
        for (int i = 0; i < steps; i++) {
            var step = hands("s" + i, 30, 60).but(d -> {
                d.say = "Stir, and wash your hands.";
                d.trim = 10;
            });
            all.add(i % 5 == 0 && i + 4 < steps ? waits(step, 60, 90, new Cover.CarryOn("s" + (i + 4))) : step);
        }
        return Lesson.blank("long", 1, "Long").but(d -> {
            d.slot = steps * 20;
            d.steps = all;
        });
    }

    private static Outcome outcome(int steps) {
        return Outcome.of(lesson(steps), COURSE, Knowledge.shipped());
    }

    @Test
    void twoThousandStepsAreWorkedOutAndTheirFindingsAreFewMatters() {
        var outcome = outcome(2000);
        assertThat(outcome.unworked()).isEmpty();
        assertThat(outcome.schedule().steps()).hasSize(2000);
        var groups = Report.grouped(outcome.report().open());
        assertThat(groups.stream().mapToInt(List::size).sum())
                .isEqualTo(outcome.report().open().size());
        assertThat(groups.size()).isLessThan(20);
        assertThat(groups)
                .allSatisfy(g ->
                        assertThat(g.stream().map(f -> f.check()).distinct()).hasSize(1));
    }

    @Test
    void fiveThousandHomesArePlayedThroughALongLesson() {
        var outcome = outcome(600);
        var paces = HomePace.of(outcome.lesson(), List.of(), Knowledge.shipped(), COURSE);
        var played = Simulation.of(outcome.lesson(), paces, Chance.USUAL, 5000, 7, Progress.NONE)
                .orElseThrow()
                .against(outcome.schedule());
        assertThat(played.steps()).hasSize(600);
        assertThat(played.homes()).isEqualTo(5000);
    }

    @Test
    void waysToFitEndWhenTheyAreToldTo() {
        var outcome = outcome(800);
        var asked = new int[1];
        var stopped = new AtomicBoolean();
        Fit.propose(outcome, List.of(), new Greedy(), share -> {
            if (++asked[0] == 40) stopped.set(true);
            assertThat(asked[0]).as("goes on though it was told to stop").isLessThan(60);
            return !stopped.get();
        });
        assertThat(stopped).isTrue();
    }
}
