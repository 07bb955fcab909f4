package webodidact.desktop.view.clock;

import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.edit.Operations;
import webodidact.core.homes.Chance;
import webodidact.core.homes.HomePace;
import webodidact.core.homes.HomeTime;
import webodidact.core.homes.Simulation;
import webodidact.core.lesson.Lesson;
import webodidact.core.outcome.Outcome;
import webodidact.core.prep.Prepared;
import webodidact.core.time.Clock;
import webodidact.core.timing.Planner;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.control.Timeline;
import webodidact.desktop.geometry.HomesBand;
import webodidact.desktop.geometry.Lanes;
import webodidact.desktop.geometry.TimelineModel;
import webodidact.desktop.state.PrepWatch;
import webodidact.desktop.state.Runs;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Screen;
import webodidact.desktop.view.WhenSeen;
import webodidact.desktop.words.Words;

/** Everything before air on the left, the broadcast on the right; under it whether it fits; beside it the selected step, its wait, and the homes. */
public final class ClockScreen extends HBox implements Screen {
    /** Homes that are played after each change; fewer for a very long lesson, so that playing never slows the hand that drags. */
    private static final int HOMES = 10_000;

    private static final int HOME_STEPS = 600_000;
    static final long SEED = 7;
    private final Workspace workspace;
    private final Timeline timeline;
    private final HBox sums = Nodes.row(26);
    private final StepPanel panel;
    private final FitPane fit;
    private final BlockList list;
    private final PrepWatch prep;
    private final Runs<Simulation.Result> homes = new Runs<>("homes", Platform::runLater);
    /** What stands in for what in each home takes longer to find than a frame: off this thread, as the homes are. */
    private final Runs<AtHome> atHome = new Runs<>("at-home", Platform::runLater);

    private Outcome played;

    /** What plays and what searches in the background ends with the screen. */
    @Override
    public void close() {
        homes.close();
        atHome.close();
        fit.close();
    }

