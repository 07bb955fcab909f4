package webodidact.desktop.view.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.amount.Ratio;
import webodidact.core.edit.Operations;
import webodidact.core.food.Tool;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Scaling;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.reading.AmountReader;
import webodidact.core.script.Draws;
import webodidact.core.swap.CookedAmount;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Typed;
import webodidact.desktop.words.Words;

/** What a step takes from the list and from the kit: how its tags read, and a food's amount while its tag is open, with what is left. */
final class FoodFacts {
    private final Workspace workspace;
    private final String id;

    FoodFacts(Workspace workspace, String id) {
        this.workspace = workspace;
        this.id = id;
    }

    static String useText(Lesson lesson, String step, Use use, Workspace workspace) {
        var line = lesson.food(use.line()).orElse(null);
        if (line == null) return Words.of("tag.gone");
        var house = workspace.book().course().house();
        var taken = use.amount() != null
                ? use.amount()
                : Draws.taken(Draws.of(lesson, line, workspace.knowledge(), house), step, use);
        var amount = taken == null
                ? null
                : CookedAmount.of(line, taken, workspace.knowledge()).times(Scaling.forHome(lesson));
        var name = line.chosen() == null
                ? line.item()
                : workspace.knowledge().food(line.chosen()).map(f -> f.name()).orElse(line.item());
        return amount == null || amount.low().isZero()
                ? name
                : KitchenRounding.round(amount, house).text(name) + " " + name;
    }

    String toolText(String tool) {
        return workspace.knowledge().tool(tool).map(Tool::name).orElse(tool);
    }

    /** Its amount, to be typed; blank is all that other steps leave. */
    List<Node> open(String line) {
        var lesson = workspace.lesson();
        var food = lesson.food(line).orElse(null);
        if (food == null) return List.of(Nodes.label(Words.of("tag.gone"), "soft"));
        var all = new ArrayList<Node>();
        all.add(amount(food));
        all.add(Nodes.label(food.item(), "body"));
        var draws = Draws.of(
                lesson, workspace.knowledge(), workspace.book().course().house());
        var left = left(food, draws);
        if (!left.isEmpty()) all.add(Nodes.named(Nodes.label(left, "soft"), "left-" + id + "-" + line, left));
        return all;
    }

    private TextField amount(FoodLine line) {
        var factor = Scaling.forHome(workspace.lesson());
        var amount =
                Nodes.field("use-" + id + "-" + line.id(), Words.of("step.all"), Words.of("step.useOf", line.item()));
        amount.setPrefColumnCount(5);
        Typed.onEnter(
                amount,
                () -> {
                    var use = use(line.id());
                    return use == null || use.amount() == null
                            ? ""
                            : AmountText.of(use.amount().times(factor));
                },
                text -> {
                    var typed = text.isBlank() ? null : AmountReader.whole(text).times(Ratio.ONE.dividedBy(factor));
                    workspace.editLesson(
                            Words.of("edit.step.use", line.item()), Operations.taking(id, line.id(), typed));
                });
        return amount;
    }

    private Use use(String line) {
        return workspace.lesson().step(id).map(Step::uses).orElse(List.of()).stream()
                .filter(u -> u.line().equals(line))
                .findFirst()
                .orElse(null);
    }

    /** What remains on the list after this step: "50 g left", "none left", "goes on with it". */
    private String left(FoodLine line, Map<String, Draws.Line> draws) {
        var draw = draws.containsKey(line.id()) ? draws.get(line.id()).in(id).orElse(null) : null;
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

    void take(FoodLine line) {
        workspace.editLesson(Words.of("edit.step.use", line.item()), Operations.use(id, line.id(), null));
    }

    void leave(String line) {
        var item = workspace.lesson().food(line).map(FoodLine::item).orElse(Words.of("tag.gone"));
        workspace.editLesson(Words.of("edit.step.unuse", item), Operations.unuse(id, line));
    }

    void takeTool(String tool) {
        workspace.editLesson(Words.of("edit.step.tool"), Operations.useTool(id, tool));
    }

    void leaveTool(String tool) {
        workspace.editLesson(Words.of("edit.step.untool", toolText(tool)), Operations.unuseTool(id, tool));
    }
}
