package webodidact.desktop.control;

import java.util.ArrayList;
import java.util.List;
import javafx.application.Platform;
import javafx.geometry.Orientation;
import javafx.scene.control.TextArea;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.PathElement;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextBoundsType;

/** A text to write in, as tall as its words, with some of them underlined. */
public final class WordField extends Region {
    /** @param look style class of the underline: "listed", "unlisted" or "tool" */
    public record Mark(int start, int end, String look) {}

    private static final double PADDING = 2;
    private final TextArea area = new TextArea();
    private final Pane lines = new Pane();
    private final Text measure = new Text();
    private List<Mark> marks = List.of();
    private Text shown;
    private boolean drawing;
    private double measuredWidth = Double.NaN;
    private String measuredText = "";
    private Font measuredFont;
    private double measuredHeight;

    public WordField() {
        getStyleClass().add("word-field");
        area.setWrapText(true);
        lines.setMouseTransparent(true);
        lines.setManaged(false);
        // As a text area sets its own: its lines are higher than those of a text that stands by itself.
        measure.setBoundsType(TextBoundsType.LOGICAL_VERTICAL_CENTER);
        getChildren().addAll(area, lines);
        area.textProperty().addListener(o -> {
            requestLayout();
            if (getParent() != null) getParent().requestLayout();
        });
        area.fontProperty().addListener(o -> requestLayout());
        Nodes.tabbing(area);
        setMinHeight(USE_PREF_SIZE);
    }

    public TextArea area() {
        return area;
    }

    /** Underlines; places beyond the text are left out. */
    public void setMarks(List<Mark> now) {
        if (marks.equals(now)) return;
        marks = List.copyOf(now);
        drawLater();
    }

    public List<Mark> marks() {
        return marks;
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected double computePrefHeight(double width) {
        // Each frame asks each text of the script, several times; one of them has changed.
        if (width > 0
                && width == measuredWidth
                && area.getText().equals(measuredText)
                && area.getFont().equals(measuredFont)) return measuredHeight;
        measuredWidth = width;
        measuredText = area.getText();
        measuredFont = area.getFont();
        measuredHeight = measured(width);
        return measuredHeight;
    }

    private double measured(double width) {
        measure.setFont(area.getFont());
        measure.setText(
                area.getText().isEmpty() ? "x" : area.getText().endsWith("\n") ? area.getText() + "x" : area.getText());
        measure.setWrappingWidth(
                width <= 0 ? Math.max(300, getWidth()) - 2 * PADDING - 1 : Math.max(40, width - 2 * PADDING - 1));
        return Math.ceil(measure.getLayoutBounds().getHeight()) + 2 * PADDING + 3;
    }

    @Override
    protected double computePrefWidth(double height) {
        return 300;
    }

    @Override
    protected void layoutChildren() {
        area.resizeRelocate(0, 0, getWidth(), getHeight());
        lines.resizeRelocate(0, 0, getWidth(), getHeight());
        drawLater();
    }

    private void drawLater() {
        if (drawing) return;
        drawing = true;
        Platform.runLater(() -> {
            drawing = false;
            draw();
        });
    }

    private void draw() {
        lines.getChildren().clear();
        if (shown == null || shown.getScene() == null) {
            if (!(area.lookup(".text") instanceof Text text)) return;
            shown = text;
            shown.layoutBoundsProperty().addListener(o -> drawLater());
        }
        if (marks.isEmpty()) return;
        var origin = lines.sceneToLocal(shown.localToScene(0, 0));
        if (origin == null) return;
        int length = shown.getText().length();
        for (var mark : marks) {
            if (mark.end() > length) continue;
            for (var box : boxes(shown.rangeShape(mark.start(), mark.end()))) {
                box.setX(box.getX() + origin.getX());
                box.setY(box.getY() + origin.getY());
                box.getStyleClass().addAll("mark-wash", mark.look());
                var line = new Line(
                        box.getX(),
                        box.getY() + box.getHeight() + 0.5,
                        box.getX() + box.getWidth(),
                        box.getY() + box.getHeight() + 0.5);
                line.getStyleClass().addAll("mark-line", mark.look());
                lines.getChildren().addAll(box, line);
            }
        }
    }

    /** One box for each line of text that the shape covers. */
    private static List<Rectangle> boxes(PathElement[] shape) {
        var boxes = new ArrayList<Rectangle>();
        for (var element : shape) {
            switch (element) {
                case MoveTo m -> boxes.add(new Rectangle(m.getX(), m.getY(), 0, 0));
                case LineTo l -> stretch(boxes.getLast(), l.getX(), l.getY());
                default -> {}
            }
        }
        boxes.removeIf(b -> b.getWidth() < 1);
        return boxes;
    }

    private static void stretch(Rectangle box, double x, double y) {
        double right = Math.max(box.getX() + box.getWidth(), x);
        double bottom = Math.max(box.getY() + box.getHeight(), y);
        box.setX(Math.min(box.getX(), x));
        box.setY(Math.min(box.getY(), y));
        box.setWidth(right - box.getX());
        box.setHeight(bottom - box.getY());
    }
}
