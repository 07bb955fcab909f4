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

/** The plan before air from the terminal. */
class PrepCommandTest {
    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    @BeforeEach
    void copy() throws IOException {
        DemoCourse.copyTo(folder);
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

    private String lesson(String name) {
        return folder.resolve(name + ".lesson.json").toString();
    }

    @Test
    void aLessonsPlanHasItsJobsInTheirOrderWithItsProof() throws IOException {
        assertThat(run("prep", "--json", lesson("2-cheese-scones")))
                .as(err.toString())
                .isZero();
        var plan = json();
        assertThat(plan.path("proved").asBoolean()).isTrue();
        assertThat(plan.path("bound").asInt())
                .isEqualTo(plan.path("start").asInt())
                .isNegative();
        assertThat(plan.path("clashes")).isEmpty();
        int last = Integer.MIN_VALUE;
        for (var job : plan.path("jobs")) {
            assertThat(job.path("at").asInt()).isGreaterThanOrEqualTo(last);
            last = job.path("at").asInt();
            assertThat(job.fieldNames())
                    .toIterable()
                    .containsExactly("id", "what", "who", "at", "takes", "needs", "after");
        }
        assertThat(plan.path("jobs")).anyMatch(j -> j.path("what").asText().equals("Oven on, 200 °C fan"));
        assertThat(plan.path("jobs")).anyMatch(j -> j.path("needs").toString().contains("oven"));
        assertThat(run("prep", lesson("2-cheese-scones"))).isZero();
        assertThat(out.toString()).contains("Clear and wipe down", "proved: no later start exists");
    }

    @Test
    void lessonsOfOneDayShareTheKitchenAndOthersHaveTheirOwn() throws IOException {
        assertThat(run("prep", "--json", folder.toString())).isZero();
        assertThat(json().path("days")).hasSize(3);
        var second = folder.resolve("2-cheese-scones.lesson.json");
        Files.writeString(second, Files.readString(second).replace("2026-12-10T10:00", "2026-12-03T20:30"));
        assertThat(run("prep", "--json", folder.toString())).isZero();
        assertThat(json().path("days")).hasSize(2);
        assertThat(json().path("days").get(0).path("jobs"))
                .anyMatch(j -> j.path("id").asText().startsWith("2-cheese-scones/"));
    }

    @Test
    void stepsWithoutATimeAreToldBesideThePlan() throws IOException {
        var file = folder.resolve("1-fish-parcels.lesson.json");
        var text = Files.readString(file);
        Files.writeString(file, text.replaceFirst("\"hands\" : \"1:45\",", ""));
        assertThat(run("prep", "--json", file.toString())).isZero();
        assertThat(err.toString()).contains("prep: Fish parcels, new potatoes: 1 step has no time yet");
        assertThat(json().path("start").asInt()).isNegative();
    }

    @Test
    void whatCannotBeReadSaysSo() {
        assertThat(run("prep", folder.resolve("none.lesson.json").toString())).isEqualTo(2);
        assertThat(run("prep", lesson("1-fish-parcels"), "--effort", "0")).isEqualTo(2);
        assertThat(err.toString()).contains("expected more than 0");
    }
}
