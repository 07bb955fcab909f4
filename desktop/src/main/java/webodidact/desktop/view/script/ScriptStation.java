package webodidact.desktop.view.script;

import javafx.scene.Node;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Station;

/** What is said and done, step by step. */
public final class ScriptStation implements Station {
    @Override
    public String id() {
        return "script";
    }

    @Override
    public Node open(Desk desk) {
        return new ScriptScreen(desk.workspace());
    }
}
