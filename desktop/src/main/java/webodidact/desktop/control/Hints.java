package webodidact.desktop.control;

import java.util.function.Supplier;
import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/**
 * What a pointer that rests on a thing is told. Made only when one comes near: a pop-up costs as much as a dozen labels, and a grid of
 * homes has hundreds that nobody rests on.
 */
public final class Hints {
    private Hints() {}

    /** For good; once for a node. */
    public static void on(Node node, String text) {
        on(node, () -> text);
    }

    /** @param text asked for each time a pointer comes near, so that it is of now */
    public static void on(Node node, Supplier<String> text) {
        node.addEventHandler(MouseEvent.MOUSE_ENTERED, new EventHandler<>() {
            private Tooltip shown;

            @Override
            public void handle(MouseEvent e) {
                if (shown == null) {
                    shown = new Tooltip();
                    Tooltip.install(node, shown);
                }
                shown.setText(text.get());
            }
        });
    }
}
