package webodidact.desktop.view;

import javafx.scene.Node;

/** What a station shows. What it listens to, it listens to for as long as it lives: it is closed with its desk. */
public interface Screen {
    /** Itself. */
    default Node node() {
        return (Node) this;
    }

    /** Ends what it plays in the background. */
    default void close() {}
}
