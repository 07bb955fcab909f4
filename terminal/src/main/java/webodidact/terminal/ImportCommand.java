package webodidact.terminal;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import webodidact.core.lesson.Lesson;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.importing.Importer;
import webodidact.formats.json.JsonFile;

/** A recipe's file of whatever kind, or a lesson of another course, made into a lesson; or a table of homes put into a course. What is left is said. */
final class ImportCommand implements Command {
    private Told told;

    private Path file;

    private MannerOptions options;

    @Override
    public Manual manual() {
        return MannerOptions.in(new Manual("import").argument("FILE")).flag("replace");
    }

    @Override
    public int run(Told told) throws IOException {
        this.told = told;
        file = told.file();
        options = MannerOptions.of(told);
        if (isOfHomes()) {
            new ImportedHomes(told, file, options.out()).put(told.has("replace"));
            return 0;
        }
        var manner = options.manner();
        var err = told.err();
        Lesson lesson;
        if (String.valueOf(file.getFileName()).endsWith(CourseFolder.LESSON)) lesson = another();
        else {
            var read = Importer.read(file);
            // What cannot be read must not leave an empty course behind.
            lesson = Drafting.at("import", options.out()).draft(read.text(), read.title(), file, manner, err);
            err.println(Words.say("import.format", read.format()));
            for (var left : read.left()) err.println(Words.say("import.left", left.text()));
        }
        options.done(told, lesson);
        return 0;
    }

    /** A table, and a course to put it into. */
    private boolean isOfHomes() {
        return String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT).endsWith(".csv")
                && CourseFolder.isCourse(options.out());
    }

    /** A lesson of another course, whatever older form it is in. */
    private Lesson another() throws IOException {
        if (!Files.isRegularFile(file)) throw new IllegalArgumentException(Words.say("draft.none", file));
        var place = Drafting.at("import", options.out());
        var read = JsonFile.readLesson(file.getFileName().toString(), place.id(), Files.readAllBytes(file));
        if (read instanceof Read.Refused<Lesson>(var why)) throw new IllegalArgumentException("import: " + why.text());
        var done = (Read.Done<Lesson>) read;
        done.warnings().forEach(w -> told.err().println("import: " + w.text()));
        int number =
                place.book().lessons().stream().mapToInt(Lesson::number).max().orElse(0) + 1;
        var lesson = done.value().but(d -> d.number = number);
        place.save(lesson);
        return lesson;
    }
}
