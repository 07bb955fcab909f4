package webodidact.desktop.view.afters;

import javafx.scene.layout.VBox;
import webodidact.core.outcome.Outcome;

/** One part of Afters: its work and, beside it, what the work means. */
interface AftersPart {
    /** @param rows the work, empty; {@code side} beside it, empty */
    void fill(Outcome outcome, VBox rows, VBox side);
}
