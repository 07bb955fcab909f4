package webodidact.bench;

import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.stage.Stage;

/** The smallest JavaFX program with a window: what start-up is measured against. */
public final class BareWindow {
    private BareWindow() {}

    public static void main(String[] args) {
        Application.launch(App.class, args);
    }

    /** A label in a scene. */
    public static final class App extends Application {
        @Override
        public void start(Stage stage) {
            stage.setScene(new Scene(new Label("Hello"), 1280, 800));
            stage.show();
            System.out.println("window shown");
            Platform.exit();
        }
    }
}
