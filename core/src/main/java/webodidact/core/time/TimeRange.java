package webodidact.core.time;

import java.util.regex.Pattern;

/**
 * How long something takes, from its short to its long end, in whole seconds. One after the other adds both ends; side by
 * side takes the longer of each end.
 */
public record TimeRange(int low, int high) {
    public static final TimeRange ZERO = new TimeRange(0, 0);
    private static final Pattern SHAPE = Pattern.compile("(?:(\\d{1,5}):)?(\\d{1,3}):(\\d{2})");

    public TimeRange {
        if (low < 0 || high < low) {
            throw new IllegalArgumentException(Words.OURS.say("wrong.timeRange", low, high));
        }
    }

    public static TimeRange of(int seconds) {
        return new TimeRange(seconds, seconds);
    }

    public static TimeRange minutes(int low, int high) {
        return new TimeRange(low * 60, high * 60);
    }

    /** One after the other. */
    public TimeRange plus(TimeRange next) {
        return new TimeRange(Math.addExact(low, next.low), Math.addExact(high, next.high));
    }

    /** Side by side. */
    public TimeRange alongside(TimeRange other) {
        return new TimeRange(Math.max(low, other.low), Math.max(high, other.high));
    }

    public boolean isZero() {
        return high == 0;
    }

    public boolean isRange() {
        return low != high;
    }

    /** Halfway between the ends, rounded up to a whole second. */
    public int likely() {
        return low + (high - low + 1) / 2;
    }

    /** "16–20 min" where both ends are whole minutes, else "2:30" or "0:45–1:10". */
    public String text() {
        if (!isRange()) return Clock.text(low);
        if (low % 60 == 0 && high % 60 == 0) return low / 60 + "–" + high / 60 + " min";
        return Clock.text(low) + "–" + Clock.text(high);
    }

    /** Reads "12", "12-15" or "10 to 12" as minutes, "2:30" and "2:30-3:00" as minutes and seconds, "45 s" as seconds. */
    public static TimeRange parse(String text) {
        if (text.strip().length() > 60) throw wrong(text.strip().substring(0, 60) + "…");
        var plain = text.strip()
                .replace('–', '-')
                .replace('−', '-')
                .replace(" to ", "-")
                .replaceAll("\\s*(min(ute)?s?)\\.?$", "");
        if (plain.isEmpty()) return ZERO;
        var parts = plain.split("\\s*-\\s*", -1);
        try {
            if (parts.length > 2) throw new NumberFormatException();
            int low = seconds(parts[0]);
            int high = parts.length == 1 ? low : seconds(parts[1]);
            return new TimeRange(low, high);
        } catch (IllegalArgumentException e) {
            throw wrong(text);
        }
    }

    private static IllegalArgumentException wrong(String text) {
        return new IllegalArgumentException(Words.OURS.say("wrong.timeRange.2", text));
    }

    private static int seconds(String text) {
        var m = SHAPE.matcher(text);
        if (m.matches()) {
            int hours = m.group(1) == null ? 0 : Integer.parseInt(m.group(1));
            return hours * 3600 + Integer.parseInt(m.group(2)) * 60 + Integer.parseInt(m.group(3));
        }
        if (text.matches("\\d{1,5}\\s*s(ec(ond)?s?)?")) return Integer.parseInt(text.replaceAll("\\D", ""));
        if (!text.matches("\\d{1,4}")) throw new NumberFormatException(text);
        return Integer.parseInt(text) * 60;
    }
}
