package webodidact.formats.paper;

/** Whom papers are for. */
public enum PaperGroup {
    HOMES,
    INSTRUCTOR,
    HELPERS,
    EDITORS;

    public String title() {
        return Words.OURS.title(this);
    }
}
