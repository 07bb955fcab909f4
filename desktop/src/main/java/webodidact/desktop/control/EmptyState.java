package webodidact.desktop.control;

import javafx.scene.layout.VBox;

/** A screen with nothing on it yet: what to do first, and the button to do it. */
public final class EmptyState extends VBox {
    public EmptyState(String text, String button, Runnable action) {
        super(
                10,
                Nodes.wrapped(text, "empty-text"),
                Nodes.named(Nodes.button(button, action, "primary"), "empty-action", button));
        getStyleClass().add("empty");
    }
}
