package webodidact.desktop.state;

import java.io.IOException;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import webodidact.core.lesson.Workbook;
import webodidact.formats.course.CourseFolder;

/** Puts edits on disk soon after they are made, a burst of them once. */
public final class Saver implements AutoCloseable {
    /** Milliseconds from an edit to its being written; typing meanwhile does not put it off. */
    private static final int SOON = 400;

    /** @param trouble why it could not be written, or "" */
    public record State(boolean saved, String trouble) {}

    private final CourseFolder folder;
    private final Executor interfaceThread;
    private final ScheduledExecutorService writer = Executors.newSingleThreadScheduledExecutor(r -> Workspace.daemon(r, "saver"));
    private final ReadOnlyObjectWrapper<State> state = new ReadOnlyObjectWrapper<>(new State(true, ""));
    private final Object lock = new Object();
    private Workbook onDisk;
    private Workbook latest;
    private boolean planned;

    Saver(CourseFolder.Opened opened, Executor interfaceThread) {
        folder = opened.folder();
        onDisk = opened.workbook();
        latest = onDisk;
        this.interfaceThread = interfaceThread;
    }

    public ReadOnlyObjectProperty<State> stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** Called on the interface thread. */
    void save(Workbook book) {
        synchronized (lock) {
            latest = book;
            if (!planned) writer.schedule(this::write, SOON, TimeUnit.MILLISECONDS);
            planned = true;
        }
        state.set(new State(false, ""));
    }

    private void write() {
        Workbook book;
        Workbook before;
        synchronized (lock) {
            planned = false;
            book = latest;
            before = onDisk;
        }
        if (book == before) return;
        try {
            folder.save(before, book);
            synchronized (lock) {
                onDisk = book;
            }
            tell(new State(true, ""));
        } catch (IOException e) {
            tell(new State(false, e.getMessage()));
            synchronized (lock) {
                if (!planned && !writer.isShutdown()) writer.schedule(this::write, 5, TimeUnit.SECONDS);
                planned = true;
            }
        }
    }

    private void tell(State now) {
        interfaceThread.execute(() -> {
            synchronized (lock) {
                if (now.saved() && latest != onDisk) return;
            }
            state.set(now);
        });
    }

    /** Writes what is waiting, now; returns when it is on disk or has failed. */
    public void flush() throws InterruptedException {
        try {
            writer.submit(this::write).get(20, TimeUnit.SECONDS);
        } catch (java.util.concurrent.ExecutionException | java.util.concurrent.TimeoutException e) {
            throw new IllegalStateException("Bug: the saver failed", e);
        }
    }

    @Override
    public void close() {
        try {
            if (!writer.isShutdown()) flush();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        writer.shutdown();
    }
}
