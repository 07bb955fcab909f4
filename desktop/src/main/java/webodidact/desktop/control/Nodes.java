package webodidact.desktop.control;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.TraversalDirection;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Short ways to the nodes every screen is made of. */
public final class Nodes {
    private Nodes() {}

    public static Label label(String text, String... styles) {
        var label = new Label(text);
        label.getStyleClass().addAll(styles);
        // A station's name is never shortened, nor that of a field, whatever else has to be.
        if (List.of(styles).contains("title") || List.of(styles).contains("field-name"))
            label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    /** A label that wraps and takes the width it is given. */
    public static Label wrapped(String text, String... styles) {
        var label = label(text, styles);
        label.setWrapText(true);
        label.setMinWidth(0);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.setMaxWidth(Double.MAX_VALUE);
        return label;
    }

    /** A table's cell: as wide as so many letters of the table's own text, whatever the size of the label's. */
    public static HBox cell(Node content, double em) {
        var cell = row(0, content);
        cell.setStyle("-fx-min-width: " + em + "em; -fx-pref-width: " + em + "em; -fx-max-width: " + em + "em;");
        return cell;
    }

    /** A sheet over the window. */
    public static <T extends Region> T sheet(T sheet, double em) {
        return styled(atMost(sheet, em), "sheet");
    }

    /** At most as wide as so many letters, which grow with the text, and as high as it has to be. */
    public static <T extends Region> T atMost(T region, double em) {
        region.setStyle("-fx-max-width: " + em + "em;");
        region.setMaxHeight(Region.USE_PREF_SIZE);
        return region;
    }

    public static Button button(String text, Runnable action, String... styles) {
        var button = new Button(text);
        button.setOnAction(e -> action.run());
        button.getStyleClass().addAll(styles);
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    /** A button that is never wider than what it stands in: a sentence on it takes as many lines as it needs. */
    public static Button wrapping(Button button, Region within) {
        button.setWrapText(true);
        button.setMinWidth(0);
        // A flow is as wide at least as its widest child would like to be.
        within.setMinWidth(0);
        button.maxWidthProperty().bind(within.widthProperty());
        return button;
    }

    public static ToggleButton toggle(String text, String... styles) {
        var button = new ToggleButton(text);
        button.getStyleClass().addAll(styles);
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    public static TextField field(String id, String prompt, String name) {
        var field = new TextField();
        field.setId(id);
        field.setPromptText(prompt);
        field.setAccessibleText(name);
        return field;
    }

    /** Tab goes to the next control; nobody indents what is said or pasted. */
    public static <T extends TextArea> T tabbing(T area) {
        area.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() != KeyCode.TAB || e.isControlDown()) return;
            e.consume();
            area.requestFocusTraversal(e.isShiftDown() ? TraversalDirection.PREVIOUS : TraversalDirection.NEXT);
        });
        return area;
    }

    public static HBox row(double gap, Node... nodes) {
        var box = new HBox(gap, nodes);
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    /** As many in a row as there is room for; as high as its rows are at the width it has, whatever lays it out. */
    public static FlowPane flow(double hgap, double vgap, Node... nodes) {
        var pane = new FlowPane(hgap, vgap, nodes);
        pane.widthProperty().addListener((o, was, now) -> pane.setPrefWrapLength(now.doubleValue()));
        return pane;
    }

    public static VBox column(double gap, Node... nodes) {
        return new VBox(gap, nodes);
    }

    public static Region spring() {
        var region = new Region();
        HBox.setHgrow(region, Priority.ALWAYS);
        VBox.setVgrow(region, Priority.ALWAYS);
        return region;
    }

    public static <T extends Node> T styled(T node, String... styles) {
        node.getStyleClass().addAll(styles);
        return node;
    }

    /** Those styles alone. What has them already is left: a list that is set anew is matched against the whole style sheet again. */
    public static void restyle(Node node, String... styles) {
        if (!node.getStyleClass().equals(List.of(styles))) node.getStyleClass().setAll(styles);
    }

    public static <T extends Node> T named(T node, String id, String accessible) {
        node.setId(id);
        node.setAccessibleText(accessible);
        return node;
    }

    public static <T extends Node> T grown(T node) {
        HBox.setHgrow(node, Priority.ALWAYS);
        VBox.setVgrow(node, Priority.ALWAYS);
        return node;
    }

    public static <T extends ButtonBase> T act(T button, Runnable action) {
        button.setOnAction(e -> action.run());
        return button;
    }
}
