package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import webodidact.core.timing.Calibration;

/** The pace read aloud, what is on the card, and the clock as a list. */
class PaceAndCardTest extends WindowTest {
    @Test
    void aParagraphReadAloudIsTimedWithTheSpaceBar() {
        assertThat(Calibration.readAloud(85, 30)).contains(170);
        assertThat(Calibration.readAloud(85, 3))
                .as("nobody reads it in three seconds")
                .isEmpty();
        assertThat(Calibration.readAloud(85, 600)).as("left lying").isEmpty();
        go(1);
        robot.interact(() -> find("#aloud-start").requestFocus());
        robot.push(KeyCode.SPACE);
        settle();
        assertThat(text("#aloud-start")).contains("Stop at the last word");
        robot.push(KeyCode.SPACE);
        settle();
        assertThat(text("#aloud-told")).contains("is no time for this paragraph");
        assertThat(workspace().book().course().pace()).isEmpty();
    }

    @Test
    void carryingACopyInTakesWhatIsSet() {
        show("2-cheese-scones");
        go(1);
        int before = outcome().schedule().planned();
        fill("#brief-carry", "25");
        assertThat(outcome().schedule().planned()).isEqualTo(before + 20);
        fill("#brief-carry", "none");
        assertThat(workspace().book().course().carry()).as("the old one stays").isEqualTo(25);
        undo();
        assertThat(workspace().book().course().carry()).isEqualTo(5);
    }

    @Test
    void whatIsOnTheCardIsWrittenBesideIt() {
        go(6);
        click("#paper-method-card");
        var was = step("s5").card();
        type("#card-s5", "Trim the beans");
        assertThat(step("s5").card()).isEqualTo("Trim the beans");
        assertThat(step("s5").onTheCard()).isEqualTo("Trim the beans");
        go(3);
        assertThat(text("#do-s5"))
                .as("what hands do stays")
                .isEqualTo(step("s5").doing());
        undo();
        assertThat(step("s5").card()).isEqualTo(was);
    }

    @Test
    void theClockIsReadAsAList() {
        go(4);
        click("#clock-as-list");
        ListView<?> list = find("#clock-list");
        assertThat(list.getItems().stream().map(String::valueOf))
                .anyMatch(l -> l.contains("Potatoes on") && l.contains("until a knife slides out"));
        robot.interact(() -> {
            list.requestFocus();
            list.getSelectionModel().select(0);
        });
        robot.push(KeyCode.END);
        settle();
        assertThat(workspace().stepProperty().get())
                .isEqualTo(lesson().steps().getLast().id());
    }

    @Test
    void aLessonWithUntimedStepsNeverFits() {
        assertThat(text("#in-hand")).endsWith("in hand");
        go(3);
        click("#add-step");
        assertThat(text("#in-hand")).isEqualTo("1 step untimed");
        assertThat(text("#planned")).startsWith("at least");
        var id = workspace().stepProperty().get();
        fill("#fact-" + id, "hands 1");
        assertThat(text("#in-hand")).endsWith("in hand");
    }
}
