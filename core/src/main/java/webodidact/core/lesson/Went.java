package webodidact.core.lesson;

import java.util.List;
import webodidact.core.words.Plain;

/**
 * How a lesson went, in the instructor's words, a line each.
 *
 * @param next what changes next time: later lessons are told until one takes it up
 */
public record Went(List<String> worked, List<String> didNot, List<String> learned, List<String> next) {
    public static final Went NOTHING = new Went(null, null, null, null);

    public Went {
        worked = lines(worked);
        didNot = lines(didNot);
        learned = lines(learned);
        next = lines(next);
    }

    private static List<String> lines(List<String> given) {
        return given == null
                ? List.of()
                : given.stream().map(Plain::line).filter(l -> !l.isEmpty()).toList();
    }

    public boolean isEmpty() {
        return worked.isEmpty() && didNot.isEmpty() && learned.isEmpty() && next.isEmpty();
    }
}
