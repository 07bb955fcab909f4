package webodidact.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import webodidact.core.branch.Branches;
import webodidact.core.check.Finding;
import webodidact.core.homes.Chance;
import webodidact.core.homes.Holds;
import webodidact.core.homes.HomePace;
import webodidact.core.homes.Progress;
import webodidact.core.homes.Simulation;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.outcome.Outcome;
import webodidact.core.prep.PrepGreedy;
import webodidact.core.prep.PrepPlan;
import webodidact.core.prep.PrepTasks;
import webodidact.core.time.Clock;
import webodidact.core.timing.Planner;

/** Ways to fit the slot with more homes ready: each kind of change for itself, then all together, none with a new stop. */
public final class Fit {
    /** Homes that are played to compare proposals. */
    private static final int HOMES = 1200;
    /** Homes times steps: a very long lesson is played in fewer homes. */
    private static final int HOME_STEPS = 240_000;
    /** What the solver may take for one proposal. */
    private static final double EFFORT = 1;

    private static final int PAIRS = 20_000;
    private static final List<Set<Move.Kind>> FAMILIES = List.of(
            EnumSet.of(Move.Kind.COVER),
            EnumSet.of(Move.Kind.TRIM, Move.Kind.HOLD),
            EnumSet.of(Move.Kind.ORDER),
            EnumSet.of(Move.Kind.BEFOREHAND),
            EnumSet.allOf(Move.Kind.class),
            EnumSet.of(Move.Kind.TRIM, Move.Kind.BEFOREHAND));
    /** What is freed where nothing has to be: enough to be worth a look. */
    private static final int SPARE = 120;

    private final Outcome now;
    private final List<HomePace> homes;
    private final Solver solver;
    private final Progress progress;
    private final Set<String> stops;
    private List<Flow.Arc> arcs = List.of();
    private final LinkedHashMap<Lesson, Proposal> found = new LinkedHashMap<>();
    private int readyNow = -1;
    private int target;
    private volatile int done;
    /** Asked from the thread that works and from the one that watches the solver. */
    private volatile boolean stopped;

    private Fit(Outcome now, List<HomePace> homes, Solver solver, Progress progress) {
        this.now = now;
        this.homes = homes;
        this.solver = solver;
        this.progress = progress;
        stops = stops(now);
    }

    /** Thrown through the work where somebody has stopped it. */
    private static final class Stopped extends RuntimeException {
        private static final long serialVersionUID = 1;

        private Stopped() {
            super("stopped", null, false, false);
        }
    }

    private void goOn() {
        if (isStopped()) throw new Stopped();
    }

    private boolean isStopped() {
        stopped = stopped || !progress.reached(Math.min(1000, done * 1000 / (2 * FAMILIES.size())));
        return stopped;
    }

    /**
     * At least three distinct ones where the lesson has three things that may be changed, those that fit first. May take
     * seconds: not on the interface thread.
     *
     * @return what was found so far if it is stopped
     */
    public static List<Proposal> propose(Outcome now, List<Household> households, Solver solver, Progress progress) {
        if (now.lesson().steps().isEmpty()) return List.of();
        var homes = now.lesson().delivery().homesCookAlong()
                ? HomePace.of(now.lesson(), households, now.knowledge(), now.course())
                : List.<HomePace>of();
        return new Fit(now, homes, solver, progress).all();
    }

    private List<Proposal> all() {
        try {
            search();
        } catch (Stopped e) {
            // What was found so far is an answer, too.
            stopped = true;
        }
        return found.values().stream()
                .sorted(Comparator.comparing((Proposal p) -> !p.fits())
                        .thenComparing(p -> p.fits() ? -p.readyThen() : p.then())
                        .thenComparingInt(Proposal::cost))
                .toList();
    }

    private void search() {
        arcs = Flow.of(now.lesson(), now.knowledge(), this::goOn);
        readyNow = ready(now.lesson());
        target = target();
        if (!homes.isEmpty() && now.schedule().inHand() > 0)
            keep(List.of(), now.lesson(), Words.OURS.say("proof.nothing"));
        var families = families();
        for (var family : families) {
            solve(family, Set.of());
            done = done + 1;
        }
        for (var family : families) {
            if (found.size() >= 3) break;
            solve(family, used());
            done = done + 1;
        }
    }

