package webodidact.desktop.app;

import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.HostServices;
import javafx.application.Platform;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import webodidact.desktop.state.Memory;
import webodidact.desktop.state.Ticker;
import webodidact.formats.course.CourseFolder;

/** Starts the window: {@code demo}, {@code open COURSE}, {@code tour FOLDER} (no display needed), or the last course. */
public final class Main {
    private Main() {}

    public static void main(String[] args) {
        Application.launch(App.class, args);
    }

    /** The JavaFX application. */
    public static final class App extends Application {
        private AppWindow window;

        @Override
        public void start(Stage stage) throws Exception {
            List<String> args = getParameters().getRaw();
            var command = args.isEmpty() ? "" : args.getFirst();
            if (command.equals("tour")) {
                new Tour(stage, Path.of(args.get(1))).start();
                return;
            }
            var memory = Memory.load();
            window = new AppWindow(stage, new WindowChoosers(stage, getHostServices()), new RealTicker(), memory);
            switch (command) {
                case "demo" -> window.openDemo();
                case "open" -> window.open(Path.of(args.get(1)));
                default ->
                    memory.get("course")
                            .map(Path::of)
                            .filter(CourseFolder::isCourse)
                            .ifPresentOrElse(window::open, window::welcome);
            }
            stage.show();
            window.fitScreen();
            if (Boolean.getBoolean("webodidact.startOnly")) {
                System.out.println("window shown");
                Platform.exit();
            }
        }

        @Override
        public void stop() {
            if (window != null) window.close();
        }
    }

    /** The system's own dialogs. */
    private record WindowChoosers(Stage stage, HostServices host) implements Choosers {
        @Override
        public void open(Path folder) {
            host.showDocument(folder.toUri().toString());
        }

        @Override
        public Optional<Path> folder(String title, Path start) {
            var chooser = new DirectoryChooser();
            chooser.setTitle(title);
            if (start.toFile().isDirectory()) chooser.setInitialDirectory(start.toFile());
            return Optional.ofNullable(chooser.showDialog(stage)).map(f -> f.toPath());
        }

        @Override
        public Optional<Path> file(String title, Path start, List<String> endings) {
            var chooser = new FileChooser();
            chooser.setTitle(title);
            chooser.getExtensionFilters()
                    .add(new FileChooser.ExtensionFilter(
                            String.join(", ", endings).toUpperCase(Locale.ROOT),
                            endings.stream().map(e -> "*." + e).toList()));
            if (start.toFile().isDirectory()) chooser.setInitialDirectory(start.toFile());
            return Optional.ofNullable(chooser.showOpenDialog(stage)).map(f -> f.toPath());
        }
    }

    /** The machine's own clock. */
    static final class RealTicker implements Ticker {
        @Override
        public Instant instant() {
            return Instant.now();
        }

        @Override
        public long millis() {
            return System.nanoTime() / 1_000_000L;
        }

        @Override
        public ZoneId zone() {
            return ZoneId.systemDefault();
        }
    }
}
