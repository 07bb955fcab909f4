package webodidact.desktop.view.onair;

import java.util.ArrayList;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Pos;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import webodidact.core.air.AirRun;
import webodidact.core.check.Finding;
import webodidact.core.lesson.Ids;
import webodidact.core.lesson.Take;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.Clock;
import webodidact.desktop.control.FindingCard;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.FindingActions;
import webodidact.desktop.view.WorkedOut;
import webodidact.desktop.words.Words;

/** The live desk: ready, on air, or over. Every run that got anywhere is kept as a take. */
final class OnAirScreen extends StackPane implements AutoCloseable {
    private final Desk desk;
    private final LivePanel live;
    private final Timeline pulse;
    private final HBox question;
    private AirRun run;
    /** What the run began with: its take is of that lesson, whatever comes onto the desk meanwhile. */
    private Outcome started;
    private long last;
    private String takeId = "";
    private Take kept;

    OnAirScreen(Desk desk) {
        this.desk = desk;
        getStyleClass().add("studio");
        setFocusTraversable(true);
        live = new LivePanel();
        question = Nodes.styled(new HBox(12, Nodes.label(Words.of("air.endAsk"), "studio-text"), Nodes.named(Nodes.button(Words.of("air.end"), this::end, "go-live"), "end-run", Words.of("air.end")),
                Nodes.named(Nodes.button(Words.of("air.goOn"), this::goOn, "studio-button"), "go-on-run", Words.of("air.goOn"))), "studio-question");
        question.setAlignment(Pos.CENTER);
        question.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        StackPane.setAlignment(question, Pos.BOTTOM_CENTER);
        pulse = new Timeline(new KeyFrame(Duration.millis(200), e -> tick()));
        pulse.setCycleCount(Animation.INDEFINITE);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        desk.workspace().outcomeProperty().addListener(o -> {
            if (run == null) WorkedOut.show(this, this::show);
        });
        sceneProperty().addListener((o, was, now) -> {
            if (now == null) finish();
            else show();
        });
        show();
    }

    private void show() {
        if (run != null && !run.isOver()) {
            if (getChildren().isEmpty() || getChildren().getFirst() != live) getChildren().setAll(live);
            live.show(run, started);
        } else {
            getChildren().setAll(kept == null ? ready() : over());
        }
    }

    private VBox ready() {
        Outcome outcome = desk.workspace().outcome();
        var box = Nodes.styled(new VBox(14), "studio-sheet");
        box.setAlignment(Pos.CENTER_LEFT);
        box.setMaxSize(620, USE_PREF_SIZE);
        if (outcome == null) return box;
        box.getChildren().addAll(Nodes.label(Words.of("air.ready"), "studio-soft"), Nodes.wrapped(outcome.lesson().title(), "studio-title"));
        var stops = outcome.report().open().stream().filter(Finding::isStop).toList();
        boolean empty = outcome.schedule().steps().isEmpty();
        if (empty) box.getChildren().add(Nodes.wrapped(Words.of("air.empty"), "studio-text"));
        else box.getChildren().add(Nodes.wrapped(Words.of("air.readyText", outcome.schedule().steps().size(), Clock.text(outcome.schedule().planned()), Clock.text(outcome.schedule().slot())), "studio-text"));
        if (!stops.isEmpty()) {
            box.getChildren().add(Nodes.wrapped("■ " + Words.count("air.blocked", stops.size()), "studio-bad"));
            for (var stop : stops.subList(0, Math.min(3, stops.size()))) box.getChildren().add(new FindingCard(stop, new FindingActions(desk.workspace())));
        }
        var go = Nodes.named(Nodes.button(Words.of("air.go"), this::start, "go-live"), "go-live", Words.of("air.go"));
        go.setDisable(empty || !stops.isEmpty());
        box.getChildren().addAll(new HBox(10, go, Nodes.named(Nodes.button(Words.of("air.leave"), () -> desk.go("script"), "studio-button"), "leave-air", Words.of("air.leave"))),
                Nodes.wrapped(Words.of("air.keys"), "studio-soft"));
        return box;
    }

