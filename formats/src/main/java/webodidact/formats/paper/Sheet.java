package webodidact.formats.paper;

/** The size of paper. */
public enum Sheet {
    A4("A4", 297),
    LETTER("letter", 279);

    private final String css;
    private final int height;

    Sheet(String css, int height) {
        this.css = css;
        this.height = height;
    }

    String css() {
        return css;
    }

    /** In millimetres, standing. */
    int height() {
        return height;
    }

    public String title() {
        return Words.OURS.title(this);
    }
}
