package webodidact.desktop;

import java.util.Arrays;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import javafx.scene.robot.Robot;
import org.testfx.api.FxRobot;
import org.testfx.robot.Motion;

/**
 * Keyboard and mouse of a test: the platform's own events, each on the interface thread, and then what they cause is waited for. The
 * library's robot waits through five frames after every press and every release instead.
 */
public final class Hands extends FxRobot {
    /** Seconds: a loaded machine has stood still for half a minute and gone on. */
    private static final int PATIENCE = 120;

    private Robot robot;
    private boolean pressed;

    /** Runs it on the interface thread and waits for it; what it throws is thrown here. */
    private static <T> T on(Callable<T> work) {
        var task = new FutureTask<>(work);
        if (Platform.isFxApplicationThread()) task.run();
        else Platform.runLater(task);
        try {
            return task.get(PATIENCE, TimeUnit.SECONDS);
        } catch (ExecutionException e) {
            if (e.getCause() instanceof RuntimeException r) throw r;
            if (e.getCause() instanceof Error r) throw r;
            throw new IllegalStateException(e.getCause());
        } catch (InterruptedException | TimeoutException e) {
            throw new IllegalStateException("The interface thread does not answer; it is at " + atWork(), e);
        }
    }

    /** Where the interface thread is, in the one line of a message that a build prints at its end. */
    private static String atWork() {
        return Thread.getAllStackTraces().entrySet().stream()
                .filter(t -> t.getKey().getName().equals("JavaFX Application Thread"))
                .flatMap(t -> Arrays.stream(t.getValue()))
                .limit(60)
                .map(f ->
                        f.getClassName().replaceFirst(".*\\.", "") + "." + f.getMethodName() + ":" + f.getLineNumber())
                .collect(Collectors.joining(" < "));
    }

    /** Runs it on the interface thread and waits for it. */
    public static void on(Runnable work) {
        on(() -> {
            work.run();
            return null;
        });
    }

    /**
     * An event of our own at a place of the scene: the off-screen robot loses some of its moves. What is held follows the place, as under
     * a real hand.
     */
    public static void mouse(EventType<MouseEvent> type, Node node, Point2D at) {
        boolean held = type != MouseEvent.MOUSE_RELEASED;
        boolean still = type != MouseEvent.MOUSE_DRAGGED;
        on(() -> Event.fireEvent(
                node,
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
                        held,
                        false,
                        false,
                        true,
                        false,
                        still,
                        new PickResult(node, at.getX(), at.getY()))));
    }

    /** Waits until what has been asked for on the interface thread is done, what that asks for too, and all is laid out. */
    public static void frame() {
        on(() -> {});
        on(Hands::pulse);
        on(() -> {});
    }

    /**
     * Styles and lays out what has changed, as the platform does once a frame. Asking the roots to apply their styles instead would do so
     * for every node there is: half of the interface thread's time in these tests.
     */
    private static void pulse() {
        try {
            var toolkit = Class.forName("com.sun.javafx.tk.Toolkit");
            toolkit.getMethod("firePulse")
                    .invoke(toolkit.getMethod("getToolkit").invoke(null));
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("The platform has no pulse by this name any more", e);
        }
    }

    /** Waits for the platform's own next frame as well. */
    public static void drawn() {
        frame();
        var drawn = new CountDownLatch(1);
        on(() -> new AnimationTimer() {
            @Override
            public void handle(long now) {
                stop();
                Platform.runLater(drawn::countDown);
            }
        }.start());
        try {
            if (!drawn.await(PATIENCE, TimeUnit.SECONDS))
                throw new IllegalStateException("No frame is drawn; the interface thread is at " + atWork());
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
        on(() -> {});
    }

    private Robot robot() {
        if (robot == null) robot = on(Robot::new);
        return robot;
    }

    @Override
    public FxRobot interact(Runnable work) {
        on(work);
        frame();
        return this;
    }

    @Override
    public FxRobot push(KeyCode... keys) {
        var hands = robot();
        for (var key : keys) on(() -> hands.keyPress(key));
        for (int i = keys.length - 1; i >= 0; i--) {
            var key = keys[i];
            on(() -> hands.keyRelease(key));
        }
        frame();
        return this;
    }

    @Override
    public FxRobot clickOn(Node node, MouseButton... buttons) {
        over(node);
        press(MouseButton.PRIMARY);
        return release(MouseButton.PRIMARY);
    }

    private FxRobot over(Node node) {
        var at = on(() -> node.localToScreen(node.getBoundsInLocal()));
        return moveTo(at.getCenterX(), at.getCenterY(), Motion.DEFAULT);
    }

    @Override
    public FxRobot moveTo(String query, Motion motion) {
        return over(lookup(query).<Node>query());
    }

    @Override
    public FxRobot moveTo(double x, double y, Motion motion) {
        var hands = robot();
        var from = on(hands::getMousePosition);
        // What is dragged passes through the places between, as under a hand: off screen a step out of the pressed node
        // would be lost to it.
        int steps = pressed ? (int) Math.max(1, Math.hypot(x - from.getX(), y - from.getY()) / 4) : 1;
        for (int i = 1; i <= steps; i++) {
            double share = i / (double) steps;
            on(() -> hands.mouseMove(from.getX() + (x - from.getX()) * share, from.getY() + (y - from.getY()) * share));
        }
        frame();
        return this;
    }

    @Override
    public FxRobot press(MouseButton... buttons) {
        var hands = robot();
        pressed = true;
        on(() -> hands.mousePress(buttons));
        return this;
    }

    @Override
    public FxRobot release(MouseButton... buttons) {
        if (buttons.length == 0) return this;
        var hands = robot();
        pressed = false;
        on(() -> hands.mouseRelease(buttons));
        frame();
        return this;
    }
}
