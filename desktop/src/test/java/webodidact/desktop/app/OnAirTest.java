package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import javafx.event.Event;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.Test;
import webodidact.core.air.AirTimer;
import webodidact.core.lesson.Take;

class OnAirTest extends WindowTest {
    private void live() {
        choose("s8");
        go(7);
        assertThat(find("#go-live").isDisabled()).isTrue();
        click("#mend-no-wash-after-raw");
        click("#go-live");
    }

    private int timers() {
        return workspace().live().runProperty().get().timers().size();
    }

    private void press(KeyCode code) {
        robot.push(code);
        settle();
    }

    /** Time passes, and the desk's pulse notices. */
    /** So many seconds later, by the clock of the test; the window asks it. */
    private void pass(int seconds) {
        ticker.pass(seconds);
        robot.interact(() -> workspace().live().tick());
        settle();
    }

    @Test
    void stopsKeepTheLessonOffAirUntilMended() {
        live();
        assertThat(text("#air-title")).isEqualTo("Welcome");
    }

    @Test
    void theClockRunsAgainstThePlanAndHoldsAreKeptApart() throws InterruptedException {
        live();
        pass(25);
        assertThat(text("#air-elapsed")).isEqualTo("0:25");
        assertThat(text("#air-behind")).isEqualTo("0:01 behind");
        assertThat(text("#step-left")).isEqualTo("−0:01");
        press(KeyCode.SPACE);
        pass(40);
        press(KeyCode.H);
        pass(30);
        press(KeyCode.H);
        press(KeyCode.M);
        press(KeyCode.B);
        assertThat(text("#air-title")).isEqualTo("Welcome");
        press(KeyCode.ESCAPE);
        press(KeyCode.ENTER);
        assertThat(isThere("#again")).isTrue();
        Take take = workspace().book().takesOf(lesson().id()).getLast();
        assertThat(take.steps()).extracting(Take.StepTime::seconds).containsExactly(25, 40);
        assertThat(take.steps().get(1).held()).isEqualTo(30);
        assertThat(take.steps().get(1).marks()).isOne();
    }

    @Test
    void aWaitGetsATimerThatIsCollected() throws InterruptedException {
        live();
        for (int i = 0; i < 3; i++) {
            pass(10);
            press(KeyCode.SPACE);
        }
        assertThat(text("#air-title")).isEqualTo("Potatoes on");
        press(KeyCode.T);
        assertThat(workspace().live().runProperty().get().timers())
                .extracting(t -> t.kind().name())
                .as("the oven heats, the ring is on, the potatoes boil")
                .containsExactlyInAnyOrder("OVEN", "RING", "WAIT");
        pass(1000);
        press(KeyCode.C);
        assertThat(timers()).isEqualTo(2);
    }

    @Test
    void aRunIsOnDiskAfterEachStepAndIsOneUndo() throws Exception {
        live();
        pass(20);
        press(KeyCode.SPACE);
        pass(35);
        press(KeyCode.SPACE);
        assertThat(Files.readString(course.resolve("takes.csv"))).contains("s2,Wash hands,35,0,0");
        press(KeyCode.ESCAPE);
        press(KeyCode.ENTER);
        assertThat(workspace().book().takesOf(lesson().id())).hasSize(3);
        undo();
        assertThat(workspace().book().takesOf(lesson().id())).hasSize(2);
    }

    @Test
    void theWordsGrow() {
        live();
        double before = ((Text) find(".prompt")).getFont().getSize();
        press(KeyCode.F2);
        assertThat(((Text) find(".prompt")).getFont().getSize()).isGreaterThan(before);
        robot.push(KeyCode.SHIFT, KeyCode.F2);
        assertThat(((Text) find(".prompt")).getFont().getSize()).isEqualTo(before);
    }

