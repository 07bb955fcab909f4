package webodidact.core.answer;

/** Thrown by what needs an answer that could not be worked out; its cause is told once, where it was first asked for. */
public final class Missing extends RuntimeException {
    private static final long serialVersionUID = 1;

    public Missing(String what) {
        super(what);
    }

    Missing(Throwable cause) {
        super(cause);
    }
}
