package webodidact.core.lesson;

/** Who does the step at home. */
public enum Who {
    LEARNER,
    ADULT_NEAR,
    ADULT,
    PRESENTER;

    public String title() {
        return Words.OURS.title(this);
    }
}
