package webodidact.formats.paper;

/** Sheets of sticky labels that shops sell, by their count and size in millimetres. */
enum LabelGrid {
    /** 3 × 7 of 63.5 × 38.1 mm on A4. */
    A4_21(3, 7, 63.5, 38.1, 2.5, 15.1, 7.2, 8.5),
    /** 2 × 5 of 101.6 × 50.8 mm on US Letter. */
    LETTER_10(2, 5, 101.6, 50.8, 4.8, 12.7, 4.0, 10);

    private final int across;
    private final int down;
    private final double width;
    private final double height;
    private final double gap;
    private final double top;
    private final double left;
    private final double points;

    LabelGrid(int across, int down, double width, double height, double gap, double top, double left, double points) {
        this.across = across;
        this.down = down;
        this.width = width;
        this.height = height;
        this.gap = gap;
        this.top = top;
        this.left = left;
        this.points = points;
    }

    static LabelGrid of(Sheet sheet) {
        return sheet == Sheet.LETTER ? LETTER_10 : A4_21;
    }

    int across() {
        return across;
    }

    int down() {
        return down;
    }

    double width() {
        return width;
    }

    double height() {
        return height;
    }

    /** A hair less than the lane, so that rounding moves nothing to the next sheet. */
    double tall() {
        return height - 0.1;
    }

    double used() {
        return height * down;
    }

    double gap() {
        return gap;
    }

    double top() {
        return top;
    }

    double left() {
        return left;
    }

    double points() {
        return points;
    }
}
