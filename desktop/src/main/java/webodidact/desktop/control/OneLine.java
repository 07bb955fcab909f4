package webodidact.desktop.control;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.layout.Pane;

/** Nodes in one line: those that do not fit are not shown until it is unfolded. */
public final class OneLine extends Pane {
    private final double gap;
    private List<Node> all = List.of();
    private Node more;
    private boolean unfolded;

    public OneLine(double gap) {
        this.gap = gap;
        setMinWidth(0);
    }

    /** @param rest shown where not all fit, or null */
    public void show(List<Node> nodes, Node rest) {
        all = List.copyOf(nodes);
        more = rest;
        unfolded = false;
        var children = new ArrayList<>(all);
        if (rest != null) children.add(rest);
        getChildren().setAll(children);
    }

    /** Shows all, in as many lines as that takes. */
    public void unfold() {
        // The button that is pressed goes away: the keyboard goes on to what it was in the place of.
        all.stream().filter(n -> !n.isVisible()).findFirst().ifPresent(n -> {
            n.setVisible(true);
            var first = n instanceof Parent p && !p.getChildrenUnmodifiable().isEmpty()
                    ? p.getChildrenUnmodifiable().getFirst()
                    : n;
            first.requestFocus();
        });
        unfolded = true;
        requestLayout();
        if (getParent() != null) getParent().requestLayout();
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected double computePrefWidth(double height) {
        return 200;
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected double computePrefHeight(double width) {
        double line = all.stream().mapToDouble(n -> n.prefHeight(-1)).max().orElse(0);
        if (!unfolded) return Math.ceil(line);
        return lay(width > 0 ? width : Math.max(200, getWidth()), false);
    }

    @Override
    protected void layoutChildren() {
        lay(getWidth(), true);
    }

    private double lay(double width, boolean place) {
        double x = 0;
        double y = 0;
        double line = 0;
        double rest = more == null ? 0 : more.prefWidth(-1) + gap;
        boolean full = false;
        double tallest = all.stream().mapToDouble(n -> n.prefHeight(-1)).max().orElse(0);
        for (int i = 0; i < all.size(); i++) {
            var node = all.get(i);
            double w = Math.min(node.prefWidth(-1), width);
            double h = node.prefHeight(-1);
            double room = unfolded || i == all.size() - 1 ? width : width - rest;
            if (x > 0 && x + w > room) {
                if (unfolded) {
                    y += line + gap;
                    x = 0;
                    line = 0;
                } else {
                    full = true;
                }
            }
            if (place) {
                node.setVisible(!full);
                if (!full)
                    node.resizeRelocate(
                            x, y + Math.floor(Math.max(0, (tallest - h) / 2)), x + w > width ? width - x : w, h);
            }
            if (full) continue;
            x += w + gap;
            line = Math.max(line, h);
        }
        if (place && more != null) {
            more.setVisible(full);
            if (full)
                more.resizeRelocate(
                        x,
                        y + Math.floor(Math.max(0, (tallest - more.prefHeight(-1)) / 2)),
                        more.prefWidth(-1),
                        more.prefHeight(-1));
        }
        return Math.ceil(y + line);
    }
}
