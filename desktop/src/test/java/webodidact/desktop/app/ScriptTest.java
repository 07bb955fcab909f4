package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Step;
import webodidact.desktop.Hands;
import webodidact.desktop.control.WordField;

class ScriptTest extends WindowTest {
    private WordField words(String id) {
        return (WordField) find("#" + id).getParent();
    }

    @Test
    void foodsAreUnderlinedAsTheyAreTyped() {
        choose("s5");
        go(3);
        type("#say-s5", "Yoghurt, paprika and the board");
        assertThat(words("say-s5").marks())
                .containsExactly(
                        new WordField.Mark(0, 7, "listed"),
                        new WordField.Mark(9, 16, "unlisted"),
                        new WordField.Mark(25, 30, "tool"));
        assertThat(words("say-s5").lookupAll(".mark-line")).hasSize(3);
        assertThat(step("s5").say()).isEqualTo("Yoghurt, paprika and the board");
        undo();
        assertThat(text("#say-s5")).startsWith("Line the beans");
    }

    @Test
    void everyKeystrokeIsOnDiskWithinASecond() throws Exception {
        go(3);
        choose("s5");
        click("#say-s5");
        write("Zest!");
        // Nothing is asked of the saver: it has a second.
        for (int i = 0;
                i < 20
                        && !Files.readString(course.resolve("1-fish-parcels.lesson.json"))
                                .contains("Zest!");
                i++) Thread.sleep(50);
        assertThat(Files.readString(course.resolve("1-fish-parcels.lesson.json")))
                .contains("Zest!");
    }

    @Test
    void enterInATitleMakesTheNextStepAndAltArrowsMoveIt() {
        go(3);
        choose("s5");
        click("#title-s5");
        robot.push(KeyCode.ENTER);
        settle();
        write("Top the beans");
        settle();
        assertThat(lesson().steps().get(5).title()).isEqualTo("Top the beans");
        robot.push(KeyCode.ALT, KeyCode.UP);
        settle();
        assertThat(lesson().steps().get(4).title()).isEqualTo("Top the beans");
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.DELETE);
        settle();
        assertThat(lesson().steps()).extracting(Step::title).doesNotContain("Top the beans");
    }

    @Test
    void aStepIsSplitAtTheCaret() {
        go(3);
        choose("s10");
        TextArea say = find("#say-s10");
        robot.interact(() -> {
            say.requestFocus();
            say.positionCaret(say.getText().indexOf("Then lid off"));
        });
        robot.push(KeyCode.CONTROL, KeyCode.ENTER);
        settle();
        int at = lesson().indexOf("s10");
        assertThat(step("s10").say()).isEqualTo("Knife test first: slides in, slides out.");
        assertThat(lesson().steps().get(at + 1).say()).startsWith("Then lid off");
    }

    @Test
    void stepsAreMovedByDragging() {
        choose("s2");
        go(3);
        choose("s12");
        choose("s3");
        Node handle = robot.lookup(".handle").nth(0).query();
        reveal(handle);
        settle();
        Bounds from = handle.localToScreen(handle.getBoundsInLocal());
        Node second = robot.lookup(".step-card").nth(1).query();
        Hands.drawn();
        Bounds to = second.localToScreen(second.getBoundsInLocal());
        front();
        robot.moveTo(from.getCenterX(), from.getCenterY());
        robot.press(MouseButton.PRIMARY);
        robot.moveTo(from.getCenterX(), (from.getCenterY() + to.getCenterY()) / 2);
        robot.moveTo(from.getCenterX(), to.getMaxY() - 4);
        robot.release(MouseButton.PRIMARY);
        settle();
        assertThat(lesson().steps().get(1).id()).isEqualTo("s1");
        undo();
        assertThat(lesson().steps().getFirst().id()).isEqualTo("s1");
    }

    @Test
    void aFindingIsMendedFromTheMarginInOnePressAndOneUndo() {
        choose("s8");
        go(3);
        assertThat(text("#stops")).isEqualTo("■ 1 stop");
        click("#mend-no-wash-after-raw");
        assertThat(lesson().steps().get(7).acts()).contains(Act.WASH_HANDS);
        assertThat(find("#stops").isVisible()).isFalse();
        undo();
        assertThat(text("#stops")).isEqualTo("■ 1 stop");
    }

    @Test
    void aStopIsCoveredWithAReason() {
        choose("s8");
        go(3);
        click("#cover-no-wash-after-raw");
        fill("#reason-no-wash-after-raw", "Gloves are changed here.");
        assertThat(outcome().report().stops()).isZero();
        assertThat(outcome().report().covered()).hasSize(1);
        assertThat(lesson().accepted().getFirst().reason()).isEqualTo("Gloves are changed here.");
    }

    @Test
    void whatIsAboutTheWholeLessonStandsAboveTheSteps() {
        show("3-vegetable-dumplings");
        go(3);
        assertThat(robot.lookup("#lesson-findings .lesson-line .label")
                        .queryLabeled()
                        .getText())
                .contains("over its slot");
        assertThat(isThere("#mend-over-slot")).as("one line until it is opened").isFalse();
        click("#lesson-findings-open");
        click("#mend-over-slot");
        assertThat(isThere("#mend-over-slot")).isFalse();
    }

    @Test
    void aWrongTimeIsMarkedAndTheOldOneStays() {
        choose("s5");
        go(3);
        fact("hands", "s5");
        fill("#hands-s5", "a while");
        assertThat(find("#hands-s5").getAccessibleHelp()).contains("expected minutes or a range");
        assertThat(step("s5").hands().low()).isEqualTo(105);
    }
}
