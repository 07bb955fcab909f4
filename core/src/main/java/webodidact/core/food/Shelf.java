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

    public String title() {
        return Words.OURS.title(this);
    }
}
