package webodidact.desktop.view.larder;

import java.util.stream.Collectors;
import javafx.scene.layout.VBox;
import webodidact.core.homes.Coverage;
import webodidact.core.homes.CoverageGrid;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** Who is stopped, where, by what; the one change that lets most in; and who does what about the chosen need. */
final class HomesPanel extends VBox {
    private final Workspace workspace;
    private String need = "";

    HomesPanel(Workspace workspace) {
        super(10);
        this.workspace = workspace;
        getStyleClass().add("side-body");
        setId("homes-panel");
    }

    void select(String id) {
        need = id;
        show();
    }

    private void show() {
        getChildren().clear();
        var outcome = workspace.outcome();
        if (outcome == null) return;
        var grid = CoverageGrid.of(outcome.lesson(), workspace.book().households(), workspace.knowledge(), outcome.course().house());
        var blocked = grid.blocked();
        getChildren().add(Nodes.label(Words.of("homes.over", grid.homes().size()), "overline"));
        getChildren().add(Nodes.wrapped(blocked.isEmpty() ? Words.of("homes.allIn") : Words.count("homes.blocked", blocked.size()), "title"));
        grid.bestChange().ifPresent(c -> getChildren().add(Nodes.wrapped(Words.count("homes.change", c.homes().size()).replace("{1}", c.need().name()) + " " + String.join(", ", c.homes()) + ".", "finding", "info")));
        for (var b : blocked) {
            getChildren().add(Nodes.wrapped("■ " + (b.step() == 0 ? Words.of("homes.stopsNowhere", b.home(), b.need()) : Words.of("homes.stops", b.home(), b.need(), b.step())), "body"));
        }
        grid.needs().stream().filter(n -> n.id().equals(need)).findFirst().ifPresent(this::chosen);
    }

    private void chosen(CoverageGrid.Need n) {
        getChildren().add(Nodes.wrapped(n.name(), "panel-title"));
        var steps = n.steps().stream().map(String::valueOf).collect(Collectors.joining(", "));
        getChildren().add(Nodes.wrapped(n.steps().isEmpty() ? Words.of("homes.noStep") : Words.of("homes.inSteps", steps), "soft"));
        var swaps = n.coverage().homes().stream().filter(h -> h.stand() == Coverage.Stand.SWAPS)
                .collect(Collectors.groupingBy(Coverage.Home::with, java.util.TreeMap::new, Collectors.mapping(Coverage.Home::alias, Collectors.joining(", "))));
        swaps.forEach((with, homes) -> getChildren().add(Nodes.wrapped(Words.of("homes.swap", with, homes), "body")));
        var labels = names(n, Coverage.Stand.CHECKS);
        if (!labels.isEmpty()) getChildren().add(Nodes.wrapped(Words.of("homes.labels", labels), "warn"));
        var none = names(n, Coverage.Stand.BLOCKED);
        if (!none.isEmpty()) getChildren().add(Nodes.wrapped("■ " + Words.of("homes.none", none), "bad"));
        if (swaps.isEmpty() && labels.isEmpty() && none.isEmpty()) getChildren().add(Nodes.wrapped(Words.of("homes.everyone"), "good"));
    }

    private static String names(CoverageGrid.Need n, Coverage.Stand stand) {
        return n.coverage().homes().stream().filter(h -> h.stand() == stand).map(Coverage.Home::alias).collect(Collectors.joining(", "));
    }
}
