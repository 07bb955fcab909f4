package webodidact.core.bench;

import webodidact.core.time.Span;

/**
 * Something to do before air.
 *
 * @param span in seconds; negative is before air
 * @param step id of the step it is for, or ""
 * @param why what it is for and what it must not miss
 */
public record Job(Type type, String title, String why, Span span, String step) {
    public enum Type {
        CLEAN,
        SET_OUT,
        COPY_HANDS,
        COPY_WAIT,
        HEAT,
        HOLD,
        CAMERA;

        public String title() {
            return Words.OURS.title(this);
        }

        /** Needs a pair of hands all the time. */
        public boolean needsHands() {
            return this == CLEAN || this == SET_OUT || this == COPY_HANDS || this == CAMERA;
        }
    }
}
