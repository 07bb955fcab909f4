package webodidact.core.food;

/** What a tool can hurt with. */
public enum Hazard {
    NONE,
    BLADE,
    HEAT,
    GLASS,
    ELECTRICAL;

    /** For people, in the language spoken here. */
    public String title() {
        return Words.OURS.title(this);
    }
}
