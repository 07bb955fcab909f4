package webodidact.desktop.state;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import webodidact.core.lesson.Workbook;
import webodidact.desktop.words.Words;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.course.CourseLock;
import webodidact.formats.course.DiskWords;

/**
 * Puts edits on disk soon after they are made, a burst of them once, and looks now and then whether somebody else has changed the
 * course's files or taken it over. Whatever keeps it from writing is trouble, and stays so until a save has succeeded.
 */
public final class Saver implements AutoCloseable {
    /** Milliseconds from an edit to its being written; typing meanwhile does not put it off. */
    private static final int SOON = 200;
    /** Milliseconds until what failed is tried again by itself. */
    private static final int AGAIN = 5000;
    /** Milliseconds between two looks at what others do in the folder. */
    private static final int LOOK = 2000;
    /** Seconds after which a disk that does not answer is trouble, too. */
    private static final int PATIENCE = 10;

    /**
     * @param saved all of it is on disk
     * @param trouble why it could not be written, or ""
     * @param foreign what somebody else has written; held back here until both have been seen
     * @param readOnly another window works on the course
     */
    public record State(boolean saved, String trouble, List<CourseFolder.Foreign> foreign, boolean readOnly) {
        public State {
            foreign = List.copyOf(foreign);
        }
    }

    private final CourseFolder folder;
    private final CourseLock lockFile;
    private final Executor interfaceThread;
    private final ScheduledExecutorService writer =
            Executors.newSingleThreadScheduledExecutor(r -> Workspace.daemon(r, "saver"));
    private final ReadOnlyObjectWrapper<State> state = new ReadOnlyObjectWrapper<>();
    private final Object lock = new Object();
    private Workbook onDisk;
    private Workbook latest;
    private boolean planned;
    private String trouble = "";
    private List<CourseFolder.Foreign> foreign = List.of();
    private boolean readOnly;

    /** @param lockFile says that this window works on the course; null where it can only be read, or needs no lock */
    Saver(CourseFolder.Opened opened, Executor interfaceThread, CourseLock lockFile, boolean readOnly) {
        folder = opened.folder();
        onDisk = opened.workbook();
        latest = onDisk;
        this.interfaceThread = interfaceThread;
        this.lockFile = lockFile;
        this.readOnly = readOnly;
        state.set(now());
        writer.scheduleWithFixedDelay(this::look, LOOK, LOOK, TimeUnit.MILLISECONDS);
    }

    public ReadOnlyObjectProperty<State> stateProperty() {
        return state.getReadOnlyProperty();
    }

    private State now() {
        synchronized (lock) {
            return new State(latest == onDisk && trouble.isEmpty() && foreign.isEmpty(), trouble, foreign, readOnly);
        }
    }

    public boolean isReadOnly() {
        synchronized (lock) {
            return readOnly;
        }
    }

    /** Called on the interface thread. Old trouble goes on being told: nothing has been saved yet. */
    void save(Workbook book) {
        synchronized (lock) {
            if (readOnly) return;
            latest = book;
            if (!planned) writer.schedule(this::write, SOON, TimeUnit.MILLISECONDS);
            planned = true;
        }
        state.set(now());
    }

    private void write() {
        Workbook book;
        Workbook before;
        synchronized (lock) {
            planned = false;
            book = latest;
            before = onDisk;
            if (readOnly) return;
        }
        if (book == before && trouble().isEmpty()) return;
        var why = "";
        try {
            if (!isStillOurs()) return;
            folder.save(before, book);
        } catch (CourseFolder.Changed e) {
            look();
            why = e.getMessage();
        } catch (IOException | RuntimeException | Error e) {
            // Whatever it was: what is on the desk is not on disk, and somebody has to know.
            why = DiskWords.of(e);
        }
        synchronized (lock) {
            trouble = why;
            if (why.isEmpty()) onDisk = book;
            else if (!writer.isShutdown()) writer.schedule(this::write, AGAIN, TimeUnit.MILLISECONDS);
        }
        tell();
    }

    private String trouble() {
        synchronized (lock) {
            return trouble;
        }
    }

    private boolean isStillOurs() {
        if (lockFile == null || lockFile.isHeld()) return true;
        synchronized (lock) {
            readOnly = true;
        }
        tell();
        return false;
    }

    /** What others do in the folder. */
    private void look() {
        if (isReadOnly() || !isStillOurs()) return;
        try {
            var found = folder.foreign();
            synchronized (lock) {
                if (found.equals(foreign)) return;
                foreign = found;
            }
            tell();
        } catch (IOException | RuntimeException e) {
            // A folder that is gone for a moment: the next save that fails tells of it.
            if (!trouble().isEmpty()) return;
            synchronized (lock) {
                trouble = DiskWords.of(e);
                writer.schedule(this::write, AGAIN, TimeUnit.MILLISECONDS);
            }
            tell();
        }
    }

    /**
     * Somebody has seen both and chosen.
     *
     * @param asTheirs a workbook with that file as they wrote it, so that what was chosen is written over it where it differs
     */
    void settled(CourseFolder.Foreign seen, UnaryOperator<Workbook> asTheirs) {
        writer.execute(() -> {
            var why = "";
            try {
                folder.seen(seen);
            } catch (IOException | RuntimeException e) {
                why = DiskWords.of(e);
            }
            synchronized (lock) {
                if (why.isEmpty()) onDisk = asTheirs.apply(onDisk);
                trouble = why;
                foreign = foreign.stream()
                        .filter(f -> !f.file().equals(seen.file()))
                        .toList();
            }
            write();
            tell();
        });
    }

    private void tell() {
        interfaceThread.execute(() -> state.set(now()));
    }

    /** Tries again what has failed, and looks again at what others do, without waiting. */
    public void retry() {
        writer.execute(this::look);
        writer.execute(this::write);
    }

    /** Writes what is waiting, now; returns when it is on disk or has failed, and then says which. */
    public State flush() throws InterruptedException {
        try {
            Future<?> written = writer.submit(this::write);
            written.get(PATIENCE, TimeUnit.SECONDS);
        } catch (TimeoutException e) {
            synchronized (lock) {
                trouble = Words.of("saver.slow");
            }
        } catch (ExecutionException | RejectedExecutionException e) {
            throw new IllegalStateException("Bug: the saver failed", e);
        }
        return now();
    }

    /** The last try. What is still not on disk is lost: ask {@link #flush} first. */
    @Override
    public void close() {
        try {
            if (!writer.isShutdown()) flush();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        writer.shutdownNow();
        if (lockFile != null) lockFile.close();
    }
}
