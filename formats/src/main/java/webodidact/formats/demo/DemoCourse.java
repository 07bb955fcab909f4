package webodidact.formats.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import webodidact.formats.course.AtomicFile;
import webodidact.formats.course.CourseFolder;

/** The invented course that comes with the application. */
public final class DemoCourse {
    public static final List<String> FILES = List.of(
            "course.json",
            "1-fish-parcels.lesson.json",
            "2-cheese-scones.lesson.json",
            "3-vegetable-dumplings.lesson.json",
            "households.csv",
            "takes.csv");

    private DemoCourse() {}

    public static byte[] content(String file) throws IOException {
        try (var in = DemoCourse.class.getResourceAsStream(file)) {
            return in.readAllBytes();
        }
    }

    /** Lays the demo into the folder; a course that is there already is left as it is. {@code course.json} is written last. */
    public static void copyTo(Path folder) throws IOException {
        if (CourseFolder.isCourse(folder)) return;
        Files.createDirectories(folder);
        for (var file : FILES.reversed()) AtomicFile.write(folder.resolve(file), content(file));
    }
}
