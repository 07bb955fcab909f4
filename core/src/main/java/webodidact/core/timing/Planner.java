package webodidact.core.timing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.time.Span;
import webodidact.core.time.TimeRange;

/**
 * Puts the steps on the clock; a pure function. Equations in docs/timing.md. Worked out with all short
 * ends, with all long ends and at the likely pace, each on air and in the kitchen.
 */
public final class Planner {
    /** Seconds on air to carry a ready copy in. */
    public static final int SWAP = 15;

    private enum Level {
        LOW,
        LIKELY,
        HIGH
    }

    private record Pass(int[] start, int[] busyEnd, int[] end, int[] idle, int[] waitFrom) {
        Pass(int n) {
            this(new int[n], new int[n], new int[n], new int[n], new int[n]);
        }

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
            int at = step.waiting() != null && step.waiting().cover() instanceof Cover.CarryOn(var id)
                    ? lesson.indexOf(id)
                    : -1;
            collector[i] = at > i ? at : -1;
            if (at > i) collectedIn.computeIfAbsent(at, k -> new ArrayList<>()).add(i);
        }
    }

    public static Schedule plan(Lesson lesson, Pace pace) {
        return new Planner(lesson, pace).schedule();
    }

    private Schedule schedule() {
        var low = run(Level.LOW, false);
        var likely = run(Level.LIKELY, false);
        var high = run(Level.HIGH, false);
        // Live, the kitchen is what is seen.
        boolean same = lesson.delivery().isLive();
        var kitchenLow = same ? low : run(Level.LOW, true);
        var kitchen = same ? likely : run(Level.LIKELY, true);
        var kitchenHigh = same ? high : run(Level.HIGH, true);
        int[] hits = hits(likely);
        var placed = new ArrayList<Placed>();
        for (int i = 0; i < talk.length; i++) {
            var step = lesson.steps().get(i);
            placed.add(new Placed(
                    step,
                    i + 1,
                    new Span(likely.start[i], likely.end[i]),
                    new Span(likely.start[i], likely.busyEnd[i]),
                    talk[i],
                    step.hands(),
                    likely.idle[i],
                    waiting(i, step, likely, kitchen),
                    hits[i],
                    new Span(kitchen.start[i], kitchen.end[i])));
        }
        return new Schedule(
                placed,
                range(low.total(), high.total()),
                likely.total(),
                kitchen.total(),
                range(kitchenLow.total(), kitchenHigh.total()),
                lesson.slot(),
                cameraMoves(),
                parts(low, likely, high, kitchen));
    }

    private static TimeRange range(int low, int high) {
        return new TimeRange(low, Math.max(low, high));
    }

    private Pass run(Level level, boolean kitchen) {
        int n = talk.length;
        var pass = new Pass(n);
        int now = 0;
        for (int i = 0; i < n; i++) {
            var step = lesson.steps().get(i);
            int ready = now;
            // Between the parts of a recording the camera is off: what is collected in the next one is waited for
            // unseen.
            boolean seen = kitchen || !beginsPart(i);
            for (int j : collectedIn.getOrDefault(i, List.of())) {
                if (seen || j == i)
                    ready = Math.max(
                            ready,
                            pass.waitFrom[j]
                                    + needed(lesson.steps().get(j).waiting().time(), level));
            }
            pass.idle[i] = ready - now;
            pass.start[i] = ready;
            pass.busyEnd[i] = ready + busy(step, talk[i], level);
            pass.waitFrom[i] = pass.busyEnd[i];
            now = pass.busyEnd[i] + onAir(step, level, kitchen) + step.hold();
            pass.end[i] = now;
        }
        return pass;
    }

    private boolean beginsPart(int i) {
        return i > 0
                && !lesson.delivery().isLive()
                && !lesson.steps().get(i).part().isBlank();
    }

    private List<Part> parts(Pass low, Pass likely, Pass high, Pass kitchen) {
        int n = talk.length;
        if (n == 0 || lesson.delivery().isLive()) return List.of();
        var parts = new ArrayList<Part>();
        int from = 0;
        for (int i = 1; i <= n; i++) {
            if (i < n && !beginsPart(i)) continue;
            int last = i - 1;
            var title = lesson.steps().get(from).part();
            parts.add(new Part(
                    title.isBlank() ? Words.OURS.say("part", parts.size() + 1) : title,
                    from + 1,
                    last + 1,
                    new Span(likely.start[from], likely.end[last]),
                    range(low.end[last] - low.start[from], high.end[last] - high.start[from]),
                    kitchen.end[last] - kitchen.start[from]));
            from = i;
        }
        return parts;
    }

    /** When each step must be reached at the latest for the slot, for waits that run, and for the steps that are to be reached by a time. */
    private int[] hits(Pass likely) {
        int n = talk.length;
        var hits = new int[n];
        int slack = lesson.slot() - likely.total();
        for (int k = n - 1; k >= 0; k--) {
            int due = lesson.steps().get(k).reachBy();
            if (due > 0) slack = Math.min(slack, due - likely.start[k]);
            hits[k] = likely.start[k] + slack;
        }
        for (int j = 0; j < n; j++) {
            if (collector[j] < 0 || !lesson.delivery().isLive()) continue;
            int late =
                    likely.waitFrom[j] + lesson.steps().get(j).waiting().time().high() - likely.start[collector[j]];
            for (int k = j + 1; k <= collector[j]; k++) hits[k] = Math.min(hits[k], likely.start[k] + late);
        }
        return hits;
    }

    private static int busy(Step step, int words, Level level) {
        int hands = at(step.hands(), level);
        return step.tellThenDo() ? Math.addExact(words, hands) : Math.max(words, hands);
    }

    private static int at(TimeRange range, Level level) {
        return switch (level) {
            case LOW -> range.low();
            case HIGH -> range.high();
            case LIKELY -> range.likely();
        };
    }

    /** What is collected is right from the short end of its range on; only the long end of the total waits for the long one. */
    private static int needed(TimeRange range, Level level) {
        return level == Level.HIGH ? range.high() : range.low();
    }

    private int onAir(Step step, Level level, boolean kitchen) {
        return step.waiting() == null
                ? 0
                : onAir(
                        step,
                        at(step.waiting().time(), level),
                        kitchen || lesson.delivery().isLive());
    }

    /** Seconds on air after words and hands at the likely pace, the hold left out. */
    public static int onAir(Step step, Delivery delivery) {
        return step.waiting() == null ? 0 : onAir(step, step.waiting().time().likely(), delivery.isLive());
    }

    private static int onAir(Step step, int whole, boolean uncut) {
        return switch (step.waiting().cover()) {
            case Cover.Stay _ -> whole;
            case Cover.CarryOn _ -> 0;
            case Cover.Cut(int kept) -> uncut ? whole : Math.min(kept, whole);
            case Cover.SpeedUp(int times) -> uncut ? whole : (whole + times - 1) / times;
            case Cover.ReadyCopy _ -> Math.min(SWAP, whole);
        };
    }

    private Placed.WaitRun waiting(int i, Step step, Pass likely, Pass kitchen) {
        if (step.waiting() == null) return null;
        var time = step.waiting().time();
        int from = likely.waitFrom[i];
        int soonest = from + time.low();
        int latest = from + time.high();
        if (!step.carriesOn())
            return new Placed.WaitRun(from, soonest, latest, likely.end[i], step.id(), 0, 0, List.of());
        if (collector[i] < 0)
            return new Placed.WaitRun(from, soonest, latest, -1, "", 0, 0, looks(i, step, likely, talk.length));
        int by = collector[i];
        int at = likely.start[by];
        int reached = at - likely.idle[by];
        // Unseen or cut, the food waits as long as it waits: being late is a matter of the kitchen's clock.
        int late = kitchen.start[by] - kitchen.waitFrom[i] - time.high();
        return new Placed.WaitRun(
                from,
                soonest,
                latest,
                at,
                lesson.steps().get(by).id(),
                likely.idle[by] == 0 ? 0 : Math.max(0, soonest - reached),
                Math.max(0, late),
                looks(i, step, likely, by));
    }

    /**
     * Each look is laid before the step that would run past it, unless that is more than a fifth of its time too early and
     * after it is nearer.
     */
    private List<Placed.Due> looks(int i, Step step, Pass likely, int collector) {
        var dues = new ArrayList<Placed.Due>();
        for (var look : step.waiting().moments()) {
            int moment = likely.waitFrom[i] + look.at();
            int k = i + 1;
            while (k < collector && likely.end[k] <= moment) k++;
            if (k >= talk.length) {
                dues.add(new Placed.Due(look, moment, "", 0, 0, 0));
                continue;
            }
            int early = Math.max(0, moment - likely.start[k]);
            if (k == collector || early == 0) {
                // While a step is waited for, nobody is busy.
                dues.add(new Placed.Due(
                        look,
                        moment,
                        lesson.steps().get(k).id(),
                        k + 1,
                        early,
                        Math.max(0, likely.start[k] - likely.idle[k] - moment)));
                continue;
            }
            int late = likely.end[k] - moment;
            boolean before = early * 5 <= look.at() || early <= late || k + 1 >= talk.length;
            int at = before ? k : k + 1;
            dues.add(new Placed.Due(
                    look, moment, lesson.steps().get(at).id(), at + 1, before ? early : 0, before ? 0 : late));
        }
        return dues;
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
}
