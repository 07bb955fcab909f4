package webodidact.core.script;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;

/** All that a lesson says and does, searched for words: the one way in which checks read sentences. */
public record Told(List<Step> steps) {
    /**
     * Words in a text of a step.
     *
     * @param number of the step, from 1
     */
    public record Said(Step step, int number, String text, Phrase.Hit hit) {
        /** It is meant here and now: no aside denies it, puts it off or tells of something else. */
        public boolean isMeant() {
            return !Asides.of(text).covers(hit.start());
        }

        public boolean is(Asides.Kind kind) {
            return Asides.of(text).covers(hit.start(), kind);
        }

        public String words() {
            return hit.words();
        }

        public String sentence() {
            return hit.sentence();
        }

        /** What comes before it in its text. */
        public String before() {
            return text.substring(0, hit.start());
        }

        /** What comes after it in its sentence. */
        public String rest() {
            return after().replaceFirst("(?s)[.!?\\n].*", "");
        }

        /** What comes after it in its text. */
        public String after() {
            return text.substring(hit.end());
        }
    }

    public static Told of(Lesson lesson) {
        return new Told(lesson.steps());
    }

    /** In the order of the steps, of each first what is said; also what stands in asides. */
    public Stream<Said> all(Phrase phrase) {
        return phrase.said(steps).stream();
    }

    /** As {@link #all}, without what is not meant here and now. */
    public Stream<Said> meant(Phrase phrase) {
        return all(phrase).filter(Said::isMeant);
    }

    /** The first of each step. */
    public static Stream<Said> oncePerStep(Stream<Said> said) {
        var told = new HashSet<String>();
        return said.filter(s -> told.add(s.step().id()));
    }

    public Optional<Said> first(Phrase phrase) {
        var all = phrase.said(steps);
        return all.isEmpty() ? Optional.empty() : Optional.of(all.getFirst());
    }

    public boolean says(Phrase phrase) {
        return !phrase.said(steps).isEmpty();
    }

    /** Whether a text of that step has it. */
    public static boolean says(Step step, Phrase phrase) {
        return phrase.isIn(step.say()) || phrase.isIn(step.doing());
    }
}
