package webodidact.core.check;

import java.util.List;
import java.util.Map;
import webodidact.core.answer.Answers;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.script.Draws;
import webodidact.core.script.Mentions;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Schedule;

/**
 * All that a check may look at: the answer book of the lesson. Where an answer could not be worked out, the checks that ask for it are
 * left out, and its failure is told once.
 */
public record Situation(Answers answers) {
    public Lesson lesson() {
        return answers.question().lesson();
    }

    public Course course() {
        return answers.question().course();
    }

    public Knowledge knowledge() {
        return answers.question().knowledge();
    }

    public Pace pace() {
        return answers.pace();
    }

    public Schedule schedule() {
        return answers.schedule();
    }

    /** By step id, what its say text names. */
    public Map<String, List<Mentions.Mention>> mentions() {
        return answers.said();
    }

    /** By step id, what its do text names. */
    public Map<String, List<Mentions.Mention>> done() {
        return answers.done();
    }

    /** There are steps, and no hands-on step is without a fact: before that what is in no step yet is no slip. */
    public boolean isWritten() {
        return lesson().steps().stream().anyMatch(step -> step.kind() == Kind.HANDS_ON)
                && lesson().steps().stream()
                        .filter(step -> step.kind() == Kind.HANDS_ON)
                        .allMatch(step -> !step.uses().isEmpty()
                                || !step.hands().isZero()
                                || step.waiting() != null
                                || !step.tools().isEmpty()
                                || !step.acts().isEmpty());
    }

    public Map<String, Draws.Line> draws() {
        return answers.draws();
    }
}
