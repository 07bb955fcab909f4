package webodidact.desktop.state;

import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import webodidact.core.air.AirRun;
import webodidact.core.lesson.Ids;
import webodidact.core.lesson.Take;
import webodidact.core.outcome.Outcome;
import webodidact.desktop.words.Words;

/**
 * A lesson on air. It belongs to the workspace and goes on, its timers with it, whatever station is looked at; it ends when it is over,
 * when somebody ends it and when the course is closed, and what was run is kept each time. On the interface thread only.
 */
public final class LiveRun {
    private final Workspace workspace;
    private final ReadOnlyObjectWrapper<AirRun> run = new ReadOnlyObjectWrapper<>();
    /** What the run began with: its take is of that lesson, whatever comes onto the desk meanwhile. */
    private Outcome started;

    private Ticker ticker;
    private long last;
    private String takeId = "";
    private Take kept;

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

    /** What the run began with; null before the first. */
    public Outcome started() {
        return started;
    }

    /** The take of the run that ended last, until it is put away; empty if it had not got anywhere. */
    public Optional<Take> kept() {
        return Optional.ofNullable(kept);
    }

    /** The lesson on the desk goes on air, by that clock. */
    public void start(Ticker clock) {
        started = workspace.outcome();
        ticker = clock;
        last = clock.seconds();
        takeId = Ids.next(
                "take-", workspace.book().takes().stream().map(Take::id).toList());
        kept = null;
        run.set(AirRun.start(started.schedule()));
    }

    /** Takes in the time up to now. */
    public void tick() {
        if (!isRunning()) return;
        long now = ticker.seconds();
        if (now == last) return;
        int passed = (int) (now - last);
        last = now;
        run.set(run.get().tick(passed));
    }

    /** Takes in the time up to now, then moves on. */
    public void move(UnaryOperator<AirRun> by) {
        if (!isRunning()) return;
        tick();
        int step = run.get().index();
        var moved = by.apply(run.get());
        if (moved.isOver()) {
            finish(moved);
            return;
        }
        run.set(moved);
        if (moved.index() != step) keep(moved);
    }

    /** Ends it where it is: what was run is kept, the step that is on air included. */
    public void end() {
        if (!isRunning()) return;
        tick();
        finish(run.get());
    }

    /** Puts the take that was told of away, so that the next run can begin. */
    public void again() {
        kept = null;
    }

    private void finish(AirRun ended) {
        kept = keep(ended);
        run.set(null);
    }

    /** After each step, so that a power cut on air loses that step at most; all of a run is one undo. Null if there is nothing yet. */
    private Take keep(AirRun soFar) {
        var take = soFar.toTake(
                takeId,
                started.lesson().id(),
                ticker.now().minusSeconds(soFar.elapsed()).withNano(0));
        if (take.steps().isEmpty()) return null;
        workspace.edit(Words.of("edit.take"), takeId, b -> b.adding(take));
        return take;
    }
}
