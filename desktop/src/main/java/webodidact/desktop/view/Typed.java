package webodidact.desktop.view;

import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.Tooltip;

/**
 * Ties a text control to a value: each keystroke that reads is kept at once; one that does not is marked with what was
 * expected, and the value stays as it was.
 */
public final class Typed {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");
    private final TextInputControl control;
    private final Supplier<String> shown;
    private boolean showing;

    private Typed(TextInputControl control, Supplier<String> shown) {
        this.control = control;
        this.shown = shown;
    }

    /**
     * @param shown the value as text
     * @param read takes the typed text; throws {@link IllegalArgumentException} with what was expected
     */
    public static Typed bind(TextInputControl control, Supplier<String> shown, Consumer<String> read) {
        var typed = new Typed(control, shown);
        control.textProperty().addListener((o, was, now) -> {
            if (typed.showing) return;
            try {
                read.accept(now);
                typed.wrong("");
            } catch (IllegalArgumentException e) {
                typed.wrong(e.getMessage());
            }
        });
        control.focusedProperty().addListener((o, was, now) -> {
            if (!now) {
                typed.wrong("");
                typed.refresh();
            }
        });
        typed.refresh();
        return typed;
    }

    /** For values that mean something else half typed (an amount, a time): read on Enter and when the focus leaves. */
    public static Typed onEnter(TextField control, Supplier<String> shown, Consumer<String> read) {
        var typed = new Typed(control, shown);
        Runnable take = () -> {
            if (control.getText().equals(shown.get())) {
                typed.wrong("");
                return;
            }
            try {
                read.accept(control.getText());
                typed.wrong("");
            } catch (IllegalArgumentException e) {
                typed.wrong(e.getMessage());
            }
        };
        control.setOnAction(e -> take.run());
        control.focusedProperty().addListener((o, was, now) -> {
            if (now) return;
            take.run();
            if (!typed.isWrong()) typed.refresh();
        });
        typed.refresh();
        return typed;
    }

    private boolean isWrong() {
        return control.getPseudoClassStates().contains(WRONG);
    }

    private void wrong(String message) {
        control.pseudoClassStateChanged(WRONG, !message.isEmpty());
        control.setTooltip(message.isEmpty() ? null : new Tooltip(message));
        control.setAccessibleHelp(message.isEmpty() ? null : message);
    }

    /** Shows the value as it is now, unless it is being typed wrongly. */
    public void refresh() {
        var now = shown.get();
        if (isWrong() && control.isFocused() || control.getText().equals(now)) return;
        showing = true;
        int caret = control.getCaretPosition();
        control.setText(now);
        control.positionCaret(Math.min(caret, now.length()));
        showing = false;
        wrong("");
    }
}
