package webodidact.formats.paper;

/**
 * How a paper is printed.
 *
 * @param large letters of 16 points and more, in one column
 * @param spaced more room between letters, words and lines, for readers whom that helps
 */
public record Print(Sheet sheet, boolean large, boolean spaced) {
    public static final Print USUAL = new Print(Sheet.A4, false, false);

    public Print on(Sheet other) {
        return new Print(other, large, spaced);
    }

    public Print large(boolean on) {
        return new Print(sheet, on, spaced);
    }

    public Print spaced(boolean on) {
        return new Print(sheet, large, on);
    }

    /** Whether a page has the room for two columns. */
    boolean hasColumns() {
        return !large && !spaced;
    }
}
