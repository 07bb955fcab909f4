package webodidact.formats.paper;

/** The size of paper. */
public enum Sheet {
    A4("A4", 210, 297),
    LETTER("letter", 215.9, 279.4);

    private final String css;
    private final double width;
    private final double height;

    Sheet(String css, double width, double height) {
        this.css = css;
        this.width = width;
        this.height = height;
    }

    String css() {
        return css;
    }

    /** In millimetres, standing. */
    double width() {
        return width;
    }

    /** In millimetres, standing. */
    double height() {
        return height;
    }

    public String title() {
        return Words.OURS.title(this);
    }
}
