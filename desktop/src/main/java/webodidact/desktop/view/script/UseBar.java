package webodidact.desktop.view.script;

import java.util.stream.Stream;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Ratio;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.lesson.Scaling;
import webodidact.core.reading.AmountReader;
import webodidact.core.script.Mentions;
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
        for (var use : step.uses()) lesson.food(use.line()).ifPresent(line -> pane.getChildren().add(use(workspace, step, use, line)));
        for (var tool : step.tools()) pane.getChildren().add(tool(workspace, step, tool));
        var food = new MenuButton(Words.of("step.addFood"));
        food.setId("use-food-" + id);
        for (var line : lesson.foods()) {
            if (step.usesLine(line.id())) continue;
            var item = new MenuItem(line.item());
            item.setOnAction(e -> take(workspace, id, line));
            food.getItems().add(item);
        }
        food.setDisable(food.getItems().isEmpty());
        var tools = new MenuButton(Words.of("step.addTool"));
        tools.setId("use-tool-" + id);
        for (var tool : workspace.knowledge().tools()) {
            if (step.tools().contains(tool.id())) continue;
            var item = new MenuItem(tool.name());
            item.setOnAction(e -> workspace.editLesson(Words.of("edit.step.tool"), l -> l.withStep(id, s -> s.but(d -> d.tools = Stream.concat(s.tools().stream(), Stream.of(tool.id())).toList()))));
            tools.getItems().add(item);
        }
        pane.getChildren().addAll(food, tools);
        offerNamed(pane, workspace, step);
    }

    /** Foods on the list that the words name and the step does not take yet. */
    private static void offerNamed(FlowPane pane, Workspace workspace, Step step) {
        var finder = new Mentions(workspace.lesson(), workspace.knowledge());
        Stream.concat(finder.in(step.say()).stream(), finder.in(step.doing()).stream())
                .filter(m -> m.kind() == Mentions.Kind.LISTED && !step.usesLine(m.id())).map(Mentions.Mention::id).distinct()
                .flatMap(line -> workspace.lesson().food(line).stream())
                .forEach(line -> pane.getChildren().add(Nodes.named(Nodes.button(Words.of("step.takeNamed", line.item()), () -> take(workspace, step.id(), line), "small", "proposal"),
                        "take-" + step.id() + "-" + line.id(), Words.of("step.takeNamed", line.item()))));
    }

    private static void take(Workspace workspace, String id, FoodLine line) {
        workspace.editLesson(Words.of("edit.step.use", line.item()), l -> l.withStep(id, s -> s.but(d -> d.uses = Stream.concat(s.uses().stream(), Stream.of(new Use(line.id(), null))).toList())));
    }

    private static javafx.scene.Node use(Workspace workspace, Step step, Use use, FoodLine line) {
        var amount = Nodes.field("use-" + step.id() + "-" + line.id(), Words.of("step.all"), Words.of("step.useOf", line.item()));
        amount.setPrefColumnCount(6);
        var factor = Scaling.forHome(workspace.lesson());
        Typed.onEnter(amount, () -> use.amount() == null ? "" : AmountText.of(use.amount().times(factor)), text -> {
            var typed = text.isBlank() ? null : AmountReader.whole(text).times(Ratio.ONE.dividedBy(factor));
            workspace.editLesson(Words.of("edit.step.use", line.item()), l -> l.withStep(step.id(), s -> s.but(d -> d.uses =
                    s.uses().stream().map(u -> u.line().equals(line.id()) ? new Use(line.id(), typed) : u).toList())));
        });
        var off = Nodes.button("×", () -> workspace.editLesson(Words.of("edit.step.unuse", line.item()), l -> l.withStep(step.id(), s -> s.but(d -> d.uses =
                s.uses().stream().filter(u -> !u.line().equals(line.id())).toList()))), "off");
        off.setAccessibleText(Words.of("step.takeOff", line.item()));
        return Nodes.styled(Nodes.row(4, Nodes.label(line.item(), "body"), amount, off), "use");
    }

    private static javafx.scene.Node tool(Workspace workspace, Step step, String tool) {
        var name = workspace.knowledge().tool(tool).map(t -> t.name()).orElse(tool);
        var off = Nodes.button("×", () -> workspace.editLesson(Words.of("edit.step.untool", name), l -> l.withStep(step.id(), s -> s.but(d -> d.tools =
                s.tools().stream().filter(t -> !t.equals(tool)).toList()))), "off");
        off.setAccessibleText(Words.of("step.takeOff", name));
        return Nodes.styled(Nodes.row(4, Nodes.label(name, "body"), off), "use");
    }
}
