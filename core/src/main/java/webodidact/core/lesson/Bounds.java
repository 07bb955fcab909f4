package webodidact.core.lesson;

import webodidact.core.amount.Amount;
import webodidact.core.amount.Ratio;
import webodidact.core.time.Seconds;

/**
 * What a lesson of a course may hold: within these bounds every list and figure that follows from it can be worked out in whole
 * numbers. Asked of each lesson that is read and after each edit; a lesson that is only tried out (a way to fit, a variant) need not ask.
 */
final class Bounds {
    /** Seconds of all times of a lesson together: with their sums and doubles still far below 2³¹. */
    static final long ALL_TIMES = 12L * Seconds.LONGEST;
    /** Of any unit; a hundred tonnes of flour are a slip of the hand. */
    private static final Ratio MOST = Ratio.of(100_000);

    private static final Ratio MOST_SIZE = Ratio.of(10_000);
    private static final Ratio LEAST = Ratio.of(1, 10_000);

    private Bounds() {}

    /** @throws IllegalArgumentException with what is out of bounds, where, and what was expected */
    static void check(Lesson lesson) {
        long all = lesson.slot();
        for (var step : lesson.steps()) {
            all += seconds(step);
            for (var use : step.uses()) amount(use.amount(), Words.OURS.message("what.bounds", step.id(), use.line()));
        }
        if (all > ALL_TIMES) throw new IllegalArgumentException(Words.OURS.say("wrong.bounds", all, ALL_TIMES));
        for (var line : lesson.foods()) {
            amount(line.amount(), Words.OURS.message("what.bounds.2", line.item()));
            amount(line.bought(), Words.OURS.message("what.bounds.7", line.item()));
            amount(line.also(), Words.OURS.message("what.bounds.3", line.item()));
            amount(line.size(), Words.OURS.message("what.bounds.4", line.item()), MOST_SIZE);
        }
        if (lesson.shaping() != null) {
            amount(lesson.shaping().mixture(), Words.OURS.message("what.bounds.5"));
            amount(lesson.shaping().portion(), Words.OURS.message("what.bounds.6"));
        }
    }

    private static long seconds(Step step) {
        long all =
                0L + step.hold() + step.trim() + step.reachBy() + step.hands().high();
        if (step.waiting() != null) all += step.waiting().time().high();
        long longest = 0;
        for (var way : step.ways())
            longest = Math.max(
                    longest,
                    0L
                            + way.hands().high()
                            + (way.waits() == null ? 0 : way.waits().high()));
        return all + longest;
    }

    private static void amount(Amount amount, Object what) {
        amount(amount, what, MOST);
    }

    private static void amount(Amount amount, Object what, Ratio most) {
        if (amount == null) return;
        if (amount.high().isMoreThan(most))
            throw new IllegalArgumentException(Words.OURS.say(
                    "wrong.bounds.2", what, amount, most, amount.unit().symbol()));
        if (!amount.low().isZero() && amount.low().isLessThan(LEAST))
            throw new IllegalArgumentException(Words.OURS.say("wrong.bounds.3", what, amount));
    }
}
