package webodidact.desktop.app;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.image.PixelFormat;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import javax.imageio.ImageIO;
import webodidact.core.check.Finding;
import webodidact.core.reading.LineReader;
import webodidact.desktop.state.Memory;
import webodidact.desktop.state.Ticker;
import webodidact.desktop.words.Words;
import webodidact.formats.demo.DemoCourse;
import webodidact.formats.paper.Edition;
import webodidact.formats.paper.Papers;

/**
 * The same window without a display: goes through the stations on a fresh copy of the demo, writes a picture of each, mends
 * the demo lesson's stops with their own buttons, writes its papers, and ends.
 */
final class Tour {
    private final Stage stage;
    private final Path folder;
    private final FastTicker ticker = new FastTicker();
    private final Deque<Runnable> steps = new ArrayDeque<>();
    private AppWindow window;
    private Path course;

    Tour(Stage stage, Path folder) {
        this.stage = stage;
        this.folder = folder.toAbsolutePath();
    }

    /** Stands still until it is moved on. */
    static final class FastTicker implements Ticker {
        private static final Instant AIR = Instant.parse("2026-12-03T17:30:00Z");
        private long millis;
        private long slept;

        void pass(int seconds) {
            millis += seconds * 1000L;
        }

        /** The counting clock stands still, the time of day goes on. */
        void sleep(int seconds) {
            slept += seconds * 1000L;
        }

        @Override
        public Instant instant() {
            return AIR.plusMillis(millis + slept);
        }

        @Override
        public long millis() {
            return millis;
        }

        @Override
        public ZoneId zone() {
            return ZoneOffset.UTC;
        }
    }

    void start() throws IOException {
        Files.createDirectories(folder);
        // A course of its own, apart: the folder for the pictures may be one that the user has things in.
        var own = Files.createTempDirectory("webodidact-tour");
        System.setProperty("webodidact.home", own.toString());
        course = own.resolve("course");
        DemoCourse.copyTo(course);
        window = new AppWindow(stage, new FixedAnswers(folder, folder), ticker, Memory.load());
        window.open(course);
        stage.show();
        plan();
        next();
    }

    private void plan() {
        station("brief", "");
        station("larder", "f2");
        doubted();
        for (var tab : List.of("kit", "homes", "lists")) {
            steps.add(() -> press("#tab-" + tab));
            picture(tab.equals("homes") ? "households" : tab);
        }
        select("s6");
        station("script", "");
        select("s7");
        steps.add(() -> window.go("clock"));
        steps.add(() -> press("#fit-look"));
        picture("clock");
        select("s8");
        steps.add(() -> press("#stops"));
        picture("second-look");
        steps.add(() -> press("#look-course"));
        picture("second-look-course");
        steps.add(() -> press("#look-back"));
        steps.add(() -> window.workspace().show("2-cheese-scones"));
        select("s3");
        station("script", "", "script-calm");
        select("s7");
        station("clock", "", "clock-calm");
        steps.add(() -> window.workspace().show("1-fish-parcels"));
        station("bench", "");
        steps.add(this::mendStops);
        station("papers", "");
        station("afters", "");
        steps.add(() -> window.go("on-air"));
        steps.add(() -> press("#go-live"));
        steps.add(() -> air());
        picture("on-air");
        steps.add(this::late);
        picture("on-air-trouble");
        steps.add(() -> {
            key(KeyCode.ESCAPE);
            key(KeyCode.ENTER);
        });
        steps.add(() -> window.go("afters"));
        for (var part : List.of("retakes", "went", "work", "carry", "course")) {
            steps.add(() -> press("#afters-" + part));
            picture("afters-" + part);
        }
        steps.add(this::papers);
        disk();
    }

    /** A line of which it is not clear what is meant: the nearest foods are there to choose from, none is taken. */
    private void doubted() {
        steps.add(() -> {
            var workspace = window.workspace();
            var id = workspace.lesson().newFoodId();
            var read = new LineReader(workspace.knowledge()).read("1 tbsp garlic butter");
            workspace.editLesson(
                    "Add a line",
                    l -> l.but(d -> d.foods = Stream.concat(d.foods.stream(), Stream.of(read.toFoodLine(id)))
                            .toList()));
            workspace.foodProperty().set(id);
        });
        picture("larder-doubt");
        steps.add(() -> window.workspace().undo());
    }

