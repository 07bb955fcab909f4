package webodidact.desktop.app;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import webodidact.core.air.AirRun;
import webodidact.core.lesson.Lesson;
import webodidact.core.page.Page;
import webodidact.core.time.Clock;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Ribbon;
import webodidact.desktop.state.CarryWatch;
import webodidact.desktop.state.Memory;
import webodidact.desktop.state.PrepWatch;
import webodidact.desktop.state.Ticker;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Screen;
import webodidact.desktop.view.look.SecondLookScreen;
import webodidact.desktop.words.Words;

/** The window of an open course: slate, rail, ribbon, and the station at work between them. */
final class DeskWindow extends StackPane implements Desk, AutoCloseable {
    private final Workspace workspace;
    private final Choosers choosers;
    private final Ticker ticker;
    private final Memory memory;
    private final ExecutorService background = Executors.newCachedThreadPool(r -> {
        var thread = new Thread(r, "background");
        thread.setDaemon(true);
        return thread;
    });
    private final BorderPane frame = new BorderPane();
    private final PrepWatch prep;
    private final CarryWatch carry;
    private final Slate slate;
    private final TroubleBar trouble;
    private final Settling settling;
    private final Rail rail;
    private final Ribbon ribbon;
    private final HBox foot;
    private final Label notice = Nodes.label("", "notice");
    private final Map<String, Screen> open = new HashMap<>();
    private String station = "";

    /** Ways out of this desk that the window above knows. */
    record Leaving(Runnable welcome, Runnable saveElsewhere, Runnable takeOver) {}

    DeskWindow(Workspace workspace, Choosers choosers, Ticker ticker, Memory memory, Leaving leaving) {
        this.workspace = workspace;
        this.choosers = choosers;
        this.ticker = ticker;
        this.memory = memory;
        prep = new PrepWatch(workspace, Platform::runLater);
        carry = new CarryWatch(workspace, Platform::runLater);
        slate = new Slate(workspace, prep, this::newLesson, this::kept, leaving.welcome(), this::showFindings);
        settling = new Settling(workspace, this::cover, this::uncover);
        trouble = new TroubleBar(new TroubleBar.Actions() {
            @Override
            public void tryAgain() {
                workspace.saver().retry();
            }

            @Override
            public void saveElsewhere() {
                leaving.saveElsewhere().run();
            }

            @Override
            public void compare() {
                settling.next();
            }

            @Override
            public void takeOver() {
                leaving.takeOver().run();
            }
        });
        workspace.saver().stateProperty().addListener((o, was, now) -> trouble.show(now));
        trouble.show(workspace.saver().stateProperty().get());
        rail = new Rail(Stations.ALL, this::go);
        ribbon = new Ribbon(id -> workspace.stepProperty().set(id));
        var caption = Nodes.label(Words.of("ribbon.title"), "ribbon-title");
        foot = new HBox(caption, Nodes.grown(ribbon));
        foot.getStyleClass().add("ribbon");
        notice.setMouseTransparent(true);
        notice.setId("notice");
        StackPane.setAlignment(notice, Pos.BOTTOM_CENTER);
        frame.getStyleClass().add("desk");
        getChildren().addAll(frame, notice);
        workspace.outcomeProperty().addListener(o -> derived());
        workspace.stepProperty().addListener(o -> showRibbon());
        workspace.lessonProperty().addListener((o, was, now) -> emptied(was, now));
        workspace.noticeProperty().addListener((o, was, now) -> notice(now));
        notice("");
        pulse.setCycleCount(Animation.INDEFINITE);
        workspace.live().runProperty().addListener((o, was, now) -> onAir(was, now));
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        sceneProperty().addListener((o, was, now) -> {
            if (now != null) now.focusOwnerProperty().addListener(focusKeeper);
            else if (was != null) was.focusOwnerProperty().removeListener(focusKeeper);
        });
        derived();
        go(memory.get("station").orElse("brief"));
    }

