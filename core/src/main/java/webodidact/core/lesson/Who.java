package webodidact.core.lesson;

/** Who does the step at home. */
public enum Who {
    LEARNER("learner alone"), ADULT_NEAR("learner, adult near"), ADULT("adult does this"), PRESENTER("watch only");

    private final String title;

    Who(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
