package webodidact.core.food;

/** Where it is kept at home or bought. */
public enum Shelf {
    FRIDGE,
    GREENGROCER,
    FREEZER,
    CUPBOARD,
    SPICE,
    TAP,
    OTHER;

    /** Kept cold on the way, too. */
    public boolean isCold() {
        return this == FRIDGE || this == FREEZER;
    }

    public String title() {
        return Words.OURS.title(this);
    }
}
