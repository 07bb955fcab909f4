package webodidact.core.answer;

import java.util.List;
import java.util.Map;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Segment;
import webodidact.core.timing.Calibration;

/**
 * All that the answers of a lesson depend on.
 *
 * @param homes that cook along
 * @param all every lesson of the course, for what is left over to go on in
 * @param measured the instructor's own pace, from takes
 * @param hands the instructor's own hands by verb, of the table's time, from takes
 */
public record Question(
        Lesson lesson,
        Course course,
        Knowledge knowledge,
        List<Household> homes,
        List<Lesson> all,
        Map<Segment, Calibration.Measured> measured,
        Map<String, Ratio> hands) {
    public Question {
        homes = List.copyOf(homes);
        all = List.copyOf(all);
        measured = Map.copyOf(measured);
        hands = Map.copyOf(hands);
    }

    /** Of a lesson by itself, with nobody at home and no takes. */
    public static Question of(Lesson lesson, Course course, Knowledge knowledge) {
        return new Question(lesson, course, knowledge, List.of(), List.of(), Map.of(), Map.of());
    }

    /** The same of another state of the lesson. */
    public Question about(Lesson other) {
        return new Question(other, course, knowledge, homes, all, measured, hands);
    }
}
