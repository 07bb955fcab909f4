package webodidact.core.lesson;

import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;

/**
 * A step of the instructor's own that lessons start from: a welcome, a gather check, a goodbye.
 *
 * @param name what it is called in the menu, unique in its course
 * @param deliveries for which ways of delivery; empty: all
 * @param audiences for whom; empty: all
 * @param first whether new lessons of that kind start with it
 */
public record StepPattern(String name, Set<Delivery> deliveries, Set<Audience> audiences, boolean first, Step step) {
    public StepPattern {
        if (name == null || name.isBlank()) throw new IllegalArgumentException(Words.OURS.say("wrong.stepPattern"));
        deliveries = deliveries == null ? Set.of() : Collections.unmodifiableSet(new TreeSet<>(deliveries));
        audiences = audiences == null ? Set.of() : Collections.unmodifiableSet(new TreeSet<>(audiences));
        if (step == null) throw new IllegalArgumentException(Words.OURS.say("wrong.stepPattern.2", name));
    }

    public boolean suits(Delivery delivery, Audience audience) {
        return (deliveries.isEmpty() || deliveries.contains(delivery))
                && (audiences.isEmpty() || audiences.contains(audience));
    }
}
