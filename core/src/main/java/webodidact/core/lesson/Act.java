package webodidact.core.lesson;

/** Something a step does to the kitchen that later steps depend on. */
public enum Act {
    WASH_HANDS("hands washed"), OVEN_ON("oven on"), OVEN_OFF("oven off"), RING_OFF("ring off");

    private final String title;

    Act(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
