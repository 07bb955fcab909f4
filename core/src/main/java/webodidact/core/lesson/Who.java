package webodidact.core.lesson;

/** Who does a step: at home, or before the camera. */
public enum Who {
    LEARNER,
    ADULT_NEAR,
    ADULT,
    PRESENTER,
    HELPER;

    /** Homes only watch. */
    public boolean isBeforeCamera() {
        return this == PRESENTER || this == HELPER;
    }

    public String title() {
        return Words.OURS.title(this);
    }
}
