package webodidact.desktop.view.larder;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.transform.Rotate;
import webodidact.core.homes.Coverage;
import webodidact.core.homes.CoverageGrid;
import webodidact.desktop.control.CardButton;
import webodidact.desktop.control.Hints;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.WhenSeen;
import webodidact.desktop.words.Words;

/** Homes across, needs down: one look tells who has what. */
final class HomesGrid extends VBox {
    /** Homes drawn side by side; beyond it a square is no longer one. */
    private static final int MOST = 80;

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double NEED = 12.5;
    private final Workspace workspace;
    private final Consumer<String> select;
    private final Consumer<String> open;
    private String chosen = "";

    /**
     * @param select told the id of the need that is chosen
     * @param open told the alias of the home that is opened, or "" for all
     */
    HomesGrid(Workspace workspace, Consumer<String> select, Consumer<String> open) {
        super(3);
        this.workspace = workspace;
        this.select = select;
        this.open = open;
        WhenSeen.of(this, this::show, workspace.outcomeProperty(), workspace.bookProperty());
    }

    private void show() {
        getChildren().clear();
        var outcome = workspace.outcome();
        if (outcome == null) return;
        if (workspace.book().households().isEmpty()) {
            getChildren().add(Nodes.wrapped(Words.of("homes.empty"), "empty"));
            choose("");
            return;
        }
        var grid = outcome.answers().grid();
        var shown = shown(grid);
        getChildren().add(head(grid, shown));
        for (var need : grid.needs()) getChildren().add(row(need, shown));
        if (shown.size() < grid.homes().size())
            getChildren()
                    .add(Nodes.wrapped(
                            Words.of("homes.notAll", shown.size(), grid.homes().size()), "soft"));
        getChildren().add(legend());
        if (grid.needs().stream().noneMatch(n -> n.id().equals(chosen))
                && !grid.needs().isEmpty()) choose(grid.needs().getFirst().id());
        else choose(chosen);
    }

    /** Places of the homes that are drawn: all, or of very many those with most in their way, in their order. The figures are of all. */
    private static List<Integer> shown(CoverageGrid grid) {
        int n = grid.homes().size();
        var all = IntStream.range(0, n).boxed().toList();
        if (n <= MOST) return all;
        var trouble = new int[n];
        for (var need : grid.needs()) {
            for (int i = 0; i < n; i++) {
                trouble[i] += switch (need.coverage().homes().get(i).stand()) {
                    case HAS -> 0;
                    case SWAPS -> 1;
                    case CHECKS -> 10;
                    case BLOCKED -> 1000;
                };
            }
        }
        return all.stream()
                .sorted(Comparator.comparingInt(i -> -trouble[i]))
                .limit(MOST)
                .sorted()
                .toList();
    }

    private void choose(String id) {
        chosen = id;
        select.accept(id);
        getChildren().forEach(r -> r.pseudoClassStateChanged(CHOSEN, id.equals(r.getUserData())));
    }

    private HBox head(CoverageGrid grid, List<Integer> shown) {
        var cells = new HBox(2);
        var names = new ArrayList<HBox>();
        for (int i : shown) {
            var home = grid.homes().get(i);
            var words = needs(home);
            var cell = new CardButton("home-head", () -> open.accept(home), new Region());
            names.add(slanted(home, words));
            cell.setId("home-head-" + home);
            cell.setAccessibleText(Words.of("homes.open", words.isEmpty() ? home : home + ", " + words));
            cell.setMinHeight(HEAD_HEIGHT);
            cell.setMinWidth(4);
            cell.setPrefWidth(10);
            cell.setMaxWidth(Double.MAX_VALUE);
            Hints.on(cell, Words.of("homes.open", words.isEmpty() ? home : home + ", " + words));
            cells.getChildren().add(Nodes.grown(cell));
        }
        var row = new HBox(
                6,
                Nodes.cell(Nodes.label(Words.of("homes.need"), "head"), NEED),
                Nodes.grown(new StackPane(cells, over(cells, names))),
                Nodes.cell(Nodes.label("", "head"), 2.5));
        row.getStyleClass().add("table-head");
        return row;
    }

