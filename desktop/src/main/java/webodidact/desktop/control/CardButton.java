package webodidact.desktop.control;

import javafx.scene.AccessibleAction;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;

/** A card that is pressed as a whole: by mouse, Enter or Space. Unlike a button it lays out wrapped text inside. */
public final class CardButton extends VBox {
    private final Runnable action;

    public CardButton(String style, Runnable action, Node... content) {
        super(2, content);
        this.action = action;
        getStyleClass().setAll(style);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        setOnMouseClicked(e -> {
            requestFocus();
            fire();
        });
        setOnKeyPressed(e -> {
            if (e.getCode() != KeyCode.ENTER && e.getCode() != KeyCode.SPACE) return;
            fire();
            e.consume();
        });
    }

    public void fire() {
        if (!isDisabled()) action.run();
    }

    @Override
    public void executeAccessibleAction(AccessibleAction wanted, Object... parameters) {
        if (wanted == AccessibleAction.FIRE) fire();
        else super.executeAccessibleAction(wanted, parameters);
    }
}
