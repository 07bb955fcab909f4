package webodidact.formats.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import webodidact.core.fit.Fit;
import webodidact.core.fit.Solver;
import webodidact.core.food.Knowledge;
import webodidact.core.homes.Progress;
import webodidact.core.lesson.Lesson;
import webodidact.core.outcome.Outcome;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
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

    @Test
    void eachLessonHasThreeWaysToFitItsSlot(@TempDir Path folder) throws IOException {
        DemoCourse.copyTo(folder);
        var book = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder))
                .value()
                .workbook();
        for (var lesson : book.lessons()) {
            var outcome = Outcome.of(lesson, book.course(), Knowledge.shipped());
            var found = Fit.propose(outcome, book.households(), Solver.usual(), Progress.NONE);
            // One with minutes in hand needs no three.
            int ways = outcome.schedule().inHand() > outcome.schedule().slot() / 4 ? 1 : 3;
            assertThat(found).as(lesson.title()).hasSizeGreaterThanOrEqualTo(ways);
            assertThat(found.getFirst().fits()).as(lesson.title()).isTrue();
        }
    }
}
