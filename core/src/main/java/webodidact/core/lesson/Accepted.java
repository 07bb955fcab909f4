package webodidact.core.lesson;

import java.time.LocalDate;

/**
 * A finding that is covered: the instructor has written why it is all right.
 *
 * @param by who wrote it, or ""
 * @param on the day, or null where an older file does not tell
 * @param stood what stood there then, as a sum; "" where an older file does not tell
 */
public record Accepted(String check, String where, String reason, String by, LocalDate on, String stood) {
    public Accepted(String check, String where, String reason) {
        this(check, where, reason, "", null, "");
    }

    public Accepted {
        by = by == null ? "" : by;
        stood = stood == null ? "" : stood;
        if (check == null || check.isBlank()) throw new IllegalArgumentException(Words.OURS.say("wrong.accepted"));
        where = where == null ? "" : where;
        if (reason == null || reason.isBlank())
            throw new IllegalArgumentException(Words.OURS.say("wrong.accepted.2", check));
    }
}
