package webodidact.desktop.view.clock;

import javafx.scene.Node;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Station;

/** Does it fit. */
public final class ClockStation implements Station {
    @Override
    public String id() {
        return "clock";
    }

    @Override
    public Node open(Desk desk) {
        return new ClockScreen(desk);
    }
}
