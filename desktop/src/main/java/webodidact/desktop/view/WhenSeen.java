package webodidact.desktop.view;

import javafx.beans.Observable;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.Pane;

/** Draws a part of a screen anew when what it shows has changed, but only while it can be seen: nobody pays for hidden rows. */
public final class WhenSeen {
    private final Node node;
    private final Runnable show;
    private boolean stale = true;

    private WhenSeen(Node node, Runnable show) {
        this.node = node;
        this.show = show;
    }

    /** @param causes each change of them makes the part stale */
    public static WhenSeen of(Node node, Runnable show, Observable... causes) {
        var seen = new WhenSeen(node, show);
        for (var cause : causes) cause.addListener(o -> seen.changed());
        node.sceneProperty().addListener(o -> seen.drawn());
        return seen;
    }

    /** Something it shows has changed. */
    public void changed() {
        stale = true;
        drawn();
    }

    /** The id of the control in it that has the keyboard, or null: it keeps it through the drawing. */
    private String focused() {
        var owner = node.getScene().getFocusOwner();
        for (Node n = owner; n != null; n = n.getParent()) if (n == node) return owner.getId();
        return null;
    }

    private void drawn() {
        if (!stale || node.getScene() == null) return;
        stale = false;
        var focus = focused();
        if (node instanceof Pane pane) WorkedOut.show(pane, show);
        else show.run();
        if (focus != null && node.lookup("#" + focus) instanceof Node same) {
            same.requestFocus();
            if (same instanceof TextField field) field.selectAll();
        }
    }
}
