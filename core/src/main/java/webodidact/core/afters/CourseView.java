package webodidact.core.afters;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import webodidact.core.answer.Question;
import webodidact.core.check.Finding;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.Workbook;
import webodidact.core.outcome.Outcome;
import webodidact.core.script.HandsPace;
import webodidact.core.timing.Calibration;

/** All lessons of a course in the order they go on air. */
public record CourseView(List<Row> rows, CarryOver carry) {
    /** How far a lesson has come. */
    public enum State {
        EMPTY,
        TO_MEND,
        READY,
        REHEARSED,
        DONE;

        public String title() {
            return Words.OURS.title(this);
        }
    }

    /**
     * @param planned seconds on air; with untimed steps not all of them
     * @param skills first practised in it; {@code again} those that an earlier lesson had
     * @param shared foods that another lesson uses, too
     */
    public record Row(
            Lesson lesson,
            State state,
            int planned,
            int untimed,
            int stops,
            int looks,
            int takes,
            List<String> skills,
            List<String> again,
            List<String> shared) {}

    public CourseView {
        rows = List.copyOf(rows);
    }

    /** Works every lesson out: not on the interface thread. */
    public static CourseView of(Workbook book, Knowledge knowledge) {
        var rows = new ArrayList<Row>();
        Set<String> met = new LinkedHashSet<>();
        var measured = Calibration.of(book);
        var hands = HandsPace.of(book, knowledge);
        var lessons = book.lessons().stream()
                .sorted(Comparator.comparing(
                                (Lesson l) -> l.air(), Comparator.nullsLast(Comparator.<LocalDateTime>naturalOrder()))
                        .thenComparingInt(Lesson::number))
                .toList();
        for (var lesson : lessons) {
            var outcome = Outcome.of(
                    new Question(lesson, book.course(), knowledge, book.households(), book.lessons(), measured, hands));
            var fresh = new ArrayList<String>();
            var again = new ArrayList<String>();
            for (var step : lesson.steps()) {
                var skill = step.skill();
                if (skill.isBlank() || fresh.contains(skill) || again.contains(skill)) continue;
                (met.add(skill) ? fresh : again).add(skill);
            }
            int stops = (int)
                    outcome.report().open().stream().filter(Finding::isStop).count();
            var takes = book.takesOf(lesson.id());
            rows.add(new Row(
                    lesson,
                    state(lesson, stops, takes),
                    outcome.schedule().planned(),
                    outcome.schedule().untimed().size(),
                    stops,
                    outcome.report().open().size() - stops,
                    takes.size(),
                    List.copyOf(fresh),
                    List.copyOf(again),
                    shared(lesson, book)));
        }
        return new CourseView(rows, CarryOver.of(book, knowledge));
    }

    private static State state(Lesson lesson, int stops, List<Take> takes) {
        if (takes.stream().anyMatch(t -> !t.kind().isRehearsal())) return State.DONE;
        if (lesson.steps().isEmpty()) return State.EMPTY;
        if (stops > 0) return State.TO_MEND;
        return takes.isEmpty() ? State.READY : State.REHEARSED;
    }

    private static List<String> shared(Lesson lesson, Workbook book) {
        return lesson.foods().stream()
                .filter(f -> f.food() != null
                        && book.lessons().stream()
                                .anyMatch(l -> !l.id().equals(lesson.id())
                                        && l.foods().stream()
                                                .anyMatch(o -> f.food().equals(o.food()))))
                .map(f -> f.item())
                .toList();
    }
}
