package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Cover;
import webodidact.desktop.control.Timeline;

class ClockTest extends WindowTest {
    @Test
    void aCardTellsItsTotalBeforeItIsChosenAndGivesItAfter() throws InterruptedException {
        show("3-vegetable-dumplings");
        choose("s2");
        go(4);
        assertThat(text("#clock-total")).isEqualTo("57:47");
        var promised = find("#choose-carryOn").getAccessibleText();
        click("#choose-carryOn");
        assertThat(promised).contains(", " + text("#clock-total") + ",");
        assertThat(step("s2").waiting().cover()).isInstanceOf(Cover.CarryOn.class);
        click("#choose-copy");
        assertThat(outcome().bench().jobs()).anyMatch(j -> j.title().startsWith("Make the ready copy"));
        // Its lanes go by the plan of the day, which is worked out behind.
        for (int i = 0; i < 400 && copies().isEmpty(); i++) Thread.sleep(30);
        assertThat(copies()).singleElement().asString().startsWith("Ready copies: Hot-water dough");
        undo();
        undo();
        assertThat(step("s2").waiting().cover()).isEqualTo(Cover.STAY);
    }

    private List<String> copies() {
        return ((Timeline) find("#timeline"))
                .overview().stream().filter(t -> t.startsWith("Ready copies: ")).toList();
    }

    @Test
    void aLiveLessonOffersNoCut() {
        show("3-vegetable-dumplings");
        choose("s2");
        go(4);
        assertThat(find("#choose-cut").isDisabled()).isTrue();
        click("#choose-cut");
        assertThat(step("s2").waiting().cover()).isEqualTo(Cover.STAY);
    }

    @Test
    void arrowsGoThroughTheSteps() {
        choose("s2");
        go(4);
        robot.push(KeyCode.RIGHT);
        settle();
        assertThat(workspace().stepProperty().get()).isEqualTo("s3");
        robot.push(KeyCode.LEFT);
        robot.push(KeyCode.LEFT);
        robot.push(KeyCode.LEFT);
        settle();
        assertThat(workspace().stepProperty().get()).isEqualTo("s1");
    }

    @Test
    void theSlotIsMendedWhereItIsSeen() {
        show("3-vegetable-dumplings");
        go(4);
        click("#mend-over-slot");
        assertThat(outcome().schedule().inHand()).isGreaterThanOrEqualTo(0);
    }
}
