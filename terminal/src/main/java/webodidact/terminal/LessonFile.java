package webodidact.terminal;

import java.nio.file.Path;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Workbook;
import webodidact.core.outcome.Outcome;
import webodidact.core.timing.Calibration;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;

/** A lesson's file named on the command line, read with the course it lies in. */
record LessonFile(Workbook book, Lesson lesson) {
    /** @throws IllegalArgumentException that says what cannot be read, and where */
    static LessonFile open(String command, Path file) {
        var name = file.getFileName().toString();
        if (!name.endsWith(CourseFolder.LESSON)) throw new IllegalArgumentException(command + ": '" + file + "': expected a *" + CourseFolder.LESSON);
        var folder = file.toAbsolutePath().getParent();
        var opened = switch (CourseFolder.open(folder)) {
            case Read.Done<CourseFolder.Opened> done -> done;
            case Read.Refused<CourseFolder.Opened>(var why) -> throw new IllegalArgumentException(command + ": " + why.text());
        };
        var id = name.substring(0, name.length() - CourseFolder.LESSON.length());
        var book = opened.value().workbook();
        var lesson = book.lesson(id).orElseThrow(() -> new IllegalArgumentException(command + ": " + opened.warnings().stream().filter(w -> w.place().file().equals(name))
                .findFirst().map(w -> w.text()).orElse(file + ": no such lesson in its course")));
        return new LessonFile(book, lesson);
    }

    Outcome outcome() {
        return Outcome.of(lesson, book.course(), Knowledge.of(book.course().foods()), Calibration.of(book));
    }
}
