package webodidact.desktop.view.clock;

import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import webodidact.core.fit.Fit;
import webodidact.core.fit.Proposal;
import webodidact.core.fit.Solver;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.Clock;
import webodidact.desktop.control.CardButton;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Runs;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.WorkedOut;
import webodidact.desktop.words.Words;

/** Ways to fit the slot with more homes ready: each looked at on the timeline before it is taken with one press. */
final class FitPane extends VBox implements AutoCloseable {
    private static final double WIDTH = 236;
    /** Seconds until what was found so far is shown, whatever the lesson's length. */
    private static final int PATIENCE = 5;

    private final Workspace workspace;
    private final Runnable previewed;
    private final Runs<List<Proposal>> runs = new Runs<>("fit", Platform::runLater);
    private final Label title = Nodes.label("", "panel-title");
    private final Button look;
    private final Button stop;
    private final ProgressBar progress = new ProgressBar(0);
    private final HBox cards = new HBox(12);
    private final ScrollPane row = new ScrollPane(cards);
    private final Label state = Nodes.label("", "soft");
    private Outcome asked;
    /** The last search ended because its time was up. */
    private volatile boolean late;

    private Outcome preview;

    /** @param previewed told when what is previewed has changed */
    FitPane(Workspace workspace, Runnable previewed) {
        super(8);
        this.workspace = workspace;
        this.previewed = previewed;
        getStyleClass().add("fit");
        setId("fit");
        look = Nodes.named(Nodes.button(Words.of("fit.look"), this::look), "fit-look", Words.of("fit.look"));
        stop = Nodes.named(Nodes.button(Words.of("fit.stop"), this::stop, "small"), "fit-stop", Words.of("fit.stop"));
        progress.setPrefWidth(120);
        state.setMinWidth(0);
        getChildren().addAll(Nodes.row(10, title, Nodes.spring(), state, progress, stop, look), row);
        row.setFitToHeight(true);
        // Room for the bar that comes when there are more cards than fit side by side.
        cards.setPadding(new Insets(0, 0, 14, 0));
        row.getStyleClass().add("plain-scroll");
        row.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        row.visibleProperty().bind(Bindings.isNotEmpty(cards.getChildren()));
        row.managedProperty().bind(row.visibleProperty());
        runs.resultProperty().addListener(o -> show());
        runs.progressProperty().addListener((o, was, now) -> {
            progress.setProgress(Math.max(0, now.doubleValue()));
            busy();
        });
        workspace.outcomeProperty().addListener(o -> WorkedOut.show(this, this::stale));
        busy();
        heading();
    }

    @Override
    public void close() {
        rest.stop();
        runs.close();
    }

    /** What the lesson would be with the card under the pointer or the focus. */
    Optional<Outcome> preview() {
        return Optional.ofNullable(preview);
    }

    private void busy() {
        boolean on = runs.isRunning();
        for (var node : List.of(progress, stop)) {
            node.setVisible(on);
            node.setManaged(on);
        }
        look.setDisable(on
                || workspace.outcome() == null
                || workspace.outcome().lesson().steps().isEmpty());
    }

    private void heading() {
        var outcome = workspace.outcome();
        if (outcome == null || outcome.lesson().steps().isEmpty()) {
            title.setText("");
            busy();
            return;
        }
        var schedule = outcome.schedule();
        int over = -schedule.inHand();
        title.setText(
                over > 0
                        ? Words.of("fit.titleOver", Clock.text(over))
                        : schedule.isComplete()
                                ? Words.of("fit.titleFits", Clock.text(-over))
                                : Words.count(
                                        "fit.titleOpen", schedule.untimed().size()));
        busy();
    }

    /** What was proposed was for the lesson as it was then. */
    private void stale() {
        heading();
        if (asked == null || workspace.outcome() == asked) return;
        asked = null;
        preview(null);
        runs.clear();
        state.setText("");
        show();
    }

    private final PauseTransition rest = new PauseTransition(Duration.seconds(1.5));

