package webodidact.bench;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.FutureTask;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javafx.stage.Window;
import webodidact.core.food.Knowledge;
import webodidact.desktop.app.Main;

/** The Larder's table with so many lines scrolled from top to bottom: prints the median milliseconds of one frame, laid out and drawn. */
public final class ScrollBench {
    private static final int FRAMES = 120;

    private ScrollBench() {}

    public static void main(String[] args) throws Exception {
        // The window's thread would outlive a failure here.
        Thread.currentThread().setUncaughtExceptionHandler((t, e) -> {
            e.printStackTrace();
            System.exit(1);
        });
        var folder = Files.createTempDirectory("webodidact-bench");
        Files.writeString(folder.resolve("course.json"), "{\n  \"format\" : 1,\n  \"title\" : \"Bench\"\n}\n");
        Files.write(folder.resolve("1-lines.lesson.json"), lesson(Integer.parseInt(args[0])));
        new Thread(() -> Application.launch(Main.App.class, "open", folder.toString())).start();
        var stage = waitForStage();
        Thread.sleep(1500);
        onScreen(() -> {
            ((javafx.scene.control.ButtonBase) stage.getScene().getRoot().lookup("#rail-larder")).fire();
            return null;
        });
        Thread.sleep(1500);
        measure(stage);
        System.out.printf(java.util.Locale.ROOT, "%.2f%n", measure(stage));
        System.exit(0);
    }

    private static byte[] lesson(int lines) {
        var foods = new ArrayList<String>();
        for (var food : Knowledge.shipped().foods()) {
            if (foods.size() == lines) break;
            foods.add("{ \"id\" : \"f" + foods.size() + "\", \"item\" : \"" + food.name() + "\", \"food\" : \"" + food.id() + "\", \"amount\" : \"" + (20 + foods.size()) + " g\" }");
        }
        var json = "{\n  \"format\" : 1,\n  \"number\" : 1,\n  \"title\" : \"Lines\",\n  \"slot\" : 2700,\n  \"foods\" : [ " + String.join(", ", foods) + " ]\n}\n";
        return json.getBytes(StandardCharsets.UTF_8);
    }

    private static Stage waitForStage() throws InterruptedException {
        for (int i = 0; i < 200; i++) {
            Thread.sleep(100);
            for (var window : List.copyOf(Window.getWindows())) if (window instanceof Stage stage && stage.isShowing()) return stage;
        }
        throw new IllegalStateException("No window in 20 s");
    }

    private static <T> T onScreen(java.util.concurrent.Callable<T> task) throws Exception {
        var future = new FutureTask<>(task);
        Platform.runLater(future);
        return future.get();
    }

    /** Milliseconds, the median of all frames. */
    private static double measure(Stage stage) throws Exception {
        var times = new ArrayList<Long>();
        for (int i = 0; i <= FRAMES; i++) {
            double place = (double) i / FRAMES;
            times.add(onScreen(() -> {
                long start = System.nanoTime();
                table(stage).setVvalue(place);
                stage.getScene().getRoot().applyCss();
                stage.getScene().getRoot().layout();
                stage.getScene().snapshot(new WritableImage((int) stage.getScene().getWidth(), (int) stage.getScene().getHeight()));
                return System.nanoTime() - start;
            }));
            var pulse = new CountDownLatch(1);
            Platform.runLater(pulse::countDown);
            pulse.await();
        }
        times.sort(null);
        return times.get(times.size() / 2) / 1e6;
    }

    private static ScrollPane table(Stage stage) {
        for (Node node : stage.getScene().getRoot().lookupAll(".scroll-pane")) {
            if (node instanceof ScrollPane scroll && scroll.getContent() != null && scroll.getContent().lookup("#add-food") != null) return scroll;
        }
        throw new IllegalStateException("The Larder's table is not there");
    }
}
