package webodidact.desktop.control;

import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;

/** Does something on the interface thread every few seconds. An animation would draw sixty times a second all the while. */
public final class Every {
    private static final ScheduledExecutorService CLOCK = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("every").factory());

    private final int seconds;
    private final Runnable work;
    private ScheduledFuture<?> going;

    public Every(int seconds, Runnable work) {
        this.seconds = seconds;
        this.work = work;
    }

    public void start() {
        if (going == null)
            going = CLOCK.scheduleAtFixedRate(() -> Platform.runLater(work), seconds, seconds, TimeUnit.SECONDS);
    }

    public void stop() {
        if (going != null) going.cancel(false);
        going = null;
    }
}
