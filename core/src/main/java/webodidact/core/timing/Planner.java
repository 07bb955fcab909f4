package webodidact.core.timing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import webodidact.core.branch.Branches;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.time.Span;
import webodidact.core.time.TimeRange;

/**
 * Puts the steps on the clock; a pure function. Equations in docs/timing.md. Worked out with all short
 * ends, with all long ends and at the likely pace, each on air and in the kitchen.
 */
public final class Planner {
    private enum Level {
        LOW,
        LIKELY,
        HIGH
    }

    /** One way through the lesson on one clock. {@code off} is time before a step in which the camera is off. */
    private static final class Line {
        final int[] start;
        final int[] busyEnd;
        final int[] end;
        final int[] waitFrom;
        final int[] idle;

        Line(int n) {
            start = new int[n];
            busyEnd = new int[n];
            end = new int[n];
            waitFrom = new int[n];
            idle = new int[n];
        }

        int total() {
            return end.length == 0 ? 0 : end[end.length - 1];
        }

        void shift(int from, int to, int by) {
            for (int i = from; i < to; i++) {
                start[i] += by;
                busyEnd[i] += by;
                end[i] += by;
                waitFrom[i] += by;
            }
        }
    }

    /** Both clocks together: food is right by the kitchen's, whatever the recording keeps of it. */
    private record Pass(Line air, Line kitchen) {}

    private final Lesson lesson;
    private final Pace pace;
    private final int[] talk;
    private final int[] collector;
    private final Map<Integer, List<Integer>> collectedIn = new HashMap<>();

    private Planner(Lesson lesson, Pace pace) {
        this.lesson = lesson;
        this.pace = pace;
        talk = lesson.steps().stream().mapToInt(pace::talk).toArray();
        collector = new int[talk.length];
        var at = new HashMap<String, Integer>();
        for (int i = talk.length - 1; i >= 0; i--) at.put(lesson.steps().get(i).id(), i);
        for (int i = 0; i < talk.length; i++) {
            var step = lesson.steps().get(i);
            int to = step.waiting() != null && step.waiting().cover() instanceof Cover.CarryOn(var id)
                    ? at.getOrDefault(id, -1)
                    : -1;
            collector[i] = to > i ? to : -1;
            if (to > i) collectedIn.computeIfAbsent(to, k -> new ArrayList<>()).add(i);
        }
    }

    /** As it is shown on air: of a fork one branch, the others without length. */
    public static Schedule plan(Lesson lesson, Pace pace) {
        if (!Branches.isForked(lesson)) return new Planner(lesson, pace).schedule();
        return new Planner(Branches.onAir(lesson), pace).schedule().leaving(Branches.offAir(lesson));
    }

