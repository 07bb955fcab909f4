package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.ref.WeakReference;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import webodidact.core.lesson.Lesson;
import webodidact.desktop.control.WordField;
import webodidact.desktop.state.Memory;

/** Every station with a full, an empty and no lesson; keys; names for screen readers. */
class StationsTest extends WindowTest {
    private static List<Node> all(Node node, List<Node> into) {
        into.add(node);
        if (node instanceof Parent parent) parent.getChildrenUnmodifiable().forEach(child -> all(child, into));
        return into;
    }

    private List<Node> nodes() {
        return all(stage.getScene().getRoot(), new ArrayList<>());
    }

    private void visitAll() {
        for (int i = 1; i <= 8; i++) {
            go(i);
            assertThat(window.station()).isEqualTo(Stations.ALL.get(i - 1).id());
            robot.push(KeyCode.TAB);
        }
        go(1);
    }

    @Test
    void everyStationOpensWithEveryLesson() {
        for (var lesson : workspace().book().lessons()) {
            show(lesson.id());
            visitAll();
        }
        robot.interact(() -> workspace().edit("x", b -> b.adding(Lesson.blank("9-empty", 9, ""))));
        show("9-empty");
        visitAll();
    }

    @Test
    void everyControlHasAName() {
        for (int i = 1; i <= 8; i++) {
            go(i);
            for (var node : nodes()) {
                if (!node.isFocusTraversable() || !node.isVisible()) continue;
                boolean named = node.getAccessibleText() != null
                                && !node.getAccessibleText().isBlank()
                        || node instanceof Labeled l && !l.getText().isBlank();
                if (node instanceof ButtonBase || node instanceof TextInputControl || node instanceof ComboBoxBase<?>) {
                    assertThat(named).as("station " + i + ": " + node).isTrue();
                }
            }
        }
    }

    @Test
    void theListOfKeysIsOneKeyAway() {
        robot.push(KeyCode.F1);
        assertThat(isThere("#veil")).isTrue();
        robot.push(KeyCode.ESCAPE);
        assertThat(isThere("#veil")).isFalse();
    }

    @Test
    void allTextGrowsAndTheSizeIsRemembered() {
        double small = stage.getScene()
                .getRoot()
                .lookup(".rail-title")
                .getBoundsInParent()
                .getHeight();
        for (int i = 0; i < 3; i++) robot.push(KeyCode.CONTROL, KeyCode.EQUALS);
        settle();
        assertThat(stage.getScene()
                        .getRoot()
                        .lookup(".rail-title")
                        .getBoundsInParent()
                        .getHeight())
                .isGreaterThan(small * 1.3);
        robot.interact(() -> window.close());
        assertThat(Memory.load().number("text", 0, 0, 3)).isEqualTo(3);
    }

    @Test
    void plusEnlargesOnEveryKeyboard() {
        var plus = new KeyEvent(KeyEvent.KEY_PRESSED, "+", "+", KeyCode.EQUALS, true, true, false, false);
        var pad = new KeyEvent(KeyEvent.KEY_PRESSED, "+", "+", KeyCode.ADD, false, true, false, false);
        var own = new KeyEvent(KeyEvent.KEY_PRESSED, "+", "+", KeyCode.PLUS, false, true, false, false);
        robot.interact(() -> List.of(plus, pad, own).forEach(k -> Event.fireEvent(stage.getScene(), k)));
        robot.interact(() -> window.close());
        assertThat(Memory.load().number("text", 0, 0, 3)).isEqualTo(3);
    }

