package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import webodidact.core.check.Finding;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Doubt;
import webodidact.core.lesson.Step;
import webodidact.core.time.Clock;
import webodidact.core.time.TimeRange;

/** One lesson from blank page to aired and reviewed, by keyboard and mouse, and everything back again. */
class JourneyTest extends WindowTest {
    private static final String RECIPE = """
            Ingredients
            250 g plain flour
            2 x 400 g tins chickpeas, drained
            150 g Greek yoghurt
            a knob of butter
            1 tbsp moonberry paste
            """;

    @Test
    void theWholeWay() throws Exception {
        var before = workspace().book();
        newLesson();
        pasteTheRecipe();
        writeThreeSteps();
        var withSteps = lesson();
        coverTheWait();
        mendTheStop();
        exportTheGatherList();
        air();
        seeAfters();
        var end = workspace().book();
        reopen();
        assertThat(workspace().book()).isEqualTo(end);
        assertThat(lesson().title()).isEqualTo("Chickpea flatbreads");
        assertThat(window.station()).isEqualTo("afters");
        assertThat(withSteps.steps()).hasSize(7);
        assertThat(before.lessons()).hasSize(3);
    }

    private void newLesson() {
        robot.push(KeyCode.CONTROL, KeyCode.N);
        type("#new-title", "Chickpea flatbreads");
        fill("#new-slot", "20");
        assertThat(lesson().title()).isEqualTo("Chickpea flatbreads");
        assertThat(lesson().id()).isEqualTo("4-chickpea-flatbreads");
        assertThat(course.resolve("4-chickpea-flatbreads.lesson.json")).exists();
    }

    private void pasteTheRecipe() {
        go(2);
        click("#paste-recipe");
        paste("#paste-area", RECIPE);
        assertThat(text("#add-pasted")).isEqualTo("Add 5 foods and no step");
        click("#add-pasted");
        assertThat(lesson().foods())
                .extracting(f -> f.food())
                .containsExactly("plain-flour", "chickpeas", "yoghurt", "butter", null);
        assertThat(lesson().foods().getLast().unsure())
                .containsExactly(new Doubt(Doubt.Kind.UNKNOWN_FOOD, "moonberry paste"));
        assertThat(outcome().report().open()).extracting(Finding::check).doesNotContain("listed-not-used");
    }

    private void writeThreeSteps() {
        go(3);
        addStep("Knead", "Flour and yoghurt into the bowl, and knead.");
        var knead = workspace().stepProperty().get();
        fact("hands", knead);
        fill("#hands-" + knead, "4-6");
        fact("wait", knead);
        fill("#wait-" + knead, "10-12");
        for (var line : new String[] {"f1", "f3"}) proposal("#suggest-" + knead + "-use-" + line);
        addStep("Mash", "Mash the chickpeas with butter and capers.");
        var mash = workspace().stepProperty().get();
        fill("#fact-" + mash, "hands 3");
        addStep("Bake", "Into the oven, flat on the tray.");
        var bake = workspace().stepProperty().get();
        fact("heat", bake);
        fill("#heat-" + bake, "220");
        fill("#fact-" + bake, "hands 1");
        assertThat(step(knead).hands()).isEqualTo(new TimeRange(240, 360));
        assertThat(step(knead).uses()).hasSize(2);
        var checks = outcome().report().open().stream().map(Finding::check).toList();
        assertThat(checks)
                .contains(
                        "wait-never-collected",
                        "oven-never-heated",
                        "oven-kind-unstated",
                        "used-not-listed",
                        "listed-not-used");
        assertThat(text("#stops")).isEqualTo("■ 3 stops");
    }

    private void addStep(String title, String say) {
        click("#add-step");
        var id = workspace().stepProperty().get();
        write(title);
        settle();
        type("#say-" + id, say);
        assertThat(step(id).title()).isEqualTo(title);
        assertThat(step(id).say()).isEqualTo(say);
    }

