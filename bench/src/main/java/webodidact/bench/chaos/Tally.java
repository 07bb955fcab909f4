package webodidact.bench.chaos;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;

/** Counts of what was tried, in the order in which it was first met. */
public final class Tally {
    private final Map<String, Long> counts = new LinkedHashMap<>();

    public synchronized void add(String what, long n) {
        counts.merge(what, n, Long::sum);
    }

    public synchronized void most(String what, long n) {
        counts.merge(what, n, Math::max);
    }

    public synchronized long of(String what) {
        return counts.getOrDefault(what, 0L);
    }

    @Override
    public synchronized String toString() {
        return counts.entrySet().stream()
                .map(e -> e.getKey() + " " + e.getValue())
                .collect(Collectors.joining(", "));
    }

    /** An exception in one line: what it is and the first place of ours in it. */
    static String line(Throwable e) {
        var deepest = e;
        while (deepest.getCause() != null) deepest = deepest.getCause();
        var at = "";
        for (var frame : deepest.getStackTrace()) {
            if (!frame.getClassName().startsWith("webodidact.")) continue;
            at = " at " + frame;
            break;
        }
        var text = (deepest == e ? "" : e.getMessage() + " <- ") + deepest + at;
        return text.length() > 1500 ? text.substring(0, 1500) + "…" : text;
    }
}
