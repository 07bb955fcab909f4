package webodidact.desktop.state;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import webodidact.core.air.AirEvent;
import webodidact.core.air.AirKey;
import webodidact.core.air.AirPlan;
import webodidact.core.air.AirRun;
import webodidact.core.air.AirTime;
import webodidact.core.air.Moment;
import webodidact.core.lesson.Ids;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.TakeKind;
import webodidact.core.time.Clock;
import webodidact.desktop.words.Words;
import webodidact.formats.air.AirJournal;
import webodidact.formats.air.Recorder;

/**
 * A lesson on air. It belongs to the workspace and goes on, its timers with it, whatever station is looked at. Every key is in the
 * course's journal before it has an effect: a run that was cut off, by a closed window or a power cut, is taken up again where it would be
 * now. What was run is kept as takes after each step. On the interface thread only.
 */
public final class LiveRun {
    /** Seconds in which a run that was ended by mistake can be taken up again. */
    public static final int MISTAKE = 60;

    private final Workspace workspace;
    private final ReadOnlyObjectWrapper<AirRun> run = new ReadOnlyObjectWrapper<>();
    private final List<AirEvent> events = new ArrayList<>();
    private Consumer<Moment> listener = m -> {};
    private final ExecutorService disk = Executors.newSingleThreadExecutor(r -> Workspace.daemon(r, "journal"));

    private AirJournal.Head head;
    private AirJournal journal;
    private Ticker ticker;
    private AirTime time;
    private ZoneId zone;
    private List<Take> kept = List.of();
    private Instant ended;
    /** As it stood when it ended; null before. */
    private AirRun over;

    LiveRun(Workspace workspace) {
        this.workspace = workspace;
    }

    /** As it stands; null while nothing is on air. */
    public ReadOnlyObjectProperty<AirRun> runProperty() {
        return run.getReadOnlyProperty();
    }

    public boolean isRunning() {
        return run.get() != null;
    }

    /** What a timer calls for, when it does; the last desk that asked hears it, once. */
    public void onMoment(Consumer<Moment> desk) {
        listener = desk;
    }

    /** The takes of the run that ended last, until it is put away; empty if it had not got anywhere. */
    public List<Take> kept() {
        return kept;
    }

    /** A run of this course that was cut off. */
    public Optional<AirJournal.Kept> cutOff() {
        if (isRunning() || ended != null || workspace.saver().isReadOnly()) return Optional.empty();
        return AirJournal.read(workspace.folder().path()).filter(k -> !k.isOver());
    }

    /** The lesson on the desk goes on air, by that clock. */
    public void start(Ticker clock, TakeKind kind) {
        var id = Ids.next(
                "take-", workspace.book().takes().stream().map(Take::id).toList());
        events.clear();
        head = new AirJournal.Head(id, clock.instant(), AirPlan.of(workspace.outcome(), kind));
        begin(clock, 0);
        boolean kept = open(true);
        run.set(AirRun.start(head.plan()));
        if (!kept) unwritten();
    }

    /** Goes on with a run that was cut off: food and timers are where they would be. */
    public void takeUp(AirJournal.Kept cut, Ticker clock) {
        head = cut.head();
        events.clear();
        events.addAll(cut.events());
        int second = cut.second(clock.instant());
        begin(clock, second);
        boolean goesOn = open(false);
        workspace.show(head.plan().lesson().id());
        run.set(AirEvent.run(head.plan(), events).at(second));
        if (!goesOn) unwritten();
    }

    private void begin(Ticker clock, int second) {
        ticker = clock;
        zone = clock.zone();
        var started = clock.reading();
        time = AirTime.start(started.wall(), started.millis(), second * 1000L);
        kept = List.of();
        ended = null;
    }

    /** @return false where nothing of it can be kept */
    private boolean open(boolean fresh) {
        close();
        if (workspace.saver().isReadOnly()) return true;
        try {
            var folder = workspace.folder().path();
            journal = fresh ? AirJournal.begin(folder, head) : AirJournal.goOn(folder);
            return true;
        } catch (IOException e) {
            return false;
        }
    }

    private void unwritten() {
        workspace.noticeProperty().set(Words.of("air.noJournal"));
    }

    /** Takes in the time up to now. */
    public void tick() {
        if (!isRunning()) return;
        time = now();
        if (time.jumped() != 0)
            workspace
                    .noticeProperty()
                    .set(Words.of(
                            time.jumped() > 0 ? "air.slept" : "air.setBack", Clock.text(Math.abs(time.jumped()))));
        var before = run.get();
        if (time.second() <= before.elapsed()) return;
        var now = before.at(time.second());
        run.set(now);
        for (var moment : Moment.between(now, before.elapsed(), now.elapsed())) listener.accept(moment);
    }

