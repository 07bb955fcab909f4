package webodidact.desktop.view.afters;

import javafx.scene.Node;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Station;

/** What really happened. */
public final class AftersStation implements Station {
    @Override
    public String id() {
        return "afters";
    }

    @Override
    public Node open(Desk desk) {
        return new AftersScreen(desk);
    }
}
