package webodidact.desktop.view.clock;

import java.util.function.Predicate;
import javafx.scene.Node;
import webodidact.core.check.Finding;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Station;

/** Does it fit. */
public final class ClockStation implements Station {
    @Override
    public String id() {
        return "clock";
    }

    @Override
    public Predicate<Finding> concerns() {
        return f -> f.check().equals("over-slot") || f.check().equals("wait-never-collected");
    }

    @Override
    public Node open(Desk desk) {
        return new ClockScreen(desk);
    }
}
