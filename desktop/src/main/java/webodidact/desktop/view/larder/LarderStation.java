package webodidact.desktop.view.larder;

import javafx.scene.Node;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Station;

/** What each home must have, and what if it hasn't. */
public final class LarderStation implements Station {
    @Override
    public String id() {
        return "larder";
    }

    @Override
    public Node open(Desk desk) {
        return new LarderScreen(desk);
    }
}