    /** Where the time is wanted for holds, holds are not given up for it. */
    private List<Set<Move.Kind>> families() {
        if (homes.isEmpty()) return FAMILIES;
        return FAMILIES.stream()
                .map(f -> {
                    Set<Move.Kind> without = EnumSet.copyOf(f);
                    without.remove(Move.Kind.HOLD);
                    return without;
                })
                .filter(f -> !f.isEmpty())
                .toList();
    }

    /** The changes that some proposal already makes: the next shall do without. */
    private Set<String> used() {
        var all = new HashSet<String>();
        found.values().forEach(p -> p.moves().forEach(m -> all.add(m.text())));
        return all;
    }

    /** The slot, less what the homes need held; where that is kept already, a little sooner than today. */
    private int target() {
        int slot = now.schedule().slot();
        int needed = homes.isEmpty()
                ? 0
                : simulation(now.lesson())
                        .map(s -> Holds.propose(
                                        now.lesson().but(d -> d.slot = slot + 3600),
                                        s,
                                        now.pace(),
                                        share -> !isStopped())
                                .holds()
                                .stream()
                                .mapToInt(Holds.Hold::seconds)
                                .sum())
                        .orElse(0);
        int wanted = slot - needed;
        return now.schedule().planned() <= wanted ? now.schedule().planned() - SPARE : wanted;
    }

    /** A step of a branch that is not on air: it takes no time, and nothing is gained by changing it. */
    private static final Problem.Task NOT_SHOWN =
            new Problem.Task(List.of(new Problem.Alternative(0, 0, -1, 0, 0, 0, List.of())));

    private void solve(Set<Move.Kind> family, Set<String> without) {
        var lesson = now.lesson();
        var left = now.schedule().left();
        // A step that is moved out of its fork would be another fork.
        boolean reorders = family.contains(Move.Kind.ORDER) && isFewEnough() && !Branches.isForked(lesson);
        var moves = new Moves(lesson, now.knowledge(), now.pace(), family, arcs);
        var tasks = new ArrayList<Problem.Task>();
        for (int i = 0; i < lesson.steps().size(); i++) {
            goOn();
            if (left.contains(lesson.steps().get(i).id())) {
                tasks.add(NOT_SHOWN);
                continue;
            }
            var task = moves.of(i);
            tasks.add(new Problem.Task(task.alternatives().stream()
                    .filter(a -> a.moves().stream().noneMatch(m -> without.contains(m.text())))
                    .toList()));
        }
        if (!reorders && tasks.stream().allMatch(t -> t.alternatives().size() == 1)) return;
        var problem = new Problem(tasks, arcs, !reorders, target, reorders && family.size() == 1 ? 5 : 0);
        solver.solve(problem, EFFORT, this::isStopped).ifPresent(answer -> take(problem, answer));
    }

    /** Each pair of steps that may be turned round is a question to the solver; of too many it would ask for minutes. */
    private boolean isFewEnough() {
        long n = now.lesson().steps().size();
        return n * (n - 1) / 2 - arcs.size() <= PAIRS;
    }

    private void take(Problem problem, Problem.Answer answer) {
        var lesson = now.lesson();
        var moves = new ArrayList<Move>();
        for (int i = 0; i < answer.chosen().size(); i++)
            moves.addAll(problem.tasks()
                    .get(i)
                    .alternatives()
                    .get(answer.chosen().get(i))
                    .moves());
        var order = new Reorder(lesson, answer.order());
        if (!order.isNothing()) moves.add(order.move());
        if (moves.isEmpty()) return;
        var changed = lesson;
        if (!order.isNothing()) changed = order.move().change().apply(changed);
        for (var move : moves)
            if (move.kind() != Move.Kind.ORDER) changed = move.change().apply(changed);
        if (Planner.plan(changed, now.pace()).planned() >= now.schedule().planned()) return;
        keep(
                moves,
                changed,
                answer.proved()
                        ? Words.OURS.say("proof.proved")
                        : Words.OURS.say("proof.best", Clock.text((int)
                                Math.min(Integer.MAX_VALUE, answer.off() / Problem.OVER + 1))));
    }