    private VBox over() {
        var box = Nodes.styled(new VBox(14, Nodes.label(Words.of("air.over"), "studio-title"),
                Nodes.wrapped(Words.of("air.kept", Clock.text(kept.total()), kept.steps().size()), "studio-text"),
                new HBox(10, Nodes.named(Nodes.button(Words.of("air.afters"), () -> desk.go("afters"), "go-live"), "go-afters", Words.of("air.afters")),
                        Nodes.named(Nodes.button(Words.of("air.again"), this::again, "studio-button"), "again", Words.of("air.again")))), "studio-sheet");
        box.setMaxSize(620, USE_PREF_SIZE);
        return box;
    }

    private void again() {
        kept = null;
        run = null;
        show();
        requestFocus();
    }

    private void start() {
        if (!desk.workspace().isCurrent()) {
            desk.tell(Words.of("papers.notCurrent"));
            return;
        }
        started = desk.workspace().outcome();
        run = AirRun.start(started.schedule());
        desk.workspace().setOnAir(true);
        takeId = Ids.next("take-", desk.workspace().book().takes().stream().map(Take::id).toList());
        kept = null;
        last = desk.ticker().seconds();
        pulse.play();
        show();
        requestFocus();
    }

    private void tick() {
        long now = desk.ticker().seconds();
        if (run == null || now == last) return;
        run = run.tick((int) (now - last));
        last = now;
        show();
    }

    /** Takes in the time up to now, then moves on. */
    private void move(java.util.function.UnaryOperator<AirRun> by) {
        if (run == null || run.isOver()) return;
        tick();
        int step = run.index();
        run = by.apply(run);
        if (run.isOver()) finish();
        else if (run.index() != step) keep(run);
        show();
    }

    private void ask() {
        if (!isAsking()) getChildren().add(question);
        requestFocus();
    }

    private boolean isAsking() {
        return getChildren().contains(question);
    }

    private void goOn() {
        getChildren().remove(question);
        requestFocus();
    }

    private void end() {
        finish();
        show();
        requestFocus();
    }

    /** What was run is kept, the step that was on air included. */
    @Override
    public void close() {
        if (run != null && !run.isOver()) tick();
        finish();
    }

    private void finish() {
        pulse.stop();
        desk.workspace().setOnAir(false);
        getChildren().remove(question);
        if (run == null) return;
        var ended = run;
        run = null;
        kept = keep(ended);
    }

    /** After each step, so that a power cut on air loses that step at most; all of a run is one undo. Null if there is nothing yet. */
    private Take keep(AirRun soFar) {
        var workspace = desk.workspace();
        var take = soFar.toTake(takeId, started.lesson().id(), desk.ticker().now().minusSeconds(soFar.elapsed()).withNano(0));
        if (take.steps().isEmpty()) return null;
        workspace.edit(Words.of("edit.take"), takeId, b -> b.adding(take));
        return take;
    }

    /** Space or Enter, unless another control has them: a button that was reached with Tab, or a field. */
    private boolean isStart(KeyEvent e) {
        if (e.getCode() != KeyCode.SPACE && e.getCode() != KeyCode.ENTER) return false;
        boolean other = e.getTarget() instanceof javafx.scene.control.Control c && !"go-live".equals(c.getId());
        return !other && lookup("#go-live") instanceof javafx.scene.control.Button go && !go.isDisabled();
    }

    private void key(KeyEvent e) {
        if (e.isShortcutDown() || e.isAltDown()) return;
        boolean running = run != null && !run.isOver();
        if (e.getCode() == KeyCode.F2) {
            live.bigger(!e.isShiftDown());
        } else if (e.getCode() == KeyCode.ESCAPE) {
            if (running && isAsking()) {
                goOn();
            } else if (running) {
                ask();
            } else {
                kept = null;
                desk.go("script");
            }
        } else if (running && isAsking() && e.getCode() == KeyCode.ENTER) {
            end();
        } else if (run == null && kept == null && isStart(e)) {
            start();
        } else if (running && e.getCode() == KeyCode.SPACE) {
            move(AirRun::next);
        } else if (running && e.getCode() == KeyCode.B) {
            move(AirRun::back);
        } else if (running && e.getCode() == KeyCode.H) {
            move(AirRun::toggleHold);
        } else if (running && e.getCode() == KeyCode.M) {
            move(AirRun::mark);
        } else if (running && e.getCode() == KeyCode.T) {
            move(AirRun::startTimer);
        } else if (running && e.getCode() == KeyCode.C) {
            var due = new ArrayList<>(run.timers());
            if (!due.isEmpty()) move(r -> r.collect(due.getFirst().step()));
        } else {
            return;
        }
        e.consume();
    }
}
