package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;

class WelcomeTest extends WindowTest {
    @Override
    void begin() {
        window.welcome();
    }

    @Test
    void theDemoIsOneButton() {
        click("#open-demo");
        assertThat(workspace().book().course().title()).isEqualTo("Saltmarsh Supper School");
        assertThat(workspace().folder().path()).isEqualTo(home.resolve("demo-course"));
    }

    @Test
    void aNewCourseSaysWhatToDoFirst() {
        type("#course-title", "Tidepool Kitchen");
        var proposed = home.resolve("Webodidact").resolve("Tidepool Kitchen");
        assertThat(text("#course-place")).isEqualTo("It will be made in " + proposed + ".");
        click("#create-course");
        assertThat(workspace().book().course().title()).isEqualTo("Tidepool Kitchen");
        assertThat(proposed.resolve("course.json")).exists();
        click("#first-lesson");
        fill("#new-title", "Soda bread");
        assertThat(lesson().title()).isEqualTo("Soda bread");
        assertThat(window.station()).isEqualTo("larder");
    }

    @Test
    void anotherFolderCanBeChosenAndOneThatIsTakenGetsANumber() throws IOException {
        Files.createDirectories(home.resolve("Webodidact/Tidepool"));
        type("#course-title", "Tidepool");
        assertThat(text("#course-place")).endsWith("Tidepool 2.");
        click("#other-folder");
        assertThat(text("#course-place")).isEqualTo("It will be made in " + out + ".");
        type("#course-title", "Still there");
        click("#create-course");
        assertThat(out.resolve("course.json")).exists();
    }

    @Override
    void settle() {
        if (window.workspace() != null) super.settle();
    }

    @Test
    void aFolderThatIsNoCourseIsRefusedInPlainWords() throws IOException {
        Files.createDirectories(out);
        click("#open-course");
        assertThat(text("#trouble")).contains("is no course: expected a folder with a course.json");
    }

    @Test
    void aDamagedLessonIsNamedAndLeftAlone() throws IOException {
        var file = course.resolve("2-cheese-scones.lesson.json");
        Files.writeString(file, Files.readString(file).replace("\"hands-on\"", "\"asleep\""));
        var damaged = Files.readString(file);
        robot.interact(() -> window.open(course));
        assertThat(robot.lookup(".sheet .body").queryLabeled().getText())
                .startsWith("2-cheese-scones.lesson.json, line ")
                .contains("'asleep': expected one of");
        click("#go-on");
        assertThat(workspace().book().lessons()).hasSize(2);
        assertThat(file).hasContent(damaged);
    }
}
