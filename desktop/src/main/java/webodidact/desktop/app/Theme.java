package webodidact.desktop.app;

import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.UncheckedIOException;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import webodidact.formats.fonts.Fonts;

/** Fonts and styles; all are shipped inside. */
final class Theme {
    private static boolean loaded;

    private Theme() {}

    /** Before a window is made; what is there already is kept. On the interface thread. */
    static void load() {
        if (loaded) return;
        for (var face : Fonts.ALL) {
            try (var in = face.open()) {
                if (Font.loadFont(in, 14) == null)
                    throw new IllegalStateException("Bug: the font " + face.file() + " cannot be loaded");
            } catch (IOException e) {
                throw new UncheckedIOException(face.file(), e);
            }
        }
        Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
        loaded = true;
    }

    static void dress(Scene scene) {
        scene.getStylesheets().add(Theme.class.getResource("webodidact.css").toExternalForm());
    }
}
