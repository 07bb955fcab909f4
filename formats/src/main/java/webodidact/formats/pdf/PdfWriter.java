package webodidact.formats.pdf;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.outputdevice.helper.ExternalResourceControlPriority;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import webodidact.formats.fonts.Fonts;

/** XHTML to a tagged PDF with our own fonts in it. Nothing from outside the page is fetched. */
public final class PdfWriter {
    static {
        XRLog.setLoggingEnabled(false);
    }

    private PdfWriter() {}

    public static byte[] write(String html) throws IOException {
        var out = new ByteArrayOutputStream();
        var builder = new PdfRendererBuilder();
        for (var face : Fonts.ALL) builder.useFont(face::open, face.family(), face.weight(), FontStyle.NORMAL, true);
        builder.useExternalResourceAccessControl((uri, type) -> false, ExternalResourceControlPriority.RUN_BEFORE_RESOLVING_URI);
        builder.usePdfUaAccessibility(true);
        builder.withHtmlContent(html, null);
        builder.toStream(out);
        builder.run();
        return out.toByteArray();
    }
}
