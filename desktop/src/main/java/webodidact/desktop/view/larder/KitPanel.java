package webodidact.desktop.view.larder;

import javafx.scene.layout.VBox;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Hazard;
import webodidact.core.food.Tool;
import webodidact.core.lesson.Household;
import webodidact.core.outcome.Outcome;
import webodidact.core.swap.InUse;
import webodidact.core.time.Clock;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.WhenSeen;
import webodidact.desktop.words.Words;

/** What a home can use if it has not the selected tool, and how much longer its steps take with that. */
final class KitPanel extends VBox {
    private final Workspace workspace;
    private String line = "";

    KitPanel(Workspace workspace) {
        super(10);
        this.workspace = workspace;
        getStyleClass().add("side-body");
        WhenSeen.of(this, this::show, workspace.outcomeProperty());
    }

    void select(String id) {
        line = id;
        if (getScene() != null) show();
    }

    private void show() {
        getChildren().clear();
        Outcome outcome = workspace.outcome();
        if (outcome == null) return;
        var chosen = outcome.lesson().tools().stream()
                .filter(t -> t.id().equals(line))
                .findFirst()
                .orElse(null);
        if (chosen == null) {
            getChildren().add(Nodes.wrapped(Words.of("kit.choose"), "empty"));
            return;
        }
        getChildren().addAll(Nodes.label(Words.of("swap.over"), "overline"), Nodes.wrapped(chosen.name(), "title"));
        var tool = workspace.knowledge().tool(chosen.tool()).orElse(null);
        if (tool == null) {
            getChildren().add(Nodes.wrapped(Words.of("kit.unknown"), "body"));
            return;
        }
        if (tool.noisy()) getChildren().add(Nodes.wrapped(Words.of("kit.noisy"), "soft"));
        if (tool.instead().isEmpty()) getChildren().add(Nodes.wrapped(Words.of("kit.none"), "body"));
        for (var instead : tool.instead()) getChildren().add(card(outcome, tool, instead));
        var without = workspace.book().households().stream()
                .filter(h -> h.missingTools().contains(tool.id()))
                .map(Household::alias)
                .toList();
        getChildren()
                .add(Nodes.wrapped(
                        without.isEmpty()
                                ? Words.of("kit.allHave")
                                : Words.count("kit.lack", without.size()) + ": " + String.join(", ", without),
                        without.isEmpty() ? "good" : "warn"));
    }

    private VBox card(Outcome outcome, Tool tool, Tool.Instead instead) {
        var name = workspace.knowledge().tool(instead.tool()).map(Tool::name).orElse(instead.tool());
        var box = Nodes.styled(Nodes.column(3, Nodes.label(name, "offer-title")), "offer");
        box.getChildren()
                .add(Nodes.wrapped(
                        Words.of("kit.factor", AmountText.number(instead.time())),
                        instead.time().isMoreThan(Ratio.ONE) ? "warn" : "good"));
        for (var placed : outcome.schedule().steps()) {
            if (!placed.step().tools().contains(tool.id()) || placed.hands().isZero()) continue;
            int longer = (int) instead.time().times(placed.hands().likely()).nearest();
            box.getChildren()
                    .add(Nodes.wrapped(
                            Words.of(
                                    "kit.stepTime",
                                    placed.number(),
                                    Clock.text(placed.hands().likely()),
                                    Clock.text(longer)),
                            "body"));
        }
        for (var cannot : instead.cannot()) {
            for (var placed : outcome.schedule().steps()) {
                var text = placed.step().title() + ". " + placed.step().doing() + " "
                        + placed.step().say();
                if (!placed.step().tools().contains(tool.id())) continue;
                cannot.verbs().stream()
                        .filter(v -> InUse.says(text, v))
                        .findFirst()
                        .ifPresent(v -> box.getChildren()
                                .add(Nodes.wrapped(
                                        "▲ " + Words.of("kit.breaks", placed.number(), v, name, cannot.because()),
                                        "warn")));
            }
        }
        if (!instead.note().isEmpty()) box.getChildren().add(Nodes.wrapped(instead.note(), "soft"));
        var hazard =
                workspace.knowledge().tool(instead.tool()).map(Tool::hazard).orElse(Hazard.NONE);
        if (hazard != Hazard.NONE && hazard != tool.hazard())
            box.getChildren().add(Nodes.wrapped("▲ " + hazard.title(), "warn"));
        return box;
    }
}
