package webodidact.core.lesson;

import java.time.LocalDateTime;
import java.util.List;

/**
 * One run of a lesson and what it really took.
 *
 * @param lesson the lesson's id
 */
public record Take(String id, String lesson, LocalDateTime at, List<StepTime> steps) {
    /**
     * @param seconds on air in that step, holds left out
     * @param held seconds on hold in it
     * @param marks how often it was marked for another look
     */
    public record StepTime(String step, String title, int seconds, int held, int marks) {
        public StepTime {
            if (seconds < 0 || held < 0 || marks < 0) throw new IllegalArgumentException("Take of step '" + step + "': times are zero or more");
        }
    }

    public Take {
        steps = List.copyOf(steps);
    }

    public int total() {
        return steps.stream().mapToInt(s -> s.seconds() + s.held()).sum();
    }
}
