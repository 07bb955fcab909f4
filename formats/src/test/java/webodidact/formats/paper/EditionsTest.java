package webodidact.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.answer.Question;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Accepted;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Sets;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Workbook;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.TimeRange;
import webodidact.core.words.Language;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.demo.DemoCourse;
import webodidact.formats.pdf.PageImages;
import webodidact.formats.pdf.PageLines;
import webodidact.formats.pdf.PdfWriter;

/** Papers for each reader: whose home, which measures, language and page; and how their pages break. */
class EditionsTest {
    @TempDir
    static Path folder;

    private static Workbook book;

    @BeforeAll
    static void open() throws IOException {
        DemoCourse.copyTo(folder.resolve("course"));
        book = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder.resolve("course")))
                .value()
                .workbook();
    }

    private static Outcome outcome(Lesson lesson) {
        return Outcome.of(new Question(
                lesson,
                book.course(),
                Knowledge.of(book.course().foods()),
                book.households(),
                book.lessons(),
                Map.of(),
                Map.of()));
    }

    private static Lesson fish() {
        return book.lessons()
                .getFirst()
                .but(d -> d.accepted = List.of(new Accepted("no-wash-after-raw", "s8", "Gloves are changed.")));
    }

    /** What may throw of one paper. */
    private interface Tried {
        void of(PagePaper page) throws Exception;
    }

    /** Of every paper that has pages; the papers know nothing of each other, so all cores may try them. */
    private static void ofAllPages(Tried tried) {
        Papers.ALL.parallelStream()
                .filter(PagePaper.class::isInstance)
                .map(PagePaper.class::cast)
                .forEach(page -> {
                    try {
                        tried.of(page);
                    } catch (Exception e) {
                        throw new IllegalStateException(page.id(), e);
                    }
                });
    }

    private static PagePaper page(String id) {
        return (PagePaper) Papers.of(id);
    }

    private static String text(byte[] pdf) throws IOException {
        try (var document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    private static Household home(String alias) {
        return book.households().stream()
                .filter(h -> h.alias().equals(alias))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aHomesListHasItsStandInsAndSaysWhatTheyAreFor() throws IOException {
        var edition = Edition.of(outcome(fish())).forHome(home("Dunlin"));
        assertThat(text(page("gather-list").pdf(edition)))
                .contains(
                        "for Dunlin, a home of 2",
                        "firm tofu",
                        "instead of skinless white fish fillets",
                        "a proposal: ask if unsure")
                .doesNotContain("150 g thick plain yoghurt");
        assertThat(text(page("method-card").pdf(edition)))
                .contains("firm tofu")
                .doesNotContain("2 skinless white fish fillets");
    }

    @Test
    void measuresOfAnotherPlaceAreThatPlacesOwnSpoonsAndDials() throws IOException {
        var american = Edition.of(outcome(fish())).in(MeasureSystem.US);
        assertThat(text(page("gather-list").pdf(american)))
                .contains("oz", "yoghurt")
                .doesNotContain("350 g new potatoes");
        assertThat(text(page("substitution-sheet").pdf(american)))
                .as("soured cream by the cup, not by the gram")
                .contains("½ cup", "soured cream for thick plain yoghurt")
                .doesNotContain("130 g");
        assertThat(text(page("method-card").pdf(american)))
                .contains("Oven 400–425 °F (180–200 °C fan")
                .doesNotContain("350 g");
    }

    @Test
    void aHomeWithoutOvenOrAnswerIsToldToAskBeforeClass() throws IOException {
        var home = Household.named("Ruff").but(d -> {
            d.oven = false;
            d.adult = false;
        });
        assertThat(text(page("gather-list").pdf(Edition.of(outcome(fish())).forHome(home))))
                .contains(
                        "Ask before class",
                        "No oven: try “Parcels in the oven” first with air fryer if there is one",
                        "hob, 20–24 min, in a covered pan",
                        "a probe decide, as in the oven",
                        "An adult is needed, and none is named.");
        var cold = home.but(d -> {
            d.hob = false;
            d.missingTools = Set.of("air-fryer");
        });
        assertThat(text(page("gather-list").pdf(Edition.of(outcome(fish())).forHome(cold))))
                .contains("No oven: ask how to do “Parcels in the oven”");
    }

    @Test
    void aListOfThirtyLinesIsOnePageAndLongNamesWrap() throws IOException {
        var foods = new ArrayList<FoodLine>();
        for (int i = 0; i < 30; i++) {
            int n = i;
            foods.add(book.lessons().getFirst().foods().get(i % 11).but(d -> {
                d.id = "n" + n;
                d.note = "";
            }));
        }
        var edition = Edition.of(outcome(fish().but(d -> d.foods = foods)));
        assertThat(PageImages.count(page("gather-list").pdf(edition))).isEqualTo(1);
        var grand = "Grandmother’s slow-fermented ".repeat(9) + "flour" + "x".repeat(90);
        var wide = fish().withFood("f4", f -> f.but(d -> d.item = grand));
        for (var print :
                List.of(Print.USUAL, Print.USUAL.on(Sheet.LETTER), Print.USUAL.large(true), Print.USUAL.spaced(true)))
            for (var id : List.of("gather-list", "method-card", "shoot-list", "kit-list", "labels"))
                assertThat(inside(page(id).pdf(Edition.of(outcome(wide)).printed(print))))
                        .as(id + print)
                        .isTrue();
    }

    /** No letter stands beyond the edge of its page. */
    private static boolean inside(byte[] pdf) throws IOException {
        try (var document = Loader.loadPDF(pdf)) {
            float width = document.getPage(0).getMediaBox().getWidth();
            var out = new AtomicInteger();
            new PDFTextStripper() {
                @Override
                protected void processTextPosition(TextPosition p) {
                    if (p.getX() + p.getWidth() > width - 8 || p.getX() < 8) out.incrementAndGet();
                }
            }.getText(document);
            return out.get() == 0;
        }
    }

    /** A lesson as long as lessons get. */
    private static Lesson longest() {
        var steps = new ArrayList<Step>();
        var foods = new ArrayList<FoodLine>();
        for (int i = 0; i < 40; i++) {
            int n = i;
            steps.add(book.lessons().getFirst().steps().get(3 + i % 12).but(d -> {
                d.id = "x" + n;
                d.title = d.title + " " + (n + 1);
                d.uses = List.of();
                d.waiting = d.waiting == null ? null : d.waiting.covered(null);
            }));
            foods.add(book.lessons().getFirst().foods().get(i % 11).but(d -> d.id = "n" + n));
        }
        return fish().but(d -> {
            d.steps = steps;
            d.foods = foods;
            d.sets = new Sets(8, 1, 1);
        });
    }

    @Test
    void noPageEndsWithAHeadingAndNoneHoldsOneLineOnly() throws IOException {
        var bare = Lesson.blank("b", 9, "Toast").but(d -> {
            d.steps = List.of(Step.blank("s1", Kind.HANDS_ON, "Toast it").but(s -> s.hands = TimeRange.of(60)));
            d.foods = List.of(FoodLine.of("f1", "bread", null, null));
        });
        for (var lesson :
                List.of(longest(), fish(), book.lessons().get(1), book.lessons().get(2), bare))
            for (var sheet : Sheet.values()) {
                var edition = Edition.of(outcome(lesson)).printed(Print.USUAL.on(sheet));
                ofAllPages(page -> {
                    if (!page.id().equals("labels"))
                        assertThat(faults(page.pdf(edition)))
                                .as(lesson.title() + " " + page.id() + " " + sheet)
                                .isEmpty();
                });
            }
    }

    @Test
    void tablesOfLongNamesGoOnOverPages() throws Exception {
        VeraGreenfieldFoundryProvider.initialise();
        var wordy = longest()
                .but(d -> d.steps = d.steps.stream()
                        .map(s -> s.but(x -> x.title =
                                x.title + " with a name that goes on for rather longer than anybody would want it"))
                        .toList());
        for (var sheet : Sheet.values()) {
            var edition = Edition.of(outcome(wordy)).printed(Print.USUAL.on(sheet));
            ofAllPages(page -> {
                var pdf = page.pdf(edition);
                assertThat(inside(pdf)).as(page.id()).isTrue();
                if (!page.id().equals("labels"))
                    assertThat(faults(pdf)).as(page.id() + " " + sheet).isEmpty();
                if (sheet == Sheet.A4) assertThat(complaints(pdf)).as(page.id()).isEmpty();
            });
        }
    }

    /** Pages whose last line is a heading, or that hold a single line. */
    private static List<String> faults(byte[] pdf) throws IOException {
        var faults = new ArrayList<String>();
        var byPage = PageLines.of(pdf).stream()
                .filter(l -> !l.text().matches("\\d+ / \\d+") && !l.text().isBlank())
                .collect(Collectors.groupingBy(PageLines.Line::page));
        int last = byPage.keySet().stream().mapToInt(Integer::intValue).max().orElse(0);
        byPage.forEach((page, lines) -> {
            long heights =
                    lines.stream().map(l -> Math.round(l.bottom())).distinct().count();
            if (page < last && heights < 8) faults.add("page " + page + " is all but empty");
            if (page > 0 && heights < 2)
                faults.add("page " + page + ": " + lines.getFirst().text());
            if (page < last) {
                var end = lines.getLast();
                // Headings are higher than what they stand over.
                if (end.bottom() - end.top() > 8.2) faults.add("page " + page + " ends with " + end.text());
            }
        });
        return faults;
    }

    @Test
    void aMethodCardOfTwentyStepsIsTwoPages() throws IOException {
        var twenty = longest().but(d -> d.steps = d.steps.subList(0, 20));
        assertThat(PageImages.count(page("method-card").pdf(Edition.of(outcome(twenty)))))
                .isLessThanOrEqualTo(2);
    }

    @Test
    void everyPaperIsAnAccessiblePdf() throws Exception {
        VeraGreenfieldFoundryProvider.initialise();
        for (var edition : List.of(
                Edition.of(outcome(fish())),
                Edition.of(outcome(longest())).printed(Print.USUAL.large(true)).in(Language.GERMAN)))
            ofAllPages(page ->
                    assertThat(complaints(page.pdf(edition))).as(page.id()).isEmpty());
    }

    /** What an independent checker of PDF/UA-1 finds against it. */
    private static List<String> complaints(byte[] pdf) throws Exception {
        try (var parser = Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), PDFAFlavour.PDFUA_1);
                var validator = Foundries.defaultInstance().createValidator(PDFAFlavour.PDFUA_1, false)) {
            return validator.validate(parser).getTestAssertions().stream()
                    .filter(a -> a.getStatus() == TestAssertion.Status.FAILED)
                    .map(a -> a.getRuleId().getClause() + ": " + a.getMessage())
                    .distinct()
                    .toList();
        }
    }

    @Test
    void aDraftSaysSoOnEveryPageAndIsWrittenInSpiteOfStops() throws IOException {
        var stopped = outcome(book.lessons().getFirst());
        var edition = Edition.of(stopped).asDraft(true);
        var files = Papers.write(Papers.of("method-card"), edition, folder.resolve("draft"));
        try (var document = Loader.loadPDF(files.getFirst().toFile())) {
            for (int i = 1; i <= document.getNumberOfPages(); i++) {
                var stripper = new PDFTextStripper();
                stripper.setStartPage(i);
                stripper.setEndPage(i);
                assertThat(stripper.getText(document)).contains("DRAFT · 1 stop is open");
            }
        }
        assertThat(Files.readString(files.getLast())).contains("DRAFT · 1 stop is open");
        assertThat(text(page("gather-list").pdf(edition)))
                .as("nothing is open against the list")
                .doesNotContain("DRAFT");
    }

    @Test
    void pdfsHaveTitleLanguageAndBookmarksAndNothingOfTheMachine() throws IOException {
        try (var document = Loader.loadPDF(page("gather-list").pdf(Edition.of(outcome(fish()))))) {
            assertThat(document.getDocumentInformation().getTitle())
                    .isEqualTo("Gather list: Fish parcels, new potatoes");
            assertThat(document.getDocumentCatalog().getLanguage()).isEqualTo("en");
            var outline = document.getDocumentCatalog().getDocumentOutline();
            var names = new ArrayList<String>();
            outline.children().forEach(i -> names.add(i.getTitle()));
            assertThat(names).contains("Fish parcels, new potatoes", "In the fridge", "Kit");
            var info = document.getDocumentInformation();
            assertThat(String.valueOf(info.getAuthor()) + info.getCreator() + info.getProducer() + info.getKeywords())
                    .doesNotContain(System.getProperty("user.name") + " ")
                    .doesNotContain("/");
        }
        try (var german = Loader.loadPDF(
                page("gather-list").pdf(Edition.of(outcome(fish())).in(Language.GERMAN)))) {
            assertThat(german.getDocumentCatalog().getLanguage()).isEqualTo("de");
        }
    }

    @Test
    void aRightToLeftNameLeavesItsLineWhole() throws IOException {
        var lesson = fish().withFood("f4", f -> f.but(d -> d.item = "سمك طازج"));
        var lines = PageLines.of(page("gather-list").pdf(Edition.of(outcome(lesson))));
        assertThat(lines).extracting(PageLines.Line::text).anyMatch(t -> t.contains("350 g"));
        assertThat(PdfWriter.write(page("labels").html(outcome(lesson)))).isNotEmpty();
    }

    @Test
    void allHomesAreAFileEachOrOneForThePrinter() throws IOException {
        var base = Edition.of(outcome(fish()));
        var orders = book.households().stream()
                .map(h -> new Papers.Order(Papers.of("gather-list"), base.forHome(h)))
                .toList();
        var heard = new AtomicInteger();
        var written = Papers.writeAll(orders, folder.resolve("homes"), heard::set, () -> false);
        assertThat(written.isWhole()).isTrue();
        assertThat(written.files()).hasSize(2 * book.households().size()).doesNotHaveDuplicates();
        assertThat(heard).hasValue(orders.size());
        var one = Papers.writeMerged(
                page("gather-list"),
                book.households().stream().map(base::forHome).toList(),
                folder.resolve("one"),
                n -> {},
                () -> false);
        assertThat(PageImages.count(Files.readAllBytes(one)))
                .isGreaterThanOrEqualTo(book.households().size());
        var stopped = Papers.writeAll(orders, folder.resolve("stopped"), n -> {}, () -> true);
        assertThat(stopped.files()).isEmpty();
        assertThat(folder.resolve("stopped")).doesNotExist();
    }

    @Test
    void thePrepSheetSaysOfWhichStepsItKnowsNoTime() throws IOException {
        var open = fish().withStep("s5", s -> s.but(d -> d.hands = TimeRange.ZERO));
        assertThat(text(page("prep-sheet").pdf(Edition.of(outcome(open)))))
                .contains("1 step has no time yet: what comes of them before air is not in this plan.");
        assertThat(text(page("prep-sheet").pdf(Edition.of(outcome(fish()))))).doesNotContain("no time yet");
    }

    @Test
    void aHomesAliasIsNoPath() {
        assertThat(Papers.fileName("../../etc/passwd")).isEqualTo("etc-passwd");
        assertThat(Papers.fileName("C:\\x|y?")).isEqualTo("c-x-y");
        assertThat(Papers.fileName("...")).startsWith("home-");
        assertThat(Papers.fileName("Zoë & Ömer")).isEqualTo("zoë-ömer");
    }

    @Test
    void noPublishedPaperNamesAHome() {
        var edition = Edition.of(outcome(fish()));
        for (var paper : Papers.ALL)
            if (paper instanceof FilePaper file)
                for (var ending : file.endings())
                    for (var home : book.households())
                        assertThat(file.text(edition, ending)).doesNotContain(home.alias());
    }

    @Test
    void whatChangedSinceItWasWrittenIsToldLineByLine() throws IOException {
        var at = folder.resolve("sent");
        var paper = Papers.of("gather-list");
        assertThat(Changes.since(at, paper, Edition.of(outcome(fish())))).isEqualTo(Changes.NONE);
        Papers.write(paper, Edition.of(outcome(fish())), at);
        assertThat(Changes.since(at, paper, Edition.of(outcome(fish()))).lines())
                .isEmpty();
        var other = fish().withFood("f5", f -> f.but(d -> d.amount = d.amount.times(Ratio.of(2))));
        assertThat(Changes.since(at, paper, Edition.of(outcome(other))).lines())
                .containsExactly(
                        new Changes.Line(false, "120 g green beans"), new Changes.Line(true, "240 g green beans"));
    }

    @Test
    void aPressOnTheCardFindsItsStep() throws IOException {
        var edition = Edition.of(outcome(fish()));
        var lines = PageLines.of(page("method-card").pdf(edition));
        var fold = lines.stream()
                .filter(l -> l.text().contains("Bring the long sides up"))
                .findFirst()
                .orElseThrow();
        assertThat(CardLines.stepAt(lines, fold.page(), fold.bottom(), edition))
                .get()
                .extracting(Step::id)
                .isEqualTo("s6");
        var plate = lines.stream()
                .filter(l -> l.text().contains("Potatoes first"))
                .findFirst()
                .orElseThrow();
        assertThat(CardLines.stepAt(lines, plate.page(), plate.top() + 1, edition))
                .get()
                .extracting(Step::id)
                .isEqualTo("s15");
        assertThat(CardLines.stepAt(lines, 0, 5, edition)).isEmpty();
    }

    @Test
    void nothingIsEverCalledFreeFrom() throws IOException {
        for (var lesson : book.lessons())
            for (var paper : Papers.ALL)
                for (var file : paper.files(Edition.of(outcome(lesson))).entrySet())
                    if (!file.getKey().equals("pdf"))
                        assertThat(new String(file.getValue(), StandardCharsets.UTF_8).toLowerCase(Locale.ROOT))
                                .doesNotContain("free from");
    }
}
