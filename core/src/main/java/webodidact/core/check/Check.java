package webodidact.core.check;

import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import webodidact.core.lesson.Lesson;

/** One rule about a lesson: one file, named after the mistake. Its words, severity, family and station stand in {@link CheckTable}. */
public interface Check {
    Stream<Finding> find(Situation situation);

    /** Stable, kept in files where a stop is covered: "oven-never-heated", from the name of its class. */
    default String id() {
        return getClass().getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
    }

    /** What should be so, one sentence. */
    default String summary() {
        return CheckTable.WORDS.say(id() + ".so");
    }

    /** A finding of this check beside a step. */
    default Finding at(Situation s, String stepId, Object... args) {
        return about(new About.OfStep(stepId), s.lesson().indexOf(stepId) + 1, args);
    }

    /** @param step number of the step it is shown beside, from 1; 0 for none */
    default Finding about(About about, int step, Object... args) {
        return new Finding(id(), "", about, step, List.of(args), List.of());
    }

    default Mend mend(String code, UnaryOperator<Lesson> change, Object... args) {
        return new Mend(CheckTable.WORDS.message(id() + ".mend." + code, args), change);
    }
}
