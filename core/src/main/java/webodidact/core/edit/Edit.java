package webodidact.core.edit;

import java.util.Optional;
import webodidact.core.lesson.Workbook;

/**
 * A change as a value; with immutable workbooks the inverse is free.
 *
 * @param label what is undone, "Change the slot"
 * @param key edits with the same key that follow each other at once are one undo step; "" never merges
 */
public record Edit(String label, String key, Workbook before, Workbook after) {
    public boolean isNothing() {
        return before.equals(after);
    }

    /** Both as one, if {@code next} goes on where this one stopped. */
    public Optional<Edit> mergedWith(Edit next) {
        return !key.isEmpty() && key.equals(next.key) && after == next.before
                ? Optional.of(new Edit(label, key, before, next.after))
                : Optional.empty();
    }
}
