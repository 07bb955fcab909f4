package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import javafx.event.Event;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Workbook;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.course.CourseLock;

/** The window while the disk, another program or another window is in the way: nothing is lost, nothing is written over unseen. */
class DiskJourneyTest extends WindowTest {
    private static final String FISH = "1-fish-parcels.lesson.json";

    private Workbook disk(Path folder) {
        return ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder))
                .value()
                .workbook();
    }

    private Lesson fish(Path folder) {
        return disk(folder).lesson("1-fish-parcels").orElseThrow();
    }

    private void title(String title) {
        robot.interact(() -> workspace().editLesson("Change the title", l -> l.but(d -> d.title = title)));
        settle();
    }

    private void close() {
        robot.interact(() -> Event.fireEvent(stage, new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        WaitForAsyncUtils.waitForFxEvents(1);
    }

    private void press(String id) {
        robot.interact(() -> ((ButtonBase) find(id)).fire());
        WaitForAsyncUtils.waitForFxEvents(1);
    }

    /** Until it is so, at most six seconds: what others do is looked at every two. */
    private void until(BooleanSupplier is) throws Exception {
        WaitForAsyncUtils.waitFor(
                6,
                TimeUnit.SECONDS,
                () -> WaitForAsyncUtils.asyncFx(is::getAsBoolean).get());
        WaitForAsyncUtils.waitForFxEvents(1);
    }

    private Path away() throws IOException {
        var away = home.resolve("away");
        Files.move(course, away);
        return away;
    }

    @Test
    void troubleStaysInALineUntilASaveHasSucceeded() throws Exception {
        var away = away();
        title("While away");
        assertThat(text("#trouble-line"))
                .isEqualTo(
                        "■ Not saved: 'course' is not there (any more). What you do is kept here and tried again by itself.");
        assertThat(text("#saved")).isEqualTo("not saved");
        title("Still away");
        assertThat(find("#trouble-line").isVisible())
                .as("the next edit does not hide it")
                .isTrue();
        assertThat(text("#saved")).isEqualTo("not saved");
        assertThat(course).doesNotExist();
        Files.move(away, course);
        press("#try-again");
        settle();
        assertThat(isThere("#trouble-line") && find("#trouble-line").getParent().isVisible())
                .isFalse();
        assertThat(text("#saved")).isEqualTo("saved");
        assertThat(fish(course).title()).isEqualTo("Still away");
    }

    @Test
    void closingAsksWhileTheLastEditIsNotOnDisk() throws Exception {
        var away = away();
        title("Not yet saved");
        close();
        assertThat(stage.isShowing()).isTrue();
        assertThat(text("#question-text"))
                .isEqualTo(
                        "The last edits are not on disk: 'course' is not there (any more). If you close without saving they are lost.");
        robot.push(KeyCode.ESCAPE);
        assertThat(isThere("#question")).isFalse();
        assertThat(workspace().lesson().title()).as("Escape goes on working").isEqualTo("Not yet saved");
        close();
        press("#question-tryAgain");
        assertThat(isThere("#question")).as("it fails once more").isTrue();
        Files.move(away, course);
        press("#question-tryAgain");
        assertThat(stage.isShowing()).isFalse();
        assertThat(fish(course).title()).isEqualTo("Not yet saved");
    }

    @Test
    void closingCanSaveTheWholeCourseElsewhere() throws Exception {
        away();
        title("Rescued");
        close();
        press("#question-elsewhere");
        assertThat(stage.isShowing()).isFalse();
        assertThat(fish(out).title()).isEqualTo("Rescued");
        assertThat(disk(out).households()).hasSize(24);
    }

    @Test
    void fromTheLineTheCourseGoesElsewhereAndWorkGoesOnThere() throws Exception {
        away();
        title("Rescued");
        press("#save-elsewhere");
        assertThat(workspace().folder().path()).isEqualTo(out);
        title("And on");
        assertThat(text("#saved")).isEqualTo("saved");
        assertThat(fish(out).title()).isEqualTo("And on");
    }

    @Test
    void closingWithoutSavingIsAChoice() throws Exception {
        var away = away();
        title("Given up");
        close();
        press("#question-discard");
        assertThat(stage.isShowing()).isFalse();
        assertThat(fish(away).title()).isEqualTo("Fish parcels, new potatoes");
    }

    @Test
    void whatAnotherProgramWroteIsComparedStepByStepAndPicked() throws Exception {
        var theirs = Files.readString(course.resolve(FISH))
                .replace("Fish parcels, new potatoes", "Parcels by them")
                .replaceFirst("\"say\" : \"[^\"]*\"", "\"say\" : \"Their words.\"");
        Files.writeString(course.resolve(FISH), theirs);
        until(() -> find("#trouble-line").getParent().isVisible());
        assertThat(text("#trouble-line"))
                .isEqualTo("▲ " + FISH
                        + " was changed by another program. Nothing is written over it until you have looked.");
        robot.interact(() -> workspace().editLesson("Slot", l -> l.but(d -> d.slot = 3333)));
        settle();
        assertThat(course.resolve(FISH)).as("held back").hasContent(theirs);
        assertThat(text("#saved")).isEqualTo("not saved");
        press("#compare");
        assertThat(robot.lookup("#compare-sheet .strong").queryAllAs(Label.class))
                .extracting(Label::getText)
                .containsExactly("The lesson itself", "Step “Welcome”");
        assertThat(robot.lookup("#compare-sheet .body").queryAllAs(Label.class))
                .extracting(Label::getText)
                .contains("Fish parcels, new potatoes", "Parcels by them", "Their words.");
        press("#theirs-step-s1");
        press("#compare-use");
        settle();
        assertThat(fish(course).slot()).isEqualTo(3333);
        assertThat(fish(course).title()).isEqualTo("Fish parcels, new potatoes");
        assertThat(fish(course).steps().getFirst().say()).isEqualTo("Their words.");
        assertThat(course.resolve(FISH + ".kept-1")).hasContent(theirs);
        assertThat(text("#saved")).isEqualTo("saved");
        undo();
        assertThat(lesson().steps().getFirst().say()).isNotEqualTo("Their words.");
        assertThat(lesson().slot()).isEqualTo(3333);
    }

    @Test
    void homesThatAnotherProgramWroteAreShownWithTheirAllergiesBeforeTheyCount() throws Exception {
        Files.writeString(course.resolve("households.csv"), "alias,allergies\nPuffin,milk\nSmew,\n");
        until(() -> find("#trouble-line").getParent().isVisible());
        press("#compare");
        assertThat(text("#question-text"))
                .contains("Yours: 24 homes, ")
                .contains("Theirs: 2 homes, 1 of them with allergies.");
        assertThat(workspace().book().households()).hasSize(24);
        press("#question-theirs");
        settle();
        assertThat(workspace().book().households()).hasSize(2);
        undo();
        assertThat(disk(course).households()).hasSize(24);
    }

    @Test
    void aDamagedVersionOfAnotherProgramIsNeverTaken() throws Exception {
        Files.writeString(course.resolve(FISH), "{ \"format\": 1, ");
        until(() -> find("#trouble-line").getParent().isVisible());
        press("#compare");
        assertThat(robot.lookup("#question .title").queryAs(Label.class).getText())
                .startsWith(FISH + " was changed by another program and cannot be read: not JSON from here");
        press("#question-mine");
        settle();
        assertThat(fish(course).title()).isEqualTo("Fish parcels, new potatoes");
        assertThat(course.resolve(FISH + ".kept-1")).hasContent("{ \"format\": 1, ");
    }

    @Test
    void aKeptCopyIsBroughtBackPlaceByPlaceOrDeleted() throws Exception {
        var old = Files.readString(course.resolve(FISH)).replace("Fish parcels, new potatoes", "As it once was");
        Files.writeString(course.resolve(FISH + ".kept-4"), old);
        click("#slate-title");
        click("#kept-copies");
        press("#back-1-fish-parcels-lesson-json-kept-4");
        press("#compare-all-theirs");
        press("#compare-use");
        settle();
        assertThat(lesson().title()).isEqualTo("As it once was");
        undo();
        assertThat(lesson().title()).isEqualTo("Fish parcels, new potatoes");
        click("#slate-title");
        click("#kept-copies");
        press("#delete-1-fish-parcels-lesson-json-kept-4");
        assertThat(course.resolve(FISH + ".kept-4")).doesNotExist();
        assertThat(text("#kept-sheet .empty")).startsWith("Nothing was ever written over");
    }

    @Test
    void aCourseThatAnotherWindowWorksOnIsAskedAboutReadAndTakenOver() throws Exception {
        robot.interact(() -> window.welcome());
        var other = CourseLock.take(course).orElseThrow();
        robot.interact(() -> window.open(course));
        assertThat(robot.lookup("#question .title").queryAs(Label.class).getText())
                .isEqualTo("This course is open in another window");
        press("#question-readOnly");
        title("Not here");
        assertThat(lesson().title()).isEqualTo("Fish parcels, new potatoes");
        assertThat(text("#saved")).isEqualTo("read only");
        assertThat(text("#notice")).isEqualTo("This course is open in another window: nothing was changed here.");
        press("#take-over");
        settle();
        assertThat(other.isHeld()).isFalse();
        title("Here now");
        assertThat(fish(course).title()).isEqualTo("Here now");
    }

    @Test
    void whoIsTakenOverStopsWritingAndSaysSo() throws Exception {
        var other = CourseLock.take(course).orElseThrow();
        until(() -> workspace().saver().isReadOnly());
        assertThat(text("#trouble-line"))
                .isEqualTo("▲ Another window works on this course: here it can be read, and nothing is kept.");
        title("Too late");
        assertThat(fish(course).title()).isEqualTo("Fish parcels, new potatoes");
        other.close();
    }
}
