package webodidact.core.fit;

import java.util.List;

/**
 * What the solver is asked, in whole seconds and without kitchen words: one alternative for each task, and their order, so
 * that all end by the target if they can, at the least cost.
 *
 * @param fixedOrder the tasks stay in the order given; else only the arcs hold
 * @param target seconds by which the last task should end
 * @param endWeight cost of each second of the end, even before the target, 1 or more: of two equal answers the shorter
 */
public record Problem(List<Task> tasks, List<Flow.Arc> arcs, boolean fixedOrder, int target, int endWeight) {
    /** Cost of a second beyond the target: more than any change may cost. */
    public static final int OVER = 1_000_000;
    /** What the cost of an alternative counts, so that no change is made for a few seconds nobody needs. */
    public static final int CHANGE = 20;
    /** Cost of two steps that change places, as of an alternative. */
    public static final int SWAP = 2;

    public Problem {
        tasks = List.copyOf(tasks);
        arcs = List.copyOf(arcs);
        endWeight = Math.max(1, endWeight);
    }

    public record Task(List<Alternative> alternatives) {
        public Task {
            alternatives = List.copyOf(alternatives);
        }
    }

    /**
     * @param length seconds on air, wait and hold included
     * @param busy seconds until its wait begins
     * @param collector task that collects its wait, or -1
     * @param low seconds after {@code busy} from which it may be collected
     * @param high seconds after {@code busy} until which it has to be collected
     */
    public record Alternative(int length, int busy, int collector, int low, int high, int cost, List<Move> moves) {
        public Alternative {
            moves = List.copyOf(moves);
        }
    }

    /**
     * @param chosen number of the alternative, by task
     * @param order tasks in the order in which they start
     * @param end when the last ends
     * @param proved no better answer exists
     * @param off cost by which the answer may be worse than the best, 0 if proved
     */
    public record Answer(List<Integer> chosen, List<Integer> order, int end, boolean proved, long off) {
        public Answer {
            chosen = List.copyOf(chosen);
            order = List.copyOf(order);
        }
    }
}
