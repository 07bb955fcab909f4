package webodidact.desktop.control;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;

/** How a station is laid out: the work on the left, and on the right what the selection means, each scrolling on its own. */
public final class Panes {
    private Panes() {}

    /** The work, scrolling. */
    public static ScrollPane work(Node content) {
        var scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("plain-scroll");
        return scroll;
    }

    /** Scrolls what is around the node until it can be seen; nothing moves if it can. */
    public static void reveal(Node node) {
        for (var parent = node.getParent(); parent != null; parent = parent.getParent()) {
            if (!(parent instanceof ScrollPane scroll) || scroll.getContent() == null) continue;
            double room = scroll.getViewportBounds().getHeight();
            double all = scroll.getContent().getLayoutBounds().getHeight();
            var bounds = scroll.getContent().sceneToLocal(node.localToScene(node.getBoundsInLocal()));
            double seen = scroll.getVvalue() * Math.max(0, all - room);
            boolean there = bounds.getMinY() >= seen && bounds.getMaxY() <= seen + room;
            if (!there && all > room)
                scroll.setVvalue(Math.clamp((bounds.getCenterY() - room / 2) / (all - room), 0, 1));
        }
    }

    /**
     * The side.
     *
     * @param width pixels it likes to have
     * @param least pixels it needs
     */
    public static ScrollPane side(Node content, double width, double least) {
        var scroll = work(content);
        scroll.getStyleClass().add("side");
        scroll.setPrefWidth(width);
        scroll.setMinWidth(least);
        return scroll;
    }
}