    /** Looks when nothing has changed for a moment; once for each state of the lesson, and only where it can be seen. */
    void lookByItself(boolean needed) {
        var outcome = workspace.outcome();
        if (!needed || outcome == asked || runs.isRunning() || getScene() == null) {
            if (!needed) rest.stop();
            return;
        }
        rest.setOnFinished(e -> {
            if (workspace.outcome() == outcome && asked != outcome && getScene() != null) look();
        });
        rest.playFromStart();
    }

    private void look() {
        var outcome = workspace.outcome();
        if (outcome == null) return;
        asked = outcome;
        state.setText("");
        var households = workspace.book().households();
        long until = System.nanoTime() + PATIENCE * 1_000_000_000L;
        runs.request(p -> {
            var found = Fit.propose(
                    outcome, households, Solver.usual(), share -> p.reached(share) && System.nanoTime() < until);
            late = System.nanoTime() >= until;
            return found;
        });
    }

    private void stop() {
        runs.stop();
        state.setText(Words.of("fit.stopped"));
    }

    private void preview(Outcome outcome) {
        if (preview == outcome) return;
        preview = outcome;
        previewed.run();
    }

    private void show() {
        cards.getChildren().clear();
        var found = runs.result();
        if (found == null) return;
        if (late)
            state.setText(Words.of(
                    "fit.late",
                    PATIENCE,
                    workspace.lesson() == null ? 0 : workspace.lesson().steps().size()));
        else if (found.isEmpty()) state.setText(Words.of("fit.none"));
        for (int i = 0; i < found.size(); i++) cards.getChildren().add(card(found.get(i), i));
        // Rows measure wrapped words at their unwrapped width; these are measured at the width they get.
        row.applyCss();
        double tall = 0;
        for (var card : cards.getChildren())
            tall = Math.max(tall, ((CardButton) card).getChildren().getFirst().prefHeight(WIDTH));
        row.setMinHeight(Math.ceil(tall) + 26);
        row.setPrefHeight(row.getMinHeight());
    }

    private CardButton card(Proposal proposal, int number) {
        var box = Nodes.column(2, Nodes.wrapped(proposal.title(), "offer-title"));
        var times = Words.of("fit.times", Clock.text(proposal.before()), Clock.text(proposal.then()))
                + (proposal.fits()
                        ? ""
                        : " · "
                                + Words.of(
                                        "clock.overBy",
                                        Clock.text(proposal.then()
                                                - proposal.lesson().slot())));
        box.getChildren().add(Nodes.wrapped(times, proposal.fits() ? "good" : "bad"));
        if (proposal.readyThen() >= 0)
            box.getChildren()
                    .add(Nodes.wrapped(
                            Words.of("fit.ready", proposal.readyBefore(), proposal.readyThen()),
                            proposal.readyThen() >= proposal.readyBefore() ? "good" : "bad"));
        if (!proposal.consequences().isEmpty())
            box.getChildren().add(Nodes.wrapped(String.join(", ", proposal.consequences()), "soft"));
        box.getChildren().add(Nodes.wrapped(proposal.proof(), "tiny"));
        box.setPrefWidth(WIDTH);
        box.setMaxWidth(WIDTH);
        var card = new CardButton("fit-card", () -> take(proposal), box);
        card.setId("fit-take-" + (number + 1));
        card.setAccessibleText(Words.of("fit.take", proposal.title()) + ", " + times + ", "
                + String.join(", ", proposal.consequences()) + ", " + proposal.proof());
        // Worked out once somebody looks, not for every card.
        var then = new Outcome[1];
        card.hoverProperty().addListener((o, was, now) -> preview(now ? looked(proposal, then) : null));
        card.focusedProperty().addListener((o, was, now) -> preview(now ? looked(proposal, then) : null));
        return card;
    }

    private Outcome looked(Proposal proposal, Outcome[] then) {
        if (then[0] == null && asked != null)
            then[0] = Outcome.of(asked.answers().question().about(proposal.lesson()));
        return then[0];
    }

    /** All of it in one edit, so that one undo takes all of it back. */
    private void take(Proposal proposal) {
        preview(null);
        workspace.editLesson(Words.of("edit.fit", proposal.title()), l -> proposal.lesson());
    }
}
