package webodidact.core.fit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import webodidact.core.lesson.Lesson;

/** Another order of the steps, and in words which of them move. */
final class Reorder {
    /** Moves told one by one; the timeline shows the rest. */
    private static final int TOLD = 2;

    private final Lesson lesson;
    private final List<Integer> order;

    /** @param order indexes of the lesson's steps as they are to stand */
    Reorder(Lesson lesson, List<Integer> order) {
        this.lesson = lesson;
        this.order = List.copyOf(order);
    }

    boolean isNothing() {
        for (int i = 0; i < order.size(); i++) if (order.get(i) != i) return false;
        return true;
    }

    Move move() {
        var ids = order.stream().map(i -> lesson.steps().get(i).id()).toList();
        return new Move(
                Move.Kind.ORDER,
                text(),
                10 * moved().size(),
                l -> l.withSteps(ids.stream().flatMap(id -> l.step(id).stream()).toList()));
    }

    private String text() {
        var parts = new ArrayList<String>();
        var moved = moved();
        for (int i : moved.subList(0, Math.min(TOLD, moved.size()))) {
            int at = order.indexOf(i);
            var title = lesson.steps().get(i).title();
            parts.add(
                    at + 1 < order.size()
                            ? Words.OURS.say("goes.before", i + 1, title, order.get(at + 1) + 1)
                            : Words.OURS.say("goes.end", i + 1, title));
        }
        int more = moved.size() - parts.size();
        if (more > 0) parts.add(Words.OURS.say("goes.more", more));
        var text = String.join("; ", parts);
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** As few as can be: all that are not in the longest run that keeps its order. */
    private List<Integer> moved() {
        int n = order.size();
        var best = new int[n];
        var from = new int[n];
        Arrays.fill(from, -1);
        int last = 0;
        for (int i = 0; i < n; i++) {
            best[i] = 1;
            for (int j = 0; j < i; j++) {
                if (order.get(j) < order.get(i) && best[j] + 1 > best[i]) {
                    best[i] = best[j] + 1;
                    from[i] = j;
                }
            }
            if (best[i] > best[last]) last = i;
        }
        Set<Integer> stay = new HashSet<>();
        for (int i = last; i >= 0; i = from[i]) stay.add(order.get(i));
        return order.stream().filter(i -> !stay.contains(i)).toList();
    }
}
