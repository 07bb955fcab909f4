package webodidact.core.script;

import java.util.Collections;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.TakeKind;
import webodidact.core.lesson.Workbook;
import webodidact.core.time.TimeRange;

/** The instructor's own hands, verb by verb, out of all takes of the course: what they took of what the table has. */
public final class HandsPace {
    /** Beyond a quarter and four times the table a take was interrupted, or the step did something else. */
    private static final Ratio LEAST = Ratio.of(1, 4);

    private static final Ratio MOST = Ratio.of(4);

    /**
     * A verb as the takes have it.
     *
     * @param factor of the table's time, over all of them
     * @param times in how many steps of takes it was measured, 1 or more
     * @param low factor of the quickest of them, {@code high} of the slowest: how sure it is
     */
    public record Measured(Ratio factor, int times, Ratio low, Ratio high) {}

    private record Sum(long measured, long estimated, int times, Ratio low, Ratio high) {
        static Sum of(long measured, long estimated) {
            var factor = estimated == 0 ? Ratio.ZERO : Ratio.of(measured, estimated);
            return new Sum(measured, estimated, 1, factor, factor);
        }

        Sum plus(Sum other) {
            return new Sum(
                    measured + other.measured,
                    estimated + other.estimated,
                    times + other.times,
                    low.isLessThan(other.low) ? low : other.low,
                    high.isMoreThan(other.high) ? high : other.high);
        }
    }

    private HandsPace() {}

    /** By verb, of the table's time; only from steps whose hands do one verb, with no wait and no words that are longer. */
    public static Map<String, Ratio> of(Workbook book, Knowledge knowledge) {
        var all = new TreeMap<String, Ratio>();
        measured(book, knowledge).forEach((verb, m) -> all.put(verb, m.factor()));
        return Map.copyOf(all);
    }

    /** The same with how sure each is. */
    public static Map<String, Measured> measured(Workbook book, Knowledge knowledge) {
        if (book.takes().isEmpty()) return Map.of();
        var sums = new HashMap<String, Sum>();
        for (var lesson : book.lessons()) {
            var proposals = new Suggestions(lesson, knowledge);
            for (var take : book.takesOf(lesson.id())) add(sums, lesson, take, proposals);
        }
        var all = new TreeMap<String, Measured>();
        sums.forEach((verb, sum) -> {
            if (sum.estimated == 0) return;
            var factor = Ratio.of(sum.measured, sum.estimated);
            if (!factor.isLessThan(LEAST) && !factor.isMoreThan(MOST))
                all.put(verb, new Measured(factor, sum.times, sum.low, sum.high));
        });
        return Collections.unmodifiableMap(all);
    }

    private static void add(Map<String, Sum> sums, Lesson lesson, Take take, Suggestions proposals) {
        if (take.kind() == TakeKind.WORDS) return;
        for (var time : take.steps()) {
            var step = lesson.step(time.step()).orElse(null);
            if (step == null
                    || time.choice() == Take.Choice.SPOILT
                    || !step.title().equals(time.title())
                    || step.waiting() != null
                    || !step.say().isBlank()) continue;
            var estimate = proposals.handsOf(step.but(d -> d.hands = TimeRange.ZERO));
            if (estimate.time().isZero() || Set.copyOf(estimate.verbs()).size() != 1 || estimate.said()) continue;
            sums.merge(
                    estimate.verbs().getFirst(),
                    Sum.of(time.seconds(), estimate.time().likely()),
                    Sum::plus);
        }
    }
}
