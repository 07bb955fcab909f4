package webodidact.desktop.view.afters;

import java.util.LinkedHashMap;
import java.util.Map;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.outcome.Outcome;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Screen;
import webodidact.desktop.view.WorkedOut;
import webodidact.desktop.words.Words;

/** What really happened and what it changes: plan and takes, retakes, how it went, work received, what is carried over, the course. */
public final class AftersScreen extends HBox implements Screen {
    private final Workspace workspace;
    private final VBox rows = Nodes.styled(new VBox(4), "work");
    private final VBox side = Nodes.styled(new VBox(12), "side-body");
    private final Map<String, AftersPart> panes = new LinkedHashMap<>();
    private final Map<String, ToggleButton> tabs = new LinkedHashMap<>();
    private final HBox head = new HBox(14);
    private String at = "plan";

    public AftersScreen(Desk desk) {
        workspace = desk.workspace();
        getStyleClass().add("station");
        panes.put("plan", new PlanPane(desk, this::show));
        panes.put("retakes", new RetakesPane(desk));
        panes.put("went", new WentPane(desk));
        panes.put("work", new WorkPane(desk));
        panes.put("carry", new CarryPane(desk));
        panes.put("course", new CoursePane(desk, this::show));
        var group = new ToggleGroup();
        var bar = new FlowPane(6, 6);
        for (var key : panes.keySet()) {
            var tab = Nodes.named(
                    Nodes.toggle(Words.of("afters.tab." + key), "tab"), "afters-" + key, Words.of("afters.tab." + key));
            tab.setToggleGroup(group);
            tab.setSelected(key.equals(at));
            tab.setOnAction(e -> {
                tab.setSelected(true);
                at = key;
                show();
            });
            tabs.put(key, tab);
            bar.getChildren().add(tab);
        }
        bar.setPrefWrapLength(600);
        bar.setMinWidth(0);
        var title = Nodes.label(Words.of("station.afters"), "title");
        title.setMinWidth(USE_PREF_SIZE);
        head.getChildren().addAll(title, Nodes.grown(bar));
        head.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(Nodes.grown(Panes.work(rows)), Panes.side(side, 360, 320));
        workspace.outcomeProperty().addListener(o -> WorkedOut.show(this, this::show));
        workspace.stepProperty().addListener(o -> show());
        workspace.bookProperty().addListener(o -> show());
        desk.carry().carryProperty().addListener(o -> {
            if (at.equals("carry")) show();
        });
        show();
    }

    private void show() {
        Outcome outcome = workspace.outcome();
        rows.getChildren().setAll(head);
        side.getChildren().clear();
        if (outcome == null) return;
        outcome.need(Outcome.Part.TIMES);
        var count = WorkPane.count(outcome, workspace);
        tabs.get("work").setText(Words.of("afters.tab.work") + (count.isEmpty() ? "" : " " + count));
        panes.get(at).fill(outcome, rows, side);
    }
}
