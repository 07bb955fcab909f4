package webodidact.desktop.view.larder;

import java.util.ArrayList;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.edit.Operations;
import webodidact.core.food.Hazard;
import webodidact.core.food.Tool;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.ToolLine;
import webodidact.core.list.ImpliedTools;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Typed;
import webodidact.desktop.view.WhenSeen;
import webodidact.desktop.words.Words;

/** The kit of one home, and the tools that the words of the steps need and nobody has listed. */
final class KitTable extends VBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private final Workspace workspace;
    private final Consumer<String> select;
    private final TextField add = Nodes.field("add-tool", Words.of("kit.addPrompt"), Words.of("kit.add"));
    private final VBox rows = new VBox(4);
    private String chosen = "";

    /** @param select told the id of the tool line that is chosen */
    KitTable(Workspace workspace, Consumer<String> select) {
        super(8);
        this.workspace = workspace;
        this.select = select;
        add.setOnAction(e -> {
            if (!add.getText().isBlank())
                add(
                        add.getText().strip(),
                        workspace
                                .knowledge()
                                .toolNamed(add.getText())
                                .map(Tool::id)
                                .orElse(null));
            add.clear();
        });
        getChildren().addAll(add, rows);
        WhenSeen.of(this, this::show, workspace.outcomeProperty());
    }

    private void add(String name, String tool) {
        var line = ToolLine.of(workspace.lesson().newToolId(), name, tool, 1);
        workspace.editLesson(Words.of("edit.addTool", name), Operations.listTool(line));
        choose(line.id());
    }

    private void choose(String id) {
        chosen = id;
        select.accept(id);
        rows.getChildren().forEach(r -> r.pseudoClassStateChanged(CHOSEN, id.equals(r.getUserData())));
    }

    private void show() {
        rows.getChildren().clear();
        var outcome = workspace.outcome();
        if (outcome == null) return;
        var lesson = outcome.lesson();
        if (lesson.tools().isEmpty()) rows.getChildren().add(Nodes.wrapped(Words.of("kit.empty"), "empty"));
        else rows.getChildren().add(head(lesson));
        for (var line : lesson.tools()) rows.getChildren().add(row(lesson, line));
        suggest(lesson);
        if (lesson.tools().stream().noneMatch(t -> t.id().equals(chosen))
                && !lesson.tools().isEmpty()) choose(lesson.tools().getFirst().id());
        else choose(chosen);
    }

    private static HBox head(Lesson lesson) {
        var count = Nodes.label(Words.of("kit.head.count"), "head");
        count.setMinWidth(52);
        var what = Nodes.label(Words.of("larder.what"), "head");
        what.setMaxWidth(Double.MAX_VALUE);
        var all = Nodes.label(lesson.sets().groups() > 0 ? Words.of("kit.head.all") : "", "head");
        all.setMinWidth(lesson.sets().groups() > 0 ? 218 : 120);
        var steps = Nodes.label(Words.of("larder.steps"), "head");
        steps.setMinWidth(168);
        return Nodes.styled(new HBox(6, count, Nodes.grown(what), all, steps), "table-head");
    }

    /** With groups: how many there are for all of them. */
    private TextField shared(ToolLine line) {
        var field =
                Nodes.field("shared-" + line.id(), Words.of("kit.sharedPrompt"), Words.of("kit.sharedOf", line.name()));
        field.getStyleClass().add("cell");
        field.setPrefWidth(92);
        Typed.onEnter(field, () -> line.shared() == 0 ? "" : Words.of("kit.shared", line.shared()), t -> {
            var digits = t.replaceAll("\\D", "");
            if (!t.isBlank() && !digits.matches("[1-9]\\d{0,2}"))
                throw new IllegalArgumentException(Words.of("brief.wholeWrong", t, 1, 999));
            change(
                    line,
                    new ToolLine(
                            line.id(),
                            line.name(),
                            line.tool(),
                            line.count(),
                            line.note(),
                            t.isBlank() ? 0 : Integer.parseInt(digits)));
        });
        return field;
    }

    private HBox row(Lesson lesson, ToolLine line) {
        var count = Nodes.field("count-" + line.id(), "", Words.of("kit.countOf", line.name()));
        count.getStyleClass().addAll("cell", "strong");
        count.setPrefWidth(52);
        Typed.onEnter(count, () -> String.valueOf(line.count()), t -> {
            if (!t.strip().matches("[1-9]\\d{0,2}"))
                throw new IllegalArgumentException(Words.of("brief.wholeWrong", t, 1, 999));
            change(
                    line,
                    new ToolLine(
                            line.id(),
                            line.name(),
                            line.tool(),
                            Integer.parseInt(t.strip()),
                            line.note(),
                            line.shared()));
        });
        var name = Nodes.field("name-" + line.id(), "", Words.of("larder.nameOf", line.name()));
        name.getStyleClass().add("cell");
        Typed.onEnter(
                name,
                line::name,
                t -> change(
                        line,
                        new ToolLine(
                                line.id(),
                                t.strip(),
                                workspace.knowledge().toolNamed(t).map(Tool::id).orElse(null),
                                line.count(),
                                line.note(),
                                line.shared())));
        var hazard = workspace
                .knowledge()
                .tool(line.tool())
                .map(Tool::hazard)
                .filter(h -> h != Hazard.NONE)
                .map(Hazard::title)
                .orElse("");
        var steps = Nodes.label(steps(lesson, line), "step-numbers");
        steps.setMinWidth(80);
        var note = Nodes.label(line.note(), "soft");
        note.setMinWidth(120);
        var danger = Nodes.label(hazard, "allergen");
        danger.setMinWidth(80);
        var row = Nodes.row(6, count, Nodes.grown(name), note, steps, danger);
        if (lesson.sets().groups() > 0) row.getChildren().add(2, shared(line));
        row.getStyleClass().add("food-row");
        row.setUserData(line.id());
        row.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> choose(line.id()));
        row.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.DELETE && e.isShortcutDown()) remove(line);
        });
        name.focusedProperty().addListener((o, was, now) -> {
            if (now) choose(line.id());
        });
        return row;
    }

    private static String steps(Lesson lesson, ToolLine line) {
        var numbers = new ArrayList<String>();
        for (int i = 0; i < lesson.steps().size(); i++)
            if (line.tool() != null && lesson.steps().get(i).tools().contains(line.tool()))
                numbers.add(String.valueOf(i + 1));
        return String.join(" ", numbers);
    }

    private void change(ToolLine line, ToolLine to) {
        workspace.editLesson(Words.of("edit.tool", line.name()), Operations.changeTool(to));
    }

    private void remove(ToolLine line) {
        workspace.editLesson(Words.of("edit.deleteTool", line.name()), Operations.delistTool(line.id()));
    }

    /** Tools that steps name or whose verbs need, and that are neither listed nor stood in for. */
    private void suggest(Lesson lesson) {
        var missing = ImpliedTools.of(lesson, workspace.knowledge());
        if (missing.isEmpty()) return;
        rows.getChildren().add(Nodes.label(Words.of("kit.missing"), "shelf"));
        var pane = new FlowPane(8, 8);
        missing.forEach((id, step) -> workspace
                .knowledge()
                .tool(id)
                .ifPresent(tool -> pane.getChildren()
                        .add(Nodes.named(
                                Nodes.button(
                                        Words.of("kit.suggest", tool.name(), step),
                                        () -> add(tool.name(), id),
                                        "small"),
                                "suggest-" + id,
                                Words.of("kit.suggest", tool.name(), step)))));
        rows.getChildren().add(pane);
    }
}
