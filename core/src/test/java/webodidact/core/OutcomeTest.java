package webodidact.core;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.outcome;
import static webodidact.core.Lessons.using;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import webodidact.core.check.Finding;
import webodidact.core.lesson.Step;

class OutcomeTest {
    @Test
    void theSameLessonAlwaysGivesTheSameAnswer() {
        var lesson = of(
                List.of(food("f1", "white-fish", "2 piece")),
                using(hands("a", 60), "f1").but(d -> d.say = "Fish, oil and capers."));
        var first = outcome(lesson);
        var second = outcome(lesson);
        assertThat(second.schedule()).isEqualTo(first.schedule());
        assertThat(second.bench()).isEqualTo(first.bench());
        assertThat(second.gather()).isEqualTo(first.gather());
        assertThat(second.report().open())
                .extracting(Finding::what)
                .isEqualTo(first.report().open().stream().map(Finding::what).toList());
    }

    @Property(tries = 200)
    void noLessonOfPlainStepsBreaksAnything(@ForAll @Size(max = 12) List<@IntRange(max = 2000) Integer> seconds) {
        var steps = new ArrayList<Step>();
        for (int i = 0; i < seconds.size(); i++) steps.add(hands("s" + i, seconds.get(i)));
        var outcome = outcome(of(steps.toArray(Step[]::new)));
        assertThat(outcome.schedule().planned())
                .isEqualTo(seconds.stream().mapToInt(Integer::intValue).sum());
        assertThat(outcome.schedule().kitchen()).isEqualTo(outcome.schedule().planned());
        int end = 0;
        for (var placed : outcome.schedule().steps()) {
            assertThat(placed.span().start()).isEqualTo(end);
            end = placed.span().end();
        }
    }
}
