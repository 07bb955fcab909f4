package webodidact.desktop.app;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import webodidact.core.lesson.Course;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Memory;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Ticker;
import webodidact.desktop.words.Words;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;
import webodidact.formats.course.CourseFolder;
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
        stage.setOnCloseRequest(e -> close());
        scene.addEventFilter(javafx.scene.input.KeyEvent.KEY_PRESSED, e -> {
            if (DeskWindow.BIGGER.match(e)) textSize(size() + 1);
            else if (DeskWindow.SMALLER.match(e)) textSize(size() - 1);
        });
    }

    private void place() {
        double x = memory.number("x", Double.NaN, -10_000, 10_000);
        double y = memory.number("y", Double.NaN, -10_000, 10_000);
        if (Double.isNaN(x) || Double.isNaN(y)) return;
        var there = javafx.stage.Screen.getScreensForRectangle(new Rectangle2D(x, y, 200, 100));
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

    public void welcome() {
        leaveDesk();
        root.getChildren().setAll(new Welcome(new Welcome.Actions() {
            @Override
            public void demo() {
                openDemo();
            }

            @Override
            public void create(String title) {
                createCourse(title);
            }

            @Override
            public void open() {
                choosers.folder(Words.of("welcome.openAsk"), Path.of(System.getProperty("user.home"))).ifPresent(AppWindow.this::open);
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
            welcomeWith(List.of(Words.of("welcome.demoFailed", folder, e.getMessage())));
        }
    }

    private void createCourse(String title) {
        choosers.folder(Words.of("welcome.createAsk"), Path.of(System.getProperty("user.home"))).ifPresent(folder -> {
            try {
                show(CourseFolder.create(folder, Course.named(title)), List.of());
            } catch (IOException e) {
                welcomeWith(List.of(e.getMessage()));
            }
        });
    }

    /** Opens a course, or says at the welcome why it cannot. */
    public void open(Path folder) {
        switch (CourseFolder.open(folder)) {
            case Read.Done<CourseFolder.Opened>(var opened, var warnings) -> show(opened, warnings);
            case Read.Refused<CourseFolder.Opened>(var why) -> welcomeWith(List.of(Words.of("welcome.refused", why.text())));
        }
    }

    private void welcomeWith(List<String> trouble) {
        welcome();
        ((Welcome) root.getChildren().getFirst()).trouble(trouble);
    }

    private void show(CourseFolder.Opened opened, List<Warning> warnings) {
        leaveDesk();
        var workspace = new Workspace(opened, Platform::runLater);
        memory.get("lesson").filter(id -> opened.workbook().lesson(id).isPresent()).ifPresent(workspace::show);
        memory.put("course", opened.folder().path().toAbsolutePath());
        desk = new DeskWindow(workspace, choosers, ticker, memory, this::welcome);
        root.getChildren().setAll(desk);
        if (!warnings.isEmpty()) root.getChildren().add(warningSheet(warnings));
        memory.save();
    }

    /** What could not be read stays on screen until it is put away. */
    private StackPane warningSheet(List<Warning> warnings) {
        var lines = Nodes.column(8);
        for (var warning : warnings.subList(0, Math.min(12, warnings.size()))) lines.getChildren().add(Nodes.wrapped(warning.text(), "body"));
        if (warnings.size() > 12) lines.getChildren().add(Nodes.label(Words.of("open.more", warnings.size() - 12), "soft"));
        var veil = Nodes.styled(new StackPane(), "veil");
        var sheet = Nodes.styled(Nodes.column(12, Nodes.label(Words.of("open.trouble"), "title"), lines, Nodes.wrapped(Words.of("open.kept"), "soft"),
                Nodes.named(Nodes.button(Words.of("open.goOn"), () -> root.getChildren().remove(veil), "primary"), "go-on", Words.of("open.goOn"))), "sheet");
        sheet.setMaxSize(640, javafx.scene.layout.Region.USE_PREF_SIZE);
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
