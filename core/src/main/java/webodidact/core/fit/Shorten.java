package webodidact.core.fit;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Lesson;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;

/**
 * What of the rest of a lesson may go so that it ends by its slot: the moves of {@link Fit} that can still be made on air. Milliseconds.
 *
 * @param all each by itself, in the order of the steps
 * @param best those that together end by the slot at the least cost; as near as can be where none do
 * @param end second at which it ends with the best
 */
public record Shorten(List<Choice> all, List<Choice> best, int end) {
    /**
     * @param saves seconds that it ends earlier with this alone
     * @param end second at which it then ends
     */
    public record Choice(String step, int number, Move move, int saves, int end) {}

    public Shorten {
        all = List.copyOf(all);
        best = List.copyOf(best);
    }

    /** @param from index of the first step that may still be changed */
    public static Shorten of(Lesson lesson, int from, Knowledge knowledge, Pace pace) {
        var moves = new Moves(lesson, knowledge, pace, EnumSet.of(Move.Kind.TRIM, Move.Kind.HOLD), List.of());
        int now = Planner.plan(lesson, pace).planned();
        var tasks = new ArrayList<Problem.Task>();
        var all = new ArrayList<Choice>();
        for (int i = 0; i < lesson.steps().size(); i++) {
            var task = moves.of(i);
            if (i < from) task = new Problem.Task(task.alternatives().subList(0, 1));
            for (var alternative : task.alternatives())
                for (var move : alternative.moves()) all.add(choice(lesson, i, move, pace, now));
            tasks.add(task);
        }
        var answer = new Greedy().solve(new Problem(tasks, List.of(), true, lesson.slot(), 1), 1, () -> false);
        var best = new ArrayList<Choice>();
        var end = lesson;
        for (int i = 0; answer.isPresent() && i < tasks.size(); i++) {
            for (var move : tasks.get(i)
                    .alternatives()
                    .get(answer.get().chosen().get(i))
                    .moves()) {
                best.add(choice(lesson, i, move, pace, now));
                end = move.change().apply(end);
            }
        }
        all.removeIf(c -> c.saves() <= 0);
        best.removeIf(c -> c.saves() <= 0);
        return new Shorten(
                all, best, best.isEmpty() ? now : Planner.plan(end, pace).planned());
    }

    private static Choice choice(Lesson lesson, int index, Move move, Pace pace, int now) {
        int end = Planner.plan(move.change().apply(lesson), pace).planned();
        return new Choice(lesson.steps().get(index).id(), index + 1, move, now - end, end);
    }
}
