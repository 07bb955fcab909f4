package webodidact.desktop.control;

import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** A list as it is read aloud: shelves with rows of an amount, a name and one soft line; long ones wrap. */
public final class ListRows extends VBox {
    private final double takes;

    public ListRows() {
        this(8.5);
    }

    /** @param takes width of the amounts, in the size of the letters */
    public ListRows(double takes) {
        super(4);
        this.takes = takes;
    }

    public void title(String text) {
        getChildren().add(Nodes.label(text, "shelf"));
    }

    /** A sentence about what follows, in that style. */
    public void say(String text, String style) {
        getChildren().add(Nodes.wrapped(text, style));
    }

    /** @return the row, its words in a column of their own at its second place */
    public HBox row(String take, String what, String soft, Node... more) {
        var text = Nodes.column(0, Nodes.wrapped(what, "body"));
        if (!soft.isEmpty()) text.getChildren().add(Nodes.wrapped(soft, "soft"));
        text.setMinWidth(0);
        var row = Nodes.row(8, Nodes.cell(Nodes.label(take, "strong"), takes), Nodes.grown(text));
        row.getChildren().addAll(more);
        row.getStyleClass().addAll("food-row", "list-row");
        getChildren().add(row);
        return row;
    }
}
