package webodidact.core.lesson;

import java.time.LocalDate;
import java.util.List;
import webodidact.core.words.Plain;

/**
 * What a home sent after a lesson.
 *
 * @param home alias; gone with the homes
 * @param answers to the questions of the lesson, in their order; "" where one was left out
 * @param note what else it wrote
 */
public record Received(String lesson, String home, Kind kind, LocalDate on, List<String> answers, String note) {
    /** What it is. */
    public enum Kind {
        PICTURE,
        ANSWERS,
        REPLY;

        public String title() {
            return Words.OURS.title(this);
        }
    }

    public Received {
        lesson = Plain.line(lesson);
        home = Plain.line(home);
        if (lesson.isEmpty() || home.isEmpty() || on == null)
            throw new IllegalArgumentException(Words.OURS.say("wrong.received", lesson, home));
        kind = kind == null ? Kind.REPLY : kind;
        // A file keeps them in one cell.
        answers = answers == null
                ? List.of()
                : answers.stream().map(a -> Plain.line(a).replace(';', ',')).toList();
        if (answers.size() > 200) throw new IllegalArgumentException(Words.OURS.say("wrong.received.2", home));
        if (answers.stream().allMatch(String::isEmpty)) answers = List.of();
        note = Plain.line(note);
    }
}
