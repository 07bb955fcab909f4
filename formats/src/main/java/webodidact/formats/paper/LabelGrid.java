package webodidact.formats.paper;

import java.util.Arrays;
import java.util.List;

/** Sheets of sticky labels that shops sell, by the page and how many are on it; lengths in millimetres, all sizes in common use. */
public enum LabelGrid {
    A4_65(Sheet.A4, 5, 13, 38.1, 21.2, 2.5, 7),
    A4_24(Sheet.A4, 3, 8, 63.5, 33.9, 2.5, 8.5),
    A4_21(Sheet.A4, 3, 7, 63.5, 38.1, 2.5, 8.5),
    A4_14(Sheet.A4, 2, 7, 99.1, 38.1, 2.5, 10),
    A4_8(Sheet.A4, 2, 4, 99.1, 67.7, 2.5, 12),
    LETTER_30(Sheet.LETTER, 3, 10, 66.7, 25.4, 3.1, 8),
    LETTER_20(Sheet.LETTER, 2, 10, 101.6, 25.4, 4.8, 9),
    LETTER_14(Sheet.LETTER, 2, 7, 101.6, 33.9, 4.8, 10),
    LETTER_10(Sheet.LETTER, 2, 5, 101.6, 50.8, 4.8, 10),
    LETTER_6(Sheet.LETTER, 2, 3, 101.6, 84.7, 4.8, 12);

    private final Sheet sheet;
    private final int across;
    private final int down;
    private final double width;
    private final double height;
    private final double gap;
    private final double points;

    LabelGrid(Sheet sheet, int across, int down, double width, double height, double gap, double points) {
        this.sheet = sheet;
        this.across = across;
        this.down = down;
        this.width = width;
        this.height = height;
        this.gap = gap;
        this.points = points;
    }

    /** Those of a page, the smallest labels first. */
    public static List<LabelGrid> on(Sheet sheet) {
        return Arrays.stream(values()).filter(g -> g.sheet == sheet).toList();
    }

    /** What is taken where nobody has chosen. */
    public static LabelGrid usual(Sheet sheet) {
        return sheet == Sheet.LETTER ? LETTER_10 : A4_21;
    }

    public Sheet sheet() {
        return sheet;
    }

    /** Labels on a sheet. */
    public int count() {
        return across * down;
    }

    /** "21 of 63.5 × 38.1 mm". */
    public String title() {
        return Words.say("label.grid", count(), width, height);
    }

    int across() {
        return across;
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

    /** The labels stand in the middle of their sheet. */
    double top() {
        return (sheet.height() - used()) / 2;
    }

    double left() {
        return (sheet.width() - width * across - gap * (across - 1)) / 2;
    }

    /** The size of letters that is read at arm's length; smaller ones are taken where the words need it. */
    double points() {
        return points;
    }
}
