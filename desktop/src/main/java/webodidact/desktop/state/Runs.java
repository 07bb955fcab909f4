package webodidact.desktop.state;

import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import webodidact.core.homes.Progress;

/**
 * Long work on one thread of its own: the newest request wins, its progress shows, it can be stopped. Results and progress
 * change on the interface thread.
 *
 * @param <T> what comes of it
 */
public final class Runs<T> implements AutoCloseable {
    private final ExecutorService worker;
    private final Executor interfaceThread;
    private final AtomicLong wanted = new AtomicLong();
    private final AtomicLong told = new AtomicLong(-1);
    private final ReadOnlyObjectWrapper<T> result = new ReadOnlyObjectWrapper<>();
    /** 0 to 1 while it works, -1 while it does not. */
    private final ReadOnlyDoubleWrapper progress = new ReadOnlyDoubleWrapper(-1);

    public Runs(String name, Executor interfaceThread) {
        this.interfaceThread = interfaceThread;
        worker = Executors.newSingleThreadExecutor(r -> Workspace.daemon(r, name));
    }

    public ReadOnlyObjectProperty<T> resultProperty() {
        return result.getReadOnlyProperty();
    }

    public T result() {
        return result.get();
    }

    public ReadOnlyDoubleProperty progressProperty() {
        return progress.getReadOnlyProperty();
    }

    public boolean isRunning() {
        return progress.get() >= 0;
    }

    /** @param work gives null if it was stopped */
    public void request(Function<Progress, T> work) {
        long mine = wanted.incrementAndGet();
        progress.set(0);
        worker.execute(() -> {
            if (mine != wanted.get()) return;
            T done = null;
            RuntimeException failed = null;
            try {
                done = work.apply(share -> told(mine, share));
            } catch (RuntimeException e) {
                failed = e;
            }
            var value = done;
            var failure = failed;
            interfaceThread.execute(() -> {
                if (mine != wanted.get()) return;
                progress.set(-1);
                if (value != null) result.set(value);
                if (failure != null) throw failure;
            });
        });
    }

    private boolean told(long mine, int share) {
        if (mine != wanted.get()) return false;
        // Work may ask a thousand times a second whether to go on; the bar moves a thousand times at most.
        if (told.getAndSet(mine << 12 | share) == (mine << 12 | share)) return true;
        interfaceThread.execute(() -> {
            if (mine == wanted.get() && progress.get() >= 0) progress.set(share / 1000.0);
        });
        return true;
    }

    /** What runs ends without a result; the last one stays. */
    public void stop() {
        wanted.incrementAndGet();
        progress.set(-1);
    }

    public void clear() {
        stop();
        result.set(null);
    }

    @Override
    public void close() {
        wanted.incrementAndGet();
        worker.shutdownNow();
    }
}
