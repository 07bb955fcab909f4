package webodidact.core.timing;

import java.util.Map;
import webodidact.core.amount.Ratio;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Segment;
import webodidact.core.lesson.Step;
import webodidact.core.words.SpokenWords;

/**
 * How fast the words are spoken.
 *
 * @param own the instructor's own words a minute, measured in takes; where there are none the audience's default is used
 */
public record Pace(Audience audience, Map<Segment, Integer> own) {
    /** Seconds left for an answer after a question. */
    public static final int ANSWER_PAUSE = 5;

    /** Words a minute in that segment. */
    public int wordsPerMinute(Segment segment) {
        var measured = own.get(segment);
        return measured != null ? measured : (int) segment.factor().times(audience.wordsPerMinute()).nearest();
    }

    public boolean isOwn(Segment segment) {
        return own.containsKey(segment);
    }

    /** Seconds that the step's words take, question and pause included; rounded up. */
    public int talk(Step step) {
        int words = SpokenWords.count(step.say());
        int pause = 0;
        if (!step.question().isBlank()) {
            words += SpokenWords.count(step.question()) + SpokenWords.count(step.answer());
            pause = ANSWER_PAUSE;
        }
        return (int) Ratio.of(words * 60L, wordsPerMinute(step.segment())).ceiling() + pause;
    }
}
