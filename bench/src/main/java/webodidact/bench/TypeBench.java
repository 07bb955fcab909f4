package webodidact.bench;

import java.util.Locale;
import javafx.event.Event;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * A letter typed into what is said in a step of a script of so many steps (33 words each, so 60 are 2,000 words): prints the
 * median milliseconds from the key to the frame with its underlines, laid out and drawn.
 */
public final class TypeBench {
    private static final int FRAMES = 80;

    private TypeBench() {}

    public static void main(String[] args) throws Exception {
        var window = BenchWindow.open(Lessons.of(Integer.parseInt(args[0])), "script");
        var say = (TextArea)
                window.onScreen(() -> window.stage().getScene().getRoot().lookup("#say-s0"));
        window.onScreen(() -> {
            say.requestFocus();
            say.end();
            return null;
        });
        double time = window.median(FRAMES, i -> {
            var key = String.valueOf((char) ('a' + i % 26));
            Event.fireEvent(
                    say, new KeyEvent(KeyEvent.KEY_TYPED, key, key, KeyCode.UNDEFINED, false, false, false, false));
        });
        System.out.printf(Locale.ROOT, "%.2f%n", time);
        System.exit(0);
    }
}
