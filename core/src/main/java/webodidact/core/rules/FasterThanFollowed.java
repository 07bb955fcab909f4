package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Segment;
import webodidact.core.lesson.Step;
import webodidact.core.words.SpokenWords;

/** The instructor's own pace is more than those at home follow. The usual pace is nobody's: of it nothing is said. */
final class FasterThanFollowed implements Check {
    /** Words below which nobody loses the thread. */
    private static final int SHORT = 25;

    @Override
    public Stream<Finding> find(Situation s) {
        int follows = s.lesson().audience().follows();
        int pace = s.pace().wordsPerMinute(Segment.TO_CAMERA);
        if (!s.pace().isOwn(Segment.TO_CAMERA) || pace <= follows) return Stream.empty();
        var talks = s.lesson().steps().stream()
                .filter(step -> step.segment() == Segment.TO_CAMERA && isLong(step))
                .toList();
        if (talks.isEmpty()) return Stream.empty();
        int first = s.number(talks.getFirst().id());
        return Stream.of(about(
                new About.OfLesson(),
                0,
                talks.size(),
                pace,
                s.lesson().audience().title(),
                follows,
                first));
    }

    private static boolean isLong(Step step) {
        return SpokenWords.count(step.say()) > SHORT;
    }
}
