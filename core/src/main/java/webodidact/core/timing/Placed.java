package webodidact.core.timing;

import java.util.List;
import webodidact.core.lesson.Look;
import webodidact.core.lesson.Step;
import webodidact.core.time.Span;
import webodidact.core.time.TimeRange;

/**
 * A step in its place on air; times in seconds since the lesson went on air, at the likely pace.
 *
 * @param number from 1
 * @param span from its first word to the next step, its wait and hold on air included
 * @param busy from its first word to the end of words and hands
 * @param talk seconds of words
 * @param hands hands-on time
 * @param idle seconds of dead air before it, until what it collects is ready
 * @param waiting where its wait runs, or null
 * @param hit when it has to be reached at the latest, for the slot, for waits that run and for what has to be reached by a time
 * @param kitchen the same as {@code span} on the kitchen's clock, where cuts and speed-ups last as long as they last
 */
public record Placed(
        Step step,
        int number,
        Span span,
        Span busy,
        int talk,
        TimeRange hands,
        int idle,
        WaitRun waiting,
        int hit,
        Span kitchen) {
    /**
     * A wait as it runs in the kitchen.
     *
     * @param from when it starts
     * @param soonest when it is right at the soonest
     * @param latest when it is right at the latest
     * @param collected when somebody comes for it, or -1
     * @param early seconds it had to be waited for, beyond what the other steps filled
     * @param late seconds it is left too long
     * @param looks where its looks are laid
     */
    public record WaitRun(
            int from,
            int soonest,
            int latest,
            int collected,
            String collectedIn,
            int early,
            int late,
            List<Due> looks) {
        public WaitRun {
            looks = List.copyOf(looks);
        }

        public boolean isOpen() {
            return collected < 0;
        }
    }

    /**
     * A look where it is laid.
     *
     * @param moment when it is due
     * @param before id of the step before which it is done, or "" at the end of the lesson
     * @param number of that step, from 1; 0 at the end
     * @param early seconds before its moment
     * @param late seconds after it
     */
    public record Due(Look look, int moment, String before, int number, int early, int late) {
        /** More than a fifth of its time off, and more than half a minute. */
        public boolean isMissed() {
            return Math.max(early, late) > Math.max(30, look.at() / 5);
        }
    }
}
