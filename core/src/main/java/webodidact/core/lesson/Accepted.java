package webodidact.core.lesson;

import java.util.Objects;

/** A stop that is covered: the instructor has written why it is all right. */
public record Accepted(String check, String where, String reason) {
    public Accepted {
        Objects.requireNonNull(check, "check");
        where = where == null ? "" : where;
        if (reason == null || reason.isBlank()) throw new IllegalArgumentException("'" + check + "': write the reason it is covered");
    }
}
