package webodidact.desktop.view.bench;

import javafx.scene.Node;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Station;

/** What must be ready before air, and when to start. */
public final class BenchStation implements Station {
    @Override
    public String id() {
        return "bench";
    }

    @Override
    public Node open(Desk desk) {
        return new BenchScreen(desk);
    }
}
