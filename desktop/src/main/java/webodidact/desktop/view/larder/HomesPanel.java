package webodidact.desktop.view.larder;

import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import webodidact.core.homes.Coverage;
import webodidact.core.homes.CoverageGrid;
import webodidact.core.lesson.Household;
import webodidact.core.list.OvenInstead;
import webodidact.core.outcome.Outcome;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Desk;
import webodidact.desktop.words.Words;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.csv.HouseholdTable;

/** Who is stopped, where, by what; the one change that lets most in; and who does what about the chosen need. */
final class HomesPanel extends VBox {
    /** Names or lines told one by one. */
    private static final int MOST = 40;

    private final Desk desk;
    private final Workspace workspace;
    private final Consumer<Node> columns;
    private final Consumer<String> open;
    private List<String> trouble = List.of();
    private String need = "";

    /**
     * @param columns shows another panel, or this one again, in its place
     * @param open opens one home
     */
    HomesPanel(Desk desk, Consumer<Node> columns, Consumer<String> open) {
        super(10);
        this.desk = desk;
        this.columns = columns;
        this.open = open;
        workspace = desk.workspace();
        getStyleClass().add("side-body");
        setId("homes-panel");
    }

    void select(String id) {
        need = id;
        show();
    }

    void show() {
        getChildren().clear();
        var outcome = workspace.outcome();
        if (outcome == null) return;
        var grid = outcome.answers().grid();
        var blocked = grid.blocked();
        getChildren().add(Nodes.label(Words.of("homes.over", grid.homes().size()), "overline"));
        getChildren()
                .add(Nodes.wrapped(
                        blocked.isEmpty() ? Words.of("homes.allIn") : Words.count("homes.blocked", blocked.size()),
                        "title"));
        grid.bestChange()
                .ifPresent(c -> getChildren()
                        .add(Nodes.wrapped(
                                Words.count("homes.change", c.homes().size())
                                                .replace("{1}", c.need().name()) + " " + named(c.homes()) + ".",
                                "finding",
                                "info")));
        for (var b : blocked.subList(0, Math.min(MOST, blocked.size()))) {
            getChildren()
                    .add(Nodes.wrapped(
                            "■ "
                                    + (b.step() == 0
                                            ? Words.of("homes.stopsNowhere", b.home(), b.need())
                                            : Words.of("homes.stops", b.home(), b.need(), b.step())),
                            "body"));
            takeover(outcome, b.home()).ifPresent(text -> getChildren().add(Nodes.wrapped(text, "soft")));
        }
        if (blocked.size() > MOST) getChildren().add(Nodes.label(Words.of("open.more", blocked.size() - MOST), "soft"));
        grid.needs().stream().filter(n -> n.id().equals(need)).findFirst().ifPresent(this::chosen);
        data(grid.homes().isEmpty());
    }

    /** What that home has could take over what it lacks an oven for. */
    private Optional<String> takeover(Outcome outcome, String alias) {
        return workspace.book().households().stream()
                .filter(h -> h.alias().equals(alias))
                .flatMap(h -> OvenInstead.of(outcome.lesson(), h, outcome.knowledge()).stream())
                .flatMap(o -> o.ways().stream())
                .filter(OvenInstead.Instead::sure)
                .map(w -> Words.of("homes.takeover", w.tool().name()))
                .findFirst();
    }

    private void data(boolean none) {
        getChildren().add(Nodes.label(Words.of("homes.data"), "overline"));
        for (var line : trouble) getChildren().add(Nodes.wrapped("▲ " + line, "warn"));
        var read = Nodes.named(Nodes.button(Words.of("homes.read"), this::read), "read-homes", Words.of("homes.read"));
        var forget = Nodes.named(
                Nodes.button(Words.of("homes.forget"), this::forget), "forget-homes", Words.of("homes.forget"));
        forget.setDisable(none);
        getChildren()
                .addAll(
                        new FlowPane(
                                8,
                                8,
                                read,
                                Nodes.named(
                                        Nodes.button(Words.of("homes.add"), this::add),
                                        "add-home",
                                        Words.of("homes.add")),
                                forget),
                        Nodes.wrapped(Words.of("homes.privacy"), "soft"));
    }

    /** What would be taken is shown first; the homes that were there are replaced, which can be undone. */
    private void read() {
        desk.askFile(Words.of("homes.read"), List.of("csv")).ifPresent(file -> {
            switch (CourseFolder.openHouseholds(file)) {
                case Read.Done<HouseholdTable>(var table, var _) ->
                    columns.accept(
                            new ColumnPanel(table, workspace.knowledge(), this::taken, () -> columns.accept(this)));
                case Read.Refused<HouseholdTable>(var why) -> {
                    trouble = List.of(why.text());
                    show();
                }
            }
        });
    }

    private void taken(List<Household> homes, List<String> wrong) {
        trouble = wrong;
        workspace.edit(Words.count("edit.homes", homes.size()), b -> b.withHouseholds(homes));
        columns.accept(this);
        show();
    }

    private void add() {
        int n = 1;
        while (isTaken(Words.of("homes.newAlias", n))) n++;
        var alias = Words.of("homes.newAlias", n);
        workspace.edit(
                Words.of("edit.homeNew"),
                b -> b.withHouseholds(Stream.concat(b.households().stream(), Stream.of(Household.named(alias)))
                        .toList()));
        open.accept(alias);
    }

    private boolean isTaken(String alias) {
        return workspace.book().households().stream().anyMatch(h -> h.alias().equals(alias));
    }

    private void forget() {
        trouble = List.of();
        workspace.forgetHomes();
        desk.tell(Words.of("homes.forgotten"));
    }

    private void chosen(CoverageGrid.Need n) {
        getChildren().add(Nodes.wrapped(n.name(), "panel-title"));
        var steps = n.steps().stream().map(String::valueOf).collect(Collectors.joining(", "));
        getChildren()
                .add(Nodes.wrapped(
                        n.steps().isEmpty() ? Words.of("homes.noStep") : Words.of("homes.inSteps", steps), "soft"));
        var swaps = n.coverage().homes().stream()
                .filter(h -> h.stand() == Coverage.Stand.SWAPS)
                .collect(Collectors.groupingBy(
                        Coverage.Home::with,
                        TreeMap::new,
                        Collectors.mapping(
                                Coverage.Home::alias,
                                Collectors.collectingAndThen(Collectors.toList(), HomesPanel::named))));
        swaps.forEach((with, homes) -> getChildren().add(Nodes.wrapped(Words.of("homes.swap", with, homes), "body")));
        var labels = names(n, Coverage.Stand.CHECKS);
        if (!labels.isEmpty()) getChildren().add(Nodes.wrapped(Words.of("homes.labels", labels), "warn"));
        var none = names(n, Coverage.Stand.BLOCKED);
        if (!none.isEmpty()) getChildren().add(Nodes.wrapped("■ " + Words.of("homes.none", none), "bad"));
        if (swaps.isEmpty() && labels.isEmpty() && none.isEmpty())
            getChildren().add(Nodes.wrapped(Words.of("homes.everyone"), "good"));
    }

    private static String names(CoverageGrid.Need n, Coverage.Stand stand) {
        return named(n.coverage().homes().stream()
                .filter(h -> h.stand() == stand)
                .map(Coverage.Home::alias)
                .toList());
    }

    /** Names, and of very many how many more. */
    private static String named(List<String> names) {
        var first = String.join(", ", names.subList(0, Math.min(MOST, names.size())));
        return names.size() > MOST ? first + " " + Words.of("open.more", names.size() - MOST) : first;
    }
}
