package webodidact.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import webodidact.core.answer.Question;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Accepted;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Sets;
import webodidact.core.lesson.Wait;
import webodidact.core.outcome.Outcome;
import webodidact.core.safety.Profile;
import webodidact.core.time.TimeRange;
import webodidact.core.words.Language;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.demo.DemoCourse;
import webodidact.formats.pdf.Glyphs;
import webodidact.formats.pdf.PageImages;
import webodidact.formats.pdf.PdfWriter;

class PapersTest {
    @TempDir
    Path folder;

    private Outcome demo(UnaryOperator<Lesson> change) throws IOException {
        DemoCourse.copyTo(folder.resolve("course"));
        var book = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder.resolve("course")))
                .value()
                .workbook();
        return Outcome.of(change.apply(book.lessons().getFirst()), book.course(), Knowledge.shipped());
    }

    private static Lesson covered(Lesson lesson) {
        return lesson.but(d -> d.accepted = List.of(new Accepted("no-wash-after-raw", "s8", "Gloves are changed.")));
    }

    private static String text(byte[] pdf) throws IOException {
        try (var document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    void openStopsBlockPapersAndNothingIsWritten() throws IOException {
        var outcome = demo(l -> l);
        assertThatThrownBy(() -> Papers.write(Papers.of("method-card"), Edition.of(outcome), folder.resolve("out")))
                .isInstanceOf(Papers.Blocked.class)
                .hasMessage("Method card waits for 1 stop to be mended or covered with a reason");
        assertThat(folder.resolve("out")).doesNotExist();
        // What raw fish touches says nothing against the list of what to buy.
        assertThat(Papers.of("gather-list").holds(outcome)).isEmpty();
    }

    @Test
    void aCoveredStopLetsThemOut() throws IOException {
        var outcome = demo(PapersTest::covered);
        var files = Papers.write(Papers.of("gather-list"), Edition.of(outcome), folder.resolve("out"));
        assertThat(files)
                .extracting(p -> p.getFileName().toString())
                .containsExactly("1-fish-parcels-gather-list.pdf", "1-fish-parcels-gather-list.html");
        assertThat(Files.readString(files.get(1))).startsWith("<!DOCTYPE html>").doesNotContain("http");
    }

    @Test
    void theGatherListHasWhatOneHomeNeedsInItsAmounts() throws IOException {
        var text = text(PdfWriter.write(html("gather-list", demo(PapersTest::covered))));
        assertThat(text)
                .contains(
                        "Fish parcels, new potatoes",
                        "for a home of 2 · makes 2 parcels",
                        "In the fridge",
                        "150 g thick plain yoghurt 145 ml · or soured cream, or soya yoghurt milk",
                        "In most kitchens: look if you have it 2 tsp olive oil",
                        "An adult does: Parcels in the oven, Drain the potatoes, Open and probe.",
                        "table knife (soft food only)",
                        "350 g new potatoes",
                        "½ garlic clove",
                        "Local food safety rules and qualified advice come before this paper",
                        "or kitchen foil (crimp, do not twist)");
        assertThat(text.toLowerCase()).doesNotContain("free from");
    }

    @Test
    void theMethodCardTellsHomesWhatTheyDo() throws IOException {
        var text = text(PdfWriter.write(html("method-card", demo(PapersTest::covered))));
        assertThat(text)
                .contains(
                        "Potatoes on",
                        "simmers until a knife slides out of the biggest potato: 16–22 min",
                        "adult does this",
                        "Oven 180–200 °C fan",
                        "a probe in the thickest part decides");
        assertThat(text).doesNotContain("Why fish flakes");
    }

    private static String html(String id, Outcome outcome) {
        return ((PagePaper) Papers.of(id)).html(outcome);
    }

    private static List<PagePaper> pages() {
        return Papers.ALL.stream()
                .filter(PagePaper.class::isInstance)
                .map(PagePaper.class::cast)
                .toList();
    }

    @Test
    void eachListIsAPaperOfItsOwn() throws IOException {
        var outcome = demo(l -> covered(l).but(d -> d.sets = new Sets(5, 1, 1)));
        assertThat(text(PdfWriter.write(html("shoot-list", outcome))))
                .contains(
                        "Shoot list",
                        "1 on camera, no ready copy, 1 spare take. At the till: £",
                        "300 g thick plain yoghurt 1 on camera + 1 spare take",
                        "What will be left over");
        assertThat(text(PdfWriter.write(html("kit-list", outcome))))
                .contains(
                        "6 sets: 5 for groups, 1 for the demonstration",
                        "6 × 150 g thick plain yoghurt",
                        "900 g thick plain yoghurt",
                        "12 skinless white fish fillets");
        assertThat(text(PdfWriter.write(html("prep-sheet", outcome))))
                .contains(
                        "Set out for step 8",
                        "proved: no later start exists",
                        "150 g thick plain yoghurt",
                        "Raw: skinless white fish fillets on a board of its own.");
        assertThat(text(PdfWriter.write(html("pupil-list", outcome))))
                .contains("Find the list", "To choose from")
                .doesNotContain("150 g");
        assertThat(text(PdfWriter.write(html("pupil-key", outcome))))
                .contains("thick plain yoghurt: 150 g (step 8, 15)");
        assertThat(text(PdfWriter.write(html("substitution-sheet", outcome))))
                .contains(
                        "Before “Herb yoghurt”",
                        "130 g soured cream for thick plain yoghurt, with 1 tbsp water",
                        "Before class",
                        "150 g soya yoghurt");
    }

    @Test
    void whoGetsAnotherSetStandsInTheKitListAndOnLabelsOfTheirOwn() throws IOException {
        DemoCourse.copyTo(folder.resolve("course"));
        var book = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder.resolve("course")))
                .value()
                .workbook();
        var lesson = book.lessons().getFirst().but(d -> d.sets = new Sets(5, 1, 0));
        var fulmar = book.households().stream()
                .filter(h -> h.alias().equals("Fulmar"))
                .findFirst()
                .orElseThrow();
        var homes = List.of(
                fulmar.agreeing(lesson.id(), "f2", "soya-yoghurt"),
                book.households().get(3));
        var outcome = Outcome.of(
                new Question(lesson, book.course(), Knowledge.shipped(), homes, List.of(lesson), Map.of(), Map.of()));
        assertThat(text(PdfWriter.write(html("kit-list", outcome))))
                .contains(
                        "Who gets something else",
                        "packed first, with clean hands",
                        "Fulmar",
                        "soya yoghurt instead of")
                .contains("not agreed yet: ask before it is packed");
        assertThat(text(PdfWriter.write(html("labels", outcome))))
                .contains("soya yoghurt")
                .contains("for Fulmar");
        var homesOnly = Outcome.of(new Question(
                lesson.but(d -> d.sets = Sets.NONE),
                book.course(),
                Knowledge.shipped(),
                homes,
                List.of(lesson),
                Map.of(),
                Map.of()));
        assertThat(text(PdfWriter.write(html("kit-list", homesOnly)))).doesNotContain("Who gets something else");
    }

    @Test
    void whatMustBeBegunBeforeClassIsOnTheGatherListWithItsTime() throws IOException {
        var outcome = demo(l -> covered(l).withFood("f1", f -> f.but(d -> d.form = "skinless, frozen")));
        assertThat(text(PdfWriter.write(html("gather-list", outcome))))
                .contains(
                        "Beforehand 05:30 skinless white fish fillets: thaw in the fridge, on a plate",
                        "Allergens named by the law of United Kingdom");
    }

    @Test
    void theMethodCardHasTheRegionsCoreTemperatureAndOtherMicrowaves() throws IOException {
        var outcome = demo(l -> covered(l)
                .withStep(
                        "s11",
                        s -> s.but(d -> {
                            d.place = Place.MICROWAVE;
                            d.waiting = new Wait(TimeRange.of(180), "heats", "", null);
                        })));
        assertThat(text(PdfWriter.write(html("method-card", outcome))))
                .contains("white fish fillet at a core of 63 °C, by probe", "Time is for 900 W; 600 W 4:30");
        var american =
                Outcome.of(outcome.lesson(), outcome.course().but(d -> d.profile = Profile.US), Knowledge.shipped());
        assertThat(text(PdfWriter.write(html("method-card", american)))).contains("at a core of 145 °F");
    }

    @Test
    void namesCannotBreakOutOfThePage() throws IOException {
        var outcome = demo(l -> covered(l).but(d -> d.title = "<script>alert(1)</script> & \"co\""));
        for (var paper : pages()) {
            assertThat(paper.html(outcome)).doesNotContain("<script>").contains("&lt;script&gt;");
            if (!paper.id().equals("labels"))
                assertThat(text(PdfWriter.write(paper.html(outcome)))).contains("<script>alert(1)</script> & \"co\"");
        }
    }

    @Test
    void anEmptyLessonGivesAWholePaper() throws IOException {
        var outcome = demo(l -> Lesson.blank("x", 1, "Empty"));
        for (var paper : pages())
            assertThat(PageImages.render(PdfWriter.write(paper.html(outcome)), 40))
                    .hasSize(1);
    }

    /** Counting pages lays them out and draws none: it has to come to what is written. */
    @Test
    void aPaperHasAsManyPagesCountedAsWritten() throws IOException {
        var edition = Edition.of(demo(PapersTest::covered));
        for (var paper : Papers.ALL) {
            if (!(paper instanceof PagePaper page)) continue;
            var html = page.html(edition, PagePaper.Medium.PRINT);
            assertThat(PdfWriter.pages(html)).as(page.id()).isEqualTo(PageImages.count(PdfWriter.write(html)));
        }
    }

    @Test
    void thePreviewIsThePrintedPage() throws IOException {
        var pages = PageImages.render(PdfWriter.write(html("gather-list", demo(l -> l))), 50);
        assertThat(pages.getFirst().width()).isBetween(410, 415);
        assertThat(Arrays.stream(pages.getFirst().argb()).distinct().count()).isGreaterThan(50);
    }

    @Test
    void nothingIsFetchedFromOutside() throws IOException {
        var html =
                "<html><head><style>body{font-family:'Source Sans 3';background:url('file:///etc/hostname')}</style></head><body><img src=\"http://example.invalid/x.png\" alt=\"x\"/><p>text</p></body></html>";
        assertThat(text(PdfWriter.write(html))).contains("text");
    }

    @Test
    void theMethodCardTellsOfferedWaysLooksAndEachAmountOnce() throws IOException {
        var card = html("method-card", demo(PapersTest::covered));
        assertThat(card)
                .contains(
                        "Or with scissors: Snip the stalk ends off, a few at a time. (sharp: tuck your fingertips in)")
                .contains("After 9:00: turn the tray round");
        assertThat(card.split("<b>350 g</b> new potatoes", -1))
                .as("measured out once, named after")
                .hasSize(2);
        var secret = demo(l -> covered(l)
                .withStep(
                        "s5",
                        x -> x.but(d -> d.ways =
                                d.ways.stream().map(w -> w.offering(false)).toList())));
        assertThat(html("method-card", secret)).doesNotContain("with scissors");
    }

    @Test
    void noHeadingStandsWithoutAnythingBelowIt() throws IOException {
        assertThat(html("gather-list", demo(l -> covered(l).withFoods(List.of()))))
                .doesNotContain("Beforehand");
    }

    private Outcome named(String name) throws IOException {
        return demo(l -> covered(l).withFood(l.foods().getFirst().id(), f -> f.but(d -> d.item = name)));
    }

    @Test
    void greekCyrillicArabicHebrewDevanagariAndSignsArePrintedWithShippedLetters() throws IOException {
        for (var name : List.of("Ψάρι", "Рыба", "سمك طازج", "דג טרי", "मछली", "☀ ☎ ✓ ½")) {
            var html = html("gather-list", named(name));
            assertThat(Glyphs.unshown(html)).as(name).isEmpty();
            var pages = PageImages.render(PdfWriter.write(html), 40);
            assertThat(pages).as(name).isNotEmpty();
        }
        // Letters come out in the order in which they are read.
        assertThat(text(PdfWriter.write(html("gather-list", named("Ψάρι Рыба")))))
                .contains("Ψάρι Рыба");
    }

    @Test
    void whatNoShippedFontHasIsNamedOnceBeforeAnythingIsWritten() throws IOException {
        var html = html("gather-list", named("鱼 fish 鱼 😀"));
        assertThat(Glyphs.unshown(html)).containsExactly("鱼 (U+9C7C)", "😀 (U+1F600)");
        assertThat(PdfWriter.write(html)).isNotEmpty();
    }

    @Test
    void controlSignsAndHalfLettersSpoilNoPage() throws IOException {
        var html = html("gather-list", named("fi\u0007sh\ud83d and\u0000 <b>chips</b>"));
        assertThat(html).contains("fi\ufffdsh\ufffd and\ufffd &lt;b&gt;chips");
        assertThat(PdfWriter.write(html)).isNotEmpty();
    }

    @Test
    void allPapersAreWrittenOrTheRestIsSaid() throws IOException {
        var outcome = demo(PapersTest::covered);
        var broken = new PagePaper() {
            @Override
            public String id() {
                return "broken";
            }

            @Override
            public String title() {
                return "Broken";
            }

            @Override
            public PaperGroup group() {
                return PaperGroup.HOMES;
            }

            @Override
            public String written(Edition edition, Medium medium) {
                throw new ArithmeticException("/ by zero");
            }
        };
        var written = Papers.writeAll(
                List.of(Papers.ALL.get(0), broken, Papers.ALL.get(1)), Edition.of(outcome), folder.resolve("out"));
        assertThat(written.files()).hasSize(4).allMatch(Files::isRegularFile);
        assertThat(written.failed())
                .singleElement()
                .asString()
                .startsWith("Broken: the program failed; please report “PapersTest")
                .doesNotContain("Exception");
    }

    @Test
    void theLessonsPapersForHomesSpeakItsLanguageAndTheInterfaceItsOwn() throws IOException {
        var outcome = demo(l -> covered(l).but(d -> d.language = Language.GERMAN));
        var gather = text(PdfWriter.write(html("gather-list", outcome)));
        assertThat(gather)
                .contains(
                        "für einen Haushalt mit 2 Personen · ergibt 2 parcels",
                        "Aus dem Kühlschrank",
                        "oder soured cream",
                        "½ garlic clove",
                        "nur das Etikett entscheidet",
                        "Donnerstag",
                        "Milch")
                .doesNotContain("In the fridge", "check the label", "tbsp");
        var method = text(PdfWriter.write(html("method-card", outcome)));
        assertThat(method)
                .contains(
                        "Backofen 180–200 °C Umluft", "macht eine erwachsene Person", "Scharf: Fingerspitzen einziehen")
                .doesNotContain("Sharp", "Oven");
        assertThat(new GatherPaper().title()).isEqualTo("Gather list");
        assertThat(outcome.report().open()).extracting(f -> f.what()).allMatch(w -> !w.contains("Backofen"));
    }
}
