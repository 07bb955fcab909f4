package webodidact.desktop.view.papers;

import javafx.scene.Node;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Station;

/** What learners and helpers get. */
public final class PapersStation implements Station {
    @Override
    public String id() {
        return "papers";
    }

    @Override
    public Node open(Desk desk) {
        return new PapersScreen(desk);
    }
}
