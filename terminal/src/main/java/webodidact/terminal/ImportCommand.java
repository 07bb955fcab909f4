package webodidact.terminal;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import webodidact.core.lesson.Lesson;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.importing.Importer;
import webodidact.formats.json.JsonFile;

/** A recipe's file of whatever kind, or a lesson of another course, made into a lesson; what is left of it is said. */
final class ImportCommand implements Command {
    private Told told;

    private Path file;

    private MannerOptions options;

    @Override
    public Manual manual() {
        return MannerOptions.in(new Manual("import").argument("FILE"));
    }

    @Override
    public int run(Told told) throws IOException {
        this.told = told;
        file = told.file();
        options = MannerOptions.of(told);
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
