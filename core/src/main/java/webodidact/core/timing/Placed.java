package webodidact.core.timing;

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
 */
public record Placed(Step step, int number, Span span, Span busy, int talk, TimeRange hands, int idle, WaitRun waiting) {
    /**
     * A wait as it runs in the kitchen.
     *
     * @param from when it starts
     * @param soonest when it is right at the soonest
     * @param latest when it is right at the latest
     * @param collected when somebody comes for it, or -1
     * @param early seconds it had to be waited for, beyond what the other steps filled
     * @param late seconds it is left too long
     */
    public record WaitRun(int from, int soonest, int latest, int collected, String collectedIn, int early, int late) {
        public boolean isOpen() {
            return collected < 0;
        }
    }
}
