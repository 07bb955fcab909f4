package webodidact.core.time;

/** Times as a desk clock shows them. */
public final class Clock {
    private Clock() {}

    /** "45 seconds", "15 minutes", "1 hour 30 minutes", "12 hours". */
    public static String spell(int seconds) {
        if (seconds < 60) return count(seconds, "second");
        int hours = seconds / 3600;
        int minutes = seconds / 60 % 60;
        if (hours == 0) return count(minutes, "minute");
        return count(hours, "hour") + (minutes == 0 ? "" : " " + count(minutes, "minute"));
    }

    private static String count(int n, String what) {
        return n + " " + what + (n == 1 ? "" : "s");
    }

    /** "0:45", "18:42", "64:10"; negative with a real minus. */
    public static String text(int seconds) {
        int s = Math.abs(seconds);
        return (seconds < 0 ? "−" : "") + s / 60 + ":" + (s % 60 < 10 ? "0" : "") + s % 60;
    }
}