    private Schedule schedule() {
        var lows = run(Level.LOW);
        var likelies = run(Level.LIKELY);
        var highs = run(Level.HIGH);
        var low = lows.air();
        var likely = likelies.air();
        var high = highs.air();
        var kitchen = likelies.kitchen();
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
                range(lows.kitchen().total(), highs.kitchen().total()),
                lesson.slot(),
                cameraMoves(),
                parts(low, likely, high, kitchen),
                lesson.steps().stream().filter(Planner::isUntimed).map(Step::id).toList(),
                Set.of(),
                lesson.delivery().isLive() ? 0 : lesson.slot() * TOLERANCE / 100);
    }

    /** The slot of a recording is a wish: so many percent of it more are within it. */
    private static final int TOLERANCE = 5;

    /** Nobody has said how long it takes: hands at work without a time, or a wait of unsaid length. */
    public static boolean isUntimed(Step step) {
        if (step.waiting() != null && step.waiting().unsaid()) return true;
        boolean works = step.kind() == Kind.HANDS_ON || step.kind() == Kind.PLATE;
        return works && step.hands().isZero() && step.waiting() == null;
    }

    private static TimeRange range(int low, int high) {
        return new TimeRange(low, Math.max(low, high));
    }

    private Pass run(Level level) {
        int n = talk.length;
        var air = new Line(n);
        // Live, the kitchen is what is seen.
        boolean live = lesson.delivery().isLive();
        var kitchen = live ? air : new Line(n);
        int now = 0;
        int real = 0;
        int part = 0;
        for (int i = 0; i < n; i++) {
            var step = lesson.steps().get(i);
            if (beginsPart(i)) part = i;
            int unseen = real;
            int seen = real;
            for (int j : collectedIn.getOrDefault(i, List.of())) {
                int ready = kitchen.waitFrom[j]
                        + needed(lesson.steps().get(j).waiting().time(), level);
                if (j < part) unseen = Math.max(unseen, ready);
                else seen = Math.max(seen, ready);
            }
            // Between the parts of a recording the camera is off until all that runs across the start of the next
            // one will be right when it is collected in it.
            int off = unseen - real;
            if (off > 0) {
                kitchen.shift(part, i, off);
                real += off;
                if (seen > real - off) seen += seenShift(i, part, off);
            }
            int idle = Math.max(0, seen - real);
            air.idle[i] = idle;
            kitchen.idle[i] = idle;
            lay(i, step, level, air, now + idle, live);
            if (!live) lay(i, step, level, kitchen, real + idle, true);
            now = air.end[i];
            real = kitchen.end[i];
        }
        return new Pass(air, kitchen);
    }

    /** What was begun in this part moves with it. */
    private int seenShift(int i, int part, int off) {
        return collectedIn.getOrDefault(i, List.of()).stream().anyMatch(j -> j >= part) ? off : 0;
    }

    /** @param uncut cuts, speed-ups and hands that are not shown last as long as they last; live, such hands are over before air */
    private void lay(int i, Step step, Level level, Line line, int start, boolean uncut) {
        boolean live = lesson.delivery().isLive();
        int hands = at(step.hands(), level);
        if (live || !uncut) hands = Math.max(0, hands - step.offCamera());
        int busy = busy(step, talk[i], hands);
        line.start[i] = start;
        line.busyEnd[i] = start + busy;
        line.waitFrom[i] = start + (speaksOn(step, talk[i], hands) ? hands : busy);
        int waits = step.waiting() == null ? 0 : onAir(step, at(step.waiting().time(), level), uncut, pace.carry());
        line.end[i] = Math.max(line.busyEnd[i], line.waitFrom[i] + waits) + step.hold();
    }

    /** Own words that are longer than the hands go on while a wait that is stayed with runs. */
    private static boolean speaksOn(Step step, int talk, int hands) {
        return step.waiting() != null
                && step.waiting().cover() instanceof Cover.Stay
                && !step.tellThenDo()
                && hands > 0
                && talk > hands;
    }

    private boolean beginsPart(int i) {
        return i > 0
                && !lesson.delivery().isLive()
                && !lesson.steps().get(i).part().isBlank();
    }

    private List<Part> parts(Line low, Line likely, Line high, Line kitchen) {
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
    private int[] hits(Line likely) {
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

    private static int busy(Step step, int words, int hands) {
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

    private static int onAir(Step step, int whole, boolean uncut, int carry) {
        return switch (step.waiting().cover()) {
            case Cover.Stay _ -> whole;
            case Cover.CarryOn _, Cover.Elsewhere _ -> 0;
            case Cover.Cut(int kept) -> uncut ? whole : Math.min(kept, whole);
            case Cover.SpeedUp(int times) -> uncut ? whole : (whole + times - 1) / times;
            case Cover.ReadyCopy _ -> Math.min(carry, whole);
        };
    }

    /** Seconds on air of one step by itself at the likely pace, wait and hold included. */
    public static int length(Step step, Delivery delivery, Pace pace) {
        int hands = shown(step);
        int talk = pace.talk(step);
        int busy = busy(step, talk, hands);
        int from = speaksOn(step, talk, hands) ? hands : busy;
        int waits = step.waiting() == null
                ? 0
                : onAir(step, step.waiting().time().likely(), delivery.isLive(), pace.carry());
        return Math.max(busy, from + waits) + step.hold();
    }

    /** Seconds on air from the step's first word until its wait begins, at the likely pace. */
    public static int untilWait(Step step, Pace pace) {
        int hands = shown(step);
        int talk = pace.talk(step);
        return speaksOn(step, talk, hands) ? hands : busy(step, talk, hands);
    }

    private static int shown(Step step) {
        return Math.max(0, step.hands().likely() - step.offCamera());
    }

    private Placed.WaitRun waiting(int i, Step step, Line likely, Line kitchen) {
        if (step.waiting() == null) return null;
        var wait = step.waiting();
        var time = wait.time();
        int from = likely.waitFrom[i];
        int soonest = from + time.low();
        int latest = from + time.high();
        if (wait.cover() instanceof Cover.Elsewhere(var where))
            return new Placed.WaitRun(
                    from, soonest, latest, -1, where, 0, 0, looks(i, step, likely, kitchen, talk.length));
        if (!step.carriesOn())
            return new Placed.WaitRun(from, soonest, latest, likely.end[i], step.id(), 0, 0, List.of());
        if (collector[i] < 0)
            return new Placed.WaitRun(
                    from, soonest, latest, -1, "", 0, 0, looks(i, step, likely, kitchen, talk.length));
        int by = collector[i];
        int at = likely.start[by];
        int reached = kitchen.start[by] - kitchen.idle[by];
        // Unseen or cut, the food waits as long as it waits: being early or late is a matter of the kitchen's clock.
        int late = wait.unsaid() ? 0 : kitchen.start[by] - kitchen.waitFrom[i] - time.high();
        return new Placed.WaitRun(
                from,
                soonest,
                latest,
                at,
                lesson.steps().get(by).id(),
                likely.idle[by] == 0 ? 0 : Math.max(0, kitchen.waitFrom[i] + time.low() - reached),
                late > Tolerance.of(wait) ? late : 0,
                looks(i, step, likely, kitchen, by));
    }

    /**
     * Each look is laid before the step that would run past it, unless that is more than a fifth of its time too early and
     * after it is nearer; on the kitchen's clock.
     */
    private List<Placed.Due> looks(int i, Step step, Line likely, Line kitchen, int collector) {
        var dues = new ArrayList<Placed.Due>();
        for (var look : step.waiting().moments()) {
            int moment = likely.waitFrom[i] + look.at();
            int real = kitchen.waitFrom[i] + look.at();
            int k = i + 1;
            while (k < collector && kitchen.end[k] <= real) k++;
            if (k >= talk.length) {
                dues.add(new Placed.Due(look, moment, "", 0, 0, 0));
                continue;
            }
            int early = Math.max(0, real - kitchen.start[k]);
            if (k == collector || early == 0) {
                // While a step is waited for, nobody is busy.
                dues.add(new Placed.Due(
                        look,
                        moment,
                        lesson.steps().get(k).id(),
                        k + 1,
                        early,
                        Math.max(0, kitchen.start[k] - kitchen.idle[k] - real)));
                continue;
            }
            int late = kitchen.end[k] - real;
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
