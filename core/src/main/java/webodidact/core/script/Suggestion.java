package webodidact.core.script;

import java.util.function.UnaryOperator;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;

/**
 * Something that the words of a step say about it and that nobody has taken yet.
 *
 * @param key stable while the words say the same: what was declined is not proposed again
 * @param text as a button says it, "simmers 10–12 min"
 * @param change what taking it does to the step
 * @param beyond what taking it does to the rest of the lesson
 */
public record Suggestion(Kind kind, String key, String text, UnaryOperator<Step> change, UnaryOperator<Lesson> beyond) {
    /** What it is about, in the order in which they are shown. */
    public enum Kind {
        SPELLING,
        WAIT,
        COLLECT,
        CUE,
        LOOK,
        HANDS,
        HEAT,
        PLACE,
        RING,
        USE,
        AMOUNT,
        STAND_IN,
        TOOL,
        ACT,
        WHO,
        SPLIT
    }

    Suggestion(Kind kind, String key, String text, UnaryOperator<Step> change) {
        this(kind, key, text, change, UnaryOperator.identity());
    }
}
