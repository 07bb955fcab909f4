package webodidact.desktop.view.afters;

import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import webodidact.core.afters.Differently;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.Clock;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** One part of Afters: its work and, beside it, what the work means. */
interface AftersPart {
    /** @param rows the work, empty; {@code side} beside it, empty */
    void fill(Outcome outcome, VBox rows, VBox side);

    /** A change that one press makes, with its price. */
    static Button button(Workspace workspace, Differently.Change change) {
        var text = change.seconds() == 0
                ? change.label()
                : Words.of(
                        "afters.priced",
                        change.label(),
                        (change.seconds() > 0 ? "+" : "−") + Clock.text(Math.abs(change.seconds())));
        return Nodes.button(text, () -> workspace.edit(Words.of("edit.differently"), change.apply()::apply));
    }
}
