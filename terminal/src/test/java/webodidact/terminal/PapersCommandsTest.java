package webodidact.terminal;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import webodidact.formats.demo.DemoCourse;

/** Lists, papers and readers from the terminal. */
class PapersCommandsTest {
    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    @BeforeEach
    void copy() throws IOException {
        DemoCourse.copyTo(folder.resolve("course"));
    }

    private String lesson(String name) {
        return folder.resolve("course").resolve(name + ".lesson.json").toString();
    }

    private int run(String... args) {
        out.getBuffer().setLength(0);
        err.getBuffer().setLength(0);
        return Terminal.run(
                new BufferedReader(new StringReader("")), new PrintWriter(out, true), new PrintWriter(err, true), args);
    }

    private JsonNode json() throws IOException {
        return new ObjectMapper().readTree(out.toString());
    }

    @Test
    void aHomesListIsScaledToItsPeople() throws IOException {
        assertThat(run("list", "--json", lesson("1-fish-parcels"), "--for", "home"))
                .isZero();
        assertThat(json().path("entries").get(3).path("take").asText()).isEqualTo("350 g");
        assertThat(run("list", "--json", lesson("1-fish-parcels"), "--servings", "6"))
                .isZero();
        var potatoes = json().path("entries").get(3);
        assertThat(potatoes.path("take").asText()).isEqualTo("1050 g");
        assertThat(potatoes.path("steps")).hasSize(3);
        assertThat(run("list", lesson("1-fish-parcels"))).isZero();
        assertThat(out.toString()).contains("From the greengrocer  350 g  new potatoes  scrubbed");
        assertThat(run("list", "--json", lesson("1-fish-parcels"), "--home", "dunlin"))
                .isZero();
        assertThat(json().path("entries").get(0).path("instead").asText()).isEqualTo("skinless white fish fillets");
        assertThat(json().path("entries").get(0).path("contains").asText()).isEqualTo("soya");
    }

