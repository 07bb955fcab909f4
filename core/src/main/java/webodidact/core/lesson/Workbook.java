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
public record Workbook(
        Course course, List<Lesson> lessons, List<Household> households, List<Take> takes, List<Received> received) {
    public Workbook(Course course, List<Lesson> lessons, List<Household> households, List<Take> takes) {
        this(course, lessons, households, takes, List.of());
    }

    public Workbook {
        lessons = lessons.stream()
                .sorted(Comparator.comparingInt(Lesson::number).thenComparing(Lesson::id))
                .toList();
        households = List.copyOf(households);
        takes = List.copyOf(takes);
        received = List.copyOf(received);
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
                takes,
                received);
    }

    public Workbook adding(Lesson lesson) {
        var all = new ArrayList<>(lessons);
        all.add(lesson);
        return new Workbook(course, all, households, takes, received);
    }

    /** A take of the same id is replaced where it stands: a run that goes on, a choice that is made. */
    public Workbook adding(Take take) {
        var all = new ArrayList<>(takes);
        boolean known = all.stream().anyMatch(t -> t.id().equals(take.id()));
        if (known) all.replaceAll(t -> t.id().equals(take.id()) ? take : t);
        else all.add(take);
        return new Workbook(course, lessons, households, all, received);
    }

    public Workbook withCourse(Course other) {
        return new Workbook(other, lessons, households, takes, received);
    }

    public Workbook withLessons(List<Lesson> other) {
        return new Workbook(course, other, households, takes, received);
    }

    public Workbook withHouseholds(List<Household> other) {
        return new Workbook(course, lessons, other, takes, received);
    }

    public Workbook withTakes(List<Take> other) {
        return new Workbook(course, lessons, households, other, received);
    }

    public Workbook withReceived(List<Received> other) {
        return new Workbook(course, lessons, households, takes, other);
    }

    /** All that is known of homes goes: what they sent, too. */
    public Workbook forgettingHomes() {
        return new Workbook(course, lessons, List.of(), takes, List.of());
    }

    public List<Take> takesOf(String lessonId) {
        return takes.stream().filter(t -> t.lesson().equals(lessonId)).toList();
    }

    public List<Received> receivedOf(String lessonId) {
        return received.stream().filter(r -> r.lesson().equals(lessonId)).toList();
    }
}