    /** The course's folder goes away and comes back, and then another program writes into it. */
    private void disk() {
        var away = course.resolveSibling("away");
        steps.add(() -> window.go("script"));
        steps.add(() -> {
            move(course, away);
            window.workspace().editLesson("Change the title", l -> l.but(d -> d.title = "Fish parcels, new potatoes"));
            window.workspace().editLesson("Change the slot", l -> l.but(d -> d.slot = d.slot + 300));
        });
        picture("trouble");
        steps.add(() -> stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        picture("closing");
        steps.add(() -> {
            press("#question-stay");
            move(away, course);
            window.workspace().saver().retry();
        });
        steps.add(() -> {
            var file = course.resolve("1-fish-parcels.lesson.json");
            try {
                Files.writeString(
                        file,
                        Files.readString(file)
                                .replaceFirst(
                                        "\"say\" : \"[^\"]*\"",
                                        "\"say\" : \"Good evening from the boathouse. Tonight it is fish in paper, and the oven is on already.\"")
                                .replace("thick plain yoghurt", "thin yoghurt")
                                .replace("\"slot\" : 3300", "\"slot\" : 2700"));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            window.workspace().saver().retry();
        });
        steps.add(() -> press("#compare"));
        picture("compare");
        steps.add(() -> press("#compare-use"));
    }

    private static void move(Path from, Path to) {
        try {
            Files.move(from, to);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void station(String id, String food) {
        station(id, food, id);
    }

    private void station(String id, String food, String name) {
        steps.add(() -> {
            if (!food.isEmpty()) window.workspace().foodProperty().set(food);
            window.go(id);
        });
        picture(name);
    }

    private void select(String step) {
        steps.add(() -> window.workspace().stepProperty().set(step));
    }

    private void picture(String name) {
        steps.add(() -> shoot(stage.getScene(), folder.resolve(name + ".png")));
    }

    /** Each step waits for the background work of the one before, and for the window to have drawn it. */
    private void next() {
        var step = steps.poll();
        Thread.ofVirtual().start(() -> {
            try {
                window.workspace().settle();
                Thread.sleep(500);
                for (int i = 0; i < 100 && drawing(); i++) Thread.sleep(100);
                Platform.runLater(() -> {
                    if (step == null) {
                        end(0);
                        return;
                    }
                    try {
                        step.run();
                        next();
                    } catch (RuntimeException e) {
                        e.printStackTrace();
                        end(1);
                    }
                });
            } catch (InterruptedException | RuntimeException e) {
                e.printStackTrace();
                Platform.runLater(() -> end(1));
            }
        });
    }

    /** Asked on the interface thread: what is in the window changes meanwhile. */
    private boolean drawing() {
        var answer = new CompletableFuture<Boolean>();
        Platform.runLater(() -> answer.complete(isDrawing()));
        return answer.join();
    }

    private boolean isDrawing() {
        if (stage.getScene().lookup("#bench-working") != null) return true;
        if (stage.getScene().lookup("#course-working") != null) return true;
        if (stage.getScene().lookup("#fit-stop") instanceof Node stop && stop.isVisible()) return true;
        return stage.getScene().lookup("#preview-state") instanceof Label l
                && l.getText().equals(Words.of("papers.drawing"));
    }

    private void end(int code) {
        window.close();
        if (code == 0)
            System.out.println(
                    "Pictures of the eight stations, and of a course in trouble, and the papers of the demo lesson are in "
                            + folder);
        Platform.exit();
        if (code != 0) System.exit(code);
    }

    private void mendStops() {
        for (var stop : window.workspace().outcome().report().open().stream()
                .filter(Finding::isStop)
                .toList()) {
            var mend = stop.mends().getFirst();
            System.out.println("Stop: " + stop.what() + " Mended with its button “" + mend.label() + "”.");
            window.workspace().editLesson(mend.label(), mend.change());
        }
    }

    private void press(String id) {
        var button = stage.getScene().lookup(id);
        if (!(button instanceof ButtonBase b) || b.isDisabled())
            throw new IllegalStateException("Bug: " + id + " cannot be pressed");
        b.fire();
    }

    /** On to the parcels in the oven, a little behind the plan. */
    private void air() {
        for (var placed : window.workspace().outcome().schedule().steps()) {
            if (placed.step().id().equals("s7")) break;
            ticker.pass(placed.span().length() + (placed.number() == 6 ? 38 : 0));
            key(KeyCode.SPACE);
        }
        ticker.pass(9);
        key(KeyCode.M);
    }

    /** Far over the step's time, with a question from the kitchens. */
    private void late() {
        ticker.pass(600);
        key(KeyCode.SPACE);
        ticker.pass(40);
        key(KeyCode.M);
    }

    private void key(KeyCode code) {
        var target = stage.getScene().getFocusOwner() == null
                ? stage.getScene().getRoot()
                : stage.getScene().getFocusOwner();
        KeyEvent.fireEvent(target, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false));
    }

    private void papers() {
        var outcome = window.workspace().outcome();
        var written = Papers.writeAll(Papers.ALL, Edition.of(outcome), folder);
        if (!written.failed().isEmpty()) throw new IllegalStateException("Not written: " + written.failed());
    }

    /** What the scene shows, as a PNG. */
    static void shoot(Scene scene, Path file) {
        // Nodes that a drawing makes while it is laid out get their styles with the next pulse: a picture does not wait
        // for one.
        for (int i = 0; i < 2; i++) {
            scene.getRoot().applyCss();
            scene.getRoot().layout();
        }
        var image = scene.snapshot(null);
        int w = (int) image.getWidth();
        int h = (int) image.getHeight();
        var pixels = new int[w * h];
        image.getPixelReader().getPixels(0, 0, w, h, PixelFormat.getIntArgbInstance(), pixels, 0, w);
        var picture = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        picture.setRGB(0, 0, w, h, pixels, 0, w);
        try {
            ImageIO.write(picture, "png", file.toFile());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