    @Override
    public Workspace workspace() {
        return workspace;
    }

    @Override
    public PrepWatch prep() {
        return prep;
    }

    @Override
    public CarryWatch carry() {
        return carry;
    }

    @Override
    public ExecutorService background() {
        return background;
    }

    @Override
    public Optional<Path> askFolder(String title) {
        return choosers.folder(title, workspace.folder().path());
    }

    @Override
    public void open(Path folder) {
        if (Files.isDirectory(folder)) choosers.open(folder);
        else tell(Words.of("folder.none", folder));
    }

    @Override
    public Optional<Path> askFile(String title, List<String> endings) {
        return choosers.file(title, workspace.folder().path(), endings);
    }

    @Override
    public Ticker ticker() {
        return ticker;
    }

    @Override
    public void tell(String text) {
        workspace.noticeProperty().set(text);
    }

    String station() {
        return station;
    }

    private void notice(String text) {
        notice.setText(text);
        notice.setVisible(!text.isEmpty());
    }

    private void emptied(Lesson was, Lesson now) {
        if ((was == null) != (now == null)) {
            end();
            var here = station;
            station = "";
            go(here);
        }
    }

    /** The clock of a run is asked by the window, not by a station: it goes on while another is looked at. */
    private void onAir(AirRun was, AirRun run) {
        // What was said at the desk would lie over the steps that come.
        if (was == null && run != null) tell("");
        if (run == null) pulse.stop();
        else if (pulse.getStatus() != Animation.Status.RUNNING) pulse.play();
        rail.onAir(run == null ? "" : Clock.text(run.elapsed()));
    }

    private void derived() {
        rail.show(workspace.outcome());
        showRibbon();
    }

    private void showRibbon() {
        if (workspace.outcome() != null)
            ribbon.show(workspace.outcome().schedule(), workspace.stepProperty().get());
    }

    @Override
    public void go(String id) {
        var target =
                Stations.ALL.stream().filter(s -> s.id().equals(id)).findFirst().orElse(Stations.ALL.getFirst());
        if (target.id().equals(station)) {
            if (look != null) leaveLook();
            return;
        }
        look = null;
        workspace.seal();
        station = target.id();
        rail.here(station);
        memory.put("station", station);
        boolean live = station.equals("on-air");
        if (live) tell("");
        frame.setTop(live ? trouble : new VBox(slate, trouble));
        frame.setLeft(live ? null : rail);
        frame.setBottom(live ? null : foot);
        var screen = workspace.lesson() == null
                ? new EmptyCourse(this::newLesson)
                : open.computeIfAbsent(station, k -> target.open().apply(this)).node();
        frame.setCenter(screen);
        Platform.runLater(() -> focusFirst(screen));
    }

    private final Timeline pulse = new Timeline(
            new KeyFrame(Duration.millis(200), e -> workspace().live().tick()));

    /** When the control at work is taken away (a row drawn anew, a tag put off), its station keeps the keyboard, not the title above it. */
    private final ChangeListener<Node> focusKeeper = (o, was, now) -> {
        boolean taken = was != null && was.getScene() == null;
        if (taken && now != null && "slate-title".equals(now.getId()) && frame.getCenter() != null)
            Platform.runLater(() -> focusFirst(frame.getCenter()));
    };

    private static void focusFirst(Node screen) {
        if (screen.getScene() != null) screen.requestFocus();
    }

    /** The second look lies over whatever station is at work; null while it does not. */
    private SecondLookScreen look;

    private void showFindings() {
        if (look == null) openLook();
    }

    private void openLook() {
        if (workspace.lesson() == null || workspace.isOnAir() && station.equals("on-air")) return;
        look = new SecondLookScreen(this, this::leaveLook);
        workspace.seal();
        frame.setTop(new VBox(slate, trouble));
        frame.setLeft(rail);
        frame.setBottom(foot);
        frame.setCenter(look);
        look.start();
        var shown = look;
        Platform.runLater(() -> focusFirst(shown));
    }

