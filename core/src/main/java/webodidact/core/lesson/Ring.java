package webodidact.core.lesson;

/** How hot a ring is set. */
public enum Ring {
    LOW,
    MEDIUM,
    HIGH;

    public String title() {
        return Words.OURS.title(this);
    }
}