    @Test
    void theRunAndItsTimersGoOnWhateverStationIsLookedAt() throws Exception {
        live();
        for (int i = 0; i < 3; i++) {
            pass(10);
            press(KeyCode.SPACE);
        }
        press(KeyCode.T);
        go(3);
        assertThat(workspace().book().takesOf(lesson().id())).as("kept so far").hasSize(3);
        pass(60);
        assertThat(((Button) find("#rail-on-air")).getAccessibleText()).isEqualTo("On air for 1:30: back to it");
        var badge = find("#rail-on-air .badge");
        var name = find("#rail-on-air .rail-title");
        assertThat(badge.localToScene(badge.getLayoutBounds()).intersects(name.localToScene(name.getLayoutBounds())))
                .as("the time lies over the name")
                .isFalse();
        assertThat(text("#notice")).startsWith("The lesson is still on air");
        go(7);
        assertThat(text("#notice")).as("nothing lies over the steps to come").isEmpty();
        assertThat(text("#air-elapsed")).isEqualTo("1:30");
        assertThat(text("#air-title")).isEqualTo("Potatoes on");
        assertThat(workspace()
                        .live()
                        .runProperty()
                        .get()
                        .timer(AirTimer.Kind.WAIT, "s4")
                        .orElseThrow()
                        .from())
                .isEqualTo(30);
        press(KeyCode.SPACE);
        assertThat(workspace()
                        .book()
                        .takesOf(lesson().id())
                        .getLast()
                        .steps()
                        .getLast()
                        .seconds())
                .isEqualTo(60);
    }

    @Test
    void aTakeIsOfTheLessonThatIsRunWhateverIsUndoneMeanwhile() throws Exception {
        robot.interact(() -> workspace().show("3-vegetable-dumplings"));
        robot.interact(() -> workspace().editLesson("Title", l -> l.but(d -> d.title = "Dumplings")));
        robot.interact(() -> workspace().show("1-fish-parcels"));
        settle();
        live();
        pass(20);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(lesson().id()).as("undo waits").isEqualTo("1-fish-parcels");
        robot.interact(() -> workspace().show("2-cheese-scones"));
        assertThat(lesson().id()).as("so do other lessons").isEqualTo("1-fish-parcels");
        press(KeyCode.SPACE);
        assertThat(workspace().book().takesOf("1-fish-parcels")).hasSize(3);
        assertThat(workspace().book().takesOf("3-vegetable-dumplings")).isEmpty();
        press(KeyCode.ESCAPE);
        press(KeyCode.ENTER);
        undo();
        assertThat(workspace().book().takesOf("1-fish-parcels")).hasSize(2);
    }

    @Test
    void closingTheWindowInMidStepKeepsThatStep() throws Exception {
        live();
        pass(20);
        press(KeyCode.SPACE);
        pass(35);
        robot.interact(() -> Event.fireEvent(stage, new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        assertThat(Files.readString(course.resolve("takes.csv"))).contains("s2,Wash hands,35,0,0");
    }

    @Test
    void escapeAsksAndTheRunGoesOn() throws Exception {
        live();
        pass(10);
        press(KeyCode.ESCAPE);
        assertThat(isThere("#end-run")).isTrue();
        pass(5);
        press(KeyCode.ESCAPE);
        assertThat(isThere("#end-run")).isFalse();
        pass(5);
        assertThat(text("#air-elapsed")).isEqualTo("0:20");
    }

    @Test
    void theKeyboardAloneStartsARun() {
        go(7);
        click("#mend-no-wash-after-raw");
        robot.interact(() -> find("#leave-air").getParent().requestFocus());
        go(3);
        go(7);
        press(KeyCode.ENTER);
        assertThat(isThere("#air-elapsed")).isTrue();
    }

    @Test
    void aLongTextScrollsAndTheHeadStays() {
        robot.interact(() -> workspace()
                .editLesson(
                        "Words",
                        l -> l.withStep(
                                "s1",
                                s -> s.but(d -> d.say =
                                        "This is one of very many sentences that are said here. ".repeat(40)))));
        settle();
        live();
        var head = find("#air-elapsed").localToScene(find("#air-elapsed").getBoundsInLocal());
        assertThat(head.getMinY()).isBetween(0.0, 64.0);
        var keys = robot.lookup(".studio-keys").query();
        assertThat(keys.localToScene(keys.getBoundsInLocal()).getMaxY())
                .isLessThanOrEqualTo(stage.getScene().getHeight());
    }
}
