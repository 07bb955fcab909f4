package webodidact.core.script;

import java.util.function.UnaryOperator;
import webodidact.core.lesson.Step;

/**
 * Something that the words of a step say about it and that nobody has taken yet.
 *
 * @param key stable while the words say the same: what was declined is not proposed again
 * @param text as a button says it, "simmers 10–12 min"
 * @param change what taking it does
 */
public record Suggestion(Kind kind, String key, String text, UnaryOperator<Step> change) {
    /** What it is about, in the order in which they are shown. */
    public enum Kind {
        SPELLING,
        WAIT,
        CUE,
        LOOK,
        HANDS,
        HEAT,
        PLACE,
        USE,
        AMOUNT,
        TOOL,
        ACT,
        WHO
    }
}
