package webodidact.core.lesson;

/** Where in the kitchen a step happens. */
public enum Place {
    BENCH,
    RING,
    OVEN,
    MICROWAVE,
    BLENDER,
    /** The fridge. */
    COLD,
    FREEZER;

    public String title() {
        return Words.OURS.title(this);
    }

    public boolean isHot() {
        return this == RING || this == OVEN || this == MICROWAVE;
    }

    public boolean isCold() {
        return this == COLD || this == FREEZER;
    }
}
