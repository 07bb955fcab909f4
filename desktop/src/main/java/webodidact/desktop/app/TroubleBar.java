package webodidact.desktop.app;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Saver;
import webodidact.desktop.words.Words;

/** One line above every station while something keeps edits from the disk: what, and what can be done about it. */
final class TroubleBar extends HBox {
    /** What its buttons do. */
    interface Actions {
        void tryAgain();

        void saveElsewhere();

        void compare();

        void takeOver();
    }

    private final Label text = Nodes.wrapped("", "trouble-text");
    private final Actions actions;

    TroubleBar(Actions actions) {
        super(10);
        this.actions = actions;
        getStyleClass().add("trouble-bar");
        text.setId("trouble-line");
        getChildren().add(Nodes.grown(text));
        show(null);
    }

    /** @param state null for no trouble */
    void show(Saver.State state) {
        getChildren().setAll(text);
        getStyleClass().removeAll("stop", "look");
        boolean held = state != null && !state.foreign().isEmpty();
        boolean failing = state != null && !state.trouble().isEmpty() && !held;
        boolean shown = held || failing || state != null && state.readOnly();
        setVisible(shown);
        setManaged(shown);
        if (!shown) return;
        if (state.readOnly()) {
            say("look", "▲ " + Words.of("readOnly.line"), button("take-over", "readOnly.takeOver", actions::takeOver));
        } else if (held) {
            var names = String.join(
                    ", ", state.foreign().stream().map(f -> f.file()).toList());
            say(
                    "look",
                    "▲ " + Words.of("foreign.line", state.foreign().size(), names),
                    button("compare", "foreign.compare", actions::compare));
        } else {
            say(
                    "stop",
                    "■ " + Words.of("trouble.line", state.trouble()),
                    button("try-again", "trouble.again", actions::tryAgain),
                    button("save-elsewhere", "trouble.elsewhere", actions::saveElsewhere));
        }
    }

    private void say(String style, String words, Button... buttons) {
        getStyleClass().add(style);
        text.setText(words);
        setAccessibleText(words);
        getChildren().addAll(buttons);
    }

    private static Button button(String id, String key, Runnable action) {
        return Nodes.named(Nodes.button(Words.of(key), action, "small"), id, Words.of(key));
    }
}