    /** Back to the station it lies over, as it was left. */
    private void leaveLook() {
        if (look == null) return;
        look = null;
        var here = station;
        station = "";
        go(here);
    }

    /** Opens the second look, or goes to the next finding in it. */
    private void look(int by) {
        if (look == null) openLook();
        else look.step(by);
    }

    void newLesson() {
        newLesson(false);
    }

    /** @param page a page is to be pasted first */
    void newLesson(boolean page) {
        var sheet = new NewLesson(
                workspace,
                (lesson, pasted) -> {
                    uncover();
                    workspace.edit(Words.of("edit.newLesson"), b -> b.adding(lesson));
                    workspace.show(lesson.id());
                    if (pasted) Page.firstOf(lesson).ifPresent(workspace.stepProperty()::set);
                    go(pasted ? "script" : "larder");
                },
                this::uncover);
        cover(sheet);
        if (page) sheet.startWithPage();
    }

    private void kept() {
        cover(new KeptSheet(workspace.folder().path(), settling::bringBack, this::uncover));
    }

    private void cover(Node sheet) {
        uncover();
        var veil = Nodes.styled(new StackPane(sheet), "veil");
        veil.setId("veil");
        getChildren().add(veil);
        sheet.requestFocus();
    }

    private boolean uncover() {
        return getChildren().removeIf(n -> "veil".equals(n.getId()));
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE && uncover()) {
            e.consume();
            return;
        }
        if (e.getCode() == KeyCode.ESCAPE && look != null) {
            leaveLook();
            e.consume();
            return;
        }
        if (e.getCode() == KeyCode.F8) {
            look(e.isShiftDown() ? -1 : 1);
            e.consume();
            return;
        }
        if (e.getCode() == KeyCode.F1) {
            if (!uncover()) cover(new ShortcutSheet());
            e.consume();
        }
        if (!e.isShortcutDown() || e.isAltDown()) return;
        if (e.getCode() == KeyCode.Z) {
            undo(!e.isShiftDown());
            e.consume();
        }
        int digit = "12345678"
                .indexOf(
                        e.getCode().getChar().isEmpty()
                                ? '?'
                                : e.getCode().getChar().charAt(0));
        if (e.getCode().isDigitKey() && digit >= 0) {
            uncover();
            go(Stations.ALL.get(digit).id());
            e.consume();
        }
        if (e.getCode() == KeyCode.N) {
            newLesson();
            e.consume();
        }
    }

    private void undo(boolean back) {
        var what = back ? workspace.undo() : workspace.redo();
        if (workspace.isOnAir()) return;
        tell(what.map(w -> Words.of(back ? "edit.undone" : "edit.redone", w))
                .orElse(Words.of(back ? "edit.nothingToUndo" : "edit.nothingToRedo")));
    }

    /** How much a key changes the size of all text: 1, -1, or 0 for any other key. Where plus stands differs by keyboard. */
    static int sizeStep(KeyEvent e) {
        if (!e.isShortcutDown() || e.isAltDown()) return 0;
        return switch (e.getCode()) {
            case EQUALS, PLUS, ADD -> 1;
            case MINUS, SUBTRACT -> -1;
            default -> 0;
        };
    }

    /** What was run is kept; the run can be taken up again; the stations stay. */
    void endRun() {
        workspace.live().leave();
    }

    /** A run on air is left and kept with the step it was in; then the stations end, and what they play in the background. */
    void end() {
        pulse.stop();
        endRun();
        List.copyOf(open.values()).forEach(Screen::close);
        open.clear();
    }

    @Override
    public void close() {
        end();
        if (workspace.lesson() != null) memory.put("lesson", workspace.lesson().id());
        prep.end();
        carry.end();
        workspace.close();
        background.shutdownNow();
    }
}
