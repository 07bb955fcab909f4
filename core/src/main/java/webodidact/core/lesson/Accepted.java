package webodidact.core.lesson;

/** A stop that is covered: the instructor has written why it is all right. */
public record Accepted(String check, String where, String reason) {
    public Accepted {
        if (check == null || check.isBlank()) throw new IllegalArgumentException(Words.OURS.say("wrong.accepted"));
        where = where == null ? "" : where;
        if (reason == null || reason.isBlank())
            throw new IllegalArgumentException(Words.OURS.say("wrong.accepted.2", check));
    }
}
