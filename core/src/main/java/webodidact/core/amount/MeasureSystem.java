package webodidact.core.amount;

/** Whose spoons, cups and pints are meant. The same word is a different size in another system. */
public enum MeasureSystem {
    METRIC,
    US,
    IMPERIAL,
    AU;

    /** As shown in a choice. */
    public String title() {
        return Words.OURS.title(this);
    }
}
