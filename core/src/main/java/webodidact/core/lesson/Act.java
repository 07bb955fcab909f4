package webodidact.core.lesson;

/** Something a step does to the kitchen that later steps depend on. */
public enum Act {
    WASH_HANDS,
    OVEN_ON,
    OVEN_OFF,
    RING_OFF;

    public String title() {
        return Words.OURS.title(this);
    }
}
