package webodidact.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Lines, bookmarks, pages put together, and where words stand. */
class PdfPartsTest {
    private static List<String> parts(String text) {
        var lines = new Lines();
        lines.setText(text);
        var parts = new ArrayList<String>();
        int from = 0;
        for (int to = lines.next(); to >= 0; to = lines.next()) {
            parts.add(text.substring(from, to).strip());
            from = to;
        }
        return parts;
    }

    @Test
    void aLineEndsBetweenWordsButNotWithinATimeOrBeforeAMeasure() {
        assertThat(parts("used by 19:40 or cold")).containsExactly("used", "by", "19:40", "or", "cold");
        assertThat(parts("150 g of flour")).containsExactly("150 g", "of", "flour");
        assertThat(parts("bakes 16–20 min here")).containsExactly("bakes", "16–20 min", "here");
        assertThat(parts("½ tsp salt, 2 × 400 g")).contains("½ tsp", "2 ×");
        assertThat(parts("12 gherkins"))
                .as("a word that only begins like a measure")
                .containsExactly("12", "gherkins");
        assertThat(parts("")).isEmpty();
    }

    @Test
    void headingsAreBookmarksWithTheirWordsEscaped() {
        var page =
                "<html><head><title>t</title></head><body><h1>Fish &amp; \"chips\"</h1><h2>In the <b>fridge</b></h2><h2></h2></body></html>";
        assertThat(Bookmarks.in(page))
                .contains("<bookmark name=\"Fish &amp; &quot;chips&quot;\" href=\"#h0\"/>")
                .contains("<bookmark name=\"In the fridge\" href=\"#h1\"/>")
                .contains("<h1 id=\"h0\">")
                .doesNotContain("href=\"#h2\"");
        assertThat(Bookmarks.in("<html><body><p>x</p></body></html>")).doesNotContain("bookmark");
    }

    private static byte[] page(String words) throws IOException {
        return PdfWriter.write(
                "<html lang=\"en\"><head><title>t</title><style>body{font-family:'Source Sans 3'}</style></head><body><h1>"
                        + words + "</h1><p>below it</p></body></html>");
    }

    @Test
    void severalAreOneInTheirOrder() throws IOException {
        var all = Merged.of(List.of(page("first"), page("second"), page("third")));
        assertThat(PageImages.count(all)).isEqualTo(3);
        assertThat(PageLines.of(all))
                .filteredOn(l -> !l.text().equals("below it"))
                .extracting(PageLines.Line::text)
                .containsExactly("first", "second", "third");
        assertThat(PageLines.of(all)).extracting(PageLines.Line::page).containsExactly(0, 0, 1, 1, 2, 2);
        var one = page("alone");
        assertThat(Merged.of(List.of(one))).isSameAs(one);
    }

    @Test
    void wordsHaveTheirHeightFromTheUpperEdge() throws IOException {
        var lines = PageLines.of(page("above"));
        assertThat(lines.getFirst().bottom()).isLessThan(lines.getLast().top());
        assertThat(lines).allMatch(l -> l.top() > 0 && l.top() < l.bottom() && l.left() > 0);
    }

    /** Rows of these heights: found with a lesson of forty steps, where the library cannot write the heads on each page. */
    @Test
    void aTableIsWrittenWhereverItsPagesEnd() throws IOException {
        String page;
        try (var in = PdfPartsTest.class.getResourceAsStream("table-over-pages.html")) {
            page = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        var pdf = PdfWriter.write(page);
        assertThat(PageImages.count(pdf)).isEqualTo(5);
        for (int step = 1; step <= 40; step++) {
            var title = step + " ";
            assertThat(PageLines.of(pdf))
                    .as("step %d", step)
                    .anyMatch(l -> l.text().contains(title));
        }
    }
}
