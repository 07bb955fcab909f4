package webodidact.core.lesson;

/** What a step is for. */
public enum Kind {
    WELCOME,
    RUN_THROUGH,
    HYGIENE,
    HANDS_ON,
    TALK,
    TASTE,
    PLATE,
    TASK;

    public String title() {
        return Words.OURS.title(this);
    }

    /** Hands work on food in it. */
    public boolean isHandsOn() {
        return this == HANDS_ON || this == PLATE || this == TASTE;
    }
}
