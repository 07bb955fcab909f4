package webodidact.core.trace;

import java.util.List;

/** One surface through the lesson. */
public record Lane(Surface surface, List<Span> spans) {
    public Lane {
        spans = List.copyOf(spans);
    }

    /**
     * Steps in which it is in one state.
     *
     * @param from number of its first step, from 1
     * @param to number of its last step
     * @param dirt what is on it, or null where it is clean
     * @param washed it was washed at the beginning of it
     */
    public record Span(int from, int to, Dirt dirt, boolean washed) {
        public boolean isClean() {
            return dirt == null;
        }
    }
}
