package webodidact.core.timing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.time.Span;
import webodidact.core.time.TimeRange;

/**
 * Puts the steps on the clock; a pure function. Equations in docs/timing.md. The total is worked out three times: with all
 * short ends, with all long ends, and at the likely pace.
 */
public final class Planner {
    /** Seconds on air to carry a ready copy in. */
    public static final int SWAP = 15;

    private enum Level { LOW, LIKELY, HIGH, KITCHEN }

    private record Pass(int[] start, int[] busyEnd, int[] end, int[] idle, int[] waitFrom) {
        int total() {
            return end.length == 0 ? 0 : end[end.length - 1];
        }
    }

    private final Lesson lesson;
    private final int[] talk;
    private final int[] collector;
    private final Map<Integer, List<Integer>> collectedIn = new HashMap<>();

    private Planner(Lesson lesson, Pace pace) {
        this.lesson = lesson;
        talk = lesson.steps().stream().mapToInt(pace::talk).toArray();
        collector = new int[talk.length];
        for (int i = 0; i < talk.length; i++) {
            var step = lesson.steps().get(i);
            int at = step.waiting() != null && step.waiting().cover() instanceof Cover.CarryOn(var id) ? lesson.indexOf(id) : -1;
            collector[i] = at > i ? at : -1;
            if (at > i) collectedIn.computeIfAbsent(at, k -> new ArrayList<>()).add(i);
        }
    }

    public static Schedule plan(Lesson lesson, Pace pace) {
        return new Planner(lesson, pace).schedule();
    }

    private Schedule schedule() {
        var low = run(Level.LOW);
        var likely = run(Level.LIKELY);
        var high = run(Level.HIGH);
        var placed = new ArrayList<Placed>();
        for (int i = 0; i < talk.length; i++) {
            var step = lesson.steps().get(i);
            placed.add(new Placed(step, i + 1, new Span(likely.start[i], likely.end[i]), new Span(likely.start[i], likely.busyEnd[i]),
                    talk[i], step.hands(), likely.idle[i], waiting(i, step, likely)));
        }
        var total = new TimeRange(low.total(), Math.max(low.total(), high.total()));
        return new Schedule(placed, total, likely.total(), run(Level.KITCHEN).total(), lesson.slot(), cameraMoves());
    }

    private Pass run(Level level) {
        int n = talk.length;
        var pass = new Pass(new int[n], new int[n], new int[n], new int[n], new int[n]);
        int now = 0;
        for (int i = 0; i < n; i++) {
            var step = lesson.steps().get(i);
            int ready = now;
            for (int j : collectedIn.getOrDefault(i, List.of())) {
                ready = Math.max(ready, pass.waitFrom[j] + needed(lesson.steps().get(j).waiting().time(), level));
            }
            pass.idle[i] = ready - now;
            pass.start[i] = ready;
            pass.busyEnd[i] = ready + busy(step, talk[i], level);
            pass.waitFrom[i] = pass.busyEnd[i];
            now = pass.busyEnd[i] + onAir(step, level) + step.hold();
            pass.end[i] = now;
        }
        return pass;
    }

    private static int busy(Step step, int words, Level level) {
        int hands = at(step.hands(), level);
        return step.tellThenDo() ? Math.addExact(words, hands) : Math.max(words, hands);
    }

    private static int at(TimeRange range, Level level) {
        return switch (level) {
            case LOW -> range.low();
            case HIGH -> range.high();
            case LIKELY, KITCHEN -> range.likely();
        };
    }

    /** What is collected is right from the short end of its range on; only the long end of the total waits for the long one. */
    private static int needed(TimeRange range, Level level) {
        return level == Level.HIGH ? range.high() : range.low();
    }

    private int onAir(Step step, Level level) {
        if (step.waiting() == null) return 0;
        int whole = at(step.waiting().time(), level);
        boolean uncut = level == Level.KITCHEN || lesson.delivery().isLive();
        return switch (step.waiting().cover()) {
            case Cover.Stay _ -> whole;
            case Cover.CarryOn _ -> 0;
            case Cover.Cut(int kept) -> uncut ? whole : Math.min(kept, whole);
            case Cover.SpeedUp(int times) -> uncut ? whole : (whole + times - 1) / times;
            case Cover.ReadyCopy _ -> Math.min(SWAP, whole);
        };
    }

    private Placed.WaitRun waiting(int i, Step step, Pass likely) {
        if (step.waiting() == null) return null;
        var time = step.waiting().time();
        int from = likely.waitFrom[i];
        int soonest = from + time.low();
        int latest = from + time.high();
        if (!step.carriesOn()) return new Placed.WaitRun(from, soonest, latest, likely.end[i], step.id(), 0, 0);
        if (collector[i] < 0) return new Placed.WaitRun(from, soonest, latest, -1, "", 0, 0);
        int at = likely.start[collector[i]];
        int reached = at - likely.idle[collector[i]];
        return new Placed.WaitRun(from, soonest, latest, at, lesson.steps().get(collector[i]).id(),
                Math.max(0, soonest - reached), Math.max(0, at - latest));
    }

    private int cameraMoves() {
        int moves = 0;
        String now = null;
        for (var step : lesson.steps()) {
            if (step.camera().isBlank()) continue;
            if (now != null && !now.equals(step.camera())) moves++;
            now = step.camera();
        }
        return moves;
    }

    /** Steps at which a wait of that step could be collected, the first that is not early first. */
    static List<Step> collectors(Lesson lesson, int index) {
        return lesson.steps().subList(Math.min(index + 1, lesson.steps().size()), lesson.steps().size());
    }
}
