package webodidact.desktop.view.larder;

import java.util.function.Predicate;
import javafx.scene.Node;
import webodidact.core.check.Finding;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Station;

/** What each home must have, and what if it hasn't. */
public final class LarderStation implements Station {
    @Override
    public String id() {
        return "larder";
    }

    @Override
    public Predicate<Finding> concerns() {
        return f -> f.check().equals("listed-not-used") || f.check().equals("equivalence-wrong");
    }

    @Override
    public Node open(Desk desk) {
        return new LarderScreen(desk);
    }
}
