package webodidact.core.time;

/** Times as a desk clock shows them. */
public final class Clock {
    private Clock() {}

    /** "45 seconds", "15 minutes", "1 hour 30 minutes", "12 hours". */
    public static String spell(int seconds) {
        if (seconds < 60) return Words.OURS.say("seconds", seconds);
        int hours = seconds / 3600;
        int minutes = seconds / 60 % 60;
        if (hours == 0) return Words.OURS.say("minutes", minutes);
        return Words.OURS.say("hours", hours) + (minutes == 0 ? "" : " " + Words.OURS.say("minutes", minutes));
    }

    /** "42 min", "1 h 32 min": to the minute, rounded up. */
    public static String brief(int seconds) {
        int minutes = Math.ceilDiv(seconds, 60);
        return minutes < 60
                ? Words.OURS.say("brief.minutes", minutes)
                : Words.OURS.say("brief.hours", minutes / 60, minutes % 60);
    }

    /** "0:45", "18:42", "64:10"; negative with a real minus. */
    public static String text(int seconds) {
        int s = Math.abs(seconds);
        return (seconds < 0 ? "−" : "") + s / 60 + ":" + (s % 60 < 10 ? "0" : "") + s % 60;
    }
}
