package webodidact.desktop.state;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import webodidact.core.amount.Ratio;
import webodidact.core.answer.Question;
import webodidact.core.edit.Edit;
import webodidact.core.edit.History;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.Workbook;
import webodidact.core.outcome.Outcome;
import webodidact.core.script.Clip;
import webodidact.core.script.HandsPace;
import webodidact.core.timing.Calibration;
import webodidact.core.timing.Pace;
import webodidact.desktop.words.Words;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.course.CourseLock;

/**
 * The one observable place: the open course, the lesson on the desk, what follows from it, and the history. Its properties
 * change on the interface thread only. What follows is worked out in the background, the newest wins; every edit is on disk
 * within a second.
 */
public final class Workspace implements AutoCloseable {
    private final ReadOnlyObjectWrapper<Workbook> book = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Lesson> lesson = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Outcome> outcome = new ReadOnlyObjectWrapper<>();
    private final StringProperty step = new SimpleStringProperty("");
    private final StringProperty food = new SimpleStringProperty("");
    private final StringProperty notice = new SimpleStringProperty("");
    private final History history = new History();
    private final Executor interfaceThread;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(r -> daemon(r, "recompute"));
    private final Saver saver;
    private final CourseFolder folder;
    private final LiveRun live = new LiveRun(this);
    private final AirWatch watch = new AirWatch(this, live);
    private Clip clip = new Clip(List.of(), List.of(), List.of());

    /** @param interfaceThread runs a task later on the interface thread */
    public Workspace(CourseFolder.Opened opened, Executor interfaceThread) {
        this(opened, interfaceThread, null, false);
    }

    /**
     * @param lock says that this window works on the course, or null
     * @param readOnly another window does: here it is only looked at
     */
    public Workspace(CourseFolder.Opened opened, Executor interfaceThread, CourseLock lock, boolean readOnly) {
        this.interfaceThread = interfaceThread;
        folder = opened.folder();
        saver = new Saver(opened, interfaceThread, lock, readOnly);
        book.set(opened.workbook());
        if (!opened.workbook().lessons().isEmpty())
            show(opened.workbook().lessons().getFirst().id());
    }

    static Thread daemon(Runnable task, String name) {
        var thread = new Thread(task, name);
        thread.setDaemon(true);
        return thread;
    }

    public CourseFolder folder() {
        return folder;
    }

    /** The shipped tables with the course's own foods over them. */
    public Knowledge knowledge() {
        return Knowledge.of(book.get().course().foods());
    }

    /** How fast the lesson on the desk is spoken: the instructor's own pace where takes have shown it. */
    public Pace pace() {
        return Pace.of(lesson.get().audience(), book.get().course().pace(), Calibration.of(book.get()))
                .carrying(book.get().course().carry());
    }

    /** By verb, what takes have shown of the table's hands-on time. */
    public Map<String, Ratio> handsPace() {
        return handsPace(book.get());
    }

    /** Worked out anew when there is another take, not at each letter. */
    private Map<String, Ratio> handsPace(Workbook workbook) {
        var known = hands;
        if (known.takes() != workbook.takes())
            known = hands = new OwnHands(
                    workbook.takes(),
                    HandsPace.of(workbook, Knowledge.of(workbook.course().foods())));
        return known.factors();
    }

    private record OwnHands(List<Take> takes, Map<String, Ratio> factors) {}

    private volatile OwnHands hands = new OwnHands(List.of(), Map.of());

    public Saver saver() {
        return saver;
    }

    public ReadOnlyObjectProperty<Workbook> bookProperty() {
        return book.getReadOnlyProperty();
    }

    public Workbook book() {
        return book.get();
    }

    /** The lesson on the desk, always as last typed; null while the course has none. */
    public ReadOnlyObjectProperty<Lesson> lessonProperty() {
        return lesson.getReadOnlyProperty();
    }

    public Lesson lesson() {
        return lesson.get();
    }

    /** What follows from the lesson; may be a moment behind {@link #lessonProperty()}. Null while there is no lesson. */
    public ReadOnlyObjectProperty<Outcome> outcomeProperty() {
        return outcome.getReadOnlyProperty();
    }

