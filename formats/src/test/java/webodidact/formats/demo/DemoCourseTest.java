package webodidact.formats.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import webodidact.core.lesson.Lesson;
import webodidact.formats.api.Read;
import webodidact.formats.json.JsonFile;

class DemoCourseTest {
    @Test
    void aCopyWithEditsIsKept(@TempDir Path folder) throws IOException {
        DemoCourse.copyTo(folder);
        Files.writeString(folder.resolve("households.csv"), "alias\nMine\n");
        DemoCourse.copyTo(folder);
        assertThat(folder.resolve("households.csv")).hasContent("alias\nMine");
    }

    @Test
    void theFilesAreAsTheApplicationWritesThem() throws IOException {
        for (var file : DemoCourse.FILES) {
            if (!file.endsWith(".lesson.json")) continue;
            var lesson = ((Read.Done<Lesson>) JsonFile.readLesson(file, "x", DemoCourse.content(file))).value();
            assertThat(JsonFile.write(lesson)).as(file).isEqualTo(DemoCourse.content(file));
        }
    }
}
