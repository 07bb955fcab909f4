package webodidact.desktop.view.script;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import webodidact.core.check.Finding;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.LessonPattern;
import webodidact.core.lesson.Step;
import webodidact.desktop.control.EmptyState;
import webodidact.desktop.control.FindingCard;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.FindingActions;
import webodidact.desktop.words.Words;

/** One column of steps, written like a text, with the checks in the margin. */
final class ScriptScreen extends VBox {
    private final Workspace workspace;
    private final VBox column = new VBox(10);
    private final ScrollPane scroll = Panes.work(column);
    private final Map<String, StepRow> rows = new HashMap<>();
    private final VBox general = new VBox(4);
    private List<Finding> generalFindings = List.of();
    private final Node empty = new EmptyState(Words.of("script.empty"), Words.of("script.pattern"), this::startFromPattern);

    ScriptScreen(Workspace workspace) {
        super(8);
        this.workspace = workspace;
        getStyleClass().addAll("station", "work");
        var add = Nodes.named(Nodes.button(Words.of("script.add"), this::addAtEnd, "primary"), "add-step", Words.of("script.add"));
        var hint = Nodes.label(Words.of("script.hint"), "soft");
        hint.setMinWidth(0);
        getChildren().addAll(Nodes.row(14, Nodes.label(Words.of("station.script"), "title"), hint, Nodes.spring(), add), general, Nodes.grown(scroll));
        general.setId("lesson-findings");
        workspace.lessonProperty().addListener(o -> refresh());
        workspace.outcomeProperty().addListener(o -> derived());
        workspace.stepProperty().addListener((o, was, now) -> choose(now));
        sceneProperty().addListener(o -> reveal());
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        refresh();
        derived();
        choose(workspace.stepProperty().get());
    }

    private void refresh() {
        Lesson lesson = workspace.lesson();
        if (lesson == null) return;
        var now = new ArrayList<Node>();
        for (int i = 0; i < lesson.steps().size(); i++) {
            var row = rows.computeIfAbsent(lesson.steps().get(i).id(), id -> new StepRow(workspace, id, this::dropped));
            row.refresh(lesson, i);
            now.add(row);
        }
        rows.keySet().removeIf(id -> lesson.step(id).isEmpty());
        if (now.isEmpty()) now.add(empty);
        if (!column.getChildren().equals(now)) column.getChildren().setAll(now);
    }

    private void derived() {
        var outcome = workspace.outcome();
        if (outcome == null) return;
        rows.values().forEach(r -> r.derived(outcome));
        var now = outcome.report().open().stream().filter(f -> f.step() == 0).toList();
        if (now.equals(generalFindings)) return;
        generalFindings = now;
        general.getChildren().setAll(now.stream().limit(2).map(f -> new FindingCard(f, new FindingActions(workspace))).toList());
        if (now.size() > 2) general.getChildren().add(Nodes.label(Words.of("script.moreFindings", now.size() - 2), "soft"));
    }

    private void choose(String id) {
        rows.forEach((key, row) -> row.choose(key.equals(id)));
        reveal();
    }

    /** Scrolls as far as needed for the selected step to be seen. */
    private void reveal() {
        var row = rows.get(workspace.stepProperty().get());
        if (row == null || getScene() == null) return;
        Platform.runLater(() -> {
            applyCss();
            layout();
            double view = scroll.getViewportBounds().getHeight();
            double all = column.getHeight();
            double top = row.getBoundsInParent().getMinY();
            double bottom = row.getBoundsInParent().getMaxY();
            double seen = scroll.getVvalue() * Math.max(0, all - view);
            if (all <= view) return;
            if (top < seen || bottom - top > view) scroll.setVvalue(top / (all - view));
            else if (bottom > seen + view) scroll.setVvalue((bottom - view) / (all - view));
        });
    }

    private void startFromPattern() {
        workspace.editLesson(Words.of("edit.pattern"), l -> l.withSteps(LessonPattern.start(l.id(), l.number(), l.title(), l.delivery(), l.audience(), l.slot(), workspace.book().course()).steps()));
        workspace.stepProperty().set("s1");
    }

    private void addAtEnd() {
        insert(workspace.lesson().steps().size());
    }

    /** A new hands-on step; its title is ready to be typed. */
    private void insert(int index) {
        var step = Step.blank(workspace.lesson().newStepId(), Kind.HANDS_ON, "");
        workspace.editLesson(Words.of("edit.addStep"), l -> l.inserting(index, step));
        workspace.stepProperty().set(step.id());
        Platform.runLater(() -> rows.get(step.id()).focusTitle());
    }

    private void dropped(String id, double sceneY) {
        int to = 0;
        for (var node : column.getChildren()) {
            if (node == rows.get(id)) continue;
            var bounds = node.localToScene(node.getBoundsInLocal());
            if (sceneY > bounds.getCenterY()) to++;
        }
        int target = to;
        workspace.editLesson(Words.of("edit.moveStep"), l -> l.moving(id, target));
    }

    private void key(KeyEvent e) {
        var id = workspace.stepProperty().get();
        int at = workspace.lesson() == null ? -1 : workspace.lesson().indexOf(id);
        if (at < 0) return;
        if (e.isAltDown() && (e.getCode() == KeyCode.UP || e.getCode() == KeyCode.DOWN)) {
            int to = at + (e.getCode() == KeyCode.UP ? -1 : 1);
            if (to >= 0 && to < workspace.lesson().steps().size()) workspace.editLesson(Words.of("edit.moveStep"), l -> l.moving(id, to));
            reveal();
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER && e.isShortcutDown()) {
            rows.get(id).split();
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER && rows.get(id).isInTitle()) {
            insert(at + 1);
            e.consume();
        } else if (e.getCode() == KeyCode.DELETE && e.isShortcutDown() && e.isShiftDown()) {
            delete(id, at);
            e.consume();
        }
    }

    private void delete(String id, int at) {
        workspace.editLesson(Words.of("edit.deleteStep", workspace.lesson().steps().get(at).title()), l -> l.removingStep(id));
        List<Step> left = workspace.lesson().steps();
        if (!left.isEmpty()) workspace.stepProperty().set(left.get(Math.min(at, left.size() - 1)).id());
    }
}