    public Outcome outcome() {
        return outcome.get();
    }

    /** Id of the selected step, or "". */
    public StringProperty stepProperty() {
        return step;
    }

    /** Id of the selected food line, or "". */
    public StringProperty foodProperty() {
        return food;
    }

    /** The steps last copied, in any lesson. */
    public Clip clip() {
        return clip;
    }

    public void setClip(Clip copied) {
        clip = copied;
    }

    /** One line to tell the user, "Undone: Change the slot". */
    public StringProperty noticeProperty() {
        return notice;
    }

    /** The lesson on air, if there is one. */
    public LiveRun live() {
        return live;
    }

    /** What helps it, worked out each second. */
    public AirWatch watch() {
        return watch;
    }

    public boolean isOnAir() {
        return live.isRunning();
    }

    private boolean isHeld() {
        if (isOnAir()) notice.set(Words.of("air.held"));
        return isOnAir();
    }

    /** Puts a lesson of the course on the desk. */
    public void show(String lessonId) {
        if (lesson.get() != null && !lesson.get().id().equals(lessonId) && isHeld()) return;
        var found = book.get().lesson(lessonId);
        if (found.isEmpty()) return;
        history.seal();
        if (lesson.get() == null || !lesson.get().id().equals(lessonId)) {
            food.set(
                    found.get().foods().isEmpty()
                            ? ""
                            : found.get().foods().getFirst().id());
            step.set(
                    found.get().steps().isEmpty()
                            ? ""
                            : found.get().steps().getFirst().id());
            outcome.set(null);
        }
        lesson.set(found.get());
        recompute(false);
    }

    public void edit(String label, UnaryOperator<Workbook> change) {
        edit(label, "", change);
    }

    /** @param key edits with the same key in a row are undone as one: the typing in one field */
    public void edit(String label, String key, UnaryOperator<Workbook> change) {
        if (saver.isReadOnly()) {
            notice.set(Words.of("readOnly.notice"));
            return;
        }
        var before = book.get();
        var edit = new Edit(label, key, before, change.apply(before));
        if (edit.isNothing()) return;
        history.add(edit);
        notice.set("");
        put(edit.after(), !key.isEmpty());
    }

    public void editLesson(String label, UnaryOperator<Lesson> change) {
        editLesson(label, "", change);
    }

    public void editLesson(String label, String key, UnaryOperator<Lesson> change) {
        var id = lesson.get().id();
        edit(label, key.isEmpty() ? "" : id + "/" + key, b -> b.withLesson(id, change));
    }

    /** All that is known of homes goes, from the desk, from disk and from what can be undone. */
    public void forgetHomes() {
        if (saver.isReadOnly()) {
            notice.set(Words.of("readOnly.notice"));
            return;
        }
        history.clear();
        put(book.get().forgettingHomes(), false);
    }

    /** The next edit is an undo step of its own. */
    public void seal() {
        history.seal();
    }

    /** @return what was undone */
    public Optional<String> undo() {
        if (isHeld()) return Optional.empty();
        var label = history.undoLabel();
        history.undo().ifPresent(this::step);
        return label;
    }

    /** @return what was redone */
    public Optional<String> redo() {
        if (isHeld()) return Optional.empty();
        var label = history.redoLabel();
        history.redo().ifPresent(this::step);
        return label;
    }

    public Optional<String> undoLabel() {
        return history.undoLabel();
    }

    public Optional<String> redoLabel() {
        return history.redoLabel();
    }

    /** One step through the history; a lesson that changes by it comes onto the desk, so that the change is seen. */
    private void step(Workbook after) {
        if (saver.isReadOnly()) return;
        var before = book.get();
        var changed = after.lessons().stream()
                .filter(l -> before.lesson(l.id()).map(o -> o != l).orElse(true))
                .findFirst();
        put(after, false);
        changed.filter(l -> lesson.get() == null || !l.id().equals(lesson.get().id()))
                .ifPresent(l -> show(l.id()));
        history.seal();
    }

