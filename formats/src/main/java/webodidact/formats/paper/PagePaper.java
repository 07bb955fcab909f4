package webodidact.formats.paper;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import webodidact.core.outcome.Outcome;
import webodidact.formats.pdf.PdfWriter;

/** A paper that is printed, or read on a phone. */
public non-sealed interface PagePaper extends Paper {
    /** The page in the language spoken here. */
    String written(Edition edition, Medium medium);

    /** PRINT: for the writer of PDF, boxes are drawn; SCREEN: for a browser, boxes can be ticked. */
    enum Medium {
        PRINT,
        SCREEN
    }

    /** A whole page in XHTML, styles inside, nothing fetched from outside. */
    default String html(Edition edition, Medium medium) {
        return edition.speaking(() -> written(edition, medium));
    }

    /** What is worth knowing of how it lies on its pages before it is printed, or "". */
    default String remark(Edition edition) {
        return "";
    }

    /** As it is printed for any home. */
    default String html(Outcome outcome) {
        return html(Edition.of(outcome), Medium.PRINT);
    }

    default byte[] pdf(Edition edition) throws IOException {
        return PdfWriter.write(html(edition, Medium.PRINT));
    }

    @Override
    default List<String> endings() {
        return List.of("pdf", "html");
    }

    @Override
    default Map<String, byte[]> files(Edition edition) throws IOException {
        var all = new LinkedHashMap<String, byte[]>();
        all.put("pdf", pdf(edition));
        all.put("html", ("<!DOCTYPE html>\n" + html(edition, Medium.SCREEN)).getBytes(StandardCharsets.UTF_8));
        return all;
    }
}
