package webodidact.core.edit;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import webodidact.core.lesson.Workbook;

/** What can be undone and redone. Not for use from two threads. */
public final class History {
    /** Older edits are forgotten. */
    public static final int DEPTH = 500;

    private final Deque<Edit> done = new ArrayDeque<>();
    private final Deque<Edit> undone = new ArrayDeque<>();
    private boolean sealed;

    /** Keeps the edit; one that changes nothing is ignored. */
    public void add(Edit edit) {
        if (edit.isNothing()) return;
        undone.clear();
        var merged =
                sealed || done.isEmpty() ? Optional.<Edit>empty() : done.peek().mergedWith(edit);
        sealed = false;
        if (merged.isPresent()) {
            done.pop();
            if (!merged.get().isNothing()) done.push(merged.get());
            return;
        }
        done.push(edit);
        if (done.size() > DEPTH) done.removeLast();
    }

    /** The next edit starts an undo step of its own. */
    public void seal() {
        sealed = true;
    }

    public Optional<Workbook> undo() {
        if (done.isEmpty()) return Optional.empty();
        var edit = done.pop();
        undone.push(edit);
        sealed = true;
        return Optional.of(edit.before());
    }

    public Optional<Workbook> redo() {
        if (undone.isEmpty()) return Optional.empty();
        var edit = undone.pop();
        done.push(edit);
        sealed = true;
        return Optional.of(edit.after());
    }

    /** Nothing can be undone or redone any more: what is to be forgotten must not come back. */
    public void clear() {
        done.clear();
        undone.clear();
        sealed = true;
    }

    public Optional<String> undoLabel() {
        return Optional.ofNullable(done.peek()).map(Edit::label);
    }

    public Optional<String> redoLabel() {
        return Optional.ofNullable(undone.peek()).map(Edit::label);
    }
}
