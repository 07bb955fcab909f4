package webodidact.core.fit;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverSolutionCallback;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import webodidact.core.solver.OrTools;

/** The problem as a constraint model, solved by OR-Tools' CP-SAT. */
public final class CpSat implements Solver {
    /** @throws IllegalStateException where its native code does not run; ask {@link OrTools#isThere()} first */
    public CpSat() {
        OrTools.require();
    }

    @Override
    public Optional<Problem.Answer> solve(Problem problem, double effort, BooleanSupplier stopped) {
        if (problem.tasks().isEmpty()) return Optional.of(new Problem.Answer(List.of(), List.of(), 0, true, 0));
        return new Model(problem).solve(effort, stopped);
    }

    private static final class Model {
        private final Problem problem;
        private final CpModel model = new CpModel();
        private final int n;
        private final int horizon;
        private final IntVar[] start;
        private final IntVar[] end;
        private final List<BoolVar[]> picks = new ArrayList<>();
        private final LinearExprBuilder cost = LinearExpr.newBuilder();
        private final IntVar last;

        Model(Problem problem) {
            this.problem = problem;
            n = problem.tasks().size();
            horizon = horizon(problem);
            start = new IntVar[n];
            end = new IntVar[n];
            last = model.newIntVar(0, horizon, "last");
            tasks();
            order();
            collect();
            objective();
        }

        private static int horizon(Problem problem) {
            long all = 0;
            for (var task : problem.tasks())
                all += task.alternatives().stream()
                        .mapToLong(a -> (long) a.length() + (a.collector() < 0 ? 0 : a.low()))
                        .max()
                        .orElse(0);
            return Math.toIntExact(Math.max(all, problem.target()) + 1);
        }

        private void tasks() {
            var spans = new IntervalVar[n];
            for (int i = 0; i < n; i++) {
                var alternatives = problem.tasks().get(i).alternatives();
                var pick = new BoolVar[alternatives.size()];
                // The solver wants one variable as the size of an interval.
                var length = model.newIntVar(0, horizon, "length");
                var sum = LinearExpr.newBuilder();
                for (int a = 0; a < pick.length; a++) {
                    pick[a] = model.newBoolVar("pick");
                    sum.addTerm(pick[a], alternatives.get(a).length());
                    cost.addTerm(pick[a], (long) alternatives.get(a).cost() * Problem.CHANGE);
                }
                model.addExactlyOne(pick);
                model.addEquality(length, sum);
                picks.add(pick);
                start[i] = model.newIntVar(0, horizon, "start");
                end[i] = model.newIntVar(0, horizon, "end");
                spans[i] = model.newIntervalVar(start[i], length, end[i], "span");
                model.addGreaterOrEqual(last, end[i]);
            }
            if (!problem.fixedOrder()) model.addNoOverlap(spans);
        }

        private void order() {
            if (problem.fixedOrder()) {
                for (int i = 1; i < n; i++) model.addGreaterOrEqual(start[i], end[i - 1]);
                return;
            }
            var bound = new boolean[n][n];
            for (var arc : problem.arcs()) {
                model.addGreaterOrEqual(start[arc.after()], end[arc.before()]);
                bound[arc.before()][arc.after()] = true;
            }
            for (int i = 0; i < n; i++) {
                for (int j = i + 1; j < n; j++) {
                    if (bound[i][j]) continue;
                    var turned = model.newBoolVar("turned");
                    model.addGreaterOrEqual(start[j], end[i]).onlyEnforceIf(turned.not());
                    model.addGreaterOrEqual(start[i], end[j]).onlyEnforceIf(turned);
                    cost.addTerm(turned, Problem.SWAP * Problem.CHANGE);
                }
            }
        }

        private void collect() {
            for (int i = 0; i < n; i++) {
                var alternatives = problem.tasks().get(i).alternatives();
                for (int a = 0; a < alternatives.size(); a++) {
                    var it = alternatives.get(a);
                    if (it.collector() < 0) continue;
                    var pick = picks.get(i)[a];
                    var from = LinearExpr.newBuilder().add(start[i]).add(it.busy() + it.low());
                    var until = LinearExpr.newBuilder().add(start[i]).add(it.busy() + it.high());
                    model.addGreaterOrEqual(start[it.collector()], from).onlyEnforceIf(pick);
                    model.addLessOrEqual(start[it.collector()], until).onlyEnforceIf(pick);
                    model.addGreaterOrEqual(start[it.collector()], end[i]).onlyEnforceIf(pick);
                }
            }
        }

        private void objective() {
            var over = model.newIntVar(0, horizon, "over");
            model.addGreaterOrEqual(over, LinearExpr.newBuilder().add(last).add(-problem.target()));
            cost.addTerm(over, Problem.OVER);
            cost.addTerm(last, problem.endWeight());
            model.minimize(cost);
        }

        /** Asked every few hundredths of a second, not only when something is found: who says stop wants it now. */
        private CpSolverStatus watched(CpSolver solver, CpSolverSolutionCallback watch, BooleanSupplier stopped) {
            var over = new AtomicBoolean();
            var watcher = Thread.ofPlatform().daemon().name("solver watch").start(() -> {
                while (!over.get()) {
                    if (stopped.getAsBoolean()) solver.stopSearch();
                    LockSupport.parkNanos(20_000_000);
                }
            });
            try {
                return solver.solve(model, watch);
            } finally {
                over.set(true);
                LockSupport.unpark(watcher);
            }
        }

        Optional<Problem.Answer> solve(double effort, BooleanSupplier stopped) {
            var solver = new CpSolver();
            // One worker and a limit that counts work, not seconds: the same question has the same answer on any
            // machine, however busy.
            solver.getParameters()
                    .setMaxDeterministicTime(effort)
                    .setNumWorkers(1)
                    .setRandomSeed(7);
            var watch = new CpSolverSolutionCallback() {
                @Override
                public void onSolutionCallback() {
                    if (stopped.getAsBoolean()) stopSearch();
                }
            };
            var status = watched(solver, watch, stopped);
            if (status == CpSolverStatus.MODEL_INVALID) throw new IllegalStateException("Bug: " + model.validate());
            if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) return Optional.empty();
            var chosen = new ArrayList<Integer>();
            for (var pick : picks)
                chosen.add(IntStream.range(0, pick.length)
                        .filter(a -> solver.booleanValue(pick[a]))
                        .findFirst()
                        .orElseThrow());
            var order = IntStream.range(0, n)
                    .boxed()
                    .sorted(Comparator.comparingLong((Integer i) -> solver.value(start[i]))
                            .thenComparing(i -> i))
                    .toList();
            long off = Math.max(0, Math.round(solver.objectiveValue() - solver.bestObjectiveBound()));
            return Optional.of(new Problem.Answer(
                    chosen, order, Math.toIntExact(solver.value(last)), status == CpSolverStatus.OPTIMAL, off));
        }
    }
}
