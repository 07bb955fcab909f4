package webodidact.core.prep;

import java.util.ArrayList;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.BooleanSupplier;

/**
 * Tries one order after another of what is placed from air backwards, each a little different from the best so far. Where the start meets
 * what no plan can beat, it is proved without any search. The same question and effort have the same answer on any machine.
 */
public final class PrepSearch implements PrepSolver {
    /** Orders that an effort of 1 tries, for a question of up to so many tasks; of one twice as large a sixteenth. */
    private static final int TRIES = 30_000;

    private static final int TASKS = 72;
    private static final int MINUTE = 60;
    /** Tries without anything better, once no start can be a minute later: what is left to find is only nicer. */
    private static final int POLISH = 400;
    /** The same where the solver makes it nicer afterwards. */
    static final int ROUGH = 40;

    private final int polish;

    public PrepSearch() {
        this(POLISH);
    }

    PrepSearch(int polish) {
        this.polish = polish;
    }

    @Override
    public Answer solve(Prep prep, double effort, BooleanSupplier stopped) {
        if (prep.tasks().isEmpty()) return new Answer(Optional.of(new PrepPlan(new ArrayList<>(), 0, true)), false);
        int bound = PrepBound.of(prep);
        var work = new Backwards(prep);
        var order = work.usualOrder();
        if (!work.run(order)) return new Answer(Optional.empty(), false);
        var best = work.plan(bound);
        int begin = work.begin();
        long cost = work.cost();
        var dice = new SplittableRandom(work.size());
        double share = Math.min(1, Math.pow((double) TASKS / work.size(), 4));
        long tries = (long) (TRIES * effort * share);
        int idle = 0;
        for (long i = 0;
                i < tries && !stopped.getAsBoolean() && (begin <= bound - MINUTE || idle < polish);
                i++, idle++) {
            var other = moved(order, dice);
            if (!work.run(other)) continue;
            int its = work.begin();
            if (its < begin) continue;
            long itsCost = work.cost();
            if (its == begin && itsCost > cost) continue;
            boolean better = its > begin || itsCost < cost;
            order = other;
            begin = its;
            cost = itsCost;
            if (!better) continue;
            best = work.plan(bound);
            idle = 0;
        }
        return new Answer(Optional.of(best), false);
    }

    /** One to three tasks take another place in the order. */
    private static int[] moved(int[] order, SplittableRandom dice) {
        var other = order.clone();
        int n = other.length;
        int moves = 1 + dice.nextInt(3);
        for (int move = 0; move < moves; move++) {
            int from = dice.nextInt(n);
            int to = dice.nextInt(4) == 0 ? dice.nextInt(n) : Math.clamp(from + dice.nextInt(13) - 6, 0, n - 1);
            // Everything between moves up by one.
            for (int i = 0; i < n; i++) {
                if (other[i] == from) other[i] = to;
                else if (from < to && other[i] > from && other[i] <= to) other[i]--;
                else if (to < from && other[i] >= to && other[i] < from) other[i]++;
            }
        }
        return other;
    }
}
