package webodidact.core.timing;

import webodidact.core.food.Actions;
import webodidact.core.lesson.Wait;

/** How much later than its latest end a wait may be collected before anybody would call it late. */
public final class Tolerance {
    /** Seconds and percent: nobody minds half a minute, or a twentieth of an hour's roast. */
    private static final int SECONDS = 30;

    private static final int PERCENT = 5;
    /** The same for what burns: an assumption of ours ({@code docs/timing.md}). */
    private static final int BURNS_SECONDS = 10;

    private static final int BURNS_PERCENT = 2;

    private Tolerance() {}

    /** Seconds, 0 or more; the larger of a fixed part and a share of the wait, less for what burns. */
    public static int of(Wait wait) {
        boolean burns = burns(wait);
        return Math.max(burns ? BURNS_SECONDS : SECONDS, (int)
                ((long) wait.time().high() * (burns ? BURNS_PERCENT : PERCENT) / 100));
    }

    /** What is fried, toasted or grilled is spoilt by what a stew does not notice. */
    static boolean burns(Wait wait) {
        return Actions.shipped()
                .named(wait.what())
                .map(a -> a.treated().equals("fried") || a.treated().equals("toasted"))
                .orElse(false);
    }
}
