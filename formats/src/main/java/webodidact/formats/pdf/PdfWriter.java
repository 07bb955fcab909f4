package webodidact.formats.pdf;

import com.openhtmltopdf.bidi.support.ICUBidiReorderer;
import com.openhtmltopdf.bidi.support.ICUBidiSplitter;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.outputdevice.helper.ExternalResourceControlPriority;
import com.openhtmltopdf.pdfboxout.PDFontSupplier;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import webodidact.formats.fonts.Fonts;

/** XHTML to a tagged PDF with our own fonts in it. Nothing from outside the page is fetched. */
public final class PdfWriter {
    static {
        XRLog.setLoggingEnabled(false);
    }

    private PdfWriter() {}

    /** Heads of a table stand again on each of its pages. */
    private static final String HEADS_AGAIN = "-fs-table-paginate: paginate;";

    public static byte[] write(String html) throws IOException {
        try {
            return written(html);
        } catch (NullPointerException e) {
            // The library loses its place in the tags of one table in thirty that goes on on another page with its
            // heads: without
            // them it is whole.
            if (!html.contains(HEADS_AGAIN)) throw e;
            return written(html.replace(HEADS_AGAIN, ""));
        }
    }

    private static byte[] written(String html) throws IOException {
        var out = new ByteArrayOutputStream();
        try (var document = new PDDocument();
                var typefaces = new Typefaces(document)) {
            var builder = builder(html, document, typefaces);
            builder.toStream(out);
            builder.run();
        }
        return out.toByteArray();
    }

    /**
     * How many pages it makes: laid out, and neither drawn nor written, which is more than half of the work. One in thirty whose heads
     * cannot be drawn again ({@link #write}) may be a page shorter.
     */
    public static int pages(String html) throws IOException {
        try (var document = new PDDocument();
                var typefaces = new Typefaces(document);
                var renderer = builder(html, document, typefaces).buildPdfRenderer()) {
            renderer.layout();
            return renderer.getRootBox().getLayer().getPages().size();
        }
    }

    private static PdfRendererBuilder builder(String html, PDDocument document, Typefaces typefaces)
            throws IOException {
        var builder = new PdfRendererBuilder();
        builder.usePDDocument(document);
        for (var face : Fonts.ALL)
            builder.useFont(
                    new PDFontSupplier(typefaces.of(face)), face.family(), face.weight(), FontStyle.NORMAL, true);
        // Parsed only where a page needs them: they are larger than all others together.
        for (var face : Glyphs.needed(html))
            builder.useFont(
                    new PDFontSupplier(typefaces.of(face)), face.family(), face.weight(), FontStyle.NORMAL, true);
        if (Glyphs.isRightToLeft(html)) {
            builder.useUnicodeBidiSplitter(new ICUBidiSplitter.ICUBidiSplitterFactory());
            builder.useUnicodeBidiReorderer(new ICUBidiReorderer());
        }
        builder.useExternalResourceAccessControl(
                (uri, type) -> false, ExternalResourceControlPriority.RUN_BEFORE_RESOLVING_URI);
        builder.useUnicodeLineBreaker(new Lines());
        builder.usePdfUaAccessibility(true);
        builder.withHtmlContent(Bookmarks.in(html), null);
        return builder;
    }
}
