package webodidact.formats.pdf;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/** Where the words of a PDF stand on its pages, so that a press on one of them can be understood. */
public final class PageLines {
    /**
     * A run of words on one line.
     *
     * @param page from 0
     * @param top from the upper edge, in points, as {@code bottom}
     * @param left from the left edge, in points
     */
    public record Line(int page, double left, double top, double bottom, String text) {}

    private PageLines() {}

    /** From the top of each page down. */
    public static List<Line> of(byte[] pdf) throws IOException {
        var all = new ArrayList<Line>();
        try (var document = Loader.loadPDF(pdf)) {
            var reader = new PDFTextStripper() {
                @Override
                protected void writeString(String text, List<TextPosition> positions) {
                    var first = positions.getFirst();
                    all.add(new Line(
                            getCurrentPageNo() - 1,
                            first.getXDirAdj(),
                            first.getYDirAdj() - first.getHeightDir(),
                            first.getYDirAdj(),
                            text.strip()));
                }
            };
            reader.setSortByPosition(true);
            reader.getText(document);
        }
        return List.copyOf(all);
    }
}
