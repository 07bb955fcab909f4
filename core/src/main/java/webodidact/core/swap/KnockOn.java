package webodidact.core.swap;

/**
 * One consequence of a substitution.
 *
 * @param text one plain sentence or phrase
 */
public record KnockOn(Kind kind, String text) {
    public enum Kind {
        /** Water, salt, oil, temperature and taste. */
        CHANGE,
        /** More or less time at home, and what has to be begun before class. */
        TIME,
        /** A tool that is not on the kit list. */
        TOOL,
        /** A step whose words name the old food. */
        WORDING,
        /** A diet that holds or no longer holds. */
        DIET,
        /** Core temperature, hygiene, keeping. */
        SAFETY,
        /** A later step asks for what the stand-in cannot do. */
        BREAKS
    }
}
