package webodidact.desktop.view.brief;

import javafx.scene.Node;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Station;

/** Who is it for, how long, live or recorded, in which kitchen. */
public final class BriefStation implements Station {
    @Override
    public String id() {
        return "brief";
    }

    @Override
    public Node open(Desk desk) {
        return new BriefScreen(desk.workspace());
    }
}