    /** Listeners end with their node: nothing that lives on holds the screens of a course that was left. */
    @Test
    void aCourseThatIsLeftIsLetGoWithAllItsScreens() throws Exception {
        var gone = new ArrayList<WeakReference<Object>>();
        gone.add(new WeakReference<>(workspace()));
        for (int station = 1; station <= Stations.ALL.size(); station++) {
            go(station);
            BorderPane frame = find(".desk");
            gone.add(new WeakReference<>(frame.getCenter()));
        }
        reopen();
        go(2);
        for (int i = 0; i < 50 && gone.stream().anyMatch(r -> r.get() != null); i++) {
            System.gc();
            WaitForAsyncUtils.waitForFxEvents(1);
            Thread.sleep(100);
        }
        assertThat(gone).extracting(WeakReference::get).containsOnlyNulls();
    }

    @Test
    void theRailCountsWhatNeedsAttention() {
        show("2-cheese-scones");
        assertThat(find("#rail-clock").getAccessibleText()).isEqualTo("Clock, 1 to look at");
        assertThat(text("#stops")).isEqualTo("■ 2 stops");
        click("#stops");
        click("#look-wait-never-collected-5");
        click("#look-go");
        assertThat(window.station()).isEqualTo("clock");
        assertThat(workspace().stepProperty().get()).isEqualTo("s5");
    }

    @Test
    void theRibbonGoesToAStep() {
        go(3);
        front();
        robot.clickOn(robot.lookup(".ribbon-block").nth(3).<Node>query());
        settle();
        assertThat(workspace().stepProperty().get()).isEqualTo("s4");
    }

    @Test
    void placeAndWindowAreRemembered() {
        show("3-vegetable-dumplings");
        go(4);
        reopen();
        assertThat(lesson().id()).isEqualTo("3-vegetable-dumplings");
        assertThat(window.station()).isEqualTo("clock");
    }

    @Test
    void theWindowsSizeIsRemembered() throws Exception {
        robot.interact(() -> {
            stage.setWidth(1180);
            stage.setHeight(740);
        });
        // The frame asks the system for its size; the scene has it when the system has answered.
        WaitForAsyncUtils.waitFor(
                10,
                TimeUnit.SECONDS,
                () -> stage.getScene().getWidth() < 1200 && stage.getScene().getHeight() < 760);
        robot.interact(() -> window.close());
        var memory = Memory.load();
        assertThat(memory.number("width", 0, 1, 9999))
                .isEqualTo((int) stage.getScene().getWidth())
                .isBetween(1100.0, 1180.0);
        assertThat(memory.number("height", 0, 1, 9999))
                .isEqualTo((int) stage.getScene().getHeight());
    }

    @Test
    void nothingIsClippedInTheSmallestWindow() {
        robot.interact(() -> {
            stage.setWidth(1100);
            stage.setHeight(700);
        });
        for (int i = 1; i <= 8; i++) {
            go(i);
            nothingIsClipped("station " + i);
        }
    }

    private void nothingIsClipped(String where) {
        for (var node : nodes()) {
            if (!(node instanceof ButtonBase b)
                    || b.getText() == null
                    || b.getText().isBlank()
                    || !b.isVisible()) continue;
            if (b.getStyleClass().contains("ribbon-block") || b.getStyleClass().contains("block")) continue;
            assertThat(b.getWidth()).as(where + ": " + b.getText()).isGreaterThanOrEqualTo(Math.floor(b.minWidth(-1)));
            assertThat(b.localToScene(b.getBoundsInLocal()).getMaxX())
                    .as(where + ": " + b.getText())
                    .isLessThanOrEqualTo(1101);
        }
        for (var scroll : robot.lookup(".scroll-pane").queryAllAs(ScrollPane.class)) {
            if (!scroll.isFitToWidth()
                    || scroll.getContent() == null
                    || scroll.getViewportBounds().getWidth() == 0) continue;
            assertThat(scroll.getContent().getLayoutBounds().getWidth())
                    .as(where + ": width of " + scroll.getContent())
                    .isLessThanOrEqualTo(scroll.getViewportBounds().getWidth() + 1.5);
        }
        for (var field : robot.lookup(".word-field").queryAllAs(WordField.class)) {
            if (field.getScene() == null || field.getHeight() == 0) continue;
            var text = field.lookupAll(".text").stream()
                    .filter(n -> n instanceof Text t
                            && t.getText().equals(field.area().getText()))
                    .findFirst();
            text.ifPresent(t -> assertThat(t.getBoundsInParent().getMaxY())
                    .as(where + ": " + field.area().getText())
                    .isLessThanOrEqualTo(field.getHeight()));
        }
        for (var label : robot.lookup(".field-name, .title").queryAllAs(Label.class))
            if (!label.isWrapText() && label.getHeight() > 0)
                assertThat(label.getWidth())
                        .as(where + ": " + label.getText())
                        .isGreaterThanOrEqualTo(label.prefWidth(-1) - 1);
        for (var label : robot.lookup(".body, .soft, .warn, .bad, .good").queryAllAs(Label.class)) {
            if (!label.isWrapText() || label.getHeight() == 0) continue;
            assertThat(label.getHeight())
                    .as(where + ": " + label.getText())
                    .isGreaterThanOrEqualTo(label.prefHeight(label.getWidth()) - 1.5);
        }
    }

