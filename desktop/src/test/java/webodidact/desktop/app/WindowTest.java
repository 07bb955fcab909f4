package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.event.Event;
import javafx.event.EventHandler;
import javafx.event.EventTarget;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.testfx.api.FxToolkit;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.outcome.Outcome;
import webodidact.desktop.Hands;
import webodidact.desktop.control.Panes;
import webodidact.desktop.state.Memory;
import webodidact.desktop.state.Workspace;
import webodidact.formats.demo.DemoCourse;

/** A test through the real window, off-screen, on its own copy of the demo course. */
abstract class WindowTest {
    Path home;
    Path course;
    Path out;
    final Tour.FastTicker ticker = new Tour.FastTicker();
    AppWindow window;
    Stage stage;
    Hands robot;

    private final List<Throwable> failures = new CopyOnWriteArrayList<>();

    @BeforeEach
    void start() throws Exception {
        home = Files.createTempDirectory("webodidact-test");
        System.setProperty("webodidact.home", home.toString());
        course = home.resolve("course");
        out = home.resolve("out");
        DemoCourse.copyTo(course);
        FxToolkit.registerPrimaryStage();
        robot = new Hands();
        Hands.on(() -> {
            Thread.currentThread().setUncaughtExceptionHandler((t, e) -> failures.add(e));
            stage = new Stage();
            window = new AppWindow(stage, new FixedAnswers(out, home.resolve("homes.csv")), ticker, Memory.load());
            begin();
            stage.setX(0);
            stage.setY(0);
            stage.show();
            stage.requestFocus();
        });
        Hands.frame();
    }

    /** What the window shows first. */
    void begin() {
        window.open(course);
    }

    @AfterEach
    void end() {
        robot.interact(() -> {
            window.close();
            stage.hide();
        });
        assertThat(failures).as("failures on the interface thread").isEmpty();
    }

    Workspace workspace() {
        return window.workspace();
    }

    Lesson lesson() {
        return workspace().lesson();
    }

    Outcome outcome() {
        settle();
        return workspace().outcome();
    }

    Step step(String id) {
        return lesson().step(id).orElseThrow();
    }

