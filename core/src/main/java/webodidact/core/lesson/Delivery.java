package webodidact.core.lesson;

/** How the lesson reaches the homes. A live one cannot be cut or sped up. */
public enum Delivery {
    RECORDED("recorded in parts"), COOK_ALONG("live cook-along"), DEMONSTRATION("live demonstration");

    private final String title;

    Delivery(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    public boolean isLive() {
        return this != RECORDED;
    }

    /** Whether homes cook while it runs, so that their pace matters. */
    public boolean homesCookAlong() {
        return this == COOK_ALONG;
    }
}
