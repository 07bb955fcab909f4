package webodidact.desktop.view.script;

import java.util.function.Predicate;
import javafx.scene.Node;
import webodidact.core.check.Finding;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Station;

/** What is said and done, step by step. */
public final class ScriptStation implements Station {
    @Override
    public String id() {
        return "script";
    }

    @Override
    public Predicate<Finding> concerns() {
        return f -> !f.check().equals("listed-not-used") && !f.check().equals("equivalence-wrong") && !f.check().equals("over-slot") && !f.check().equals("wait-never-collected");
    }

    @Override
    public Node open(Desk desk) {
        return new ScriptScreen(desk.workspace());
    }
}
