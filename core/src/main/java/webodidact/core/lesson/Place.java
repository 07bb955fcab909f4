package webodidact.core.lesson;

/** Where in the kitchen a step happens. */
public enum Place {
    BENCH("bench"), RING("ring"), OVEN("oven"), MICROWAVE("microwave"), BLENDER("blender"), COLD("fridge");

    private final String title;

    Place(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    public boolean isHot() {
        return this == RING || this == OVEN || this == MICROWAVE;
    }
}