    @Test
    void nothingIsClippedOnTheWritingDeskAndTheClockAtLargeTextInTheSmallestWindow() {
        robot.interact(() -> {
            stage.setWidth(1100);
            stage.setHeight(700);
        });
        for (int i = 0; i < 3; i++) robot.push(KeyCode.CONTROL, KeyCode.EQUALS);
        for (var step : List.of("s1", "s5", "s7")) {
            choose(step);
            go(3);
            nothingIsClipped("150 % script " + step);
            go(4);
            nothingIsClipped("150 % clock " + step);
        }
        go(3);
        robot.push(KeyCode.CONTROL, KeyCode.F);
        settle();
        nothingIsClipped("150 % find");
        click("#page-open");
        paste("#paste-area", "1. Chop it all as finely as you can.\n2. Fry it.");
        nothingIsClipped("150 % method");
    }

    @Test
    void nothingIsClippedElsewhereAndOnASheetAtLargeTextInTheSmallestWindow() {
        robot.interact(() -> {
            stage.setWidth(1100);
            stage.setHeight(700);
        });
        for (int i = 0; i < 3; i++) robot.push(KeyCode.CONTROL, KeyCode.EQUALS);
        for (int i : new int[] {1, 5, 6, 8}) {
            go(i);
            nothingIsClipped("150 % station " + i);
        }
        robot.push(KeyCode.CONTROL, KeyCode.N);
        settle();
        assertThat(robot.lookup("#new-title").tryQuery()).isPresent();
        nothingIsClipped("150 % new lesson");
        robot.push(KeyCode.ESCAPE);
        robot.push(KeyCode.F1);
        settle();
        assertThat(robot.lookup(".key").tryQuery()).isPresent();
        nothingIsClipped("150 % keys");
    }

    @Test
    void nothingIsClippedInTheLarderAtLargeTextInTheSmallestWindow() {
        robot.interact(() -> {
            stage.setWidth(1100);
            stage.setHeight(700);
        });
        show("3-vegetable-dumplings");
        go(2);
        for (var size : List.of("100 %", "150 %")) {
            if (size.equals("150 %")) for (int i = 0; i < 3; i++) robot.push(KeyCode.CONTROL, KeyCode.EQUALS);
            settle();
            click("#tab-food");
            nothingIsClipped(size + " food");
            click("#variant-open");
            click("#wish-vegan");
            nothingIsClipped(size + " variant");
            click("#wish-vegan");
            click("#tab-kit");
            nothingIsClipped(size + " kit");
            click("#tab-homes");
            nothingIsClipped(size + " homes");
            click("#home-head-Gannet");
            nothingIsClipped(size + " home");
            click("#tab-lists");
            for (var list : List.of("gather", "before", "shoot", "bench", "kit", "pupil", "left", "cost")) {
                click("#list-" + list);
                nothingIsClipped(size + " list " + list);
            }
        }
    }
}
