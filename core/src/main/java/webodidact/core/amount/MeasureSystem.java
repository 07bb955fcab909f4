package webodidact.core.amount;

/** Whose spoons, cups and pints are meant. The same word is a different size in another system. */
public enum MeasureSystem {
    METRIC("metric, spoons"), US("US cups"), IMPERIAL("imperial"), AU("Australian");

    private final String title;

    MeasureSystem(String title) {
        this.title = title;
    }

    /** As shown in a choice. */
    public String title() {
        return title;
    }
}
