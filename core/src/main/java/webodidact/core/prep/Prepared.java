package webodidact.core.prep;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import webodidact.core.answer.Answers;

/**
 * The plan of one lesson before air, as good as the work that is spent on it makes it; the same for everybody who asks.
 *
 * @param plan what was found; empty where demands clash, or nothing was found
 * @param clash what cannot be kept, where that is proved
 */
public record Prepared(Prep prep, Optional<PrepPlan> plan, Optional<Clash> clash) {
    /** Work of the solver, a second or two at the most: the same on any machine. */
    public static final double EFFORT = 0.3;

    /** Plans that are kept: those of the lessons that somebody goes to and fro between. */
    private static final int KEPT = 24;

    private static final Map<Prep, Prepared> KNOWN = new LinkedHashMap<>(KEPT, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Prep, Prepared> eldest) {
            return size() > KEPT;
        }
    };

    /**
     * With the other lessons of its day. Takes up to seconds, unless the same jobs have been planned before: not on the interface thread.
     *
     * @param stopped gives up; what is found till then is not kept
     */
    public static Prepared of(Answers answers, BooleanSupplier stopped) {
        return DayPrep.of(answers).solve(stopped);
    }

    /** The same of jobs that have been read off already. */
    public static Prepared of(Prep prep, BooleanSupplier stopped) {
        var known = known(prep);
        if (known.isPresent()) return known.get();
        var solver = PrepSolver.usual();
        var answer = solver.solve(prep, EFFORT, stopped);
        var clash = answer.impossible() && !stopped.getAsBoolean()
                ? Clash.of(prep, solver, stopped)
                : Optional.<Clash>empty();
        var made = new Prepared(prep, answer.plan(), clash);
        if (!stopped.getAsBoolean()) keep(made);
        return made;
    }

    /** Whether the same jobs have been planned before: then there is nothing to wait for. */
    public static boolean isKnown(Prep prep) {
        return known(prep).isPresent();
    }

    private static Optional<Prepared> known(Prep prep) {
        synchronized (KNOWN) {
            return Optional.ofNullable(KNOWN.get(prep));
        }
    }

    private static void keep(Prepared made) {
        synchronized (KNOWN) {
            KNOWN.put(made.prep, made);
        }
    }

    /** Second of the first job, where there is a plan. */
    public Optional<Integer> start() {
        return plan.map(PrepPlan::start);
    }

    /**
     * A ready copy between the oven, pan or fridge and the camera.
     *
     * @param seconds it is kept
     * @param most seconds it may be
     * @param spoils out of the cold, and bacteria grow in it
     */
    public record Hold(Task task, int seconds, int most, boolean spoils) {}

    /** Of the copies that are shown, by their jobs. */
    public List<Hold> holds() {
        return plan.stream()
                .flatMap(p -> p.jobs().stream())
                .filter(j -> j.task().isShown())
                .map(j -> new Hold(
                        j.task(),
                        Math.max(0, j.task().due() - j.end()),
                        j.task().due() - j.task().from() - j.task().takes(),
                        j.task().safe() > Task.ANY))
                .toList();
    }

    /** Most seconds that a ready copy is kept. */
    public int longestHold() {
        return holds().stream().mapToInt(Hold::seconds).max().orElse(0);
    }
}
