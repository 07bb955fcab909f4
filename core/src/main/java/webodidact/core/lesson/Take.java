package webodidact.core.lesson;

import java.time.LocalDateTime;
import java.util.List;
import webodidact.core.words.Plain;

/**
 * One run of a lesson and what it really took.
 *
 * @param lesson the lesson's id
 */
public record Take(String id, String lesson, LocalDateTime at, List<StepTime> steps) {
    /** Of a single figure in a take: six figures, eleven days. */
    private static final int MOST = 999_999;

    /**
     * @param seconds on air in that step, holds left out
     * @param held seconds on hold in it
     * @param marks how often it was marked for another look
     */
    public record StepTime(String step, String title, int seconds, int held, int marks) {
        public StepTime {
            step = Plain.line(step);
            if (step.isEmpty()) throw new IllegalArgumentException(Words.OURS.say("wrong.take"));
            title = Plain.line(title);
            if (seconds < 0 || held < 0 || marks < 0)
                throw new IllegalArgumentException(Words.OURS.say("wrong.take.2", step));
            if (seconds > MOST || held > MOST || marks > MOST)
                throw new IllegalArgumentException(Words.OURS.say("wrong.take.3", step, MOST));
        }
    }

    public Take {
        id = Plain.line(id);
        lesson = Plain.line(lesson);
        if (id.isEmpty() || lesson.isEmpty() || at == null)
            throw new IllegalArgumentException(Words.OURS.say("wrong.take.4", id));
        steps = steps == null ? List.of() : List.copyOf(steps);
        if (steps.size() > 1000) throw new IllegalArgumentException(Words.OURS.say("wrong.take.5", id));
    }

    public int total() {
        return steps.stream().mapToInt(s -> s.seconds() + s.held()).sum();
    }
}