    public void key(AirKey key) {
        key(key, "");
    }

    /** Takes in the time up to now, then does what the key does. @param what see {@link AirKey#on} */
    public void key(AirKey key, String what) {
        if (!isRunning()) return;
        tick();
        if (key == AirKey.UNDO && !AirEvent.canUndo(events)) return;
        var before = run.get();
        write(new AirEvent(before.elapsed(), key, what));
        var after = AirEvent.run(head.plan(), events).at(before.elapsed());
        if (after.isOver()) {
            write(AirEvent.of(after.elapsed(), AirKey.END));
            finish(after);
            return;
        }
        run.set(after);
        if (after.index() != before.index()
                || after.slates().size() != before.slates().size()) keep(after);
    }

    /** Ends it where it is: what was run is kept, the step that is on air included. */
    public void end() {
        if (!isRunning()) return;
        tick();
        write(AirEvent.of(run.get().elapsed(), AirKey.END));
        finish(run.get());
    }

    /** Whether the run that ended last can still be taken up again. */
    public boolean canTakeUpAgain(Ticker clock) {
        return ended != null && Duration.between(ended, clock.instant()).getSeconds() <= MISTAKE;
    }

    /** It was ended by mistake: it goes on as if it had not been. */
    public void takeUpAgain() {
        if (!canTakeUpAgain(ticker)) return;
        time = now();
        int second = time.second();
        boolean goesOn = open(false);
        AirRun again;
        do {
            write(AirEvent.of(second, AirKey.UNDO));
            again = AirEvent.run(head.plan(), events);
        } while (again.isOver());
        kept = List.of();
        ended = null;
        run.set(again.at(second));
        if (!goesOn) unwritten();
    }

    /** Puts the takes that were told of away, so that the next run can begin. */
    public void again() {
        kept = List.of();
        ended = null;
    }

    /** What was cut off is kept as a take as far as its keys tell, and not gone on with. */
    public void keepCutOff(AirJournal.Kept cut, ZoneId where) {
        var stood = AirEvent.run(cut.head().plan(), cut.events());
        store(
                stood.toTakes(
                        cut.head().take(), LocalDateTime.ofInstant(cut.head().air(), where)),
                cut.head().take());
        try {
            AirJournal.putAway(workspace.folder().path());
        } catch (IOException e) {
            unwritten();
        }
    }

    private void write(AirEvent event) {
        events.add(event);
        if (journal == null) return;
        try {
            journal.add(event, ticker.instant());
        } catch (IOException e) {
            unwritten();
            return;
        }
        var open = journal;
        disk.execute(() -> {
            try {
                open.force();
            } catch (IOException e) {
                // Told at the next key: writing it fails, too.
            }
        });
    }

    /** The run that ended last, as it stood: what is still hot, where it stopped. */
    public Optional<AirRun> over() {
        return Optional.ofNullable(over);
    }

    /** The clock of the run. */
    public Ticker ticker() {
        return ticker;
    }

    private void finish(AirRun last) {
        over = last;
        kept = keep(last);
        record(last);
        ended = ticker.instant();
        run.set(null);
    }

    private void record(AirRun last) {
        if (workspace.saver().isReadOnly() || last.plan().kind().isRehearsal()) return;
        var recorder = Recorder.simulated(workspace.folder().path());
        var take = head.take();
        disk.execute(() -> {
            try {
                recorder.over(last, take);
            } catch (IOException e) {
                // The takes are kept all the same; a device has its own.
            }
        });
    }

    /** After each step; all of a run is one undo. */
    private List<Take> keep(AirRun soFar) {
        var takes = soFar.toTakes(
                head.take(), LocalDateTime.ofInstant(head.air(), zone).withNano(0));
        store(takes, head.take());
        return takes;
    }

    private void store(List<Take> takes, String key) {
        if (takes.isEmpty()) return;
        workspace.edit(Words.of("edit.take"), key, b -> {
            for (var take : takes) b = b.adding(take);
            return b;
        });
    }

    /** The window is closed: what was run is kept, and the run itself can be taken up again. */
    public void leave() {
        if (isRunning()) {
            tick();
            keep(run.get());
            run.set(null);
        }
        close();
    }

    private void close() {
        if (journal == null) return;
        try {
            journal.close();
        } catch (IOException e) {
            // All of it is with the system already.
        }
        journal = null;
    }

    private AirTime now() {
        var reading = ticker.reading();
        return time.read(reading.wall(), reading.millis());
    }
}
