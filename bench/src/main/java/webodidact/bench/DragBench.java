package webodidact.bench;

import java.util.Locale;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;

/** The right edge of a step's hands dragged on the Clock of a lesson of so many steps: prints the median milliseconds of one frame, edited, laid out and drawn. */
public final class DragBench {
    private static final int FRAMES = 80;

    private DragBench() {}

    public static void main(String[] args) throws Exception {
        var window = BenchWindow.open(Lessons.of(Integer.parseInt(args[0])), "clock");
        // The selected step is drawn however little room it has.
        Node block = window.onScreen(() -> window.stage().getScene().getRoot().lookup("#block-hands-s0"));
        var bounds = block.localToScene(block.getBoundsInLocal());
        var edge = new Point2D(bounds.getMaxX() - 1, bounds.getCenterY());
        window.onScreen(() -> {
            fire(block, MouseEvent.MOUSE_PRESSED, edge);
            return null;
        });
        double time = window.median(FRAMES, i -> fire(block, MouseEvent.MOUSE_DRAGGED, edge.add(1 + i % 40, 0)));
        System.out.printf(Locale.ROOT, "%.2f%n", time);
        System.exit(0);
    }

    private static void fire(Node block, EventType<MouseEvent> type, Point2D at) {
        Event.fireEvent(
                block,
                new MouseEvent(
                        type,
                        at.getX(),
                        at.getY(),
                        at.getX(),
                        at.getY(),
                        MouseButton.PRIMARY,
                        1,
                        false,
                        false,
                        false,
                        false,
                        true,
                        false,
                        false,
                        true,
                        false,
                        false,
                        new PickResult(block, at.getX(), at.getY())));
    }
}
