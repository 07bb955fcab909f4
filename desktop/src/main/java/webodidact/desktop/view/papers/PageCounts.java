package webodidact.desktop.view.papers;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import webodidact.formats.paper.Edition;
import webodidact.formats.paper.PagePaper;
import webodidact.formats.pdf.PageImages;
import webodidact.formats.pdf.PdfWriter;

/** How many pages papers have. One whose words are as they were is not laid out again: most edits change a few of them only. */
final class PageCounts {
    /** Papers whose count is remembered: all of three lessons. */
    private static final int MOST = 64;

    private final Map<String, String> known = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, String> eldest) {
            return size() > MOST;
        }
    };

    /** The number of pages; "!" for one that cannot be written, which says why when it is looked at. */
    String of(PagePaper paper, Edition edition) {
        try {
            var html = paper.html(edition, PagePaper.Medium.PRINT);
            var before = known(html);
            if (before != null) return before;
            var pages = String.valueOf(PageImages.count(PdfWriter.write(html)));
            put(html, pages);
            return pages;
        } catch (IOException | RuntimeException | StackOverflowError e) {
            return "!";
        }
    }

    private synchronized String known(String html) {
        return known.get(html);
    }

    /** What has just been counted, here or by drawing it. */
    synchronized void put(String html, String pages) {
        known.put(html, pages);
    }
}
