package webodidact.bench.chaos;

import java.nio.file.Path;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Workbook;
import webodidact.desktop.state.Workspace;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.course.CourseLock;

/**
 * A process that is there to be killed: opens a course as the window does and types into it through the window's own saver, telling
 * on standard output the number of each edit when it was made.
 */
public final class Writing {
    static final String LESSON = "1-fish-parcels";

    private Writing() {}

    public static void main(String[] args) throws Exception {
        var folder = Path.of(args[0]);
        int letters = Integer.parseInt(args[1]);
        ExecutorService fx = Executors.newSingleThreadExecutor();
        var lock = CourseLock.take(folder).orElseThrow();
        var opened = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder)).value();
        var workspace = fx.submit(() -> new Workspace(opened, fx, lock, false)).get();
        var random = new SplittableRandom(Long.parseLong(args[2]));
        if (letters > 0)
            fx.submit(() -> workspace.editLesson(
                            "long", l -> l.withStep("s1", s -> s.but(d -> d.say = "Stir. ".repeat(letters / 6)))))
                    .get();
        workspace.settle();
        System.out.println("ready");
        for (int n = 1; ; n++) {
            int number = n;
            fx.submit(() -> workspace.edit("edit", b -> edited(b, number, random.nextInt(3))))
                    .get();
            System.out.println(n);
            Thread.sleep(random.nextInt(30));
        }
    }

    /** The number goes into the lesson each time, and now and then into other files, too. */
    private static Workbook edited(Workbook book, int number, int which) {
        var now = book.withLesson(LESSON, l -> numbered(l, number));
        return switch (which) {
            case 0 -> now.withHouseholds(List.of(Household.named("Home " + number)));
            case 1 -> now.withCourse(now.course().titled("Course " + number));
            default -> now;
        };
    }

    static Lesson numbered(Lesson lesson, int number) {
        return lesson.but(d -> d.title = "Edit " + number);
    }

    static int number(Lesson lesson) {
        return lesson.title().startsWith("Edit ")
                ? Integer.parseInt(lesson.title().substring(5))
                : 0;
    }
}
