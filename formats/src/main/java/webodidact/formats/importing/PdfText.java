package webodidact.formats.importing;

import java.io.IOException;
import java.util.ArrayList;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.text.PDFTextStripper;

/** The words of a PDF that has words; a scanned one has none. */
final class PdfText {
    private PdfText() {}

    static Imported read(byte[] content) {
        try (var document = Loader.loadPDF(content)) {
            int pages = document.getNumberOfPages();
            var stripper = new PDFTextStripper();
            stripper.setSortByPosition(true);
            stripper.setEndPage(Limits.PAGES);
            var text = stripper.getText(document);
            if (text.isBlank()) throw new IllegalArgumentException(Words.say("pdf.scanned"));
            var left = new ArrayList<Imported.Left>();
            if (pages > Limits.PAGES)
                left.add(Imported.Left.of(Words.say("where.pages"), Limits.PAGES + 1 + "–" + pages));
            return Imported.text(Words.say("format.pdf"), Limits.checked(text.strip() + "\n"), left);
        } catch (InvalidPasswordException e) {
            throw new IllegalArgumentException(Words.say("pdf.locked"), e);
        } catch (IOException | RuntimeException e) {
            throw e instanceof IllegalArgumentException told
                    ? told
                    : new IllegalArgumentException(Words.say("pdf.broken"), e);
        }
    }
}
