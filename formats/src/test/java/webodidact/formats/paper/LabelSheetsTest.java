package webodidact.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripperByArea;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import webodidact.core.answer.Question;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Workbook;
import webodidact.core.outcome.Outcome;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.demo.DemoCourse;

/** Labels on sheets that shops sell: each where its sticker is, all of its words on it, from the first that is left. */
class LabelSheetsTest {
    private static final double POINT = 72 / 25.4;

    @TempDir
    Path folder;

    private Workbook book;

    @BeforeEach
    void open() throws IOException {
        DemoCourse.copyTo(folder);
        book = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder))
                .value()
                .workbook();
    }

    private Edition edition(LabelGrid grid, int first) {
        return edition(book.lesson("3-vegetable-dumplings").orElseThrow(), grid, first);
    }

    private Edition edition(Lesson lesson, LabelGrid grid, int first) {
        var outcome = Outcome.of(new Question(
                lesson, book.course(), Knowledge.shipped(), book.households(), List.of(lesson), Map.of(), Map.of()));
        return Edition.of(outcome).printed(Print.USUAL.on(grid).from(first));
    }

    @ParameterizedTest
    @EnumSource(LabelGrid.class)
    void allLabelsLieOnTheirSheetWithTheSameRoomAround(LabelGrid grid) {
        int across = grid.across();
        int down = grid.count() / across;
        double right = grid.sheet().width() - grid.left() - across * grid.width() - (across - 1) * grid.gap();
        double below = grid.sheet().height() - grid.top() - down * grid.height();
        assertThat(grid.left()).isBetween(3.0, 15.0);
        assertThat(grid.top()).isBetween(10.0, 25.0);
        assertThat(right).isCloseTo(grid.left(), within(0.001));
        assertThat(below).isCloseTo(grid.top(), within(0.001));
    }

    @ParameterizedTest
    @EnumSource(LabelGrid.class)
    void eachStickerHasAllOfItsWordsWithinItsEdges(LabelGrid grid) throws IOException {
        var edition = edition(grid, 1);
        var sheets = LabelSheets.of(edition);
        assertThat(sheets.stickers()).hasSizeGreaterThan(20);
        try (var pdf = Loader.loadPDF(((PagePaper) Papers.of("labels")).pdf(edition))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(sheets.sheets());
            for (int n = 0; n < sheets.stickers().size(); n++) {
                int on = n % grid.count();
                var area = new PDFTextStripperByArea();
                area.addRegion("sticker", box(grid, on));
                area.extractRegions(pdf.getPage(n / grid.count()));
                var read = area.getTextForRegion("sticker").replaceAll("\\s+", "");
                for (var part : sheets.stickers().get(n).parts())
                    assertThat(read).as("label %s", n + 1).contains(part.text().replaceAll("\\s+", ""));
            }
        }
    }

    /** A name as long as some packets have them. */
    private Lesson longNames() {
        return book.lesson("3-vegetable-dumplings")
                .orElseThrow()
                .but(d -> d.foods = d.foods.stream()
                        .map(f -> f.but(e ->
                                e.item = e.item + ", " + "of the kind that the shop by the harbour has ".repeat(4)))
                        .toList());
    }

    @Test
    void wordsThatOneLabelCannotHoldGoOnToTheNextWithItsNumber() throws IOException {
        var small = LabelSheets.of(edition(longNames(), LabelGrid.A4_65, 1));
        assertThat(small.over()).isPositive();
        var texts = small.stickers().stream()
                .map(s -> s.parts().stream().map(LabelSheets.Part::text).toList())
                .toList();
        assertThat(texts).anyMatch(t -> t.getLast().matches("2 of [23]: .{6,}…"));
        var all = String.join(" ", texts.stream().flatMap(List::stream).toList());
        assertThat(all).contains("Contains: wheat", "use on");
        var remark = ((PagePaper) Papers.of("labels")).remark(edition(longNames(), LabelGrid.A4_65, 1));
        assertThat(remark).contains(small.over() + " of them need more than one label.");
        int enough = LabelSheets.enough(edition(longNames(), LabelGrid.A4_65, 1))
                .orElseThrow()
                .count();
        assertThat(remark).endsWith("With " + enough + " to a sheet none does.");
        assertThat(LabelSheets.of(edition(longNames(), LabelGrid.A4_8, 1)).over())
                .isZero();
        assertThat(((PagePaper) Papers.of("labels")).remark(edition(LabelGrid.A4_21, 1)))
                .endsWith("All words stand on their label.");
        var empty = longNames().but(d -> d.foods = List.of());
        assertThat(((PagePaper) Papers.of("labels")).remark(edition(empty, LabelGrid.A4_21, 1)))
                .isEqualTo("No label yet.");
    }

    @Test
    void aSheetThatIsHalfUsedIsPrintedOnFromItsFirstLabelLeft() throws IOException {
        var edition = edition(LabelGrid.A4_24, 20);
        var whole = LabelSheets.of(edition(LabelGrid.A4_24, 1));
        var sheets = LabelSheets.of(edition);
        assertThat(sheets.stickers()).isEqualTo(whole.stickers());
        assertThat(sheets.pages().getFirst().subList(0, 19))
                .allMatch(s -> s.parts().isEmpty());
        assertThat(sheets.pages().getFirst().get(19)).isEqualTo(whole.stickers().getFirst());
        try (var pdf = Loader.loadPDF(((PagePaper) Papers.of("labels")).pdf(edition))) {
            var area = new PDFTextStripperByArea();
            area.addRegion("gone", box(LabelGrid.A4_24, 18));
            area.addRegion("free", box(LabelGrid.A4_24, 19));
            area.extractRegions(pdf.getPage(0));
            assertThat(area.getTextForRegion("gone")).isBlank();
            assertThat(area.getTextForRegion("free")).isNotBlank();
        }
        // A screen has no sheet.
        assertThat(((PagePaper) Papers.of("labels")).html(edition, PagePaper.Medium.SCREEN))
                .doesNotContain("<div class=\"label\" style=\"font-size: 8.5pt\"></div>");
    }

    @Test
    void aLabelThatIsNotOnTheSheetIsRefused() {
        assertThatThrownBy(() -> Print.USUAL.on(LabelGrid.A4_24).from(25)).hasMessageContaining("expected 1 to 24");
        assertThatThrownBy(() -> new Print(Sheet.LETTER, false, false, LabelGrid.A4_24, 1))
                .hasMessageContaining("not on a page of Letter");
        assertThat(Print.USUAL.on(LabelGrid.A4_24).from(3).on(Sheet.LETTER).labels())
                .isEqualTo(LabelGrid.LETTER_10);
    }

    private static Rectangle2D box(LabelGrid grid, int on) {
        double x = grid.left() + on % grid.across() * (grid.width() + grid.gap());
        double y = grid.top() + (on / grid.across()) * grid.height();
        return new Rectangle2D.Double(x * POINT, y * POINT, grid.width() * POINT, grid.height() * POINT);
    }
}
