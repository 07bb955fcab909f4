package webodidact.core.lesson;

/** Something a step does to the kitchen that later steps depend on. */
public enum Act {
    WASH_HANDS,
    OVEN_ON,
    OVEN_OFF,
    RING_OFF,
    LID_ON,
    LID_OFF,
    /** Oven or ring is hot already when the step begins. */
    HOT_ALREADY,
    /** The heat is off, and what is left in ring or oven goes on working. */
    KEEPS_HOT;

    public String title() {
        return Words.OURS.title(this);
    }
}
