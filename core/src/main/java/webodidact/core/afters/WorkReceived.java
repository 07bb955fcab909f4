package webodidact.core.afters;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Received;
import webodidact.core.lesson.Workbook;
import webodidact.core.publish.HowItWent;

/** What homes sent after a lesson, against what they were asked; who has not yet, and who could not do it as it was asked. */
public record WorkReceived(List<Row> rows, List<String> questions, List<String> key, LocalDate due) {
    /** What an answer says beside the key. It is a hint for who reads it, no mark. */
    public enum Verdict {
        /** All that the key says stands in it. */
        AS_THE_KEY,
        /** Something else: read it. */
        LOOK,
        NONE
    }

    /**
     * @param received by that home, the newest last
     * @param verdicts of its newest answers, by question
     * @param alternative what it may do instead, where it had not what the task takes, or ""
     */
    public record Row(Household home, List<Received> received, List<Verdict> verdicts, String alternative) {
        public Row {
            received = List.copyOf(received);
            verdicts = List.copyOf(verdicts);
        }

        public boolean isOutstanding() {
            return received.isEmpty();
        }
    }

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.UK);
    private static final Pattern FIGURE = Pattern.compile("\\d+(?:[.,]\\d+)?");

    public WorkReceived {
        rows = List.copyOf(rows);
        questions = List.copyOf(questions);
        key = List.copyOf(key);
    }

    public static WorkReceived of(Workbook book, Lesson lesson, HowItWent asked, Knowledge knowledge) {
        var key = asked.questions().stream().map(q -> answer(lesson, q)).toList();
        var received = book.receivedOf(lesson.id());
        var rows = new ArrayList<Row>();
        for (var home : book.households()) {
            var own = received.stream()
                    .filter(r -> r.home().equalsIgnoreCase(home.alias()))
                    .toList();
            var answers = own.stream()
                    .map(Received::answers)
                    .filter(a -> !a.isEmpty())
                    .reduce((a, b) -> b)
                    .orElse(List.of());
            var verdicts = new ArrayList<Verdict>();
            for (int i = 0; i < key.size(); i++)
                verdicts.add(verdict(i < answers.size() ? answers.get(i) : "", key.get(i)));
            rows.add(new Row(home, own, verdicts, alternative(lesson, home, knowledge)));
        }
        return new WorkReceived(rows, asked.questions(), key, asked.by());
    }

    private static String answer(Lesson lesson, String question) {
        return lesson.steps().stream()
                .filter(s -> s.question().equals(question))
                .map(s -> s.answer())
                .findFirst()
                .orElse("");
    }

    /** Every figure of the key, and every word of it that carries something: then it says the same, in whatever order. */
    static Verdict verdict(String answer, String key) {
        if (answer.isBlank()) return Verdict.NONE;
        if (key.isBlank()) return Verdict.LOOK;
        var negated = Pattern.compile("\\b(not|no|never|n['’]t)\\b", Pattern.CASE_INSENSITIVE);
        if (negated.matcher(answer).find() != negated.matcher(key).find()) return Verdict.LOOK;
        var wanted = SameWords.of(key);
        boolean words = !wanted.isEmpty() && SameWords.share(wanted, SameWords.of(answer)) == 100;
        boolean figures = figures(answer).equals(figures(key));
        return words && figures || wanted.isEmpty() && !figures(key).isEmpty() && figures
                ? Verdict.AS_THE_KEY
                : Verdict.LOOK;
    }

    private static Set<String> figures(String text) {
        return FIGURE.matcher(text)
                .results()
                .map(r -> r.group().replace(',', '.'))
                .collect(Collectors.toSet());
    }

    /** Nobody is asked for a picture of a dish that could not be made there. */
    private static String alternative(Lesson lesson, Household home, Knowledge knowledge) {
        boolean oven = !home.oven() && lesson.steps().stream().anyMatch(s -> s.place() == Place.OVEN);
        boolean hob = !home.hob() && lesson.steps().stream().anyMatch(s -> s.place() == Place.RING);
        if (oven || hob) return Words.OURS.say("work.noHeat", oven ? 0 : 1);
        var missing = lesson.foods().stream()
                .filter(f ->
                        f.food() != null && !f.optional() && home.missingFoods().contains(f.food()))
                .map(f -> knowledge
                        .food(f.food())
                        .map(x -> x.name())
                        .orElse(f.item())
                        .toLowerCase(Locale.ROOT))
                .toList();
        return missing.isEmpty() ? "" : Words.OURS.say("work.noFood", String.join(", ", missing));
    }

    public List<Row> outstanding() {
        return rows.stream().filter(Row::isOutstanding).toList();
    }

    public int in() {
        return rows.size() - outstanding().size();
    }

    /** A text to copy to who has sent nothing: one for all, with nobody in it. */
    public String reminder(Lesson lesson) {
        if (outstanding().isEmpty()) return "";
        return due == null
                ? Words.OURS.say("work.reminder", lesson.title())
                : Words.OURS.say("work.reminderBy", lesson.title(), DAY.format(due));
    }
}
