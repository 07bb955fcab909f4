package webodidact.core.lesson;

/** Where in the kitchen a step happens. */
public enum Place {
    BENCH,
    RING,
    OVEN,
    /** Under a grill, the oven's or one of its own. */
    GRILL,
    MICROWAVE,
    /** What stands on the worktop and heats by itself: an air fryer, a slow cooker, a pressure or rice cooker. */
    COUNTERTOP,
    BLENDER,
    /** The fridge. */
    COLD,
    FREEZER;

    public String title() {
        return Words.OURS.title(this);
    }

    public boolean isHot() {
        return this == RING || this == OVEN || this == GRILL || this == MICROWAVE || this == COUNTERTOP;
    }

    public boolean isCold() {
        return this == COLD || this == FREEZER;
    }
}
