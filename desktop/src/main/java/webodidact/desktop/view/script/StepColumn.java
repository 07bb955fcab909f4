package webodidact.desktop.view.script;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import webodidact.core.lesson.Step;
import webodidact.desktop.control.Panes;

/**
 * The steps of a lesson, one under the other, of which only those in sight and near it are made: a letter typed in a script of six hundred
 * steps costs what it costs in one of twenty.
 */
final class StepColumn extends VBox {
    /** Pixels above and below what is in sight that are made too, so that nothing has to be made while it is scrolled into view. */
    private static final double NEAR = 1200;

    /** The place of one step: its row, or as much room as that takes. */
    private final class Slot extends Pane {
        private final String id;
        private StepRow row;
        private double height;
        private double measured;
        private double measuredFor = -1;

        Slot(Step step) {
            id = step.id();
            // So many letters stand in a line, about; it is measured as soon as the row has been drawn once.
            height = 62
                    + 21.0
                            * Math.max(
                                    1,
                                    Math.max(
                                                    step.say().length() / 62,
                                                    step.doing().length() / 44)
                                            + 1);
            setMinWidth(0);
        }

        StepRow fill() {
            if (row == null) {
                row = make.apply(id);
                getChildren().setAll(row);
                made.accept(row);
            }
            return row;
        }

        void empty() {
            if (row == null) return;
            height = getHeight() > 0 ? getHeight() : height;
            row = null;
            getChildren().clear();
        }

        @Override
        public Orientation getContentBias() {
            return Orientation.HORIZONTAL;
        }

        @Override
        protected double computePrefHeight(double width) {
            if (row == null) return height;
            // The column asks every place several times for each letter that is typed in one of them.
            if (isNeedsLayout() || width != measuredFor) {
                measured = row.prefHeight(width);
                measuredFor = width;
            }
            return measured;
        }

        @Override
        protected double computeMinHeight(double width) {
            return computePrefHeight(width);
        }

        @Override
        protected void layoutChildren() {
            if (row != null) row.resizeRelocate(0, 0, getWidth(), getHeight());
        }
    }

    private final Map<String, Slot> slots = new HashMap<>();
    private final Function<String, StepRow> make;
    private final Consumer<StepRow> made;
    private final ScrollPane scroll;
    private String chosen = "";

    /**
     * @param make a row for the step of that id
     * @param made told of each new row once it stands in its place
     */
    StepColumn(Function<String, StepRow> make, Consumer<StepRow> made) {
        super(7);
        this.make = make;
        this.made = made;
        scroll = Panes.work(this);
        scroll.vvalueProperty().addListener(o -> fill());
        scroll.viewportBoundsProperty().addListener(o -> fill());
        heightProperty().addListener(o -> Platform.runLater(this::fill));
    }

    ScrollPane scroll() {
        return scroll;
    }

    /** The steps in their order; {@code empty} where there are none. */
    void show(List<Step> steps, Node empty) {
        var now = new ArrayList<Node>();
        for (var step : steps) now.add(slots.computeIfAbsent(step.id(), k -> new Slot(step)));
        if (slots.size() > steps.size())
            slots.keySet().retainAll(steps.stream().map(Step::id).collect(Collectors.toSet()));
        if (now.isEmpty()) now.add(empty);
        if (!getChildren().equals(now)) getChildren().setAll(now);
        fill();
    }

    /** Those that are made. */
    List<StepRow> rows() {
        return slots.values().stream().map(s -> s.row).filter(r -> r != null).toList();
    }

    /** The row of that step, made if it was not; null if there is no such step. */
    StepRow row(String id) {
        var slot = slots.get(id);
        return slot == null ? null : slot.fill();
    }

    void choose(String id) {
        chosen = id;
        row(id);
    }

    /** Makes what is near, lets go what is far; the selected step and the one with the keyboard stay. */
    private void fill() {
        if (holding) return;
        fill(true);
    }

    /** @param mayHold what is looked at is held in its place afterwards; not while that is being done */
    private void fill(boolean mayHold) {
        double view = scroll.getViewportBounds().getHeight();
        double top = scroll.getVvalue() * Math.max(0, getHeight() - view);
        double from = top - NEAR;
        double to = top + Math.max(view, 800) + NEAR;
        double y = 0;
        boolean changed = false;
        Slot anchor = null;
        for (var child : getChildren()) {
            if (!(child instanceof Slot slot)) continue;
            double h = slot.getHeight() > 0 ? slot.getHeight() : slot.height;
            boolean was = slot.row != null;
            boolean kept = slot.id.equals(chosen) || was && slot.row.isFocusWithin();
            boolean seen = slot.getHeight() > 0 && y + h > top && y < top + view;
            if (seen && (anchor == null || slot.id.equals(chosen))) anchor = slot;
            if (y + h >= from && y <= to) slot.fill();
            // Let go later than made: a row at the edge is not made and let go in turn.
            else if (!kept && (y + h < from - NEAR || y > to + NEAR)) slot.empty();
            changed |= was != (slot.row != null);
            y += h + getSpacing();
        }
        if (mayHold && changed && anchor != null) hold(anchor, anchor.getLayoutY() - top);
    }

    private boolean holding;

    /** Rows that were made above take other room than was kept for them: what is looked at stays where it is all the same. */
    private void hold(Slot anchor, double offset) {
        Platform.runLater(() -> {
            if (getScene() == null
                    || getScene().getWindow() == null
                    || !getScene().getWindow().isShowing()) return;
            scroll.applyCss();
            scroll.layout();
            double more = getHeight() - scroll.getViewportBounds().getHeight();
            if (more <= 0 || !getChildren().contains(anchor)) return;
            double wanted = Math.clamp((anchor.getLayoutY() - offset) / more, 0, 1);
            if (Math.abs(wanted - scroll.getVvalue()) * more <= 1) return;
            holding = true;
            scroll.setVvalue(wanted);
            holding = false;
            fill(false);
        });
    }

    /** Which of the steps a place in the window is before, not counting the step that is dragged there. */
    int indexAt(double sceneY, String dragged) {
        int to = 0;
        for (var node : getChildren()) {
            if (!(node instanceof Slot slot) || slot.id.equals(dragged)) continue;
            var bounds = slot.localToScene(slot.getBoundsInLocal());
            if (sceneY > bounds.getCenterY()) to++;
        }
        return to;
    }

    /** Scrolls until the selected step is in sight, with those before and after it. */
    void reveal() {
        var slot = slots.get(chosen);
        if (slot == null || getScene() == null) return;
        double view = scroll.getViewportBounds().getHeight();
        double all = getHeight();
        double top = slot.getBoundsInParent().getMinY();
        double bottom = slot.getBoundsInParent().getMaxY();
        double seen = scroll.getVvalue() * Math.max(0, all - view);
        if (all <= view) return;
        if (bottom - top > view) {
            scroll.setVvalue(top / (all - view));
        } else if (slot.row != null && slot.row.isFocusWithin()) {
            // What is being written in or pressed does not move under the hand.
            if (top < seen) scroll.setVvalue(top / (all - view));
            else if (bottom > seen + view) scroll.setVvalue((bottom - view) / (all - view));
        } else {
            double middle = (top + bottom - view) / 2;
            scroll.setVvalue(Math.clamp(middle, 0, all - view) / (all - view));
        }
        fill();
    }
}
