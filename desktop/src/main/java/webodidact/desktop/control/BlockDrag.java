package webodidact.desktop.control;

import java.util.function.Supplier;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import webodidact.core.time.Clock;
import webodidact.desktop.geometry.Viewport;

/** What is dragged on a timeline: the right edge of hands and waits changes their length, the rest of a block its step's place. */
final class BlockDrag {
    private static final double EDGE = 7;
    /** Pixels after which a press is a drag. */
    private static final double MOVED = 6;

    private final Timeline.Edits edits;
    private final Supplier<Viewport> view;
    private final Node lanes;
    private final Label floating = Nodes.label("", "drag-word");
    private final Region dropLine = Nodes.styled(new Region(), "drop-line");
    private double pressedX;

    /** @param lanes what the viewport's pixels are counted from the left of */
    BlockDrag(Timeline.Edits edits, Supplier<Viewport> view, Node lanes) {
        this.edits = edits;
        this.view = view;
        this.lanes = lanes;
        for (Node hidden : new Node[] {floating, dropLine}) {
            hidden.setManaged(false);
            hidden.setVisible(false);
            hidden.setMouseTransparent(true);
        }
    }

    /** What is shown while something is dragged; in front of all else. */
    Node[] marks() {
        return new Node[] {dropLine, floating};
    }

    void on(Button button) {
        var mode = new String[] {""};
        button.setOnMouseMoved(e -> button.setCursor(isEdge(button, e) ? Cursor.H_RESIZE : Cursor.DEFAULT));
        button.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> {
            mode[0] = isEdge(button, e) ? "stretch" : "";
            pressedX = e.getSceneX();
        });
        button.addEventFilter(MouseEvent.MOUSE_DRAGGED, e -> {
            if (mode[0].isEmpty() && moves(button) && Math.abs(e.getSceneX() - pressedX) > MOVED) mode[0] = "move";
            if (mode[0].equals("stretch")) stretch(button, x(e));
            else if (mode[0].equals("move")) moving(BlockPool.blockOf(button).step(), e);
            if (!mode[0].isEmpty()) e.consume();
        });
        button.addEventFilter(MouseEvent.MOUSE_RELEASED, e -> {
            floating.setVisible(false);
            dropLine.setVisible(false);
            if (mode[0].equals("move"))
                edits.drop(
                        BlockPool.blockOf(button).step(),
                        edits.indexAt(view.get().second(x(e))));
            if (mode[0].equals("stretch")) edits.settled();
            if (!mode[0].isEmpty()) {
                button.disarm();
                e.consume();
            }
            mode[0] = "";
        });
    }

    private double x(MouseEvent e) {
        return lanes.sceneToLocal(e.getSceneX(), e.getSceneY()).getX();
    }

    private static boolean isEdge(Button button, MouseEvent e) {
        var block = BlockPool.blockOf(button);
        boolean stretches = !block.step().isEmpty()
                && (block.look().equals("hands") || block.look().equals("wait"));
        return stretches && e.getX() > button.getWidth() - EDGE;
    }

    private static boolean moves(Button button) {
        var block = BlockPool.blockOf(button);
        return !block.step().isEmpty()
                && (block.look().equals("hands") || block.look().equals("talk"));
    }

    private void stretch(Button button, double x) {
        var block = BlockPool.blockOf(button);
        int seconds = Math.max(5, (view.get().second(x) - block.span().start() + 2) / 5 * 5);
        edits.stretch(block.step(), block.look().equals("wait"), seconds);
        tell(Clock.text(seconds), x, button.getLayoutY());
    }

    private void moving(String step, MouseEvent e) {
        double x = x(e);
        dropLine.setVisible(true);
        dropLine.resizeRelocate(
                Math.round(lanes.getLayoutX() + x),
                Timeline.HEAD,
                2,
                Math.max(0, lanes.getLayoutBounds().getHeight() - Timeline.HEAD));
        tell(
                edits.preview(step, edits.indexAt(view.get().second(x))),
                x,
                lanes.sceneToLocal(e.getSceneX(), e.getSceneY()).getY() - 34);
    }

    private void tell(String words, double x, double y) {
        floating.setText(words);
        floating.setVisible(true);
        floating.applyCss();
        double w = Math.ceil(floating.prefWidth(-1));
        double most = Math.max(0, lanes.getLayoutX() + lanes.getLayoutBounds().getWidth() - w);
        floating.resizeRelocate(
                Math.round(Math.clamp(lanes.getLayoutX() + x + 10, 0, most)),
                Math.round(Math.max(0, y)),
                w,
                Math.ceil(floating.prefHeight(-1)));
    }
}
