package webodidact.core.lesson;

/** How the lesson reaches the homes. A live one cannot be cut or sped up. */
public enum Delivery {
    RECORDED,
    COOK_ALONG,
    DEMONSTRATION;

    public String title() {
        return Words.OURS.title(this);
    }

    public boolean isLive() {
        return this != RECORDED;
    }

    /** Whether homes cook while it runs, so that their pace matters. */
    public boolean homesCookAlong() {
        return this == COOK_ALONG;
    }
}
