package webodidact.core.lesson;

/** What a step is for. */
public enum Kind {
    WELCOME("welcome"), RUN_THROUGH("run-through"), HYGIENE("hygiene"), HANDS_ON("hands-on"),
    TALK("talk"), TASTE("taste"), PLATE("plate"), TASK("task and goodbye");

    private final String title;

    Kind(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    /** Hands work on food in it. */
    public boolean isHandsOn() {
        return this == HANDS_ON || this == PLATE || this == TASTE;
    }
}
