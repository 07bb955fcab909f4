package webodidact.core.prep;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import webodidact.core.lesson.Place;
import webodidact.core.solver.OrTools;

/**
 * The question as a constraint model, solved by OR-Tools' CP-SAT, where a search in the neighbourhood of the usual order does not do: for few
 * tasks the latest start there is, to the second, then of all plans that begin so late the one that keeps least waiting, spares helpers and
 * does everything as late as it may be; for any number whether there is a plan at all.
 */
public final class PrepModel implements PrepSolver {
    /** Of the second search: what it finds is only nicer. */
    private static final double POLISH = 0.4;
    /** A question of so few tasks is proved to the second. */
    private static final int SMALL = 24;
    /** Of a question with more tasks the model alone would take minutes and gigabytes. */
    private static final int MOST = 400;

    /** @throws IllegalStateException where the solver's native code does not run; ask {@link OrTools#isThere()} first */
    public PrepModel() {
        OrTools.require();
    }

    @Override
    public Answer solve(Prep prep, double effort, BooleanSupplier stopped) {
        if (prep.tasks().isEmpty()) return new Answer(Optional.of(new PrepPlan(List.of(), 0, true)), false);
        if (prep.tasks().size() > MOST) return new PrepSearch().solve(prep, effort, stopped);
        var search = prep.tasks().size() > SMALL ? new PrepSearch() : new PrepSearch(PrepSearch.ROUGH);
        var guess = search.solve(prep, effort, stopped).plan();
        // Of many tasks the search finds more than the model in the same time, and its bound is as near.
        if (guess.isPresent() && (prep.tasks().size() > SMALL || stopped.getAsBoolean()))
            return new Answer(guess, false);
        int reach = PrepBound.of(prep);
        if (guess.filter(PrepPlan::proved).isPresent())
            return new Answer(Optional.of(nicer(prep, guess.get(), reach, effort, stopped)), false);
        var first = new Build(prep, reach);
        first.model.maximize(first.begin);
        guess.ifPresent(first::hint);
        var solver = solver(effort);
        var status = solve(first, solver, stopped);
        if (status == CpSolverStatus.MODEL_INVALID) throw new IllegalStateException("Bug: " + first.model.validate());
        if (status == CpSolverStatus.INFEASIBLE) return new Answer(Optional.empty(), true);
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) return new Answer(guess, false);
        int bound = (int) Math.min(reach, Math.floor(solver.bestObjectiveBound()));
        var found = first.plan(solver, bound, status == CpSolverStatus.OPTIMAL);
        return new Answer(Optional.of(nicer(prep, found, bound, effort, stopped)), false);
    }

    /** The model by itself, with no search to guide it and no bound but its own: what the bench compares with. */
    public static PrepSolver bare() {
        OrTools.require();
        return (prep, effort, stopped) -> {
            var build = new Build(prep, 0);
            build.model.maximize(build.begin);
            var solver = solver(effort);
            var status = solve(build, solver, stopped);
            boolean found = status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
            int bound = (int) Math.floor(solver.bestObjectiveBound());
            return new Answer(
                    found ? Optional.of(build.plan(solver, bound, status == CpSolverStatus.OPTIMAL)) : Optional.empty(),
                    status == CpSolverStatus.INFEASIBLE);
        };
    }

    /** Of all plans that begin no earlier the one that keeps least waiting, spares helpers and does everything late. */
    private static PrepPlan nicer(Prep prep, PrepPlan plan, int bound, double effort, BooleanSupplier stopped) {
        var second = new Build(prep, bound);
        second.model.addGreaterOrEqual(second.begin, plan.start());
        second.model.minimize(second.niceness());
        second.hint(plan);
        var polish = solver(effort * POLISH);
        var nice = solve(second, polish, stopped);
        boolean better = nice == CpSolverStatus.OPTIMAL || nice == CpSolverStatus.FEASIBLE;
        return better ? second.plan(polish, bound, plan.proved()) : plan;
    }

    /** One worker and a limit that counts work, not seconds: the same question has the same answer on any machine. */
    private static CpSolver solver(double effort) {
        var solver = new CpSolver();
        solver.getParameters().setMaxDeterministicTime(effort).setNumWorkers(1).setRandomSeed(7);
        return solver;
    }

    /** Milliseconds between two looks at whether anybody still wants the answer. */
    private static final int LOOK = 40;

    private static CpSolverStatus solve(Build build, CpSolver solver, BooleanSupplier stopped) {
        var over = new AtomicBoolean();
        var watch = Thread.ofVirtual().start(() -> watch(solver, stopped, over));
        try {
            return solver.solve(build.model);
        } finally {
            over.set(true);
            watch.interrupt();
        }
    }

    /** Also while nothing has been found: a question that nobody asks any more is given up in the middle of it. */
    private static void watch(CpSolver solver, BooleanSupplier stopped, AtomicBoolean over) {
        try {
            while (!over.get()) {
                Thread.sleep(LOOK);
                if (!over.get() && stopped.getAsBoolean()) solver.stopSearch();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static final class Build {
        private final CpModel model = new CpModel();
        private final Prep prep;
        private final List<Task> tasks;
        private final IntVar[] start;
        private final IntVar[] end;
        private final IntervalVar[] span;
        private final Map<String, Integer> index = new HashMap<>();
        /** By task, by person: does it. */
        private final Map<Integer, Map<Integer, BoolVar>> does = new HashMap<>();
        /** By task, by oven: is in it. */
        private final Map<Integer, BoolVar[]> in = new HashMap<>();

        private final IntVar begin;

        /** @param reach second later than which nothing can begin: the solver would be long in finding that out */
        Build(Prep prep, int reach) {
            this.prep = prep;
            tasks = prep.tasks();
            int n = tasks.size();
            start = new IntVar[n];
            end = new IntVar[n];
            span = new IntervalVar[n];
            // More work than four days hold: there is no plan, but there is a question.
            begin = model.newIntVar(Math.min(Task.ANY, reach), reach, "begin");
            for (int i = 0; i < n; i++) place(i);
            links();
            people();
            ovens();
            rings();
            alone(Place.MICROWAVE, prep.room().microwave());
            alone(Place.BLENDER, prep.room().blender());
            rawBoard();
            if (prep.room().sinks() == 1 && prep.room().people().size() > 1) sink();
            for (var place : List.of(Place.COLD, Place.FREEZER)) if (prep.room().holds(place) != Room.MANY) cold(place);
        }

        private void place(int i) {
            var task = tasks.get(i);
            index.put(task.id(), i);
            boolean air = task.kind() == Task.Kind.AIR;
            boolean anywhere = air || task.kind().isAhead();
            long low = air
                    ? task.at()
                    : anywhere ? task.from() : Math.max(task.from(), prep.room().opens());
            long high = (long) task.due() - task.takes();
            if (task.at() != null) low = high = air ? task.at() : checked(task.at(), low, high);
            // An empty range has to stay a model: it is impossible, not wrong.
            boolean empty = low > high;
            start[i] = model.newIntVar(empty ? high : low, high, "start");
            if (empty) model.addGreaterOrEqual(start[i], low);
            end[i] = model.newIntVar(start[i].getDomain().min() + task.takes(), high + task.takes(), "end");
            span[i] = model.newIntervalVar(start[i], LinearExpr.constant(task.takes()), end[i], task.id());
            if (task.isOfTheDay()) model.addLessOrEqual(begin, start[i]);
        }

        /** A pin outside of what may be is impossible, too. */
        private long checked(long at, long low, long high) {
            if (at < low || at > high) model.addBoolOr(new Literal[] {});
            return at;
        }

        private void links() {
            for (var link : prep.links()) {
                var before = index.get(link.before());
                var after = index.get(link.after());
                if (before == null || after == null) continue;
                model.addGreaterOrEqual(start[after], LinearExpr.affine(end[before], 1, link.least()));
                if (link.most() != Link.ANY)
                    model.addLessOrEqual(start[after], LinearExpr.affine(end[before], 1, link.most()));
            }
        }

        private void people() {
            var people = prep.room().people();
            var work = new ArrayList<List<IntervalVar>>();
            for (int p = 0; p < people.size(); p++) work.add(new ArrayList<>());
            for (int i = 0; i < tasks.size(); i++) {
                var task = tasks.get(i);
                if (!task.hands()) continue;
                var mine = new HashMap<Integer, BoolVar>();
                for (int p = 0; p < people.size(); p++) {
                    var person = people.get(p);
                    if (!person.can(task)) continue;
                    var is = model.newBoolVar("does");
                    model.addGreaterOrEqual(start[i], person.from()).onlyEnforceIf(is);
                    model.addLessOrEqual(end[i], person.to()).onlyEnforceIf(is);
                    work.get(p)
                            .add(model.newOptionalIntervalVar(
                                    start[i], LinearExpr.constant(task.takes()), end[i], is, "work"));
                    mine.put(p, is);
                }
                does.put(i, mine);
                model.addExactlyOne(mine.values().toArray(BoolVar[]::new));
            }
            work.forEach(model::addNoOverlap);
        }

        private void ovens() {
            int ovens = prep.room().ovens();
            var shelves = new ArrayList<List<IntervalVar>>();
            for (int u = 0; u < ovens; u++) shelves.add(new ArrayList<>());
            var users = new ArrayList<Integer>();
            for (int i = 0; i < tasks.size(); i++) {
                var task = tasks.get(i);
                if (task.place() != Place.OVEN) continue;
                users.add(i);
                var mine = new BoolVar[ovens];
                for (int u = 0; u < ovens; u++) {
                    mine[u] = model.newBoolVar("in");
                    if (task.kind() != Task.Kind.HEAT)
                        shelves.get(u)
                                .add(model.newOptionalIntervalVar(
                                        start[i], LinearExpr.constant(task.takes()), end[i], mine[u], "shelf"));
                }
                in.put(i, mine);
                model.addExactlyOne(mine);
            }
            for (int u = 0; u < ovens; u++) {
                var cumulative = model.addCumulative(Math.max(1, prep.room().shelves()));
                for (var each : shelves.get(u)) cumulative.addDemand(each, 1);
                for (int a = 0; a < users.size(); a++)
                    for (int b = a + 1; b < users.size(); b++) apart(users.get(a), users.get(b), u);
            }
        }

        /** Of two temperatures one comes after the other, with the time that the oven takes between them. */
        private void apart(int i, int j, int oven) {
            int one = tasks.get(i).heat();
            int two = tasks.get(j).heat();
            if (one == two || one == 0 || two == 0) return;
            var turned = model.newBoolVar("turned");
            var both = new BoolVar[] {in.get(i)[oven], in.get(j)[oven]};
            model.addGreaterOrEqual(start[j], LinearExpr.affine(end[i], 1, gap(i, j)))
                    .onlyEnforceIf(new Literal[] {both[0], both[1], turned.not()});
            model.addGreaterOrEqual(start[i], LinearExpr.affine(end[j], 1, gap(j, i)))
                    .onlyEnforceIf(new Literal[] {both[0], both[1], turned});
        }

        /** Heating is a task of its own: what comes before one only has to be out. */
        private int gap(int before, int after) {
            return tasks.get(after).kind() == Task.Kind.HEAT
                    ? 0
                    : prep.room()
                            .change(tasks.get(before).heat(), tasks.get(after).heat());
        }

        private void rings() {
            var cumulative = model.addCumulative(prep.room().rings());
            for (int i = 0; i < tasks.size(); i++)
                if (tasks.get(i).place() == Place.RING) cumulative.addDemand(span[i], 1);
        }

        private void alone(Place place, boolean there) {
            var users = new ArrayList<IntervalVar>();
            for (int i = 0; i < tasks.size(); i++) if (tasks.get(i).place() == place) users.add(span[i]);
            if (users.isEmpty()) return;
            if (there) model.addNoOverlap(users);
            else model.addBoolOr(new Literal[] {});
        }

        /** Two people with raw food at once would need two boards. */
        private void rawBoard() {
            var users = new ArrayList<IntervalVar>();
            for (int i = 0; i < tasks.size(); i++) if (tasks.get(i).isRaw()) users.add(span[i]);
            if (users.size() > 1 && prep.room().people().size() > 1) model.addNoOverlap(users);
        }

        /** Nobody washes salad where another washes a raw board. */
        private void sink() {
            var users = new ArrayList<IntervalVar>();
            for (int i = 0; i < tasks.size(); i++) {
                var task = tasks.get(i);
                if (task.rinses() > 0) users.add(atSink(i, 0, task.rinses()));
                if (task.washes() > 0) users.add(atSink(i, task.takes() - task.washes(), task.washes()));
            }
            if (users.size() > 1) model.addNoOverlap(users);
        }

        private IntervalVar atSink(int i, int after, int seconds) {
            return model.newIntervalVar(
                    LinearExpr.affine(start[i], 1, after),
                    LinearExpr.constant(seconds),
                    LinearExpr.affine(start[i], 1, after + (long) seconds),
                    "sink");
        }

        private void cold(Place place) {
            var cumulative = model.addCumulative(prep.room().holds(place));
            for (int i = 0; i < tasks.size(); i++) {
                var task = tasks.get(i);
                if (task.place() != place) continue;
                if (task.until(task.due() - task.takes() - 1) < task.due()) {
                    cumulative.addDemand(span[i], 1);
                    continue;
                }
                var stays = model.newIntVar(0, Task.ANY * -2L, "stays");
                cumulative.addDemand(model.newIntervalVar(start[i], stays, LinearExpr.constant(task.due()), "cold"), 1);
            }
        }

        /** Seconds kept waiting, then hands of helpers, then everything as late as it may be. */
        LinearExprBuilder niceness() {
            var cost = LinearExpr.newBuilder();
            for (int i = 0; i < tasks.size(); i++) {
                var task = tasks.get(i);
                if (task.kind() == Task.Kind.COPY_WAIT) cost.addTerm(end[i], -20);
                else if (task.kind() != Task.Kind.AIR) cost.addTerm(start[i], -1);
                var mine = does.get(i);
                if (mine == null) continue;
                for (var each : mine.entrySet())
                    if (each.getKey() > 0) cost.addTerm(each.getValue(), 5L * task.takes());
            }
            return cost;
        }

        void hint(PrepPlan plan) {
            for (var job : plan.jobs()) {
                var i = index.get(job.task().id());
                if (i == null) continue;
                model.addHint(start[i], job.start());
                var mine = does.get(i);
                if (mine != null)
                    for (var each : mine.entrySet())
                        model.addHint(
                                each.getValue(),
                                prep.room().people().get(each.getKey()).name().equals(job.who()));
                var ovens = in.get(i);
                if (ovens != null) for (int u = 0; u < ovens.length; u++) model.addHint(ovens[u], u + 1 == job.unit());
            }
        }

        PrepPlan plan(CpSolver solver, int bound, boolean proved) {
            var jobs = new ArrayList<PrepPlan.Job>();
            for (int i = 0; i < tasks.size(); i++) {
                var who = "";
                for (var each : does.getOrDefault(i, Map.of()).entrySet())
                    if (solver.booleanValue(each.getValue()))
                        who = prep.room().people().get(each.getKey()).name();
                int unit = 0;
                var ovens = in.get(i);
                if (ovens != null)
                    for (int u = 0; u < ovens.length; u++) if (solver.booleanValue(ovens[u])) unit = u + 1;
                jobs.add(new PrepPlan.Job(tasks.get(i), Math.toIntExact(solver.value(start[i])), who, unit));
            }
            return new PrepPlan(jobs, bound, proved);
        }
    }
}
