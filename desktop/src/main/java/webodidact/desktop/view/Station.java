package webodidact.desktop.view;

import java.util.function.Predicate;
import javafx.scene.Node;
import webodidact.core.check.Finding;

/** One of the eight places where the work is done. */
public interface Station {
    /** Stable: "larder". Its words are {@code station.<id>} and {@code station.<id>.sub}. */
    String id();

    /**
     * Builds its screen for the desk's workspace; what it listens to, it listens to for as long as the screen lives. A screen that has
     * something to end (a run on air, work in the background) is {@link AutoCloseable} and is closed with the desk.
     */
    Node open(Desk desk);

    /** Findings that want attention at this station: they are counted on the rail. */
    default Predicate<Finding> concerns() {
        return f -> false;
    }
}
