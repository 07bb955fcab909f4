package webodidact.bench;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.FutureTask;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.control.ButtonBase;
import javafx.scene.shape.Rectangle;
import javafx.stage.Stage;
import javafx.stage.Window;
import webodidact.core.lesson.Lesson;
import webodidact.desktop.app.Main;
import webodidact.formats.json.JsonFile;

/** The real window on a course of one made-up lesson, drawn off-screen, so that frames can be measured. */
final class BenchWindow {
    private final Stage stage;

    private BenchWindow(Stage stage) {
        this.stage = stage;
    }

    static BenchWindow open(Lesson lesson, String station) throws Exception {
        // The window's thread would outlive a failure here.
        Thread.currentThread().setUncaughtExceptionHandler((t, e) -> {
            e.printStackTrace();
            System.exit(1);
        });
        var folder = Files.createTempDirectory("webodidact-bench");
        Files.write(
                folder.resolve("course.json"),
                "{\n  \"format\" : 1,\n  \"title\" : \"Bench\"\n}\n".getBytes(StandardCharsets.UTF_8));
        Files.write(folder.resolve("1-made-up.lesson.json"), JsonFile.write(lesson));
        new Thread(() -> Application.launch(Main.App.class, "open", folder.toString())).start();
        var window = new BenchWindow(waitForStage());
        Thread.sleep(1500);
        window.onScreen(() -> {
            ((ButtonBase) window.stage.getScene().getRoot().lookup("#rail-" + station)).fire();
            return null;
        });
        Thread.sleep(2500);
        return window;
    }

    private static Stage waitForStage() throws InterruptedException {
        for (int i = 0; i < 200; i++) {
            Thread.sleep(100);
            for (var window : List.copyOf(Window.getWindows()))
                if (window instanceof Stage stage && stage.isShowing()) return stage;
        }
        throw new IllegalStateException("No window in 20 s");
    }

    Stage stage() {
        return stage;
    }

    <T> T onScreen(Callable<T> task) throws Exception {
        var future = new FutureTask<>(task);
        Platform.runLater(future);
        return future.get();
    }

    /** What happens in one frame. */
    interface Frame {
        void draw(int number) throws Exception;
    }

    /** Milliseconds from the deed to its frame, laid out and drawn, the median of so many after as many to warm up. */
    double median(int frames, Frame frame) throws Exception {
        measure(frames, frame);
        return measure(frames, frame);
    }

    private double measure(int frames, Frame frame) throws Exception {
        var times = new ArrayList<Long>();
        for (int i = 0; i <= frames; i++) times.add(drawn(frame, i));
        times.sort(null);
        return times.get(times.size() / 2) / 1e6;
    }

    /** Nanoseconds until the platform's own next frame with it is in the window, the wait for that frame's turn included. */
    private long drawn(Frame frame, int number) throws Exception {
        var drawn = new CompletableFuture<Long>();
        Platform.runLater(() -> {
            long start = System.nanoTime();
            try {
                frame.draw(number);
            } catch (Exception e) {
                drawn.completeExceptionally(e);
                return;
            }
            var scene = stage.getScene();
            scene.addPostLayoutPulseListener(new Runnable() {
                @Override
                public void run() {
                    scene.removePostLayoutPulseListener(this);
                    Platform.runLater(() -> {
                        // One picture after the other: when this one is made, the frame before it is.
                        new Rectangle(1, 1).snapshot(null, null);
                        drawn.complete(System.nanoTime() - start);
                    });
                }
            });
            Platform.requestNextPulse();
        });
        return drawn.get();
    }
}
