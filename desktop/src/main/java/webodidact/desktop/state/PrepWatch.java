package webodidact.desktop.state;

import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import webodidact.core.outcome.Outcome;
import webodidact.core.prep.DayPrep;
import webodidact.core.prep.Prepared;

/** Works out the plan before air behind the lesson on the desk; nothing of an earlier state is left to be seen. */
public final class PrepWatch {
    private final ReadOnlyObjectWrapper<Prepared> prepared = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper failed = new ReadOnlyBooleanWrapper();
    private final AtomicLong wanted = new AtomicLong();
    /** One of its own: what is drawn or written meanwhile does not wait for a proof. */
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("prep").factory());
    /** Nanoseconds that typing has to rest. */
    private static final long REST = 350_000_000;

    private final Executor interfaceThread;

    /** @param interfaceThread runs what others listen to */
    public PrepWatch(Workspace workspace, Executor interfaceThread) {
        this.interfaceThread = interfaceThread;
        workspace.outcomeProperty().addListener((o, was, now) -> look(now));
        look(workspace.outcome());
    }

    private void look(Outcome outcome) {
        long mine = wanted.incrementAndGet();
        failed.set(false);
        prepared.set(null);
        if (worker.isShutdown()
                || outcome == null
                || outcome.missing(Outcome.Part.BENCH).isPresent()) return;
        worker.execute(() -> {
            try {
                var day = DayPrep.of(outcome.answers());
                if (!Prepared.isKnown(day.prep())) LockSupport.parkNanos(REST);
                if (mine != wanted.get()) return;
                var found = day.solve(() -> mine != wanted.get());
                interfaceThread.execute(() -> {
                    if (mine == wanted.get()) prepared.set(found);
                });
            } catch (RuntimeException | StackOverflowError e) {
                // The first plan, worked back in one go, stands.
                interfaceThread.execute(() -> {
                    if (mine == wanted.get()) failed.set(true);
                });
            }
        });
    }

    /** Null while it is being worked out. */
    public ReadOnlyObjectProperty<Prepared> preparedProperty() {
        return prepared.getReadOnlyProperty();
    }

    /** It could not be worked out: nothing better than the first plan will come. */
    public ReadOnlyBooleanProperty failedProperty() {
        return failed.getReadOnlyProperty();
    }

    public Prepared prepared() {
        return prepared.get();
    }

    /** Ends what is going on. */
    public void end() {
        wanted.incrementAndGet();
        worker.shutdownNow();
    }
}
