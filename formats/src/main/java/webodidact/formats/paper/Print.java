package webodidact.formats.paper;

/**
 * How a paper is printed.
 *
 * @param large letters of 16 points and more, in one column
 * @param spaced more room between letters, words and lines, for readers whom that helps
 * @param labels the sheets of sticky labels that labels are printed on, of that page
 * @param first the first label of the first sheet that is still there, from 1
 */
public record Print(Sheet sheet, boolean large, boolean spaced, LabelGrid labels, int first) {
    public static final Print USUAL = new Print(Sheet.A4, false, false);

    /** @throws IllegalArgumentException if the labels are of another page, or have no such label */
    public Print {
        if (labels.sheet() != sheet)
            throw new IllegalArgumentException(Words.say("label.other", labels.title(), sheet.title()));
        if (first < 1 || first > labels.count())
            throw new IllegalArgumentException(Words.say("label.first", first, labels.count()));
    }

    public Print(Sheet sheet, boolean large, boolean spaced) {
        this(sheet, large, spaced, LabelGrid.usual(sheet), 1);
    }

    public Print on(Sheet other) {
        return other == sheet ? this : new Print(other, large, spaced);
    }

    public Print large(boolean on) {
        return new Print(sheet, on, spaced, labels, first);
    }

    public Print spaced(boolean on) {
        return new Print(sheet, large, on, labels, first);
    }

    /** On these labels, from the first of a sheet. */
    public Print on(LabelGrid other) {
        return new Print(other.sheet(), large, spaced, other, 1);
    }

    /** On a sheet of which the labels before that one are gone. */
    public Print from(int label) {
        return new Print(sheet, large, spaced, labels, label);
    }

    /** Whether a page has the room for two columns. */
    boolean hasColumns() {
        return !large && !spaced;
    }
}
