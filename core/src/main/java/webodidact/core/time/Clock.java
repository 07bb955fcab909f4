package webodidact.core.time;

/** Times as a desk clock shows them. */
public final class Clock {
    private Clock() {}

    /** "0:45", "18:42", "64:10"; negative with a real minus. */
    public static String text(int seconds) {
        int s = Math.abs(seconds);
        return (seconds < 0 ? "−" : "") + s / 60 + ":" + (s % 60 < 10 ? "0" : "") + s % 60;
    }
}
