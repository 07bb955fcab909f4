package webodidact.core.fit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/** Takes the change that saves most for its cost, again and again. Never reorders, never proves; works anywhere. */
public final class Greedy implements Solver {
    @Override
    public Optional<Problem.Answer> solve(Problem problem, double effort, BooleanSupplier stopped) {
        int n = problem.tasks().size();
        var chosen = new ArrayList<>(Collections.nCopies(n, 0));
        long best = cost(problem, chosen);
        if (best < 0) return Optional.empty();
        boolean better = true;
        while (better && !stopped.getAsBoolean()) {
            better = false;
            int task = -1;
            int with = 0;
            for (int i = 0; i < n; i++) {
                int was = chosen.get(i);
                for (int a = 0; a < problem.tasks().get(i).alternatives().size(); a++) {
                    chosen.set(i, a);
                    long now = cost(problem, chosen);
                    if (now >= 0 && now < best) {
                        best = now;
                        task = i;
                        with = a;
                    }
                }
                chosen.set(i, was);
            }
            if (task >= 0) {
                chosen.set(task, with);
                better = true;
            }
        }
        var order = new ArrayList<Integer>();
        for (int i = 0; i < n; i++) order.add(i);
        return Optional.of(new Problem.Answer(chosen, order, end(problem, chosen), false, best));
    }

    static long cost(Problem problem, List<Integer> chosen) {
        int end = end(problem, chosen);
        if (end < 0) return -1;
        long cost = (long) Math.max(0, end - problem.target()) * Problem.OVER + (long) end * problem.endWeight();
        for (int i = 0; i < chosen.size(); i++)
            cost += (long) problem.tasks()
                            .get(i)
                            .alternatives()
                            .get(chosen.get(i))
                            .cost()
                    * Problem.CHANGE;
        return cost;
    }

    /** -1 if something is collected too late. */
    static int end(Problem problem, List<Integer> chosen) {
        int n = chosen.size();
        var start = new int[n];
        int now = 0;
        for (int i = 0; i < n; i++) {
            int ready = now;
            int until = Integer.MAX_VALUE;
            for (int j = 0; j < i; j++) {
                var a = problem.tasks().get(j).alternatives().get(chosen.get(j));
                if (a.collector() != i) continue;
                ready = Math.max(ready, start[j] + a.busy() + a.low());
                until = Math.min(until, start[j] + a.busy() + a.high());
            }
            if (ready > until) return -1;
            start[i] = ready;
            now = ready
                    + problem.tasks().get(i).alternatives().get(chosen.get(i)).length();
        }
        return now;
    }
}