    /** Waits until everything is worked out, saved and drawn. */
    void settle() {
        Hands.frame();
        try {
            workspace().settle();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
        Hands.drawn();
    }

    void go(int station) {
        robot.push(KeyCode.CONTROL, KeyCode.valueOf("DIGIT" + station));
        settle();
    }

    <T extends Node> T find(String query) {
        Hands.frame();
        return robot.lookup(query).query();
    }

    boolean isThere(String query) {
        Hands.frame();
        return robot.lookup(query).tryQuery().isPresent();
    }

    String text(String query) {
        var node = find(query);
        return node instanceof TextInputControl t ? t.getText() : ((Labeled) node).getText();
    }

    /** The text of a label that may be drawn anew this moment; "" while it is not there. */
    String shown(String query) {
        Hands.frame();
        return robot.lookup(query).tryQuery().map(n -> ((Labeled) n).getText()).orElse("");
    }

    /** Scrolls as a user would, until the node can be seen. */
    void reveal(Node node) {
        robot.interact(() -> Panes.reveal(node));
        Hands.drawn();
        // What was made while it scrolled may have moved it.
        robot.interact(() -> Panes.reveal(node));
        Hands.drawn();
    }

    /** The off-screen platform's robot fails while no window is active, as for a moment when a pop-up closes. */
    void front() {
        robot.interact(() -> {
            stage.toFront();
            stage.requestFocus();
        });
    }

    private boolean isInSight(Node node) {
        var at = node.localToScene(node.getBoundsInLocal());
        return node.getScene() != null
                && at.getCenterX() > 0
                && at.getCenterY() > 0
                && at.getCenterX() < stage.getScene().getWidth()
                && at.getCenterY() < stage.getScene().getHeight();
    }

    /** On a loaded machine a panel may be drawn anew between the look and the press: what has missed is pressed again. */
    void click(String query) {
        for (int tries = 0; tries < 3 && !isHit(query); tries++) settle();
        settle();
    }

    private boolean isHit(String query) {
        Node node = find(query);
        reveal(node);
        front();
        // Rows of the script are made while it scrolls, and then stand elsewhere; what is worked out behind draws a
        // panel anew.
        for (int tries = 0; tries < 10 && !(isInSight(node) && find(query) == node); tries++) {
            node = find(query);
            reveal(node);
        }
        var hit = new AtomicBoolean();
        var there = node;
        EventHandler<MouseEvent> watch = e -> hit.compareAndSet(false, isWithin(e.getTarget(), there));
        var scene = there.getScene();
        robot.interact(() -> scene.addEventFilter(MouseEvent.MOUSE_RELEASED, watch));
        robot.clickOn(there);
        robot.interact(() -> scene.removeEventFilter(MouseEvent.MOUSE_RELEASED, watch));
        return hit.get() || there.isDisabled();
    }

    private static boolean isWithin(EventTarget target, Node node) {
        for (var at = target instanceof Node n ? n : null; at != null; at = at.getParent()) if (at == node) return true;
        return false;
    }

    /** Replaces what is in the field by typing, and leaves it with Enter. */
    void fill(String query, String typed) {
        type(query, typed);
        robot.push(KeyCode.ENTER);
        settle();
    }

    void type(String query, String typed) {
        click(query);
        robot.push(KeyCode.CONTROL, KeyCode.A);
        write(typed);
        settle();
    }

    /** One key after the other to whatever has the focus. */
    void write(String typed) {
        robot.interact(() -> {
            for (var key : typed.split("")) {
                var owner = stage.getScene().getFocusOwner();
                Event.fireEvent(
                        owner,
                        new KeyEvent(KeyEvent.KEY_TYPED, key, key, KeyCode.UNDEFINED, false, false, false, false));
            }
        });
    }

    /** Long text put in at once, as a paste does. */
    void paste(String query, String text) {
        TextInputControl field = find(query);
        robot.interact(() -> {
            field.requestFocus();
            field.replaceText(0, field.getLength(), text);
        });
        settle();
    }

    /** Opens a fact of a step: presses its tag, else chooses it under "+". */
    void fact(String name, String step) {
        choose(step);
        var tag = "#tag-" + name + "-" + step;
        if (isThere(tag)) {
            robot.interact(() -> {
                if (find(tag) instanceof ButtonBase button) button.fire();
                else find(tag).getOnMouseClicked().handle(null);
            });
        } else {
            robot.interact(() -> {
                var menu = (MenuButton) find("#add-fact-" + step);
                menu.getOnShowing().handle(null);
                item(menu.getItems(), "add-" + name + "-" + step).fire();
            });
        }
        settle();
    }

    /** Presses a proposal; where the line is full, all of them are shown first. */
    void proposal(String query) {
        Hands.drawn();
        var more = "#suggest-more-" + workspace().stepProperty().get();
        if (isThere(more) && find(more).isVisible()) click(more);
        click(query);
    }

    private static MenuItem item(List<MenuItem> items, String id) {
        for (var item : items) {
            if (id.equals(item.getId())) return item;
            if (item instanceof Menu sub && item(sub.getItems(), id) instanceof MenuItem found) return found;
        }
        return null;
    }

    void undo() {
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
    }

    /** Closes the window and opens the same course again from disk. */
    void reopen() {
        robot.interact(() -> window.open(course));
        settle();
    }

    void show(String lessonId) {
        robot.interact(() -> workspace().show(lessonId));
        settle();
    }

    void choose(String stepId) {
        robot.interact(() -> workspace().stepProperty().set(stepId));
        settle();
    }

    /** All that stands in a panel. */
    List<String> wordsIn(String panel) {
        return robot.from(robot.lookup(panel).queryAll()).lookup(".label").queryAllAs(Label.class).stream()
                .map(Label::getText)
                .toList();
    }
}
