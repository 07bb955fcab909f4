package webodidact.formats.course;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import webodidact.formats.api.Read;
import webodidact.formats.demo.DemoCourse;

/** A fresh copy of the demo course in a folder of its own, for each test. */
abstract class OnDemoCourse {
    @TempDir
    Path folder;

    @BeforeEach
    void demo() throws IOException {
        DemoCourse.copyTo(folder);
    }

    Read.Done<CourseFolder.Opened> open() {
        return (Read.Done<CourseFolder.Opened>) CourseFolder.open(folder);
    }

    List<String> files() throws IOException {
        try (var all = Files.list(folder)) {
            return all.map(p -> p.getFileName().toString()).sorted().toList();
        }
    }
}
