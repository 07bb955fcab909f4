package webodidact.desktop.view.papers;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Collections;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import webodidact.formats.paper.Edition;
import webodidact.formats.paper.PagePaper;
import webodidact.formats.pdf.PdfWriter;

/**
 * How many pages papers have. One whose words are as they were is not laid out again, whichever window asks: most edits change a few of
 * them only.
 */
final class PageCounts {
    /** Counts that are remembered: those of all papers of a dozen lessons. */
    private static final int MOST = 300;

    /** By what the page says, in a few letters: pages themselves are large. */
    private static final Map<String, String> KNOWN = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, String> eldest) {
            return size() > MOST;
        }
    });

    private PageCounts() {}

    /** The number of pages; "!" for one that cannot be written, which says why when it is looked at. */
    static String of(PagePaper paper, Edition edition) {
        try {
            var html = paper.html(edition, PagePaper.Medium.PRINT);
            var key = digest(html);
            var before = KNOWN.get(key);
            if (before != null) return before;
            var pages = counted(html);
            KNOWN.put(key, pages);
            return pages;
        } catch (RuntimeException | StackOverflowError e) {
            return "!";
        }
    }

    private static String counted(String html) {
        try {
            return String.valueOf(PdfWriter.pages(html));
        } catch (IOException | RuntimeException | StackOverflowError e) {
            return "!";
        }
    }

    private static String digest(String html) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(html.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Bug: every Java has it", e);
        }
    }
}