    private void coverTheWait() {
        var knead = lesson().steps().get(4).id();
        choose(knead);
        go(4);
        int open = outcome().schedule().planned();
        click("#choose-stay");
        assertThat(step(knead).waiting().cover()).isEqualTo(Cover.STAY);
        assertThat(outcome().schedule().planned()).isEqualTo(open + 660);
        assertThat(text("#planned")).isEqualTo(Clock.text(open + 660));
        click("#choose-carryOn");
        assertThat(step(knead).waiting().cover()).isInstanceOf(Cover.CarryOn.class);
        assertThat(outcome().report().open()).extracting(Finding::check).doesNotContain("wait-never-collected");
    }

    private void mendTheStop() {
        go(6);
        click("#paper-method-card");
        assertThat(find("#write-paper").isDisabled()).isTrue();
        click("#mend-oven-kind-unstated");
        click("#mend-oven-never-heated");
        assertThat(outcome().report().stops()).isZero();
        assertThat(find("#write-paper").isDisabled()).isFalse();
        assertThat(lesson().steps()).anyMatch(s -> s.acts().contains(Act.OVEN_ON));
    }

    private Path papers() {
        return workspace().folder().path().resolve("Papers").resolve(lesson().id());
    }

    private void exportTheGatherList() throws Exception {
        go(6);
        click("#paper-gather-list");
        click("#write-paper");
        for (int i = 0; i < 100 && !text("#notice").contains("written"); i++) Thread.sleep(50);
        assertThat(text("#notice")).startsWith("2 files written to");
        assertThat(Files.readString(papers().resolve("4-chickpea-flatbreads-gather-list.html")))
                .contains("chickpeas")
                .contains("Chickpea flatbreads");
        assertThat(Files.size(papers().resolve("4-chickpea-flatbreads-gather-list.pdf")))
                .isGreaterThan(5000);
    }

    private void air() throws Exception {
        go(7);
        click("#go-live");
        for (Step step : lesson().steps()) {
            assertThat(text("#air-title")).isEqualTo(step.title());
            ticker.pass(100);
            robot.push(KeyCode.SPACE);
            settle();
        }
        assertThat(isThere("#again")).isTrue();
        var take = workspace().book().takesOf(lesson().id()).getFirst();
        assertThat(take.total()).isEqualTo(700);
        assertThat(take.steps()).hasSize(7).allMatch(s -> s.seconds() == 100);
        assertThat(Files.readString(course.resolve("takes.csv"))).contains("4-chickpea-flatbreads");
    }

    private void seeAfters() {
        click("#go-afters");
        assertThat(window.station()).isEqualTo("afters");
        var mash = lesson().steps().get(5).id();
        click("#adopt");
        assertThat(step(mash).hands()).isEqualTo(TimeRange.of(100));
        undo();
        assertThat(step(mash).hands()).isEqualTo(TimeRange.of(180));
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        settle();
        assertThat(step(mash).hands()).isEqualTo(TimeRange.of(100));
    }

    @Test
    void everythingCanBeUndone() throws Exception {
        var before = workspace().book();
        var bytes = bytes();
        newLesson();
        pasteTheRecipe();
        writeThreeSteps();
        coverTheWait();
        for (int i = 0; i < 80 && workspace().undoLabel().isPresent(); i++)
            robot.interact(() -> workspace().undo());
        settle();
        assertThat(workspace().book()).isEqualTo(before);
        assertThat(course.resolve("4-chickpea-flatbreads.lesson.json")).doesNotExist();
        assertThat(bytes()).isEqualTo(bytes);
        reopen();
        assertThat(workspace().book()).isEqualTo(before);
    }

    /** What each file of the course holds. */
    private Map<String, String> bytes() throws IOException {
        var all = new TreeMap<String, String>();
        try (var files = Files.list(course)) {
            for (var file : files.toList()) all.put(file.getFileName().toString(), Files.readString(file));
        }
        return all;
    }
}
