package webodidact.core.air;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Allergen;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;

/** Questions as homes put them; the file says what each means, and where nothing may be answered. */
class AnsweringTest {
    private static final Knowledge KNOWN = Knowledge.shipped();
    private static final Course COURSE = Course.named("Saltmarsh Supper School");
    private final Lesson lesson = Supper.lesson();
    private final Answering answering = new Answering(lesson, List.of(), KNOWN, COURSE);

    private static Household home(String wants) {
        return Household.named("Tern").but(d -> {
            var parts = wants.split(":");
            switch (parts[0]) {
                case "allergy" -> d.allergies = Set.of(Allergen.parse(parts[1]));
                case "tool" -> d.missingTools = Set.of(parts[1]);
                case "food" -> d.missingFoods = Set.of(parts[1]);
                case "no-oven" -> d.oven = false;
                default -> {}
            }
        });
    }

    /** What was read, "FOOD f6 parsley", and a star for any stand-in. */
    private String read(Answering answering, String question, String wants, String standIn) {
        var answer = answering.of(question, home(wants));
        var stands = answer.standIn()
                .orElse(answer.kind() == Answering.Kind.TOOL && answer.say().startsWith("Use") ? "*" : "-");
        if (standIn.equals("*") && !stands.equals("-")) stands = "*";
        if (answer.kind() == Answering.Kind.TOOL && stands.equals("*") && !standIn.equals("-")) stands = standIn;
        var about = answer.about().isEmpty() ? "-" : answer.about();
        return answer.kind() + " " + about + " " + stands;
    }

    private List<String> wrong(String file) throws IOException {
        return wrong(file, answering);
    }

    private List<String> wrong(String file, Answering answering) throws IOException {
        var all = new ArrayList<String>();
        try (var in = AnsweringTest.class.getResourceAsStream(file)) {
            for (var row : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
                if (row.isBlank() || row.startsWith("#")) continue;
                var part = row.split("\\|");
                var expected = part[2] + " " + part[3] + " " + part[4];
                var read = read(answering, part[0], part[1], part[4]);
                if (!read.equals(expected)) all.add(part[0] + ": " + expected + ", read " + read);
            }
        }
        return all;
    }

    @Test
    void whatHomesAskIsReadOrLeftAlone() throws IOException {
        assertThat(wrong("questions.txt")).isEmpty();
    }

    @Test
    void freshQuestionsAreReadOrLeftAlone() throws IOException {
        assertThat(wrong("questions-fresh.txt")).isEmpty();
    }

    @Test
    void theSameHoldsForAnotherLesson() throws IOException {
        var scones = new Answering(Supper.scones(), List.of(), KNOWN, COURSE);
        assertThat(wrong("questions-scones.txt", scones)).isEmpty();
    }

    @Test
    void theAnswerIsInThatHomesMeasuresWithWhatFollows() {
        var us = home("food:yoghurt").but(d -> d.system = MeasureSystem.US);
        var answer = answering.of("We have no yoghurt, is soured cream ok?", us);
        assertThat(answer.say()).contains("cup").contains("sour cream").contains("in place of thick plain yoghurt");
        assertThat(answer.then()).anySatisfy(t -> assertThat(t).contains("milk"));
    }

    @Test
    void nobodyIsToldThatADishIsSafe() {
        var answer = answering.of("nut allergy here, is this ok", home("allergy:nuts"));
        assertThat(answer.say()).startsWith("Nothing on the list declares ");
        assertThat(answer.then()).last().asString().contains("doctor");
        assertThat(answer.say() + answer.then()).doesNotContain("free from").doesNotContain("safe");
    }

    @Test
    void aStandInThatThisHomeCannotEatIsNotGivenToIt() {
        var home = home("allergy:milk");
        var answer = answering.of("no yoghurt, can we use soured cream?", home);
        assertThat(answer.offer()).isNull();
        assertThat(answer.say()).startsWith("Not ").contains("in place of thick plain yoghurt");
    }
}