    public ClockScreen(Desk desk) {
        workspace = desk.workspace();
        prep = desk.prep();
        getStyleClass().add("station");
        timeline = new Timeline(new Dragging());
        timeline.setId("timeline");
        timeline.setFocusTraversable(true);
        timeline.setAccessibleText(Words.of("clock.timeline"));
        panel = new StepPanel(desk, homes);
        fit = new FitPane(workspace, this::draw);
        var hint = Nodes.label(Words.of("clock.hint"), "soft");
        hint.setMinWidth(0);
        sums.getStyleClass().add("sums");
        var zoom = Nodes.row(
                4,
                Nodes.named(
                        Nodes.button("−", () -> timeline.zoomBy(0.67, timeline.getWidth() / 2), "small"),
                        "zoom-out",
                        Words.of("clock.zoomOut")),
                Nodes.named(
                        Nodes.button("+", () -> timeline.zoomBy(1.5, timeline.getWidth() / 2), "small"),
                        "zoom-in",
                        Words.of("clock.zoomIn")),
                Nodes.named(
                        Nodes.button(Words.of("clock.zoomAll"), timeline::zoomOut, "small"),
                        "zoom-all",
                        Words.of("clock.zoomAll")));
        // In a small window, or with large letters, all of it keeps its height and scrolls.
        list = new BlockList(workspace, prep);
        var asList =
                Nodes.named(Nodes.toggle(Words.of("clock.asList"), "small"), "clock-as-list", Words.of("clock.list"));
        list.visibleProperty().bind(asList.selectedProperty());
        list.managedProperty().bind(asList.selectedProperty());
        fit.visibleProperty().bind(asList.selectedProperty().not());
        fit.managedProperty().bind(asList.selectedProperty().not());
        asList.setOnAction(e -> {
            list.show(workspace.outcome());
            if (asList.isSelected()) list.requestFocus();
        });
        var flow = Panes.work(new VBox(10, Nodes.grown(timeline), sums, list, fit));
        flow.setFitToHeight(true);
        var work = Nodes.styled(
                new VBox(
                        10,
                        Nodes.row(
                                14,
                                Nodes.label(Words.of("station.clock"), "title"),
                                hint,
                                Nodes.spring(),
                                asList,
                                zoom),
                        Nodes.grown(flow)),
                "work");
        work.setMinWidth(0);
        getChildren().addAll(Nodes.grown(work), Panes.side(panel, 300, 290));
        WhenSeen.of(this, this::show, workspace.outcomeProperty(), workspace.stepProperty(), homes.resultProperty());
        prep.preparedProperty().addListener(o -> {
            if (getScene() == null || prep.prepared() == null) return;
            draw();
            if (list.isVisible()) list.show(workspace.outcome());
        });
        atHome.resultProperty().addListener(o -> {
            if (getScene() != null) sums(workspace.outcome());
        });
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    private void show() {
        var outcome = workspace.outcome();
        if (outcome != null) outcome.need(Outcome.Part.TIMES);
        play(outcome);
        panel.show();
        if (list.isVisible()) list.show(outcome);
        if (outcome != null) fit.lookByItself(fallBehind(outcome));
        draw();
        sums(outcome);
    }

    /** The figures under the timeline. */
    private void sums(Outcome outcome) {
        sums.getChildren().clear();
        if (outcome == null || outcome.missing(Outcome.Part.TIMES).isPresent()) return;
        var schedule = outcome.schedule();
        sum("clock.total", Clock.text(schedule.planned()), schedule.total().text());
        sum("clock.kitchen", Clock.text(schedule.kitchen()), "");
        atHome(outcome);
        sum("clock.deadAir", Clock.text(schedule.deadAir()), "");
        sum("clock.cameraMoves", String.valueOf(schedule.cameraMoves()), "");
        long open = schedule.steps().stream()
                .filter(p -> p.waiting() != null && p.waiting().isOpen())
                .count();
        sum("clock.openEnds", String.valueOf(open), "");
        if (!schedule.isComplete())
            sum("clock.untimed", String.valueOf(schedule.untimed().size()), "");
    }

    /** Over its slot, or half of the homes are not there when a step begins: ways are looked for unasked. */
    private boolean fallBehind(Outcome outcome) {
        if (!outcome.schedule().isComplete()) return false;
        var result = homes.result();
        return outcome.schedule().over() > 0
                || result != null
                        && outcome.lesson().delivery().homesCookAlong()
                        && result.steps().stream().anyMatch(s -> s.percent() < 50);
    }

    /** The timeline alone: the step, the homes or the preview has changed. */
    private void draw() {
        var outcome = workspace.outcome();
        if (outcome == null) {
            timeline.show(TimelineModel.EMPTY);
            return;
        }
        var result = homes.result();
        boolean fits = result != null
                && result.steps().size() == outcome.schedule().steps().size()
                && outcome.lesson().delivery().homesCookAlong();
        timeline.show(TimelineModel.of(
                outcome,
                workspace.stepProperty().get(),
                fits ? HomesBand.of(outcome.schedule(), result) : null,
                fit.preview().map(Lanes::of).orElse(List.of()),
                Optional.ofNullable(prep.prepared()).flatMap(Prepared::plan)));
    }

    /** The homes are played once for each outcome, off this thread; the newest wins. */
    private void play(Outcome outcome) {
        if (outcome == played) return;
        played = outcome;
        timeAtHome(outcome);
        if (outcome == null || !outcome.lesson().delivery().homesCookAlong()) {
            homes.clear();
            return;
        }
        var households = workspace.book().households();
        homes.request(progress -> Simulation.of(
                        outcome.lesson(),
                        HomePace.of(outcome.lesson(), households, outcome.knowledge(), outcome.course()),
                        Chance.USUAL,
                        Math.clamp(
                                HOME_STEPS
                                        / Math.max(1, outcome.lesson().steps().size()),
                                200,
                                HOMES),
                        SEED,
                        progress)
                .map(s -> s.against(outcome.schedule()))
                .orElse(null));
    }

    /** The whole time at home, cuts and copies included; of a recording with its pauses. Nothing while it is being worked out. */
    private void atHome(Outcome outcome) {
        var known = atHome.result();
        if (known == null || known.of() != outcome) return;
        var time = known.time();
        if (time.readyToEat().isZero()) return;
        var pauses = time.pauses().stream().map(HomeTime.Pause::number).toList();
        sum(
                "clock.atHome",
                time.readyToEat().text(),
                pauses.isEmpty() ? "" : Words.of("clock.pauses", pauses.size(), pauses));
    }

    /** @param of the state of the lesson it is the time of */
    private record AtHome(Outcome of, HomeTime time) {}

    private void timeAtHome(Outcome outcome) {
        if (outcome == null) {
            atHome.clear();
            return;
        }
        var households = workspace.book().households();
        atHome.request(progress -> new AtHome(
                outcome,
                HomeTime.of(
                        outcome.lesson(),
                        HomePace.of(outcome.lesson(), households, outcome.knowledge(), outcome.course()),
                        outcome.schedule(),
                        outcome.pace())));
    }

    private void sum(String key, String figure, String more) {
        var value = Nodes.label(figure, "sum-figure");
        value.setId(key.replace('.', '-'));
        sums.getChildren()
                .add(Nodes.column(
                        0, Nodes.label(Words.of(key), "tiny"), Nodes.row(6, value, Nodes.label(more, "soft"))));
    }

    /** Left and right go through the steps; with Alt they move the step, with Shift they change its hands by five seconds. */
    private void key(KeyEvent e) {
        if (workspace.lesson() == null || e.getTarget() instanceof TextInputControl) return;
        if (e.getText().equals("+") || e.getCode() == KeyCode.PLUS || e.getCode() == KeyCode.ADD)
            timeline.zoomBy(1.5, timeline.getWidth() / 2);
        else if (e.isShortcutDown()) return;
        else if (e.getText().equals("-") || e.getCode() == KeyCode.MINUS || e.getCode() == KeyCode.SUBTRACT)
            timeline.zoomBy(0.67, timeline.getWidth() / 2);
        else if (e.getCode() == KeyCode.DIGIT0 || e.getCode() == KeyCode.NUMPAD0) timeline.zoomOut();
        else if (e.getCode() == KeyCode.LEFT || e.getCode() == KeyCode.RIGHT)
            arrow(e, e.getCode() == KeyCode.RIGHT ? 1 : -1);
        else return;
        e.consume();
    }

    private void arrow(KeyEvent e, int by) {
        var lesson = workspace.lesson();
        var id = workspace.stepProperty().get();
        int at = lesson.indexOf(id) + by;
        if (e.isShiftDown()) {
            lesson.step(id)
                    .ifPresent(s -> workspace.editLesson(
                            Words.of("edit.step.hands"),
                            "drag/hands/" + id,
                            Operations.stretchHands(id, Math.max(0, s.hands().likely() + 5 * by))));
            return;
        }
        if (at < 0 || at >= lesson.steps().size()) return;
        if (e.isAltDown()) workspace.editLesson(Words.of("edit.moveStep"), l -> l.moving(id, at));
        else workspace.stepProperty().set(lesson.steps().get(at).id());
        var outcome = workspace.outcome();
        if (outcome != null)
            outcome.schedule()
                    .of(workspace.stepProperty().get())
                    .ifPresent(p -> timeline.reveal(p.span().start()));
    }

    private final class Dragging implements Timeline.Edits {
        @Override
        public void select(String step) {
            workspace.stepProperty().set(step);
        }

        @Override
        public void stretch(String step, boolean wait, int seconds) {
            if (wait)
                workspace.editLesson(
                        Words.of("edit.step.wait"), "drag/wait/" + step, Operations.stretchWait(step, seconds));
            else
                workspace.editLesson(
                        Words.of("edit.step.hands"), "drag/hands/" + step, Operations.stretchHands(step, seconds));
        }

        @Override
        public void settled() {
            workspace.seal();
        }

        private int target(Lesson lesson, String step, int index) {
            return index > lesson.indexOf(step) ? index - 1 : index;
        }

        @Override
        public String preview(String step, int index) {
            var lesson = workspace.lesson();
            int to = target(lesson, step, index);
            if (to == lesson.indexOf(step)) return Words.of("clock.dropSame");
            var now = workspace.outcome().schedule();
            var then = Planner.plan(lesson.moving(step, to), workspace.outcome().pace());
            return Words.of("clock.dropTo", to + 1, Clock.text(now.planned()), Clock.text(then.planned()));
        }

        @Override
        public void drop(String step, int index) {
            int to = target(workspace.lesson(), step, index);
            workspace.editLesson(Words.of("edit.moveStep"), l -> l.moving(step, to));
            workspace.stepProperty().set(step);
        }

        @Override
        public int indexAt(int second) {
            return (int) workspace.outcome().schedule().steps().stream()
                    .filter(p -> (p.span().start() + p.span().end()) / 2 < second)
                    .count();
        }
    }
}