    @Test
    void labelsAreForTheSheetsThatAreThere() throws IOException {
        var to = folder.resolve("labels").toString();
        assertThat(run(
                        "papers",
                        lesson("3-vegetable-dumplings"),
                        "--out",
                        to,
                        "--only",
                        "labels",
                        "--labels",
                        "65",
                        "--draft"))
                .isZero();
        assertThat(out.toString()).contains("3-vegetable-dumplings-labels.pdf");
        assertThat(run("papers", lesson("3-vegetable-dumplings"), "--out", to, "--labels", "12"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("--labels '12': expected one of 65, 24, 21, 14, 8");
        assertThat(run("papers", lesson("3-vegetable-dumplings"), "--out", to, "--first-label", "22"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("expected 1 to 21");
    }

    @Test
    void aHomeWithoutAnOvenReadsWhatAnotherHeatTakesOver() throws IOException {
        var homes = folder.resolve("course").resolve("households.csv");
        Files.writeString(homes, Files.readString(homes) + "Ruff,metric,,,,,14,yes,no,yes,no,\n");
        assertThat(run("list", "--json", lesson("1-fish-parcels"), "--home", "Ruff"))
                .isZero();
        var step = json().path("withoutOven").get(0);
        assertThat(step.path("step").asInt()).isEqualTo(7);
        assertThat(step.path("ways").get(0).path("tool").asText()).isEqualTo("air fryer");
        assertThat(step.path("ways").get(0).path("known").asBoolean()).isFalse();
        assertThat(step.path("ways").get(1).path("time").asText()).isEqualTo("20–24 min");
        assertThat(run("list", "--json", lesson("1-fish-parcels"), "--home", "Avocet"))
                .isZero();
        assertThat(json().path("withoutOven")).isEmpty();
    }

    @Test
    void theOtherListsAreOfTheSameLesson() throws IOException {
        assertThat(run("list", "--json", lesson("3-vegetable-dumplings"), "--for", "kit", "--groups", "3"))
                .isZero();
        assertThat(json().path("sets").asInt()).isEqualTo(4);
        assertThat(run("list", "--json", lesson("2-cheese-scones"), "--for", "shoot"))
                .isZero();
        assertThat(json().path("spares").asInt()).isEqualTo(1);
        assertThat(run("list", "--json", lesson("1-fish-parcels"), "--for", "bench"))
                .isZero();
        assertThat(json().path("steps").get(0).path("step").asInt()).isEqualTo(4);
        assertThat(run("list", "--json", lesson("1-fish-parcels"), "--for", "pupil"))
                .isZero();
        assertThat(json().path("answers").get(0).asText()).startsWith("skinless white fish fillets: 2");
        for (var kind : new String[] {"kit", "shoot", "bench", "pupil"})
            assertThat(run("list", lesson("1-fish-parcels"), "--for", kind)).isZero();
        assertThat(run("list", lesson("1-fish-parcels"), "--for", "guests")).isEqualTo(2);
        assertThat(err.toString()).contains("expected one of home, shoot, bench, kit, pupil");
        assertThat(run("list", lesson("1-fish-parcels"), "--servings", "0")).isEqualTo(2);
        assertThat(run("list", lesson("1-fish-parcels"), "--home", "Nobody")).isEqualTo(2);
    }

    @Test
    void stopsHoldThePapersTheyMakeWrongAndADraftSaysSo() throws IOException {
        var to = folder.resolve("papers");
        assertThat(run("papers", lesson("1-fish-parcels"), "--out", to.toString(), "--only", "gather,method"))
                .isEqualTo(1);
        assertThat(err.toString()).contains("Method card waits for 1 stop");
        assertThat(to.resolve("1-fish-parcels-gather-list.pdf")).exists();
        assertThat(to.resolve("1-fish-parcels-method-card.pdf")).doesNotExist();
        assertThat(run("papers", lesson("1-fish-parcels"), "--out", to.toString(), "--only", "method", "--draft"))
                .isZero();
        assertThat(Files.readString(to.resolve("1-fish-parcels-method-card.html")))
                .contains("DRAFT");
        assertThat(out.toString()).contains("1-fish-parcels-method-card.pdf");
    }

    @Test
    void papersAreForHomesSizesMeasuresAndLanguages() throws IOException {
        var to = folder.resolve("papers");
        assertThat(run(
                        "papers",
                        lesson("1-fish-parcels"),
                        "--out",
                        to.toString(),
                        "--only",
                        "gather",
                        "--all-homes",
                        "--paper",
                        "letter"))
                .isZero();
        try (var files = Files.list(to)) {
            assertThat(files.count()).isEqualTo(48);
        }
        assertThat(run(
                        "papers",
                        lesson("1-fish-parcels"),
                        "--out",
                        to.toString(),
                        "--only",
                        "gather",
                        "--home",
                        "dunlin",
                        "--measures",
                        "us",
                        "--language",
                        "de"))
                .isZero();
        assertThat(Files.readString(to.resolve("1-fish-parcels-gather-list-dunlin.html")))
                .contains("lang=\"de\"", "statt skinless white fish fillets", "oz")
                .doesNotContain("350 g");
        assertThat(run("papers", lesson("1-fish-parcels"), "--out", to.toString(), "--paper", "a3"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("--paper 'a3': expected one of a4, letter");
        assertThat(run("papers", lesson("1-fish-parcels"), "--out", to.toString(), "--only", "poster"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("no such paper; expected some of gather-list");
        assertThat(run(
                        "papers",
                        folder.resolve("course").toString(),
                        "--out",
                        to.toString(),
                        "--only",
                        "calendar",
                        "--draft"))
                .isZero();
        assertThat(to.resolve("3-vegetable-dumplings-calendar.ics")).exists();
    }

    @Test
    void aSavedPageBecomesALessonAndWhatWasLeftIsSaid() throws IOException {
        var page = folder.resolve("pie.html");
        Files.writeString(page, """
                <html><body><nav>Home</nav><script type="application/ld+json">
                {"@context":"https://schema.org","@type":"Recipe","name":"Kale pie","recipeYield":"4",
                 "recipeIngredient":["500 g potatoes","200 g kale","1 egg"],
                 "recipeInstructions":[{"@type":"HowToStep","text":"Boil the potatoes for 15 minutes."},
                 {"@type":"HowToStep","text":"Wilt the kale, then bake everything for 30 minutes at 190 °C."}],
                 "nutrition":{"calories":"200"}}
                </script></body></html>""");
        var made = folder.resolve("new").resolve("1-pie.lesson.json");
        assertThat(run("import", page.toString(), "--out", made.toString()))
                .as(err.toString())
                .isZero();
        assertThat(out.toString()).contains("3 foods");
        assertThat(err.toString())
                .contains("import: read as a web page with recipe data")
                .contains("import: left: nutrition")
                .contains("import: left: the rest of the page: Home");
        run("clock", made.toString());
        assertThat(out.toString()).contains("Boil the potatoes");
        assertThat(run("import", page.toString(), "--out", made.toString()))
                .as("nothing is written over")
                .isEqualTo(2);
        Files.writeString(page, "<html></html>");
        var none = folder.resolve("none").resolve("1-none.lesson.json");
        assertThat(run("import", page.toString(), "--out", none.toString())).isEqualTo(2);
        assertThat(folder.resolve("none"))
                .as("what cannot be read leaves no course behind")
                .doesNotExist();
    }

    @Test
    void aLessonOfAnotherCourseIsTakenOver() {
        var made = folder.resolve("other").resolve("1-fish.lesson.json");
        assertThat(run("import", lesson("1-fish-parcels"), "--out", made.toString()))
                .isZero();
        assertThat(out.toString()).contains("11 foods, 17 steps");
        assertThat(run("list", made.toString(), "--for", "pupil")).isZero();
    }
}
