package webodidact.core.time;

/** From {@code start} (inclusive) to {@code end} (exclusive), whole seconds since the lesson went on air; before air is negative. */
public record Span(int start, int end) {
    public Span {
        if (end < start) throw new IllegalArgumentException(Words.OURS.say("wrong.span", start, end));
    }

    public int length() {
        return end - start;
    }

    public boolean isEmpty() {
        return start == end;
    }

    /** True if both share some time. Spans that only meet do not overlap; an empty span overlaps nothing. */
    public boolean overlaps(Span other) {
        return !isEmpty() && !other.isEmpty() && start < other.end && other.start < end;
    }

    public boolean contains(int second) {
        return start <= second && second < end;
    }
}
