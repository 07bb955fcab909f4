package webodidact.terminal;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import webodidact.core.answer.Question;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Workbook;
import webodidact.core.outcome.Outcome;
import webodidact.core.rules.Rules;
import webodidact.core.script.HandsPace;
import webodidact.core.timing.Calibration;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.course.CourseLock;

/** A lesson's file named on the command line, read with the course it lies in. */
record LessonFile(CourseFolder folder, Workbook book, Lesson lesson, List<Warning> warnings) {
    /**
     * Says on {@code err} all that could not be read of its course, and how many homes were left out.
     *
     * @throws IllegalArgumentException that says what cannot be read, and where
     */
    static LessonFile open(String command, Path file, PrintWriter err) {
        var name = String.valueOf(file.getFileName());
        if (!name.endsWith(CourseFolder.LESSON))
            throw new IllegalArgumentException(Words.say("lesson.name", command, file, CourseFolder.LESSON));
        var folder = file.toAbsolutePath().getParent();
        var opened = course(command, folder);
        var id = name.substring(0, name.length() - CourseFolder.LESSON.length());
        var book = opened.value().workbook();
        var lesson = book.lesson(id)
                .orElseThrow(() -> new IllegalArgumentException(command + ": "
                        + opened.warnings().stream()
                                .filter(w -> w.place().file().equals(name))
                                .findFirst()
                                .map(w -> w.text())
                                .orElse(Words.say("lesson.none", file))));
        opened.warnings().forEach(w -> err.println(command + ": " + w.text()));
        long left = opened.warnings().stream()
                .filter(w -> isHomes(w) && w.place().line() > 1 && w.code().equals("bad-value"))
                .count();
        if (left > 0) err.println(Words.say("lesson.left", command, left));
        return new LessonFile(opened.value().folder(), book, lesson, opened.warnings());
    }

    /** That lesson, or all of a course: its folder, or a file of it that is no lesson. */
    static List<LessonFile> lessons(String command, Path file, PrintWriter err) {
        if (String.valueOf(file.getFileName()).endsWith(CourseFolder.LESSON)) return List.of(open(command, file, err));
        boolean folder = Files.isDirectory(file);
        if (!folder && !Files.isRegularFile(file.resolveSibling(CourseFolder.COURSE))
                || !folder && !file.getFileName().toString().equals(CourseFolder.COURSE))
            throw new IllegalArgumentException(Words.say("lesson.name", command, file, CourseFolder.LESSON));
        var opened = course(command, folder ? file : file.toAbsolutePath().getParent());
        opened.warnings().forEach(w -> err.println(command + ": " + w.text()));
        var book = opened.value().workbook();
        return book.lessons().stream()
                .map(l -> new LessonFile(opened.value().folder(), book, l, opened.warnings()))
                .toList();
    }

    private static Read.Done<CourseFolder.Opened> course(String command, Path folder) {
        return switch (CourseFolder.open(folder)) {
            case Read.Done<CourseFolder.Opened> done -> done;
            case Read.Refused<CourseFolder.Opened>(var why) ->
                throw new IllegalArgumentException(command + ": " + why.text());
        };
    }

    private static boolean isHomes(Warning warning) {
        return warning.place().file().equals(CourseFolder.HOUSEHOLDS);
    }

    /** @throws IllegalArgumentException if there is a table of homes that was not read at all */
    void needHomes(String command) {
        boolean refused = book.households().isEmpty() && warnings.stream().anyMatch(LessonFile::isHomes);
        if (refused) throw new IllegalArgumentException(Words.say("lesson.noHomes", command));
    }

    /** The exit code: 70 where the program itself failed at something, whatever else was found. */
    static int code(Outcome outcome, boolean found) {
        return !outcome.unworked().isEmpty() ? Terminal.FAULT : found ? 1 : 0;
    }

    /** Writes the lesson as it shall be. @throws IllegalArgumentException while a window works on its course */
    LessonFile saving(String command, Lesson changed) throws IOException {
        if (CourseLock.holder(folder.path()).isPresent())
            throw new IllegalArgumentException(Words.say("lesson.open", command));
        var after = book.withLesson(lesson.id(), l -> changed);
        folder.save(book, after);
        return new LessonFile(folder, after, changed, warnings);
    }

    Outcome outcome() {
        return Outcome.of(question());
    }

    /** With those of its checks alone that tell of something begun and not ended, and what hides them. */
    Outcome openEnds() {
        return Outcome.ofTimes(question(), Rules.openEnds());
    }

    /** Its times alone; no check is asked. */
    Outcome plan() {
        return Outcome.ofTimes(question(), List.of());
    }

    /** All that its answers depend on; an answer is worked out only when it is asked for. */
    Question question() {
        return new Question(
                lesson,
                book.course(),
                Knowledge.of(book.course().foods()),
                book.households(),
                book.lessons(),
                Calibration.of(book),
                HandsPace.of(book, Knowledge.of(book.course().foods())));
    }
}
