package webodidact.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.outcome.Outcome;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.demo.DemoCourse;
import webodidact.formats.json.JsonFile;

/** A lesson that forks, on paper: all branches for everybody, its own one for a home, the one on air for the instructor. */
class BranchPapersTest {
    @TempDir
    Path folder;

    /** The demo lesson, in which its fish is for some, and only the beans for others. */
    private Outcome forked() throws IOException {
        DemoCourse.copyTo(folder);
        var book = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder))
                .value()
                .workbook();
        var lesson = book.lessons().getFirst();
        var fish = lesson.foods().stream()
                .filter(f -> f.item().contains("fish"))
                .findFirst()
                .orElseThrow();
        var forked = lesson.withSteps(lesson.steps().stream()
                .map(s -> s.usesLine(fish.id())
                        ? s.but(d -> d.branch = "With fish")
                        : s.id().equals("s5") ? s.but(d -> d.branch = "With beans") : s)
                .toList());
        return Outcome.of(forked, book.course(), Knowledge.shipped());
    }

    private static String card(Edition edition) {
        return ((PagePaper) Papers.of("method-card"))
                .html(edition, PagePaper.Medium.PRINT)
                .replaceAll("<[^>]+>", " ");
    }

    @Test
    void theMethodCardTellsBothWaysToEverybodyAndItsOwnToAHome() throws IOException {
        var outcome = forked();
        assertThat(card(Edition.of(outcome)))
                .contains("Either: With beans", "Or: With fish", "Only: With fish", "And then, all together");
        var vegan = Household.named("Ash").but(d -> d.diets = Set.of("vegan"));
        var title = outcome.lesson().step("s8").orElseThrow().title();
        assertThat(card(Edition.of(outcome))).contains(title);
        assertThat(card(Edition.of(outcome).forHome(vegan))).doesNotContain("Either:", "Or:");
    }

    @Test
    void theGatherListTellsOfWhichBranchAFoodIs() throws IOException {
        var html = ((PagePaper) Papers.of("gather-list")).html(Edition.of(forked()), PagePaper.Medium.PRINT);
        assertThat(html).contains("only for: With fish");
    }

    @Test
    void whatIsNotOnAirIsNotInThePrompter() throws IOException {
        var outcome = forked();
        var shown = outcome.lesson().but(d -> d.branch = "With beans");
        var other = Outcome.of(shown, outcome.course(), outcome.knowledge());
        var paper = (FilePaper) Papers.of("prompter");
        for (var step : shown.steps()) {
            if (step.say().isBlank()) continue;
            assertThat(paper.written(Edition.of(other), "txt").contains("  " + step.title() + "\n"))
                    .as(step.title())
                    .isEqualTo(!other.schedule().left().contains(step.id()));
        }
        assertThat(other.schedule().left()).isNotEmpty();
    }

    @Test
    void aForkIsKeptInTheFile() throws IOException {
        var lesson = forked().lesson().but(d -> d.branch = "With beans");
        var read = (Read.Done<Lesson>) JsonFile.readLesson("x", lesson.id(), JsonFile.write(lesson));
        assertThat(read.value()).isEqualTo(lesson);
    }
}
