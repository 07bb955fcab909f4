package webodidact.desktop.view.bench;

import java.time.Duration;
import java.time.LocalTime;
import java.util.Optional;
import java.util.regex.Pattern;
import webodidact.core.lesson.Lesson;
import webodidact.core.time.AirClock;

/** Seconds of air, told and typed: by the clock where the lesson has a day, else counted back. */
final class BenchClock {
    private static final Pattern TIME = Pattern.compile("([01]?\\d|2[0-3])[:.]([0-5]\\d)");
    private static final Pattern MINUTES = Pattern.compile("-?(\\d{1,4})");
    private static final int DAY = 24 * 3600;

    private BenchClock() {}

    static String exact(Lesson lesson, int second) {
        return AirClock.exact(lesson.air(), second);
    }

    static String text(Lesson lesson, int second) {
        return AirClock.text(lesson.air(), second);
    }

    /** The last such time before air; without a day, minutes before it. Empty if it is neither. */
    static Optional<Integer> read(Lesson lesson, String typed) {
        var time = TIME.matcher(typed.strip());
        if (lesson.air() != null && time.matches()) {
            var at = lesson.air()
                    .toLocalDate()
                    .atTime(LocalTime.of(Integer.parseInt(time.group(1)), Integer.parseInt(time.group(2))));
            int second = (int) Duration.between(lesson.air(), at).getSeconds();
            return Optional.of(second > 0 ? second - DAY : second);
        }
        var minutes = MINUTES.matcher(typed.strip());
        return lesson.air() == null && minutes.matches()
                ? Optional.of(-60 * Integer.parseInt(minutes.group(1)))
                : Optional.empty();
    }
}
