package webodidact.desktop.view.clock;

import java.util.Set;
import java.util.function.Predicate;
import javafx.scene.Node;
import webodidact.core.check.Finding;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Station;

/** Does it fit. */
public final class ClockStation implements Station {
    private static final Set<String> TIMES = Set.of("over-slot", "wait-never-collected", "collected-off-time", "dead-air", "look-missed", "oven-on-early", "reached-late");

    @Override
    public String id() {
        return "clock";
    }

    @Override
    public Predicate<Finding> concerns() {
        return f -> TIMES.contains(f.check());
    }

    @Override
    public Node open(Desk desk) {
        return new ClockScreen(desk);
    }
}
