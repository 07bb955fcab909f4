package webodidact.desktop.view.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Lesson;
import webodidact.core.prep.PrepPlan;
import webodidact.core.prep.Task;

class DayAlarmTest {
    private final PrepPlan plan = new PrepPlan(
            List.of(
                    new PrepPlan.Job(Task.hands("clean", Task.Kind.CLEAN, "clean", "", 600), -1800, "you", 0),
                    new PrepPlan.Job(Task.hands("camera", Task.Kind.CAMERA, "camera", "", 600), -600, "you", 0)),
            0,
            true);
    private final Lesson lesson = Lesson.blank("l", 1, "L");

    @Test
    void whatHasComeDueIsToldOnceAndNothingThatIsTickedOrLongAgo() {
        var alarm = new DayAlarm();
        assertThat(alarm.due(lesson, List.of(), plan, -1801)).isEmpty();
        assertThat(alarm.due(lesson, List.of(), plan, -1799))
                .extracting(Task::id)
                .containsExactly("clean");
        assertThat(alarm.due(lesson, List.of(), plan, -1790)).isEmpty();
        assertThat(alarm.due(lesson, List.of("camera"), plan, -599)).isEmpty();
        assertThat(new DayAlarm().due(lesson, List.of(), plan, -1000))
                .as("begun a quarter of an hour ago")
                .isEmpty();
        assertThat(alarm.due(Lesson.blank("m", 2, "M"), List.of(), plan, -1795))
                .as("of another lesson")
                .hasSize(1);
    }
}
