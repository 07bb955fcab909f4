package webodidact.terminal;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A page of text becomes a lesson that the other commands work on. */
class DraftTest {
    private static final String PAGE = """
            Saltmarsh bean stew
            Serves 4
            Jump to recipe

            1 tbsp olive oil
            2 onions
            2 tins butter beans
            2 tbsp moonberry paste
            400 ml vegetable stock

            Method
            1. Finely chop the onions.
            2. Fry the onions in the oil for 8 to 10 minutes until soft.
            3. Tip in the beans, the moonberry paste and the stock. Simmer for 20 minutes.
            4. Ask everybody how it smells.
            5. Serve.
            """;

    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String... args) {
        out.getBuffer().setLength(0);
        err.getBuffer().setLength(0);
        return Terminal.run(
                new BufferedReader(new StringReader("")), new PrintWriter(out, true), new PrintWriter(err, true), args);
    }

    private Path page(String text) throws IOException {
        return Files.writeString(folder.resolve("page.txt"), text);
    }

    private Path lesson() {
        return folder.resolve("course").resolve("1-stew.lesson.json");
    }

    @Test
    void aPageBecomesALessonThatClockCheckAndHomesWorkOn() throws IOException {
        assertThat(run("draft", page(PAGE).toString(), "--out", lesson().toString(), "--slot", "60"))
                .as(err.toString())
                .isZero();
        assertThat(out.toString()).contains("5 foods").contains("steps");
        assertThat(err.toString())
                .contains("“2 tbsp moonberry paste”: “moonberry paste” is not in the food table")
                .contains("left out, no part of a recipe: “Jump to recipe”")
                .contains("Ask everybody how it smells: no time is known");
        run("clock", lesson().toString());
        assertThat(out.toString())
                .contains("8–10 min, carry-on")
                .contains("1 step untimed")
                .contains("planned at least")
                .doesNotContain("in hand");
        run("check", lesson().toString());
        assertThat(err.toString()).isEmpty();
        assertThat(run("homes", lesson().toString(), "--homes", "50")).isZero();
    }

    @Test
    void nothingIsWrittenOverAndWhatCannotBeReadSaysSo() throws IOException {
        var page = page(PAGE).toString();
        assertThat(run("draft", page, "--out", lesson().toString())).isZero();
        var before = Files.readString(lesson());
        assertThat(run("draft", page, "--out", lesson().toString())).isEqualTo(2);
        assertThat(err.toString()).contains("is there already and stays as it is");
        assertThat(Files.readString(lesson())).isEqualTo(before);
        assertThat(run("draft", page, "--out", folder.resolve("x.json").toString()))
                .isEqualTo(2);
        assertThat(run(
                        "draft",
                        folder.resolve("none.txt").toString(),
                        "--out",
                        folder.resolve("a.lesson.json").toString()))
                .isEqualTo(2);
        assertThat(err.toString()).contains("there is no file");
        assertThat(run("draft", page, "--out", folder.resolve("b.lesson.json").toString(), "--audience", "cats"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("expected one of").contains("ages-7-11");
        assertThat(run(
                        "draft",
                        page("\n\n").toString(),
                        "--out",
                        folder.resolve("c.lesson.json").toString()))
                .isEqualTo(2);
        assertThat(folder.resolve("c.lesson.json")).doesNotExist();
    }

    @Test
    void deliveryDecidesHowWaitsAreCovered() throws IOException {
        assertThat(run("draft", page(PAGE).toString(), "--out", lesson().toString(), "--delivery", "recorded"))
                .isZero();
        run("clock", "--json", lesson().toString());
        assertThat(out.toString()).contains("\"cut\"");
    }

    private Path homes(String table) throws IOException {
        return Files.writeString(folder.resolve("homes.csv"), table);
    }

    private Path course() {
        run("draft", folder.resolve("page.txt").toString(), "--out", lesson().toString());
        return folder.resolve("course");
    }

    @Test
    void aTableOfHomesGoesIntoTheCourseAndEachColumnIsAccountedFor() throws IOException {
        page(PAGE);
        var course = course();
        var table = homes("Name,Any allergies?,Favourite colour\nRedshank,\"egg, dairy\",green\nTurnstone,none,blue\n");
        assertThat(run("import", table.toString(), "--out", course.toString()))
                .as(err.toString())
                .isZero();
        assertThat(err.toString())
                .contains("“Any allergies?” is read as allergies")
                .contains("left: the column “Favourite colour”");
        assertThat(out.toString()).contains("2 homes written").contains("egg 1, milk 1, 1 without an allergy");
        assertThat(course.resolve("households.csv")).content().contains("Redshank", "Turnstone");
        run("homes", lesson().toString());
        assertThat(run("import", table.toString(), "--out", course.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("has 2 homes already: with --replace they make way");
        var other = homes("alias,allergies\nDotterel,sesame\n");
        assertThat(run("import", other.toString(), "--out", course.toString(), "--replace"))
                .isZero();
        assertThat(course.resolve("households.csv"))
                .content()
                .contains("Dotterel")
                .doesNotContain("Redshank");
    }

    @Test
    void oneHomeThatCannotBeReadKeepsAllOut() throws IOException {
        page(PAGE);
        var course = course();
        var table = homes("alias,allergies\nRedshank,milk\nTurnstone,moonberry\n");
        assertThat(run("import", table.toString(), "--out", course.toString())).isEqualTo(2);
        assertThat(err.toString())
                .contains("nothing is written")
                .contains("moonberry")
                .contains("line 3");
        assertThat(course.resolve("households.csv")).doesNotExist();
        var noAllergies = homes("alias,colour\nRedshank,green\n");
        assertThat(run("import", noAllergies.toString(), "--out", course.toString()))
                .isEqualTo(2);
        assertThat(err.toString()).contains("allergies");
    }
}
