package webodidact.formats.pdf;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** A PDF as pictures, for the preview: what is shown is what is printed. */
public final class PageImages {
    /** One page; {@code argb} row by row. */
    public record Page(int width, int height, int[] argb) {}

    private PageImages() {}

    public static int count(byte[] pdf) throws IOException {
        try (var document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        }
    }

    /** @param dpi dots an inch, 40 to 300 */
    public static List<Page> render(byte[] pdf, int dpi) throws IOException {
        try (var document = Loader.loadPDF(pdf)) {
            var renderer = new PDFRenderer(document);
            var pages = new ArrayList<Page>();
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                var image = renderer.renderImageWithDPI(i, dpi, ImageType.ARGB);
                int w = image.getWidth();
                int h = image.getHeight();
                pages.add(new Page(w, h, image.getRGB(0, 0, w, h, null, 0, w)));
            }
            return pages;
        }
    }
}
