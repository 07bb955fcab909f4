package webodidact.desktop.view.onair;

import javafx.scene.Node;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Station;

/** What now, what next, am I on time. */
public final class OnAirStation implements Station {
    @Override
    public String id() {
        return "on-air";
    }

    @Override
    public Node open(Desk desk) {
        return new OnAirScreen(desk);
    }
}