    /** What that home needs, in a few words: allergens, diets, and what of the kitchen is not there. */
    private String needs(String alias) {
        var home = workspace.book().households().stream()
                .filter(h -> h.alias().equals(alias))
                .findFirst();
        if (home.isEmpty()) return "";
        var all = new ArrayList<String>();
        home.get().allergies().forEach(a -> all.add(a.title()));
        all.addAll(home.get().diets());
        if (!home.get().oven()) all.add(Words.of("homes.noOven"));
        if (!home.get().hob()) all.add(Words.of("homes.noHob"));
        return String.join(", ", all);
    }

    /** The name, and what it needs, on a slant above a narrow column. */
    private static HBox slanted(String home, String needs) {
        var name = Nodes.label(home, "head-name");
        var words = Nodes.label(needs, "tiny");
        var line = Nodes.row(4, name, words);
        name.setMinWidth(Region.USE_PREF_SIZE);
        words.setMinWidth(0);
        line.getTransforms().add(new Rotate(-62, 4, 14));
        line.setManaged(false);
        return line;
    }

    /** The names lie over each other's columns: they are drawn on top, and a press is for the column under it. */
    private static Pane over(HBox cells, List<HBox> names) {
        var pane = new Pane() {
            @Override
            protected void layoutChildren() {
                for (int i = 0; i < names.size(); i++) {
                    var cell = cells.getChildren().get(i).getBoundsInParent();
                    double h = names.get(i).prefHeight(-1);
                    names.get(i).resizeRelocate(cell.getCenterX() - h / 2, getHeight() - h, HEAD_LENGTH, h);
                }
            }
        };
        pane.setMouseTransparent(true);
        pane.getChildren().addAll(names);
        cells.widthProperty().addListener(o -> pane.requestLayout());
        return pane;
    }

    private static final double HEAD_LENGTH = 118;
    private static final double HEAD_HEIGHT = 108;

    private CardButton row(CoverageGrid.Need need, List<Integer> shown) {
        var cells = new HBox(2);
        for (int i : shown)
            cells.getChildren().add(Nodes.grown(square(need.coverage().homes().get(i))));
        long blocked = need.coverage().count(Coverage.Stand.BLOCKED);
        var name = Nodes.label(need.name(), "body");
        name.setMinWidth(0);
        var count = Nodes.cell(Nodes.label(blocked == 0 ? "" : "■ " + blocked, "bad"), 2.5);
        var line = Nodes.row(6, Nodes.cell(name, NEED), Nodes.grown(cells), count);
        var row = new CardButton(
                "grid-row",
                () -> {
                    open.accept("");
                    choose(need.id());
                },
                line);
        row.setUserData(need.id());
        row.setId("need-" + need.id());
        row.setAccessibleText(Words.of(
                "homes.row",
                need.name(),
                need.coverage().count(Coverage.Stand.HAS),
                need.coverage().count(Coverage.Stand.CHECKS),
                need.coverage().count(Coverage.Stand.SWAPS),
                blocked));
        return row;
    }

    /** Colour never stands alone: a swap is half filled, a label is a dot, a block is a cross. */
    static Region square(Coverage.Home home) {
        var stand = home.stand().name().toLowerCase(Locale.ROOT);
        var mark = Nodes.label(
                switch (home.stand()) {
                    case HAS -> "";
                    case CHECKS -> "?";
                    case SWAPS -> "↔";
                    case BLOCKED -> "×";
                },
                "home",
                "home-" + stand);
        mark.setMinSize(6, 20);
        mark.setPrefWidth(10);
        mark.setMaxWidth(Double.MAX_VALUE);
        mark.setAlignment(Pos.CENTER);
        mark.setTextOverrun(OverrunStyle.CLIP);
        var words = home.alias() + ": " + Words.of("swap.stand." + stand, home.with());
        mark.setAccessibleText(words);
        Hints.on(mark, words);
        return mark;
    }

    private static HBox legend() {
        var row = Nodes.row(12);
        for (var stand : Coverage.Stand.values()) {
            var square = square(new Coverage.Home("", stand, ""));
            square.setPrefWidth(20);
            square.setMaxWidth(20);
            row.getChildren()
                    .addAll(Nodes.row(
                            5,
                            square,
                            Nodes.label(Words.of("homes.legend." + stand.name().toLowerCase(Locale.ROOT)), "soft")));
        }
        row.getStyleClass().add("table-head");
        return row;
    }
}
