package webodidact.core.timing;

import java.util.EnumMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import webodidact.core.amount.Ratio;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Segment;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.Workbook;
import webodidact.core.words.Cautions;
import webodidact.core.words.SpokenWords;

/** The instructor's own speaking pace by kind of segment, out of all takes of the course. */
public final class Calibration {
    /**
     * @param wordsPerMinute 60 to 240; beyond that a take was interrupted, not spoken
     * @param takes in how many takes it was measured, 1 or more
     */
    public record Measured(int wordsPerMinute, int takes) {}

    private static final int LEAST = 60;
    private static final int MOST = 240;

    /** Words a minute of a paragraph read aloud; empty where it was not read through, or left lying. @param seconds more than 0 counts */
    public static Optional<Integer> readAloud(int words, long seconds) {
        if (seconds <= 0) return Optional.empty();
        long pace = Ratio.of(words * 60L, seconds).nearest();
        return pace < LEAST || pace > MOST ? Optional.empty() : Optional.of((int) pace);
    }

    private static final class Sum {
        private long words;
        private long seconds;
        private final Set<String> takes = new HashSet<>();
    }

    private Calibration() {}

    /** Only steps count whose time is their words': no hands longer than them, no wait, no caution, which is said slower on purpose. */
    public static Map<Segment, Measured> of(Workbook book) {
        if (book.takes().isEmpty()) return Map.of();
        var sums = new EnumMap<Segment, Sum>(Segment.class);
        for (var lesson : book.lessons()) {
            for (var take : book.takesOf(lesson.id())) add(sums, lesson, take);
        }
        var all = new EnumMap<Segment, Measured>(Segment.class);
        sums.forEach((segment, s) -> all.put(
                segment,
                new Measured(Math.clamp(Ratio.of(s.words * 60, s.seconds).nearest(), LEAST, MOST), s.takes.size())));
        return all;
    }

    private static void add(Map<Segment, Sum> sums, Lesson lesson, Take take) {
        var usual = new Pace(lesson.audience(), Map.of());
        for (var time : take.steps()) {
            var step = lesson.step(time.step()).orElse(null);
            if (step == null || time.choice() == Take.Choice.SPOILT) continue;
            if (!step.title().equals(time.title()) || !isSpoken(step, usual)) continue;
            int words = SpokenWords.count(step.say())
                    + SpokenWords.count(step.question())
                    + SpokenWords.count(step.answer());
            int seconds = time.seconds() - (step.question().isBlank() ? 0 : Pace.ANSWER_PAUSE);
            if (seconds <= 0) continue;
            var sum = sums.computeIfAbsent(step.segment(), k -> new Sum());
            sum.words += words;
            sum.seconds += seconds;
            sum.takes.add(take.id());
        }
    }

    private static boolean isSpoken(Step step, Pace usual) {
        return !step.say().isBlank()
                && step.waiting() == null
                && step.hands().likely() < usual.talk(step)
                && Cautions.in(step.say()).isEmpty();
    }
}
