package webodidact.formats.pdf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.multipdf.PDFMergerUtility;

/** Several PDFs as one, to be printed in one go. */
public final class Merged {
    private Merged() {}

    /** In their order. @param pdfs one or more */
    public static byte[] of(List<byte[]> pdfs) throws IOException {
        if (pdfs.size() == 1) return pdfs.getFirst();
        var out = new ByteArrayOutputStream();
        var merger = new PDFMergerUtility();
        for (var pdf : pdfs) merger.addSource(new RandomAccessReadBuffer(pdf));
        merger.setDestinationStream(out);
        merger.mergeDocuments(IOUtils.createMemoryOnlyStreamCache());
        return out.toByteArray();
    }
}
