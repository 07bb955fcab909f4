package webodidact.desktop.state;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import webodidact.core.amount.Amount;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.demo.DemoCourse;

/** The state without any window: one thread plays the interface. */
class WorkspaceTest {
    @TempDir
    Path folder;

    private final ExecutorService fx = Executors.newSingleThreadExecutor();
    private Workspace workspace;

    @BeforeEach
    void open() throws Exception {
        DemoCourse.copyTo(folder);
        var opened = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder)).value();
        workspace = on(fx.submit(() -> new Workspace(opened, fx)));
        workspace.settle();
    }

    @AfterEach
    void close() {
        workspace.close();
        fx.shutdownNow();
    }

    private static <T> T on(Future<T> task) throws Exception {
        return task.get();
    }

    private void run(Runnable task) throws Exception {
        fx.submit(task).get();
    }

    private void title(String title) throws Exception {
        run(() -> workspace.editLesson("Change the title", "title", l -> l.but(d -> d.title = title)));
    }

    private String onDisk() throws IOException {
        return Files.readString(folder.resolve("1-fish-parcels.lesson.json"));
    }

    @Test
    void anEditIsOnDiskWithinASecondEvenWhileTypingGoesOn() throws Exception {
        title("First words");
        for (int i = 0; i < 9; i++) {
            Thread.sleep(100);
            title("More words " + i);
        }
        assertThat(onDisk()).containsAnyOf("First words", "More words");
        workspace.settle();
        assertThat(onDisk()).contains("More words 8");
        assertThat(workspace.saver().stateProperty().get().saved()).isTrue();
    }

    @Test
    void theNewestEditWins() throws Exception {
        run(() -> {
            for (int i = 1; i <= 200; i++) {
                int slot = 1000 + i;
                workspace.editLesson("Slot", l -> l.but(d -> d.slot = slot));
            }
        });
        workspace.settle();
        assertThat(workspace.outcome().schedule().slot()).isEqualTo(1200);
    }

    @Test
    void undoOfAnotherLessonBringsItOntoTheDesk() throws Exception {
        title("Changed");
        run(() -> workspace.show("3-vegetable-dumplings"));
        run(() -> workspace.undo());
        assertThat(workspace.lesson().id()).isEqualTo("1-fish-parcels");
        assertThat(workspace.lesson().title()).isEqualTo("Fish parcels, new potatoes");
    }

    @Test
    void aFolderThatCannotBeWrittenIsToldAndTriedAgain() throws Exception {
        Files.move(folder.resolve("1-fish-parcels.lesson.json"), folder.resolve("away"));
        Files.createDirectories(folder.resolve("1-fish-parcels.lesson.json/in-the-way"));
        title("Not lost");
        workspace.settle();
        assertThat(workspace.saver().stateProperty().get().saved()).isFalse();
        assertThat(workspace.saver().stateProperty().get().trouble()).isNotEmpty();
        Files.delete(folder.resolve("1-fish-parcels.lesson.json/in-the-way"));
        Files.delete(folder.resolve("1-fish-parcels.lesson.json"));
        workspace.settle();
        assertThat(onDisk()).contains("Not lost");
        assertThat(workspace.saver().stateProperty().get().saved()).isTrue();
    }

    @Test
    void aSelectionThatIsGoneMovesOn() throws Exception {
        run(() -> workspace.stepProperty().set("s4"));
        run(() -> workspace.editLesson("Delete", l -> l.removingStep("s4")));
        assertThat(workspace.stepProperty().get()).isEqualTo("s1");
    }

    @Test
    void whatFollowsIsCurrentOnlyOnceItIsOfTheLessonOnTheDesk() throws Exception {
        workspace.settle();
        assertThat(workspace.isCurrent()).isTrue();
        run(() -> {
            workspace.editLesson("Slot", l -> l.but(d -> d.slot = 1234));
            assertThat(workspace.isCurrent()).isFalse();
        });
        workspace.settle();
        assertThat(workspace.isCurrent()).isTrue();
    }

    @Test
    void troubleIsToldThroughTheNextEditWhichTriesAgain() throws Exception {
        var away = folder.resolveSibling(folder.getFileName() + "-away");
        Files.move(folder, away);
        title("Away");
        workspace.settle();
        Files.move(away, folder);
        run(() -> {
            workspace.editLesson("Slot", l -> l.but(d -> d.slot = 1234));
            assertThat(workspace.saver().stateProperty().get().trouble())
                    .as("nothing has been saved yet")
                    .isNotEmpty();
        });
        long until = System.nanoTime() + 3_000_000_000L;
        while (!workspace.saver().stateProperty().get().saved() && System.nanoTime() < until) Thread.sleep(20);
        assertThat(workspace.saver().stateProperty().get().saved())
                .as("by itself")
                .isTrue();
        assertThat(onDisk()).contains("Away").contains("1234");
    }

    @Test
    void anEditBeyondWhatCanBeWorkedOutIsRefusedInWords() throws Exception {
        run(() -> Assertions.assertThatThrownBy(() -> workspace.editLesson(
                        "Amount", l -> l.withFood("f1", f -> f.but(d -> d.amount = Amount.parse("999999999 kg")))))
                .hasMessageContaining("expected at most 100000 kg"));
        assertThat(workspace.lesson().food("f1").orElseThrow().amount()).isNotEqualTo(Amount.parse("999999999 kg"));
    }
}
