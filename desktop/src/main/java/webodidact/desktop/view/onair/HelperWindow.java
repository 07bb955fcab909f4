package webodidact.desktop.view.onair;

import java.util.Optional;
import javafx.application.Platform;
import javafx.collections.ListChangeListener;
import javafx.event.EventHandler;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.Window;
import webodidact.core.air.AirRun;
import webodidact.core.time.Clock;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.state.AirWatch;
import webodidact.desktop.words.Words;

/** For a helper or a monitor, on another screen where there is one: the clock, this step and what comes, cameras, timers, kitchens. */
final class HelperWindow {
    private static final int STEPS = 6;
    private final Stage stage = new Stage();
    private final AirHead head = new AirHead();
    private final Label now = Nodes.wrapped("", "studio-title");
    private final Label left = Nodes.label("", "step-left");
    private final VBox next = new VBox(5);
    private final TimerCards timers = new TimerCards();
    private final KitchensBox kitchens = new KitchensBox();

    /** @param keys what the desk does with a key: it is the same from both windows */
    HelperWindow(Window owner, EventHandler<KeyEvent> keys) {
        var main = Nodes.styled(
                new VBox(
                        12,
                        Nodes.row(14, Nodes.grown(now), left),
                        Nodes.label(Words.of("air.coming"), "studio-soft"),
                        next),
                "studio-main");
        now.setMaxWidth(Double.MAX_VALUE);
        now.setMinWidth(0);
        left.setMinWidth(Label.USE_PREF_SIZE);
        var side = Panes.side(
                Nodes.styled(
                        new VBox(14, Nodes.label(Words.of("air.heat"), "studio-head"), timers, kitchens),
                        "studio-side"),
                380,
                320);
        side.getStyleClass().addAll("prompt-scroll", "studio-side-scroll");
        var below = new HBox(Nodes.grown(main), side);
        var root = Nodes.styled(new VBox(head, Nodes.grown(below)), "app", "studio");
        var scene = new Scene(root, 1100, 640);
        var theirs = owner.getScene();
        scene.getStylesheets().setAll(theirs.getStylesheets());
        theirs.getStylesheets().addListener((ListChangeListener<String>)
                c -> scene.getStylesheets().setAll(theirs.getStylesheets()));
        root.setStyle(theirs.getRoot().getStyle());
        scene.addEventFilter(KeyEvent.KEY_PRESSED, keys);
        stage.setScene(scene);
        stage.setTitle(Words.of("air.helperTitle"));
        // On one screen it would lie behind the desk, which keeps the keyboard.
        stage.setAlwaysOnTop(other(owner).isEmpty());
        other(owner).ifPresent(s -> {
            var bounds = s.getVisualBounds();
            stage.setX(bounds.getMinX());
            stage.setY(bounds.getMinY());
            stage.setWidth(Math.min(bounds.getWidth(), 1280));
            stage.setHeight(Math.min(bounds.getHeight(), 800));
        });
    }

    private static Optional<Screen> other(Window owner) {
        return Screen.getScreens().stream()
                .filter(s -> !s.getBounds().contains(owner.getX() + 1, owner.getY() + 1))
                .findFirst();
    }

    Stage stage() {
        return stage;
    }

    /** Shown or put away; the keyboard stays with the desk. */
    void toggle(Window owner) {
        if (stage.isShowing()) stage.hide();
        else {
            stage.show();
            Platform.runLater(owner::requestFocus);
        }
    }

    void show(AirRun run, AirWatch.Seen seen) {
        if (!stage.isShowing()) return;
        head.show(run);
        var placed = run.schedule().steps().get(run.index());
        now.setText(Words.of("air.helperNow", placed.number(), placed.step().title()));
        left.setText(Clock.text(run.leftHere()));
        Nodes.restyle(left, "label", run.leftHere() < 0 ? "step-over" : "step-left");
        next.getChildren().clear();
        var steps = run.schedule().steps();
        for (int i = run.index() + 1; i < Math.min(steps.size(), run.index() + 1 + STEPS); i++) {
            var step = steps.get(i);
            if (run.skipped().contains(step.step().id())) continue;
            var name = Nodes.label(step.number() + "  " + step.step().title(), "studio-next");
            name.setMinWidth(230);
            name.setPrefWidth(230);
            var camera = Nodes.label(step.step().camera(), "studio-text");
            camera.setMinWidth(120);
            camera.setPrefWidth(120);
            var note = Nodes.label(Coming.note(step, run), "studio-soft");
            note.setMinWidth(0);
            next.getChildren().add(Nodes.styled(Nodes.row(12, name, camera, note), "studio-row"));
        }
        timers.show(run, seen);
        kitchens.show(seen);
    }

    void close() {
        stage.hide();
    }
}
