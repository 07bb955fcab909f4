package webodidact.desktop.view;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import webodidact.core.answer.Missing;
import webodidact.core.check.Unworked;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.words.Words;

/**
 * Shows a part of a screen, or, where it cannot be worked out, says so in its place: nothing of an earlier state is left to be seen
 * there, and the other parts of the screen go on.
 */
public final class WorkedOut {
    private static final String HIDDEN = "webodidact.hidden";

    private WorkedOut() {}

    public static void show(Pane where, Runnable show) {
        restore(where);
        try {
            show.run();
        } catch (Missing e) {
            hide(
                    where,
                    e.getCause() == null ? e.getMessage() : Words.of("fault.notice", Unworked.report(e.getCause())));
        } catch (RuntimeException | StackOverflowError e) {
            hide(where, Words.of("fault.notice", Unworked.report(e)));
        }
    }

    private static void hide(Pane where, String words) {
        var hidden = new ArrayList<Node>();
        for (var child : where.getChildren()) {
            if (!child.isVisible() || child.visibleProperty().isBound()) continue;
            child.setVisible(false);
            child.setManaged(false);
            hidden.add(child);
        }
        where.getProperties().put(HIDDEN, hidden);
        var label = Nodes.wrapped("■ " + words, "finding", "stop", "finding-what");
        label.setId("fault");
        where.getChildren().add(label);
    }

    private static void restore(Pane where) {
        if (!(where.getProperties().remove(HIDDEN) instanceof List<?> hidden)) return;
        where.getChildren().removeIf(n -> "fault".equals(n.getId()));
        for (var each : hidden) {
            ((Node) each).setVisible(true);
            ((Node) each).setManaged(true);
        }
    }
}
