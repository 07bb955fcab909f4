package webodidact.desktop.state;

import java.util.List;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import webodidact.core.afters.CarryOver;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Workbook;

/** What the lessons of the course leave to each other, worked out a moment after something was typed. */
public final class CarryWatch {
    /** Nanoseconds that typing has to rest. */
    private static final long REST = 300_000_000;

    private static final CarryOver NOTHING = new CarryOver(List.of());
    private final ReadOnlyObjectWrapper<CarryOver> carry = new ReadOnlyObjectWrapper<>(NOTHING);
    private final AtomicLong wanted = new AtomicLong();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("carry").factory());
    private final Executor interfaceThread;

    public CarryWatch(Workspace workspace, Executor interfaceThread) {
        this.interfaceThread = interfaceThread;
        workspace.bookProperty().addListener((o, was, now) -> look(now));
        look(workspace.book());
    }

    private void look(Workbook book) {
        long mine = wanted.incrementAndGet();
        if (worker.isShutdown()) return;
        worker.execute(() -> {
            LockSupport.parkNanos(REST);
            if (mine != wanted.get()) return;
            var found = of(book);
            interfaceThread.execute(() -> {
                if (mine == wanted.get()) carry.set(found);
            });
        });
    }

    /** What cannot be worked out is not shown: a stop says why. */
    private static CarryOver of(Workbook book) {
        try {
            return CarryOver.of(book, Knowledge.of(book.course().foods()));
        } catch (RuntimeException | StackOverflowError e) {
            return NOTHING;
        }
    }

    /** Never null. */
    public ReadOnlyObjectProperty<CarryOver> carryProperty() {
        return carry.getReadOnlyProperty();
    }

    public void end() {
        wanted.incrementAndGet();
        worker.shutdownNow();
    }
}
