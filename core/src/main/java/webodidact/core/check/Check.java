package webodidact.core.check;

import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.script.Told;

/** One rule about a lesson: one file, named after the mistake. Its words, severity, family and station stand in {@link CheckTable}. */
public interface Check {
    Stream<Finding> find(Situation situation);

    /** Stable, kept in files where a stop is covered: "oven-never-heated", from the name of its class. */
    default String id() {
        return IDS.get(getClass());
    }

    /** A class and its name stay as they are, and a keystroke asks for each a dozen times. */
    ClassValue<String> IDS = new ClassValue<>() {
        @Override
        protected String computeValue(Class<?> type) {
            return type.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
        }
    };

    /** What should be so, one sentence. */
    default String summary() {
        return summary(id());
    }

    /** The same of a check that is only known by its id. */
    static String summary(String id) {
        return CheckTable.WORDS.say(id + ".so");
    }

    /** A finding of this check in each step that says it, at the first place. */
    default Stream<Finding> saying(Situation s, Stream<Told.Said> said) {
        return Told.oncePerStep(said).map(x -> at(s, x.step().id(), x.words().strip()));
    }

    /** A finding of this check beside a step. */
    default Finding at(Situation s, String stepId, Object... args) {
        return about(new About.OfStep(stepId), s.number(stepId), args);
    }

    /** @param step number of the step it is shown beside, from 1; 0 for none */
    default Finding about(About about, int step, Object... args) {
        return new Finding(id(), "", about, step, List.of(args), List.of());
    }

    /** A sentence of this check ({@code .said}) is said before the words of that step. */
    default Mend sayFirst(Step step, Object... args) {
        var sentence = CheckTable.WORDS.say(id() + ".said", args);
        return new Mend(CheckTable.WORDS.message("mend.say-first", sentence), Operations.sayFirst(step.id(), sentence));
    }

    /** A sentence of this check ({@code .said}) is said behind the words of that step. */
    default Mend sayAlso(Step step, Object... args) {
        var sentence = CheckTable.WORDS.say(id() + ".said", args);
        return new Mend(CheckTable.WORDS.message("mend.say-also", sentence), Operations.sayAlso(step.id(), sentence));
    }

    default Mend mend(String code, UnaryOperator<Lesson> change, Object... args) {
        return new Mend(CheckTable.WORDS.message(id() + ".mend." + code, args), change);
    }
}