    private void put(Workbook after, boolean typed) {
        book.set(after);
        saver.save(after);
        var id = lesson.get() == null ? "" : lesson.get().id();
        var same = after.lesson(id).or(() -> after.lessons().stream().findFirst());
        if (same.isEmpty()) {
            lesson.set(null);
            outcome.set(null);
            latest = null;
            return;
        }
        lesson.set(same.get());
        if (!step.get().isEmpty() && same.get().step(step.get()).isEmpty())
            step.set(
                    same.get().steps().isEmpty()
                            ? ""
                            : same.get().steps().getFirst().id());
        if (!food.get().isEmpty() && same.get().food(food.get()).isEmpty())
            food.set(
                    same.get().foods().isEmpty()
                            ? ""
                            : same.get().foods().getFirst().id());
        recompute(typed);
    }

    /** Works something out where the lesson is worked out, one after the other, and takes it in on the interface thread. */
    <T> void work(Supplier<T> work, Consumer<T> taken) {
        if (worker.isShutdown()) return;
        worker.execute(() -> {
            var result = work.get();
            interfaceThread.execute(() -> taken.accept(result));
        });
    }

    /** Milliseconds in which what was typed or dragged is drawn before all cores are taken for what follows from it. */
    private static final int DRAWN = 40;
    /** Milliseconds that do not disturb a frame. */
    private static final int QUICK = 15;

    private record Wanted(Lesson lesson, Workbook workbook) {}

    private volatile Wanted latest;
    private volatile long took;

    /** @param goesOn the next letter may be under the finger already */
    private void recompute(boolean goesOn) {
        var mine = new Wanted(lesson.get(), book.get());
        latest = mine;
        worker.execute(() -> {
            if (mine != latest) return;
            if (goesOn && took > QUICK) pause();
            if (mine != latest) return;
            long start = System.nanoTime();
            var result = worked(mine.lesson(), mine.workbook());
            took = (System.nanoTime() - start) / 1_000_000;
            interfaceThread.execute(() -> {
                if (mine == latest) outcome.set(result);
            });
        });
    }

    private static void pause() {
        try {
            Thread.sleep(DRAWN);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Whatever happens, what follows is of the lesson on the desk, or says that it could not be worked out: never of an earlier one. */
    private Outcome worked(Lesson lesson, Workbook workbook) {
        var question = new Question(
                lesson,
                workbook.course(),
                Knowledge.of(workbook.course().foods()),
                workbook.households(),
                workbook.lessons(),
                Map.of(),
                Map.of());
        try {
            return Outcome.of(new Question(
                    lesson,
                    workbook.course(),
                    question.knowledge(),
                    workbook.households(),
                    workbook.lessons(),
                    Calibration.of(workbook),
                    handsPace(workbook)));
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
            return Outcome.failed(question, e);
        }
    }

    /** Whether what follows is of the lesson on the desk and not still being worked out: only then it may be handed out. */
    public boolean isCurrent() {
        return outcome.get() != null
                && outcome.get().lesson() == lesson.get()
                && outcome.get().course() == book.get().course();
    }

    /**
     * Somebody else has written a file of the course, and both versions have been looked at.
     *
     * @param asTheirs a workbook with that file as they wrote it
     * @param chosen what the course shall be
     */
    public void settle(CourseFolder.Foreign foreign, UnaryOperator<Workbook> asTheirs, Workbook chosen) {
        saver.settled(foreign, asTheirs);
        edit(Words.of("edit.foreign", foreign.file()), b -> chosen);
    }

    /** Waits until all that was asked for is worked out and on disk. Not from the interface thread. */
    public void settle() throws InterruptedException {
        var worked = new CountDownLatch(1);
        worker.execute(() -> interfaceThread.execute(worked::countDown));
        await(worked);
        saver.flush();
        var told = new CountDownLatch(1);
        interfaceThread.execute(told::countDown);
        await(told);
    }

    private static void await(CountDownLatch latch) throws InterruptedException {
        if (!latch.await(60, TimeUnit.SECONDS))
            throw new IllegalStateException("Bug: the background work has not ended in a minute");
    }

    @Override
    public void close() {
        live.leave();
        saver.close();
        worker.shutdownNow();
    }
}
