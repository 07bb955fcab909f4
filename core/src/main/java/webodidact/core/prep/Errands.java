package webodidact.core.prep;

import java.util.List;
import webodidact.core.answer.Answers;

/**
 * What is bought, loaded and driven in one go: nobody shops and drives twice for two lessons of one day.
 *
 * @param lessons that it is all for; of a lesson whose things come along with those of another none
 * @param begun seconds at which something that is bought begins in those other lessons, counted as the lesson's own
 */
record Errands(List<Answers> lessons, List<Integer> begun) {
    static final Errands NONE = new Errands(List.of(), List.of());

    Errands {
        lessons = List.copyOf(lessons);
        begun = List.copyOf(begun);
    }

    static Errands of(Answers alone) {
        return new Errands(List.of(alone), List.of());
    }
}
