package webodidact.core.lesson;

/** How a lesson was run. */
public enum TakeKind {
    /** For the homes, or as they will see it. */
    LIVE,
    /** A part of a recording. */
    PART,
    /** Without an audience, hands and words as on air. */
    REHEARSAL,
    /** Spoken through at the table: its times say how long the words are, not the hands. */
    WORDS;

    public String title() {
        return Words.OURS.title(this);
    }

    public boolean isRehearsal() {
        return this == REHEARSAL || this == WORDS;
    }

    /** Homes cook along, or play at it. */
    public boolean hasHomes() {
        return this == LIVE || this == REHEARSAL;
    }

    /** The camera is off between parts, and what went wrong is done again. */
    public boolean hasParts() {
        return this == PART;
    }

    public static TakeKind usual(Delivery delivery) {
        return delivery.isLive() ? LIVE : PART;
    }
}
