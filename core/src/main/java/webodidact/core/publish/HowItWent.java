package webodidact.core.publish;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import webodidact.core.answer.Question;
import webodidact.core.lesson.Kind;

/**
 * What learners are asked after the lesson.
 *
 * @param skills that it practised, in its order
 * @param questions asked in it, without their answers
 * @param task what is to be done by the next one, in the instructor's words, or ""
 * @param by the day the answers are wanted: that of the next lesson, else a week after air; null while there is no day
 */
public record HowItWent(List<String> skills, List<String> questions, String task, LocalDate by) {
    private static final int DAYS = 7;

    public static HowItWent of(Question question) {
        var lesson = question.lesson();
        var skills = lesson.steps().stream()
                .map(s -> s.learning().skill())
                .filter(s -> !s.isBlank())
                .distinct()
                .toList();
        var questions = lesson.steps().stream()
                .map(s -> s.question())
                .filter(q -> !q.isBlank())
                .distinct()
                .toList();
        var task = lesson.steps().stream()
                .filter(s -> s.kind() == Kind.TASK)
                .map(s -> s.card().isBlank() ? task(s.say()) : s.card())
                .findFirst()
                .orElse("");
        return new HowItWent(skills, questions, task, by(question));
    }

    /** The sentences up to the goodbye: thanks are no task. */
    private static String task(String say) {
        var told = Phrases.sentences(say).stream()
                .takeWhile(s -> !s.matches("(?i).*\\b(?:thank you|thanks|goodbye|bye|see you|good night)\\b.*"))
                .toList();
        return String.join(" ", told);
    }

    private static LocalDate by(Question question) {
        var air = question.lesson().air();
        if (air == null) return null;
        return question.all().stream()
                .map(l -> l.air())
                .filter(a -> a != null && a.isAfter(air))
                .min(Comparator.naturalOrder())
                .map(a -> a.toLocalDate())
                .orElse(air.toLocalDate().plusDays(DAYS));
    }
}
