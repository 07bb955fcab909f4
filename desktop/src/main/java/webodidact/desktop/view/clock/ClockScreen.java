package webodidact.desktop.view.clock;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.time.Clock;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.control.Timeline;
import webodidact.desktop.geometry.Lanes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Desk;
import webodidact.desktop.words.Words;

/** Everything before air on the left, the broadcast on the right; beside it the selected step and its wait. */
final class ClockScreen extends HBox {
    private final Workspace workspace;
    private final Timeline timeline;
    private final HBox sums = Nodes.row(26);
    private final StepPanel panel;

    ClockScreen(Desk desk) {
        workspace = desk.workspace();
        getStyleClass().add("station");
        timeline = new Timeline(id -> workspace.stepProperty().set(id));
        timeline.setId("timeline");
        timeline.setFocusTraversable(true);
        timeline.setAccessibleText(Words.of("clock.timeline"));
        panel = new StepPanel(desk);
        var hint = Nodes.label(Words.of("clock.hint"), "soft");
        hint.setMinWidth(0);
        sums.getStyleClass().add("sums");
        var work = Nodes.styled(new VBox(10, Nodes.row(14, Nodes.label(Words.of("station.clock"), "title"), hint), Nodes.grown(timeline), sums), "work");
        work.setMinWidth(0);
        getChildren().addAll(Nodes.grown(work), Panes.side(panel, 300, 290));
        workspace.outcomeProperty().addListener(o -> show());
        workspace.stepProperty().addListener(o -> show());
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        show();
    }

    private void show() {
        var outcome = workspace.outcome();
        panel.show();
        sums.getChildren().clear();
        if (outcome == null) return;
        var schedule = outcome.schedule();
        timeline.show(Lanes.of(outcome), outcome.bench().firstStart() - 60, schedule.slot(), schedule.total().low(), schedule.total().high(), workspace.stepProperty().get());
        sum("clock.total", Clock.text(schedule.planned()), schedule.total().text());
        sum("clock.kitchen", Clock.text(schedule.kitchen()), "");
        sum("clock.deadAir", Clock.text(schedule.deadAir()), "");
        sum("clock.cameraMoves", String.valueOf(schedule.cameraMoves()), "");
        long open = schedule.steps().stream().filter(p -> p.waiting() != null && p.waiting().isOpen()).count();
        sum("clock.openEnds", String.valueOf(open), "");
    }

    private void sum(String key, String figure, String more) {
        var value = Nodes.label(figure, "sum-figure");
        value.setId(key.replace('.', '-'));
        sums.getChildren().add(Nodes.column(0, Nodes.label(Words.of(key), "tiny"), Nodes.row(6, value, Nodes.label(more, "soft"))));
    }

    /** Left and right go through the steps. */
    private void key(KeyEvent e) {
        int by = e.getCode() == KeyCode.RIGHT ? 1 : e.getCode() == KeyCode.LEFT ? -1 : 0;
        if (by == 0 || workspace.lesson() == null || e.isShortcutDown() || e.getTarget() instanceof javafx.scene.control.TextInputControl) return;
        int at = workspace.lesson().indexOf(workspace.stepProperty().get()) + by;
        if (at < 0 || at >= workspace.lesson().steps().size()) return;
        workspace.stepProperty().set(workspace.lesson().steps().get(at).id());
        e.consume();
    }
}
