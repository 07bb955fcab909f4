package webodidact.desktop.view;

import javafx.scene.Node;

/** One of the eight places where the work is done. */
public interface Station {
    /** Stable: "larder". Its words are {@code station.<id>} and {@code station.<id>.sub}. */
    String id();

    /**
     * Builds its screen for the desk's workspace; what it listens to, it listens to for as long as the screen lives. A screen that has
     * something to end (a run on air, work in the background) is {@link AutoCloseable} and is closed with the desk.
     */
    Node open(Desk desk);
}
