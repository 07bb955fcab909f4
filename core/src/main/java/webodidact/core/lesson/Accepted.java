package webodidact.core.lesson;


/** A stop that is covered: the instructor has written why it is all right. */
public record Accepted(String check, String where, String reason) {
    public Accepted {
        if (check == null || check.isBlank()) throw new IllegalArgumentException("Covered stop: expected the id of its check");
        where = where == null ? "" : where;
        if (reason == null || reason.isBlank()) throw new IllegalArgumentException("'" + check + "': write the reason it is covered");
    }
}