    private void keep(List<Move> moves, Lesson changed, String proof) {
        goOn();
        var held = homes.isEmpty()
                ? Optional.<Holds.Proposal>empty()
                : simulation(changed).map(s -> Holds.propose(changed, s, now.pace(), share -> !isStopped()));
        var holds = held.map(Holds.Proposal::holds).orElse(List.of());
        var lesson = held.map(Holds.Proposal::lesson).orElse(changed);
        if (moves.isEmpty() && holds.isEmpty()) return;
        var then = Outcome.of(now.answers().question().about(lesson));
        if (!stops.containsAll(stops(then)) || found.containsKey(lesson)) return;
        found.put(
                lesson,
                new Proposal(
                        title(moves, holds),
                        moves,
                        holds,
                        lesson,
                        now.schedule().planned(),
                        then.schedule().planned(),
                        readyNow,
                        held.map(Holds.Proposal::then).orElse(-1),
                        consequences(then),
                        proof));
    }

    private static Set<String> stops(Outcome outcome) {
        var all = new HashSet<String>();
        outcome.report().open().stream().filter(Finding::isStop).forEach(f -> all.add(f.check() + "/" + f.where()));
        return all;
    }

    private Optional<Simulation> simulation(Lesson lesson) {
        var paces = lesson.steps().size() == now.lesson().steps().size()
                        && lesson.steps().equals(now.lesson().steps())
                ? homes
                : HomePace.of(lesson, homes.stream().map(HomePace::home).toList(), now.knowledge(), now.course());
        var played = Simulation.of(
                lesson,
                paces,
                Chance.USUAL,
                Math.clamp(HOME_STEPS / Math.max(1, lesson.steps().size()), 100, HOMES),
                7,
                share -> !isStopped());
        if (played.isEmpty()) throw new Stopped();
        return played;
    }

    private int ready(Lesson lesson) {
        if (homes.isEmpty()) return -1;
        return simulation(lesson)
                .map(s -> s.against(Planner.plan(lesson, now.pace()))
                        .worst()
                        .map(Simulation.StepPace::percent)
                        .orElse(100))
                .orElse(-1);
    }

    private String title(List<Move> moves, List<Holds.Hold> holds) {
        int held = holds.stream().mapToInt(Holds.Hold::seconds).sum();
        var parts = new ArrayList<String>();
        if (moves.size() > 2)
            parts.add(Words.OURS.say("title.more", moves.getFirst().text(), moves.size() - 1));
        else moves.forEach(m -> parts.add(m.text()));
        if (held > 0) {
            int where =
                    holds.size() == 1 ? now.lesson().indexOf(holds.getFirst().before()) + 1 : holds.size();
            parts.add(Words.OURS.say(
                    (parts.isEmpty() ? "hold." : "hold.also.") + (holds.size() == 1 ? "before" : "places"),
                    Clock.text(held),
                    where));
        }
        return String.join("; ", parts);
    }

    /** When the day begins, as the jobs of the Bench are worked back in one go; empty where that gets stuck. */
    private static Optional<Integer> firstJob(Outcome outcome) {
        return new PrepGreedy()
                .solve(PrepTasks.of(outcome.answers()), 0, () -> false)
                .plan()
                .map(PrepPlan::start);
    }

    private List<String> consequences(Outcome then) {
        var all = new ArrayList<String>();
        var before = firstJob(now);
        var first = firstJob(then);
        if (first.isPresent() && before.isPresent() && first.get() < before.get())
            all.add(Words.OURS.say("then.earlier", Clock.text(before.get() - first.get())));
        int looks = (int) (then.report().looks() - now.report().looks());
        if (looks > 0) all.add(Words.OURS.say("then.looks", looks));
        int moves = then.schedule().cameraMoves() - now.schedule().cameraMoves();
        if (moves != 0) all.add(Words.OURS.say(moves > 0 ? "then.moreMoves" : "then.fewerMoves", Math.abs(moves)));
        int dead = then.schedule().deadAir() - now.schedule().deadAir();
        if (dead != 0)
            all.add(Words.OURS.say(dead > 0 ? "then.moreDead" : "then.lessDead", Clock.text(Math.abs(dead))));
        long asked = then.lesson().foods().stream()
                .filter(f -> !now.lesson()
                        .food(f.id())
                        .map(o -> o.note().equals(f.note()))
                        .orElse(false))
                .count();
        if (asked > 0) all.add(Words.OURS.say("then.lines", asked));
        return all;
    }
}
