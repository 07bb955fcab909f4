package webodidact.core.lesson;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A whole course as it is on the desk: one value, so that any edit at any station can be undone. A lesson whose times or amounts are
 * beyond what can be worked out is refused with an {@link IllegalArgumentException} that says which.
 */
public record Workbook(Course course, List<Lesson> lessons, List<Household> households, List<Take> takes) {
    public Workbook {
        lessons = lessons.stream()
                .sorted(Comparator.comparingInt(Lesson::number).thenComparing(Lesson::id))
                .toList();
        households = List.copyOf(households);
        takes = List.copyOf(takes);
        lessons.forEach(Lesson::bounded);
    }

    public Optional<Lesson> lesson(String id) {
        return lessons.stream().filter(l -> l.id().equals(id)).findFirst();
    }

    public Workbook withLesson(String id, UnaryOperator<Lesson> change) {
        return new Workbook(
                course,
                lessons.stream()
                        .map(l -> l.id().equals(id) ? change.apply(l) : l)
                        .toList(),
                households,
                takes);
    }

    public Workbook adding(Lesson lesson) {
        var all = new ArrayList<>(lessons);
        all.add(lesson);
        return new Workbook(course, all, households, takes);
    }

    /** A take of the same id is replaced: a run that goes on. */
    public Workbook adding(Take take) {
        var all = new ArrayList<>(takes);
        all.removeIf(t -> t.id().equals(take.id()));
        all.add(take);
        return new Workbook(course, lessons, households, all);
    }

    public Workbook withCourse(Course other) {
        return new Workbook(other, lessons, households, takes);
    }

    public Workbook withHouseholds(List<Household> other) {
        return new Workbook(course, lessons, other, takes);
    }

    public List<Take> takesOf(String lessonId) {
        return takes.stream().filter(t -> t.lesson().equals(lessonId)).toList();
    }
}
