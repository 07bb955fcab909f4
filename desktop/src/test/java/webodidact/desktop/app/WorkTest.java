package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Take;
import webodidact.desktop.control.CardButton;

/** Bench, Papers, Afters and the kit, through the window. */
class WorkTest extends WindowTest {
    private List<String> labels(String query) {
        return robot.lookup(query).queryAllAs(Label.class).stream()
                .map(Label::getText)
                .toList();
    }

    private void emptyLesson() {
        robot.interact(() -> workspace().edit("New", b -> b.adding(Lesson.blank("9-empty", 9, "Empty"))));
        show("9-empty");
    }

    @Test
    void benchJobsStandByTheClockAndGoToTheirStep() throws InterruptedException {
        go(5);
        for (int i = 0; i < 300 && !isThere("#bench-proof"); i++) Thread.sleep(30);
        settle();
        assertThat(text("#bench-proof")).isEqualTo("proved: no later start exists");
        assertThat(text("#bench-start")).isEqualTo("16:59");
        assertThat(labels(".row-card .time")).first().isEqualTo("16:59:05");
        assertThat(labels(".row-card .time")).isSorted();
        robot.interact(() -> ((CardButton) robot.lookup(".row-card").nth(3).query()).fire());
        settle();
        assertThat(workspace().stepProperty().get()).startsWith("s");
        show("2-cheese-scones");
        for (int i = 0;
                i < 300
                        && !(isThere("#bench-proof")
                                && labels(".row-card .strong").contains("Ready copy: Brush and bake"));
                i++) Thread.sleep(30);
        assertThat(labels(".row-card .strong")).contains("Ready copy: Brush and bake", "Oven on, 200 °C fan");
        // A helper less: everything is done by one pair of hands, and begins earlier.
        show("1-fish-parcels");
        for (int i = 0;
                i < 300 && !(isThere("#bench-proof") && shown("#bench-start").equals("16:59"));
                i++) Thread.sleep(30);
        robot.interact(() -> workspace()
                .edit("x", b -> b.withCourse(b.course().but(c -> c.kitchen = c.kitchen.but(k -> k.helpers = 0)))));
        // Between two plans neither is there, and a third may be looked for: what was seen once is enough.
        var start = "";
        for (int i = 0; i < 300 && (start.isEmpty() || start.compareTo("16:59") >= 0); i++) {
            Thread.sleep(30);
            start = shown("#bench-start");
        }
        assertThat(start).isNotEmpty().isLessThan("16:59");
        for (int i = 0; i < 300 && isThere("#bench-helper"); i++) Thread.sleep(30);
        assertThat(isThere("#bench-helper")).isFalse();
    }

    @Test
    void emptyStationsSayWhatToDoFirst() {
        emptyLesson();
        go(5);
        click("#empty-action");
        assertThat(window.station()).isEqualTo("script");
        click("#empty-action");
        assertThat(lesson().steps()).hasSize(4);
        go(8);
        click("#empty-action");
        assertThat(window.station()).isEqualTo("on-air");
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(window.station()).isEqualTo("script");
    }

    @Test
    void papersAreBlockedByAStopAndPreviewedAllTheSame() throws InterruptedException {
        go(6);
        for (int i = 0; i < 200 && !text("#preview-state").contains("page"); i++) Thread.sleep(50);
        assertThat(text("#preview-state")).isEqualTo("1 page");
        assertThat(find("#write-paper").isDisabled())
                .as("what raw fish touches says nothing against the list")
                .isFalse();
        click("#paper-method-card");
        for (int i = 0; i < 200 && robot.lookup(".page").queryAll().size() != 2; i++) Thread.sleep(50);
        assertThat(robot.lookup(".page").queryAll()).hasSize(2);
        assertThat(find("#write-paper").isDisabled()).isTrue();
        click("#mend-no-wash-after-raw");
        assertThat(find("#write-paper").isDisabled()).isFalse();
        for (int i = 0; i < 200 && !text("#preview-state").contains("page"); i++) Thread.sleep(50);
        click("#write-all");
        for (int i = 0; i < 200 && !text("#notice").contains("written"); i++) Thread.sleep(50);
        var folder = workspace().folder().path().resolve("Papers/1-fish-parcels");
        assertThat(folder.resolve("1-fish-parcels-method-card.pdf")).exists();
        assertThat(folder.resolve("1-fish-parcels-gather-list.html")).exists();
        assertThat(folder.resolve("1-fish-parcels-captions.vtt")).exists();
    }

    @Test
    void measuredTimesGoIntoThePlanAndBackOutInOneUndo() {
        go(8);
        var hands = step("s6").hands();
        click("#adopt");
        assertThat(step("s6").hands().low()).isEqualTo(401);
        assertThat(labels(".side-body .soft")).anyMatch(t -> t.contains("words a minute from 2 takes"));
        assertThat(find("#adopt").isDisabled()).isTrue();
        undo();
        assertThat(step("s6").hands()).isEqualTo(hands);
    }

    @Test
    void takesOfOtherLessonsDoNotCount() {
        robot.interact(() -> workspace()
                .edit(
                        "Take",
                        b -> b.adding(new Take(
                                "other",
                                "3-vegetable-dumplings",
                                ticker.now(),
                                List.of(new Take.StepTime("s1", "x", 60, 0, 0))))));
        go(8);
        assertThat(labels(".side-body .body"))
                .filteredOn(t -> t.startsWith("1"))
                .hasSize(2);
    }

    @Test
    void theKitIsEditedAndItsStandInsAreTimed() {
        go(2);
        click("#tab-kit");
        fill("#count-t1", "2");
        assertThat(lesson().tools().getFirst().count()).isEqualTo(2);
        fill("#count-t1", "none");
        assertThat(lesson().tools().getFirst().count()).isEqualTo(2);
        fill("#add-tool", "balloon whisk");
        assertThat(lesson().tools().getLast().tool()).isEqualTo("whisk");
        click("#name-t6");
        assertThat(labels(".side-body .body")).contains("Step 8: 4:10 becomes 6:15.");
        assertThat(labels(".side-body .warn")).anyMatch(t -> t.startsWith("2 homes have none: Bittern, Redshank"));
        robot.push(KeyCode.CONTROL, KeyCode.DELETE);
        settle();
        assertThat(lesson().tools()).noneMatch(t -> t.id().equals("t6"));
    }

    @Test
    void undoGoesBackAcrossStationsAndSaysWhatItUndid() {
        go(1);
        click("#audience-adults");
        go(2);
        fill("#take-f2", "200 g");
        go(4);
        choose("s7");
        click("#choose-stay");
        undo();
        assertThat(text("#notice")).isEqualTo("Undone: Change how a wait is covered");
        undo();
        assertThat(text("#notice")).isEqualTo("Undone: Change the amount of thick plain yoghurt");
        undo();
        assertThat(text("#notice")).isEqualTo("Undone: Change the audience");
        undo();
        assertThat(text("#notice")).isEqualTo("Nothing to undo");
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        settle();
        assertThat(text("#notice")).isEqualTo("Done again: Change the audience");
    }
}
