package webodidact.core.lesson;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import webodidact.core.words.Plain;

/**
 * One run of a lesson and what it really took.
 *
 * @param lesson the lesson's id
 * @param kind how it was run; a file that does not say was a lesson as homes saw it
 */
public record Take(String id, String lesson, LocalDateTime at, TakeKind kind, List<StepTime> steps) {
    /** Of a single figure in a take: six figures, eleven days. */
    private static final int MOST = 999_999;

    /**
     * @param seconds on air in that step, holds left out
     * @param held seconds on hold in it
     * @param marks how often it was marked for another look
     * @param why words of the marks, or ""
     * @param choice whether it is the one of this step that homes see
     * @param filmed the step as it stood then
     */
    public record StepTime(
            String step, String title, int seconds, int held, int marks, String why, Choice choice, Filmed filmed) {
        public StepTime(String step, String title, int seconds, int held, int marks) {
            this(step, title, seconds, held, marks, "", Choice.OPEN);
        }

        public StepTime(String step, String title, int seconds, int held, int marks, String why, Choice choice) {
            this(step, title, seconds, held, marks, why, choice, Filmed.UNKNOWN);
        }

        public StepTime {
            filmed = filmed == null ? Filmed.UNKNOWN : filmed;
            why = Plain.line(why);
            choice = choice == null ? Choice.OPEN : choice;
            step = Plain.line(step);
            if (step.isEmpty()) throw new IllegalArgumentException(Words.OURS.say("wrong.take"));
            title = Plain.line(title);
            if (seconds < 0 || held < 0 || marks < 0)
                throw new IllegalArgumentException(Words.OURS.say("wrong.take.2", step));
            if (seconds > MOST || held > MOST || marks > MOST)
                throw new IllegalArgumentException(Words.OURS.say("wrong.take.3", step, MOST));
        }
    }

    /** What somebody has said of one step of a take. */
    public enum Choice {
        OPEN,
        KEPT,
        SPOILT
    }

    public Take(String id, String lesson, LocalDateTime at, List<StepTime> steps) {
        this(id, lesson, at, TakeKind.LIVE, steps);
    }

    public Take {
        kind = kind == null ? TakeKind.LIVE : kind;
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

    public Optional<StepTime> of(String step) {
        return steps.stream().filter(s -> s.step().equals(step)).findFirst();
    }

    public Take choosing(String step, Choice choice) {
        return new Take(
                id,
                lesson,
                at,
                kind,
                steps.stream()
                        .map(s -> !s.step().equals(step)
                                ? s
                                : new StepTime(
                                        s.step(),
                                        s.title(),
                                        s.seconds(),
                                        s.held(),
                                        s.marks(),
                                        s.why(),
                                        choice,
                                        s.filmed()))
                        .toList());
    }
}
