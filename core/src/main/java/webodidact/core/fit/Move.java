package webodidact.core.fit;

import java.util.function.UnaryOperator;
import webodidact.core.lesson.Lesson;

/**
 * One change that saves time.
 *
 * @param text what it is, "Trim step 9 by 0:50"
 * @param cost how much it disturbs the lesson: 1 is a second of somebody's work or attention
 */
public record Move(Kind kind, String text, int cost, UnaryOperator<Lesson> change) {
    /** What a proposal may change. */
    public enum Kind {
        COVER,
        TRIM,
        HOLD,
        BEFOREHAND,
        ORDER;

        public String title() {
            return Words.OURS.title(this);
        }
    }
}
