package webodidact.desktop.view.script;

import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.amount.Ratio;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Scaling;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.reading.AmountReader;
import webodidact.core.script.Draws;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Typed;
import webodidact.desktop.words.Words;

/** What the step takes from the list and from the kit: each with its amount, taken off with one press; foods named in its words are offered. */
final class UseBar {
    private UseBar() {}

    static void fill(FlowPane pane, Workspace workspace, String id) {
        pane.getChildren().clear();
        var lesson = workspace.lesson();
        var step = lesson.step(id).orElseThrow();
        var draws = Draws.of(
                lesson, workspace.knowledge(), workspace.book().course().house());
        for (var use : step.uses())
            lesson.food(use.line()).ifPresent(line -> pane.getChildren().add(use(workspace, step, use, line, draws)));
        for (var tool : step.tools()) pane.getChildren().add(tool(workspace, step, tool));
        var food = new MenuButton(Words.of("step.addFood"));
        food.setId("use-food-" + id);
        // Filled when it is opened: a hundred items made for each change would cost more than the rest of the screen.
        food.getItems().add(new MenuItem());
        food.setOnShowing(e -> food.getItems()
                .setAll(workspace.lesson().foods().stream()
                        .filter(l -> workspace
                                .lesson()
                                .step(id)
                                .map(s -> !s.usesLine(l.id()))
                                .orElse(false))
                        .map(line -> {
                            var item = new MenuItem(line.item());
                            item.setOnAction(x -> take(workspace, id, line));
                            return item;
                        })
                        .toList()));
        food.setDisable(lesson.foods().stream().allMatch(l -> step.usesLine(l.id())));
        var tools = new MenuButton(Words.of("step.addTool"));
        tools.setId("use-tool-" + id);
        tools.getItems().add(new MenuItem());
        tools.setOnShowing(e -> tools.getItems()
                .setAll(workspace.knowledge().tools().stream()
                        .filter(t -> workspace
                                .lesson()
                                .step(id)
                                .map(s -> !s.tools().contains(t.id()))
                                .orElse(false))
                        .map(tool -> {
                            var item = new MenuItem(tool.name());
                            item.setOnAction(x -> workspace.editLesson(
                                    Words.of("edit.step.tool"), Operations.useTool(id, tool.id())));
                            return item;
                        })
                        .toList()));
        pane.getChildren().addAll(food, tools);
    }

    private static void take(Workspace workspace, String id, FoodLine line) {
        workspace.editLesson(Words.of("edit.step.use", line.item()), Operations.use(id, line.id(), null));
    }

    private static Node use(Workspace workspace, Step step, Use use, FoodLine line, Map<String, Draws.Line> draws) {
        var amount = Nodes.field(
                "use-" + step.id() + "-" + line.id(), Words.of("step.all"), Words.of("step.useOf", line.item()));
        amount.setPrefColumnCount(6);
        var factor = Scaling.forHome(workspace.lesson());
        Typed.onEnter(
                amount,
                () -> use.amount() == null ? "" : AmountText.of(use.amount().times(factor)),
                text -> {
                    var typed = text.isBlank() ? null : AmountReader.whole(text).times(Ratio.ONE.dividedBy(factor));
                    workspace.editLesson(
                            Words.of("edit.step.use", line.item()), Operations.taking(step.id(), line.id(), typed));
                });
        var off = Nodes.button(
                "×",
                () -> workspace.editLesson(
                        Words.of("edit.step.unuse", line.item()), Operations.unuse(step.id(), line.id())),
                "off");
        off.setAccessibleText(Words.of("step.takeOff", line.item()));
        var row = Nodes.row(4, Nodes.label(line.item(), "body"), amount);
        var left = left(workspace, step, line, draws);
        if (!left.isEmpty())
            row.getChildren().add(Nodes.named(Nodes.label(left, "soft"), "left-" + step.id() + "-" + line.id(), left));
        row.getChildren().add(off);
        return Nodes.styled(row, "use");
    }

    /** What remains on the list after this step: "50 g left", "none left", "goes on with it". */
    private static String left(Workspace workspace, Step step, FoodLine line, Map<String, Draws.Line> draws) {
        var draw = draws.containsKey(line.id())
                ? draws.get(line.id()).in(step.id()).orElse(null)
                : null;
        if (draw == null || draw.left() == null) return "";
        if (draw.handles()) return Words.of("step.handles");
        if (draw.left().low().isZero())
            return draws.get(line.id()).over() == null ? Words.of("step.noneLeft") : Words.of("step.over");
        return Words.of(
                "step.left",
                KitchenRounding.round(
                                draw.left().times(Scaling.forHome(workspace.lesson())),
                                workspace.book().course().house())
                        .text());
    }

    private static Node tool(Workspace workspace, Step step, String tool) {
        var name = workspace.knowledge().tool(tool).map(t -> t.name()).orElse(tool);
        var off = Nodes.button(
                "×",
                () -> workspace.editLesson(Words.of("edit.step.untool", name), Operations.unuseTool(step.id(), tool)),
                "off");
        off.setAccessibleText(Words.of("step.takeOff", name));
        return Nodes.styled(Nodes.row(4, Nodes.label(name, "body"), off), "use");
    }
}
