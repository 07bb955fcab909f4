package webodidact.desktop.app;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import webodidact.core.compare.Comparison;
import webodidact.core.lesson.Lesson;
import webodidact.desktop.control.Hints;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.words.Words;

/** Two versions of a lesson side by side, step by step: for each place that differs, which one is kept. */
final class CompareSheet extends VBox {
    /** Longer texts are cut here; the whole is in the tooltip. */
    private static final int SHOWN = 240;

    private static final PseudoClass UNPICKED = PseudoClass.getPseudoClass("unpicked");
    private static final double TALLEST = 400;

    private final Comparison comparison;
    private final Set<String> theirs = new LinkedHashSet<>();
    private final VBox rows = new VBox(10);
    private final Label sum = Nodes.label("", "soft");
    private final Button use;

    /**
     * @param theirsName what the other version is called, "on disk" or "kept copy 3"
     * @param done told the lesson that was put together
     */
    CompareSheet(Comparison comparison, String title, String theirsName, Consumer<Lesson> done, Runnable later) {
        super(12);
        this.comparison = comparison;
        Nodes.sheet(this, 71).setId("compare-sheet");
        use = Nodes.named(
                Nodes.button(Words.of("compare.use"), () -> done.accept(comparison.picking(theirs)), "primary"),
                "compare-use",
                Words.of("compare.use"));
        for (var part : comparison.parts()) rows.getChildren().add(row(part, theirsName));
        ScrollPane scroll = Panes.work(rows);
        // As tall as what differs, and no taller than the smallest window has room for.
        scroll.setPrefHeight(TALLEST);
        rows.heightProperty()
                .addListener((o, was, now) -> scroll.setPrefHeight(Math.min(TALLEST, now.doubleValue() + 4)));
        var all = Nodes.row(
                8,
                Nodes.named(
                        Nodes.button(Words.of("compare.allMine"), () -> all(false)),
                        "compare-all-mine",
                        Words.of("compare.allMine")),
                Nodes.named(
                        Nodes.button(Words.of("compare.allTheirs", theirsName), () -> all(true)),
                        "compare-all-theirs",
                        Words.of("compare.allTheirs", theirsName)),
                Nodes.spring(),
                sum);
        getChildren()
                .addAll(
                        Nodes.wrapped(title, "title"),
                        Nodes.wrapped(Words.of("compare.text"), "soft"),
                        all,
                        Nodes.grown(scroll),
                        Nodes.row(
                                8,
                                use,
                                Nodes.named(
                                        Nodes.button(Words.of("compare.later"), later),
                                        "compare-later",
                                        Words.of("compare.later"))));
        count();
    }

    @Override
    public void requestFocus() {
        use.requestFocus();
    }

    private Node row(Comparison.Part part, String theirsName) {
        var group = new ToggleGroup();
        ToggleButton mine = pick(part, group, Words.of("compare.mine"), false);
        ToggleButton other = pick(part, group, theirsName, true);
        mine.setSelected(true);
        var head = Nodes.row(8, Nodes.label(name(part), "strong"), Nodes.spring(), mine, other);
        var grid = new GridPane(12, 3);
        var first = new ColumnConstraints();
        first.setPercentWidth(14);
        var half = new ColumnConstraints();
        half.setPercentWidth(43);
        grid.getColumnConstraints().addAll(first, half, half);
        if (!part.fields().isEmpty())
            grid.addRow(
                    0,
                    Nodes.label("", "soft"),
                    Nodes.label(Words.of("compare.mine"), "overline"),
                    Nodes.label(theirsName, "overline"));
        int line = 1;
        for (var field : part.fields()) {
            var left = text(field.mine());
            var right = text(field.theirs());
            stepsBack(left, mine);
            stepsBack(right, other);
            var name = Nodes.wrapped(field.name().isEmpty() ? "" : Words.of("compare.field." + field.name()), "soft");
            for (var cell : List.of(name, left, right)) GridPane.setValignment(cell, VPos.TOP);
            grid.addRow(line++, name, left, right);
        }
        return Nodes.styled(Nodes.column(4, head, grid), "compare-part");
    }

    /** What is not picked is still read, but not first. */
    private static void stepsBack(Label text, ToggleButton pick) {
        text.pseudoClassStateChanged(UNPICKED, !pick.isSelected());
        pick.selectedProperty().addListener((o, was, now) -> text.pseudoClassStateChanged(UNPICKED, !now));
    }

    private static Label text(String whole) {
        var label = Nodes.wrapped(whole.length() > SHOWN ? whole.substring(0, SHOWN) + "…" : whole, "body");
        if (whole.length() > SHOWN) Hints.on(label, whole);
        return label;
    }

    private ToggleButton pick(Comparison.Part part, ToggleGroup group, String words, boolean isTheirs) {
        ToggleButton button = Nodes.toggle(words, "tab");
        button.setId((isTheirs ? "theirs-" : "mine-") + part.key().replace('/', '-'));
        button.setToggleGroup(group);
        button.setAccessibleText(name(part) + ": " + words);
        button.setOnAction(e -> {
            button.setSelected(true);
            if (isTheirs) theirs.add(part.key());
            else theirs.remove(part.key());
            count();
        });
        return button;
    }

    private static String name(Comparison.Part part) {
        return Words.of("compare.part." + part.what().name().toLowerCase(Locale.ROOT), part.name());
    }

    private void all(boolean isTheirs) {
        for (var part : comparison.parts()) {
            if (lookup("#" + (isTheirs ? "theirs-" : "mine-") + part.key().replace('/', '-'))
                    instanceof ToggleButton button) button.fire();
        }
    }

    private void count() {
        sum.setText(Words.of("compare.sum", comparison.parts().size() - theirs.size(), theirs.size()));
    }

    /** The keys now picked of the other version. */
    List<String> picked() {
        return List.copyOf(theirs);
    }
}
