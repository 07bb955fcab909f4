package webodidact.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import org.apache.commons.csv.CSVFormat;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import webodidact.core.answer.Question;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Accepted;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Workbook;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.TimeRange;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.demo.DemoCourse;

/** What other programs read of a lesson, read back by parsers that are none of ours, and kept as it was by golden files. */
class FilesTest {
    @TempDir
    static Path folder;

    private static Workbook book;

    @BeforeAll
    static void open() throws IOException {
        DemoCourse.copyTo(folder);
        book = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder))
                .value()
                .workbook();
    }

    private static Edition edition(Lesson lesson) {
        return Edition.of(Outcome.of(new Question(
                lesson,
                book.course(),
                Knowledge.of(book.course().foods()),
                book.households(),
                book.lessons(),
                Map.of(),
                Map.of())));
    }

    private static Edition fish() {
        return edition(book.lessons()
                .getFirst()
                .but(d -> d.accepted = List.of(new Accepted("no-wash-after-raw", "s8", "Gloves are changed."))));
    }

    private static String text(String id, String ending, Edition edition) {
        return ((FilePaper) Papers.of(id)).text(edition, ending);
    }

    /** {@code -Dgolden.write=FOLDER} writes them anew; the change is to be looked at before it is kept. */
    @Test
    void theTextsOfTheDemoLessonsAreAsTheyWere() throws IOException {
        var to = System.getProperty("golden.write");
        var differ = new ArrayList<String>();
        for (var lesson : List.of(fish(), edition(book.lessons().get(1))))
            for (var paper : Papers.ALL) {
                if (!(paper instanceof FilePaper file)) continue;
                for (var ending : file.endings()) {
                    var name = Papers.name(paper, lesson) + "." + ending;
                    var text = file.text(lesson, ending);
                    if (to != null) Files.writeString(Path.of(to).resolve(name), text);
                    else if (!text.equals(golden(name))) differ.add(name);
                }
            }
        assertThat(differ).isEmpty();
    }

    private static String golden(String name) throws IOException {
        try (var in = FilesTest.class.getResourceAsStream("golden/" + name)) {
            return in == null ? null : new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void theCalendarIsReadByAnotherReaderWithItsAlarms() throws Exception {
        var calendar = new CalendarBuilder().build(new StringReader(text("calendar", "ics", fish())));
        calendar.validate();
        var events = calendar.<VEvent>getComponents(Component.VEVENT);
        var air = events.stream()
                .filter(e -> e.getSummary().getValue().startsWith("On air: "))
                .findFirst()
                .orElseThrow();
        assertThat(air.getProperty(Property.DTSTART).orElseThrow().getValue())
                .as("no zone: on the clock of wherever it is read")
                .isEqualTo("20261203T173000");
        assertThat(air.getAlarms()).hasSize(1);
        assertThat(events).extracting(e -> e.getUid().orElseThrow().getValue()).doesNotHaveDuplicates();
        assertThat(events)
                .extracting(e -> e.getSummary().getValue())
                .contains("Send the papers: Fish parcels, new potatoes", "Clear and wipe down (you)");
        assertThat(new CalendarBuilder()
                        .build(new StringReader(text("calendar", "ics", edition(Lesson.blank("x", 1, "Empty")))))
                        .getComponents())
                .as("a lesson without air time has nothing to be put on a calendar")
                .isEmpty();
    }

    /** What schema.org has for a recipe and its steps (schema.org 29, types Recipe, HowTo, HowToSection, HowToStep, HowToTool, Person). */
    private static final Map<String, Set<String>> NAMES = Map.of(
            "Recipe",
                    Set.of(
                            "name",
                            "description",
                            "author",
                            "inLanguage",
                            "recipeYield",
                            "prepTime",
                            "cookTime",
                            "totalTime",
                            "recipeIngredient",
                            "tool",
                            "recipeInstructions"),
            "HowToSection", Set.of("name", "itemListElement"),
            "HowToStep", Set.of("name", "position", "text"),
            "HowToTool", Set.of("name"),
            "Person", Set.of("name"));

    private static void names(JsonNode node, Set<String> wrong) {
        if (node.isObject()) {
            var type = node.path("@type").asText();
            node.fieldNames().forEachRemaining(f -> {
                if (!f.startsWith("@") && !NAMES.getOrDefault(type, Set.of()).contains(f)) wrong.add(type + "." + f);
            });
        }
        for (var child : node) names(child, wrong);
    }

    @Test
    void theRecipeIsInSchemaOrgsNamesWithAllergensInItsText() throws IOException {
        for (var lesson : List.of(
                fish(), edition(book.lessons().get(1)), edition(book.lessons().get(2)))) {
            var node = new ObjectMapper().readTree(text("recipe", "jsonld", lesson));
            var wrong = new TreeSet<String>();
            names(node, wrong);
            assertThat(wrong).isEmpty();
            assertThat(node.path("description").asText())
                    .startsWith("Contains ")
                    .contains("Read the label");
            for (var time : List.of("prepTime", "cookTime", "totalTime"))
                if (node.has(time))
                    assertThat(Duration.parse(node.path(time).asText())).isPositive();
        }
        var node = new ObjectMapper()
                .readTree(text("recipe", "jsonld", edition(book.lessons().get(1))));
        assertThat(node.path("recipeInstructions"))
                .allMatch(s -> s.path("@type").asText().equals("HowToSection"));
        assertThat(node.path("recipeInstructions").get(0).path("name").asText()).isEqualTo("Dough");
    }

    @Test
    void noTotalTimeIsToldWhereAStepHasNone() throws IOException {
        var open = book.lessons().getFirst().withStep("s5", s -> s.but(d -> d.hands = TimeRange.ZERO));
        assertThat(new ObjectMapper()
                        .readTree(text("recipe", "jsonld", edition(open)))
                        .has("totalTime"))
                .isFalse();
    }

    @Test
    void captionsAreWebVttAndSubRipWhateverIsSaid() {
        var odd = book.lessons()
                .getFirst()
                .withStep("s1", s -> s.but(d -> d.say = "<b>Mind</b> the arrow --> & the \"pan\".\n\nThen stir."));
        var vtt = text("captions", "vtt", edition(odd));
        assertThat(vtt).startsWith("WEBVTT\n\n");
        var cue = "\\d\\d:\\d\\d:\\d\\d\\.\\d{3} --> \\d\\d:\\d\\d:\\d\\d\\.\\d{3}";
        var blocks = vtt.strip().split("\n\n");
        for (int i = 1; i < blocks.length; i++) {
            var lines = blocks[i].split("\n");
            assertThat(lines[0]).matches(cue);
            assertThat(lines).hasSizeBetween(2, 3);
            for (int l = 1; l < lines.length; l++)
                assertThat(lines[l]).doesNotContain("-->").doesNotContainPattern("<[a-z/]");
        }
        var srt = text("captions", "srt", edition(odd)).split("\r\n\r\n");
        for (int i = 0; i < srt.length; i++) {
            var lines = srt[i].split("\r\n");
            assertThat(lines[0]).isEqualTo(String.valueOf(i + 1));
            assertThat(lines[1]).matches(cue.replace("\\.", ","));
            for (int l = 2; l < lines.length; l++)
                assertThat(lines[l]).doesNotContain("-->").doesNotContain("<");
        }
        assertThat(text("chapters", "vtt", edition(odd))).startsWith("WEBVTT\n\n1\n00:00:00.000 --> ");
        assertThat(text("chapters", "txt", edition(odd))).startsWith("0:00 Welcome\n");
    }

    @Test
    void tablesAreReadByAnotherReaderAndNoCellIsRun() throws IOException {
        var odd = book.lessons()
                .getFirst()
                .withFood("f4", f -> f.but(d -> d.item = "=cmd|' /C calc'!A0"))
                .withStep("s4", s -> s.but(d -> d.title = "@SUM(1+1)"));
        for (var id : List.of("lists", "running-order-data", "edit-list")) {
            var csv = text(id, "csv", edition(odd));
            try (var parser = CSVFormat.RFC4180
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .get()
                    .parse(new StringReader(csv))) {
                var rows = parser.getRecords();
                assertThat(rows).isNotEmpty().allMatch(r -> r.isConsistent());
                for (var row : rows) for (var cell : row) assertThat(cell).doesNotMatch("(?s)^\\s*[=+@-].*[A-Za-z(].*");
            }
        }
        var data = new ObjectMapper().readTree(text("running-order-data", "json", fish()));
        assertThat(data.path("steps")).hasSize(17);
        assertThat(data.path("steps").get(3).path("waits").get(0).asText()).startsWith("starts: simmers");
        assertThat(new ObjectMapper()
                        .readTree(text("edit-list", "json", fish()))
                        .path("spans"))
                .isNotEmpty();
    }

    @Test
    void theDescriptionHasListAndChaptersAndTheSameAsThePapers() {
        var text = text("description", "txt", fish());
        assertThat(text)
                .contains(
                        "- 350 g new potatoes, scrubbed",
                        "- black pepper, to taste",
                        "0:00 Welcome",
                        "Contains fish, milk.")
                .contains("Local food safety rules");
        assertThat(text("prompter", "txt", fish())).contains("4  Potatoes on", "▲ ");
    }
}
