package webodidact.desktop.view.onair;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Control;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import webodidact.core.air.AirRun;
import webodidact.core.check.Finding;
import webodidact.core.lesson.Take;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.Clock;
import webodidact.desktop.control.FindingCard;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.LiveRun;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.FindingActions;
import webodidact.desktop.view.Screen;
import webodidact.desktop.view.WorkedOut;
import webodidact.desktop.words.Words;

/** The live desk: ready, on air, or over. The run itself is the workspace's: it goes on when this is left. */
public final class OnAirScreen extends StackPane implements Screen {
    private final Desk desk;
    private final LivePanel live;
    private final HBox question;
    private final LiveRun run;

    public OnAirScreen(Desk desk) {
        this.desk = desk;
        run = desk.workspace().live();
        getStyleClass().add("studio");
        setFocusTraversable(true);
        live = new LivePanel();
        question = Nodes.styled(
                new HBox(
                        12,
                        Nodes.label(Words.of("air.endAsk"), "studio-text"),
                        Nodes.named(
                                Nodes.button(Words.of("air.end"), this::end, "go-live"),
                                "end-run",
                                Words.of("air.end")),
                        Nodes.named(
                                Nodes.button(Words.of("air.goOn"), this::goOn, "studio-button"),
                                "go-on-run",
                                Words.of("air.goOn"))),
                "studio-question");
        question.setAlignment(Pos.CENTER);
        question.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        StackPane.setAlignment(question, Pos.BOTTOM_CENTER);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        desk.workspace().outcomeProperty().addListener(o -> {
            if (!run.isRunning()) WorkedOut.show(this, this::show);
        });
        run.runProperty().addListener(o -> show());
        sceneProperty().addListener((o, was, now) -> {
            if (now != null) show();
            else if (run.isRunning()) desk.tell(Words.of("air.goesOn"));
        });
        show();
    }

    private void show() {
        if (run.isRunning()) {
            if (getChildren().isEmpty() || getChildren().getFirst() != live)
                getChildren().setAll(live);
            live.show(run.runProperty().get(), run.started());
        } else {
            getChildren().setAll(run.kept().map(this::over).orElseGet(this::ready));
        }
    }

    private VBox ready() {
        Outcome outcome = desk.workspace().outcome();
        var box = Nodes.styled(new VBox(14), "studio-sheet");
        box.setAlignment(Pos.CENTER_LEFT);
        box.setMaxSize(620, USE_PREF_SIZE);
        if (outcome == null) return box;
        box.getChildren()
                .addAll(
                        Nodes.label(Words.of("air.ready"), "studio-soft"),
                        Nodes.wrapped(outcome.lesson().title(), "studio-title"));
        var stops = outcome.report().open().stream().filter(Finding::isStop).toList();
        boolean empty = outcome.schedule().steps().isEmpty();
        if (empty) box.getChildren().add(Nodes.wrapped(Words.of("air.empty"), "studio-text"));
        else
            box.getChildren()
                    .add(Nodes.wrapped(
                            Words.of(
                                    "air.readyText",
                                    outcome.schedule().steps().size(),
                                    Clock.text(outcome.schedule().planned()),
                                    Clock.text(outcome.schedule().slot())),
                            "studio-text"));
        if (!stops.isEmpty()) {
            box.getChildren().add(Nodes.wrapped("■ " + Words.count("air.blocked", stops.size()), "studio-bad"));
            for (var stop : stops.subList(0, Math.min(3, stops.size())))
                box.getChildren().add(new FindingCard(stop, new FindingActions(desk.workspace())));
        }
        var go = Nodes.named(Nodes.button(Words.of("air.go"), this::start, "go-live"), "go-live", Words.of("air.go"));
        go.setDisable(empty || !stops.isEmpty());
        box.getChildren()
                .addAll(
                        new HBox(
                                10,
                                go,
                                Nodes.named(
                                        Nodes.button(Words.of("air.leave"), () -> desk.go("script"), "studio-button"),
                                        "leave-air",
                                        Words.of("air.leave"))),
                        Nodes.wrapped(Words.of("air.keys"), "studio-soft"));
        return box;
    }

    private VBox over(Take kept) {
        var box = Nodes.styled(
                new VBox(
                        14,
                        Nodes.label(Words.of("air.over"), "studio-title"),
                        Nodes.wrapped(
                                Words.of(
                                        "air.kept",
                                        Clock.text(kept.total()),
                                        kept.steps().size()),
                                "studio-text"),
                        new HBox(
                                10,
                                Nodes.named(
                                        Nodes.button(Words.of("air.afters"), () -> desk.go("afters"), "go-live"),
                                        "go-afters",
                                        Words.of("air.afters")),
                                Nodes.named(
                                        Nodes.button(Words.of("air.again"), this::again, "studio-button"),
                                        "again",
                                        Words.of("air.again")))),
                "studio-sheet");
        box.setMaxSize(620, USE_PREF_SIZE);
        return box;
    }

    private void again() {
        run.again();
        show();
        requestFocus();
    }

    private void start() {
        if (!desk.workspace().isCurrent()) {
            desk.tell(Words.of("papers.notCurrent"));
            return;
        }
        run.start(desk.ticker());
        requestFocus();
    }

    private void ask() {
        desk.tell("");
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
        getChildren().remove(question);
        run.end();
        requestFocus();
    }

    /** Space or Enter, unless another control has them: a button that was reached with Tab, or a field. */
    private boolean isStart(KeyEvent e) {
        if (e.getCode() != KeyCode.SPACE && e.getCode() != KeyCode.ENTER) return false;
        boolean other = e.getTarget() instanceof Control c && !"go-live".equals(c.getId());
        return !other && lookup("#go-live") instanceof Button go && !go.isDisabled();
    }

    private void key(KeyEvent e) {
        if (e.isShortcutDown() || e.isAltDown()) return;
        boolean running = run.isRunning();
        if (e.getCode() == KeyCode.F2) {
            live.bigger(!e.isShiftDown());
        } else if (e.getCode() == KeyCode.ESCAPE) {
            if (running && isAsking()) {
                goOn();
            } else if (running) {
                ask();
            } else {
                run.again();
                desk.go("script");
            }
        } else if (running && isAsking() && e.getCode() == KeyCode.ENTER) {
            end();
        } else if (!running && run.kept().isEmpty() && isStart(e)) {
            start();
        } else if (running && e.getCode() == KeyCode.SPACE) {
            run.move(AirRun::next);
        } else if (running && e.getCode() == KeyCode.B) {
            run.move(AirRun::back);
        } else if (running && e.getCode() == KeyCode.H) {
            run.move(AirRun::toggleHold);
        } else if (running && e.getCode() == KeyCode.M) {
            run.move(AirRun::mark);
        } else if (running && e.getCode() == KeyCode.T) {
            run.move(AirRun::startTimer);
        } else if (running && e.getCode() == KeyCode.C) {
            run.move(r ->
                    r.timers().isEmpty() ? r : r.collect(r.timers().getFirst().step()));
        } else {
            return;
        }
        e.consume();
    }
}
