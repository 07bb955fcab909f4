package webodidact.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.util.Duration;
import webodidact.core.check.Unworked;
import webodidact.core.lesson.Course;
import webodidact.core.prep.Prepared;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Memory;
import webodidact.desktop.state.Saver;
import webodidact.desktop.state.Ticker;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.course.CourseLock;
import webodidact.formats.course.DiskWords;
import webodidact.formats.demo.DemoCourse;

/** The one window: the welcome, or the desk of an open course. */
public final class AppWindow implements AutoCloseable {
    private static final double[] TEXT_SIZES = {14, 15.75, 17.5, 21};
    private final Stage stage;
    private final Choosers choosers;
    private final Ticker ticker;
    private final Memory memory;
    private final StackPane root = new StackPane();
    private final Scene scene;
    private DeskWindow desk;

    public AppWindow(Stage stage, Choosers choosers, Ticker ticker, Memory memory) {
        this.stage = stage;
        this.choosers = choosers;
        this.ticker = ticker;
        this.memory = memory;
        Theme.load();
        root.getStyleClass().add("app");
        double width = memory.number("width", 1280, 1100, 6000);
        double height = memory.number("height", 800, 700, 4000);
        scene = new Scene(root, width, height);
        Theme.dress(scene);
        textSize((int) memory.number("text", 0, 0, TEXT_SIZES.length - 1));
        stage.setTitle(Words.of("app.name"));
        stage.setScene(scene);
        stage.setMinWidth(1100);
        stage.setMinHeight(700);
        place();
        var usual = Thread.currentThread().getUncaughtExceptionHandler();
        Thread.currentThread().setUncaughtExceptionHandler((thread, e) -> {
            fault(e);
            usual.uncaughtException(thread, e);
        });
        stage.setOnCloseRequest(e -> {
            e.consume();
            leaving(() -> {
                close();
                stage.close();
            });
        });
        scene.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            int step = DeskWindow.sizeStep(e);
            if (step != 0) textSize(size() + step);
        });
    }

    /** Where its frame makes it larger than the screen, the window is made smaller; a moment after it is shown, when the frame is known. */
    public void fitScreen() {
        var moment = new PauseTransition(Duration.millis(250));
        moment.setOnFinished(e -> fit());
        moment.play();
    }

    private void fit() {
        var screen = Screen.getScreensForRectangle(stage.getX(), Math.max(0, stage.getY()), 200, 100).stream()
                .findFirst()
                .orElse(Screen.getPrimary())
                .getVisualBounds();
        if (stage.isMaximized() || stage.isFullScreen()) return;
        if (stage.getY() < screen.getMinY()) stage.setY(screen.getMinY());
        if (stage.getX() < screen.getMinX()) stage.setX(screen.getMinX());
        if (stage.getY() + stage.getHeight() > screen.getMaxY())
            stage.setHeight(Math.max(stage.getMinHeight(), screen.getMaxY() - stage.getY()));
        if (stage.getX() + stage.getWidth() > screen.getMaxX())
            stage.setWidth(Math.max(stage.getMinWidth(), screen.getMaxX() - stage.getX()));
    }

    /** What no screen has caught: said in a line, with what to report. */
    private void fault(Throwable e) {
        if (desk != null) desk.workspace().noticeProperty().set(Words.of("fault.notice", Unworked.report(e)));
    }

    private void place() {
        double x = memory.number("x", Double.NaN, -10_000, 10_000);
        double y = memory.number("y", Double.NaN, -10_000, 10_000);
        if (Double.isNaN(x) || Double.isNaN(y)) return;
        var there = Screen.getScreensForRectangle(new Rectangle2D(x, y, 200, 100));
        if (there.isEmpty()) return;
        stage.setX(x);
        stage.setY(y);
    }

    private int size() {
        return (int) memory.number("text", 0, 0, TEXT_SIZES.length - 1);
    }

    /** @param step 0 for 100 %, then 112, 125 and 150 % */
    void textSize(int step) {
        int in = Math.clamp(step, 0, TEXT_SIZES.length - 1);
        memory.put("text", in);
        root.setStyle("-fx-font-size: " + TEXT_SIZES[in] + "px;");
    }

    public Scene scene() {
        return scene;
    }

    /** The open course, or null at the welcome. */
    public Workspace workspace() {
        return desk == null ? null : desk.workspace();
    }

    /** The station at work, or "". */
    public String station() {
        return desk == null ? "" : desk.station();
    }

    public void go(String station) {
        if (desk != null) desk.go(station);
    }

    /** The first screen; from an open course only when its last edits are on disk or given up. */
    public void welcome() {
        leaving(this::showWelcome);
    }

    private void showWelcome() {
        root.getChildren().setAll(new Welcome(new Welcome.Actions() {
            @Override
            public void demo() {
                openDemo();
            }

            @Override
            public void create(String title, Path folder) {
                createCourse(title, folder);
            }

            @Override
            public void paste(String title, Path folder) {
                createCourse(title, folder);
                if (desk != null) desk.newLesson(true);
            }

            @Override
            public Optional<Path> otherFolder() {
                return choosers.folder(Words.of("welcome.createAsk"), Path.of(System.getProperty("user.home")));
            }

            @Override
            public void open() {
                choosers.folder(Words.of("welcome.openAsk"), Path.of(System.getProperty("user.home")))
                        .ifPresent(AppWindow.this::open);
            }
        }));
    }

    /** Opens the demo in the user's own copy; a copy that exists is kept with its edits. */
    public void openDemo() {
        var folder = Memory.home().resolve("demo-course");
        try {
            DemoCourse.copyTo(folder);
            open(folder);
        } catch (IOException e) {
            welcomeWith(List.of(Words.of("welcome.demoFailed", folder, DiskWords.of(e))));
        }
    }

    private void createCourse(String title, Path folder) {
        try {
            show(
                    CourseFolder.create(folder, Course.named(title)),
                    List.of(),
                    CourseLock.take(folder).orElse(null),
                    false);
        } catch (IOException | InvalidPathException e) {
            welcomeWith(List.of(DiskWords.of(e)));
        }
    }

    /** "Documents/Webodidact/My course", or with a number behind it where there is one already. */
    static Path proposed(String title) {
        var plain = title.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]+", " ").strip().replaceFirst("^\\.+", "");
        var base = Memory.documents().resolve("Webodidact");
        var name = plain.isEmpty()
                ? Words.of("welcome.untitled")
                : plain.substring(0, Math.min(60, plain.length())).strip();
        var folder = base.resolve(name);
        for (int n = 2; Files.exists(folder); n++) folder = base.resolve(name + " " + n);
        return folder;
    }

    /** Opens a course, or says at the welcome why it cannot. One that another window works on is asked about first. */
    public void open(Path folder) {
        leaving(() ->
                CourseLock.holder(folder).ifPresentOrElse(holder -> askWho(folder, holder), () -> open(folder, false)));
    }

    private void askWho(Path folder, CourseLock.Holder holder) {
        showWelcome();
        var since = DateTimeFormatter.ofPattern("HH:mm, d MMMM", Locale.UK)
                .format(holder.since().atZone(ZoneId.systemDefault()));
        ask(
                Words.of("locked.title"),
                Words.of(holder.here() ? "locked.here" : "locked.away", since) + " " + Words.of("locked.text"),
                List.of(
                        new QuestionSheet.Answer("readOnly", () -> open(folder, true)),
                        new QuestionSheet.Answer("takeOver", () -> open(folder, false)),
                        new QuestionSheet.Answer("cancel", () -> {})));
    }

    private void open(Path folder, boolean readOnly) {
        // The lock first: what is read is then what is worked on.
        var lock = readOnly || !CourseFolder.isCourse(folder)
                ? null
                : CourseLock.take(folder).orElse(null);
        switch (CourseFolder.open(folder)) {
            case Read.Done<CourseFolder.Opened>(var opened, var warnings) -> {
                if (lock != null) sweep(folder);
                show(opened, warnings, lock, readOnly);
            }
            case Read.Refused<CourseFolder.Opened>(var why) -> {
                if (lock != null) lock.close();
                welcomeWith(List.of(Words.of("welcome.refused", why.text())));
            }
        }
    }

    private static void sweep(Path folder) {
        try {
            CourseFolder.sweep(folder);
        } catch (IOException e) {
            // What a crash left behind does no harm; the next opening tries again.
            System.err.println("Left-over files stay in the course: " + DiskWords.of(e));
        }
    }

    private void welcomeWith(List<String> trouble) {
        showWelcome();
        ((Welcome) root.getChildren().getFirst()).trouble(trouble);
    }

    /** The same course in this window again, now its own. */
    private void takeOver() {
        var folder = desk.workspace().folder().path();
        leaving(() -> open(folder, false));
    }

    /** The whole course into another folder, and on with work there; what could not be written here is in it. */
    private void saveElsewhere(Runnable then) {
        var workspace = desk.workspace();
        choosers.folder(
                        Words.of("trouble.elsewhereAsk"),
                        workspace.folder().path().toAbsolutePath().getParent())
                .ifPresent(folder -> {
                    try {
                        CourseFolder.copy(folder, workspace.book());
                        leaveDesk();
                        open(folder, false);
                        if (desk != null) desk.tell(Words.of("trouble.elsewhereDone", folder));
                        then.run();
                    } catch (IOException | InvalidPathException e) {
                        workspace.noticeProperty().set(Words.of("trouble.elsewhereFailed", DiskWords.of(e)));
                    }
                });
    }

    /** Goes on with {@code then} when all edits are on disk; asks where they cannot be written. */
    private void leaving(Runnable then) {
        if (desk == null) {
            then.run();
            return;
        }
        var state = saved();
        if (state.saved() || state.readOnly()) {
            leaveDesk();
            then.run();
            return;
        }
        var why = state.trouble().isEmpty()
                ? Words.of("foreign.line", 1, state.foreign().getFirst().file())
                : state.trouble();
        ask(
                Words.of("closing.title"),
                Words.of("closing.text", why),
                List.of(
                        new QuestionSheet.Answer("tryAgain", () -> leaving(then)),
                        new QuestionSheet.Answer("elsewhere", () -> saveElsewhere(() -> leaving(then))),
                        new QuestionSheet.Answer("discard", () -> {
                            leaveDesk();
                            then.run();
                        }),
                        new QuestionSheet.Answer("stay", () -> {})));
    }

    /** The plan before air as the stations have it; null while it is being worked out. */
    Prepared preparedNow() {
        return desk.prep().prepared();
    }

    private Saver.State saved() {
        // A run on air ends first: its last step is an edit, too.
        desk.endRun();
        try {
            return desk.workspace().saver().flush();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return desk.workspace().saver().stateProperty().get();
        }
    }

    /** Any answer closes the question first; Escape is the last one. */
    private void ask(String title, String text, List<QuestionSheet.Answer> answers) {
        var veil = Nodes.styled(new StackPane(), "veil");
        Runnable away = () -> root.getChildren().remove(veil);
        var sheet = new QuestionSheet(
                title,
                text,
                answers.stream()
                        .map(a -> new QuestionSheet.Answer(a.id(), () -> {
                            away.run();
                            a.action().run();
                        }))
                        .toList());
        veil.getChildren().add(sheet);
        veil.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() != KeyCode.ESCAPE) return;
            away.run();
            answers.getLast().action().run();
            e.consume();
        });
        root.getChildren().add(veil);
        sheet.requestFocus();
    }

    private void show(CourseFolder.Opened opened, List<Warning> warnings, CourseLock lock, boolean readOnly) {
        leaveDesk();
        var workspace = new Workspace(opened, Platform::runLater, lock, readOnly);
        memory.get("lesson")
                .filter(id -> opened.workbook().lesson(id).isPresent())
                .ifPresent(workspace::show);
        memory.put("course", opened.folder().path().toAbsolutePath());
        desk = new DeskWindow(
                workspace,
                choosers,
                ticker,
                memory,
                new DeskWindow.Leaving(this::welcome, () -> saveElsewhere(() -> {}), this::takeOver));
        root.getChildren().setAll(desk);
        if (!warnings.isEmpty()) root.getChildren().add(warningSheet(warnings));
        memory.save();
    }

    /** What could not be read stays on screen until it is put away. */
    private StackPane warningSheet(List<Warning> warnings) {
        var lines = Nodes.column(8);
        for (var warning : warnings.subList(0, Math.min(12, warnings.size())))
            lines.getChildren().add(Nodes.wrapped(warning.text(), "body"));
        if (warnings.size() > 12)
            lines.getChildren().add(Nodes.label(Words.of("open.more", warnings.size() - 12), "soft"));
        var veil = Nodes.styled(new StackPane(), "veil");
        var sheet = Nodes.sheet(
                Nodes.column(
                        12,
                        Nodes.label(Words.of("open.trouble"), "title"),
                        lines,
                        Nodes.wrapped(Words.of("open.kept"), "soft"),
                        Nodes.named(
                                Nodes.button(
                                        Words.of("open.goOn"),
                                        () -> root.getChildren().remove(veil),
                                        "primary"),
                                "go-on",
                                Words.of("open.goOn"))),
                46);
        veil.getChildren().add(sheet);
        return veil;
    }

    private void leaveDesk() {
        if (desk == null) return;
        desk.close();
        desk = null;
    }

    @Override
    public void close() {
        memory.put("width", (int) scene.getWidth());
        memory.put("height", (int) scene.getHeight());
        if (!Double.isNaN(stage.getX())) {
            memory.put("x", (int) stage.getX());
            memory.put("y", (int) stage.getY());
        }
        leaveDesk();
        memory.save();
    }
}
