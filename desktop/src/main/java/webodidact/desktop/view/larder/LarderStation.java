package webodidact.desktop.view.larder;

import java.util.Set;
import java.util.function.Predicate;
import javafx.scene.Node;
import webodidact.core.check.Finding;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Station;

/** What each home must have, and what if it hasn't. */
public final class LarderStation implements Station {
    private static final Set<String> CHECKS = Set.of("listed-not-used", "equivalence-wrong", "measures-mixed", "seasoning-out-of-line", "yield-wrong", "salt-over-limit",
            "stock-out-of-strength", "tool-waited-for");

    @Override
    public String id() {
        return "larder";
    }

    @Override
    public Predicate<Finding> concerns() {
        return f -> CHECKS.contains(f.check());
    }

    @Override
    public Node open(Desk desk) {
        return new LarderScreen(desk);
    }
}
