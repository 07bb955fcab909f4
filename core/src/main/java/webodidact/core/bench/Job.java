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
        CLEAN("clean"), SET_OUT("set out"), COPY_HANDS("ready copy: make"), COPY_WAIT("ready copy: cooks"), HEAT("heat"), HOLD("ready copy: keeps"), CAMERA("camera and sound");

        private final String title;

        Type(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }

        /** Needs a pair of hands all the time. */
        public boolean needsHands() {
            return this == CLEAN || this == SET_OUT || this == COPY_HANDS || this == CAMERA;
        }
    }
}
