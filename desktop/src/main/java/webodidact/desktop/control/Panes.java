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
