package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.LocalDateTime;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.input.Clipboard;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Received;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.TakeKind;
import webodidact.core.lesson.Went;

/** Afters from end to end: times taken in, retakes chosen, how it went, what homes sent, what goes on to later lessons, the course. */
class AftersJourneyTest extends WindowTest {
    private void afters(String lesson, String tab) {
        robot.interact(() -> workspace().show(lesson));
        settle();
        go(8);
        click("#afters-" + tab);
    }

    private List<String> texts(String query) {
        return robot.lookup(query).queryAll().stream()
                .filter(n -> n instanceof Label)
                .map(n -> ((Label) n).getText())
                .toList();
    }

    private List<String> buttons(String query) {
        return robot.lookup(query).queryAll().stream()
                .filter(n -> n instanceof Button)
                .map(n -> ((Button) n).getText())
                .toList();
    }

    @Test
    void someOfTheMeasuredTimesAreTakenInAndUndone() {
        afters("1-fish-parcels", "plan");
        var before = lesson();
        var boxes = robot.lookup(".check-box").queryAll().stream()
                .map(n -> (CheckBox) n)
                .filter(CheckBox::isSelected)
                .toList();
        assertThat(boxes).hasSizeGreaterThan(1);
        var left = boxes.getFirst().getId();
        click("#" + left);
        int n = boxes.size() - 1;
        assertThat(text("#adopt")).isEqualTo(n == 1 ? "Take 1 measured time in" : "Take " + n + " measured times in");
        click("#adopt");
        var id = left.substring("take-in-".length());
        assertThat(step(id)).isEqualTo(before.step(id).orElseThrow());
        assertThat(lesson()).isNotEqualTo(before);
        assertThat(find("#adopt").isDisabled())
                .as("taken in twice changes nothing")
                .isTrue();
        undo();
        assertThat(lesson()).isEqualTo(before);
    }

    @Test
    void whatToDoDifferentlyIsOnePressWithItsPrice() {
        afters("1-fish-parcels", "plan");
        var priced = buttons(".finding .button").stream()
                .filter(b -> b.matches(".*: [+−]\\d+:\\d\\d"))
                .toList();
        assertThat(priced).isNotEmpty();
        int planned = outcome().schedule().planned();
        var first = priced.getFirst();
        var button = robot.lookup(".finding .button").queryAll().stream()
                .filter(b -> ((Button) b).getText().equals(first))
                .findFirst()
                .orElseThrow();
        robot.interact(((Button) button)::fire);
        settle();
        var price = first.substring(first.lastIndexOf(' ') + 1);
        int minutes = Integer.parseInt(price.substring(1, price.indexOf(':')));
        int seconds = Integer.parseInt(price.substring(price.indexOf(':') + 1));
        int off = (price.charAt(0) == '+' ? 1 : -1) * (minutes * 60 + seconds);
        assertThat(outcome().schedule().planned()).isEqualTo(planned + off);
    }

    @Test
    void aRecordingsRetakesAreListedByCameraAndTheBestTakeIsChosen() throws Exception {
        robot.interact(() -> workspace().show("2-cheese-scones"));
        settle();
        var steps = lesson().steps();
        var first = steps.getFirst();
        robot.interact(() -> workspace()
                .edit(
                        "Takes",
                        b -> b.withTakes(List.of(
                                new Take(
                                        "t1",
                                        "2-cheese-scones",
                                        LocalDateTime.of(2026, 12, 8, 10, 0),
                                        TakeKind.PART,
                                        List.of(new Take.StepTime(
                                                first.id(), first.title(), 40, 0, 1, "blurred", null))),
                                new Take(
                                        "t2",
                                        "2-cheese-scones",
                                        LocalDateTime.of(2026, 12, 8, 10, 5),
                                        TakeKind.PART,
                                        List.of(new Take.StepTime(
                                                first.id(), first.title(), 44, 0, 1, "bang", null)))))));
        settle();
        afters("2-cheese-scones", "retakes");
        assertThat(texts(".row-card .body")).contains("Marked: “bang”.", "It was never reached.");
        assertThat(texts(".figure").getFirst()).startsWith(steps.size() + " retakes");
        click("#take-" + first.id() + "-t1");
        assertThat(workspace()
                        .book()
                        .takes()
                        .getFirst()
                        .of(first.id())
                        .orElseThrow()
                        .choice())
                .isEqualTo(Take.Choice.KEPT);
        assertThat(texts(".figure").getFirst()).startsWith((steps.size() - 1) + " retakes");
        assertThat(Files.readString(course.resolve("takes.csv"))).contains("part,blurred,kept");
    }

    @Test
    void howItWentBecomesANoteAndGoesOnToTheNextLesson() throws Exception {
        afters("1-fish-parcels", "went");
        robot.interact(() -> {
            TextArea area = (TextArea) robot.lookup("#went-didNot").query();
            area.requestFocus();
            area.setText("Folding needs the dumplings pleated seal first\n");
        });
        robot.interact(() -> robot.lookup("#went-worked").query().requestFocus());
        settle();
        assertThat(lesson().howItWent().didNot()).containsExactly("Folding needs the dumplings pleated seal first");
        assertThat(Files.readString(course.resolve("1-fish-parcels.lesson.json")))
                .contains("\"went\"");
        var onto = robot.lookup(".side-body .row-card .button").queryAll().stream()
                .map(n -> (Button) n)
                .toList();
        assertThat(onto).extracting(Button::getText).element(0).asString().startsWith("Onto step 1");
        robot.interact(onto.getFirst()::fire);
        settle();
        assertThat(lesson().steps().getFirst().teaching()).contains("pleated seal");
        robot.interact(() -> ((Button) robot.lookup(".side-body .row-card .button").queryAll().stream()
                        .reduce((a, b) -> b)
                        .orElseThrow())
                .fire());
        settle();
        assertThat(lesson().howItWent().next()).hasSize(1);
        assertThat(new Went(null, null, null, null).isEmpty()).isTrue();
    }

    @Test
    void anAnswerThatIsASettingBecomesAChangeAtItsPriceAndIsUndone() {
        afters("1-fish-parcels", "went");
        var before = step("s4");
        robot.interact(() -> {
            TextArea area = (TextArea) robot.lookup("#went-next").query();
            area.requestFocus();
            area.setText("step 4: hands 9\nThe foil was hard to find in step 4");
        });
        robot.interact(() -> robot.lookup("#went-worked").query().requestFocus());
        settle();
        assertThat(buttons(".side-body .row-card .button"))
                .filteredOn(t -> t.startsWith("Step "))
                .singleElement()
                .asString()
                .startsWith("Step 4: hands 9:00")
                .contains("+");
        var change = robot.lookup(".side-body .row-card .button").queryAll().stream()
                .map(n -> (Button) n)
                .filter(b -> b.getText().startsWith("Step 4"))
                .findFirst()
                .orElseThrow();
        robot.interact(change::fire);
        settle();
        assertThat(step("s4").hands().likely()).isEqualTo(540);
        assertThat(buttons(".side-body .row-card .button")).noneMatch(t -> t.startsWith("Step 4: hands"));
        undo();
        assertThat(step("s4")).isEqualTo(before);
    }

    @Test
    void repliesFromAFileAreHeldAgainstTheKeyAndTheRestAreReminded() throws Exception {
        afters("1-fish-parcels", "work");
        assertThat(text("#afters-work")).isEqualTo("Work received 0/24");
        var question = lesson().steps().stream()
                .filter(s -> !s.question().isBlank())
                .findFirst()
                .orElseThrow();
        Files.write(
                home.resolve("homes.csv"),
                ("Home,Date,\"" + question.question().replace("\"", "\"\"") + "\"\nTern,2026-12-04,\""
                                + question.answer().replace("\"", "\"\"") + "\"\nNobody,2026-12-04,x\n")
                        .getBytes(StandardCharsets.UTF_8));
        click("#work-file");
        assertThat(text("#notice")).startsWith("1 reply is taken in, 1 left out");
        assertThat(text("#afters-work")).isEqualTo("Work received 1/24");
        assertThat(texts(".row-card .good")).containsExactly("✓");
        click("#got-picture-Smew".replace("Smew", "Quail"));
        assertThat(workspace().book().received())
                .hasSize(2)
                .last()
                .extracting(Received::home)
                .isEqualTo("Quail");
        click("#work-copy");
        robot.interact(() -> assertThat(Clipboard.getSystemClipboard().getString())
                .contains("Fish parcels")
                .doesNotContain("Tern"));
        undo();
        assertThat(workspace().book().received()).hasSize(1);
    }

    @Test
    void whatIsLeftOverAndPromisedShowsInTheLaterLesson() throws Exception {
        robot.interact(() -> workspace()
                .edit(
                        "Promise",
                        b -> b.withLesson(
                                        "1-fish-parcels",
                                        l -> l.withStep(
                                                "s17",
                                                s -> s.but(d -> d.say =
                                                        s.say() + " Next week we roll scones with cheese and chives.")))
                                .withLesson(
                                        "2-cheese-scones",
                                        l -> l.but(d -> d.air = b.lesson("1-fish-parcels")
                                                .orElseThrow()
                                                .air()
                                                .plusDays(5)))));
        settle();
        afters("1-fish-parcels", "carry");
        for (int i = 0;
                i < 100 && texts(".row-card .body").stream().noneMatch(t -> t.contains("scones with cheese"));
                i++) Thread.sleep(50);
        assertThat(texts(".row-card .body")).anySatisfy(t -> assertThat(t).contains("scones with cheese"));
        robot.interact(() -> workspace().show("2-cheese-scones"));
        settle();
        go(3);
        assertThat(texts("#carried-in .body")).anySatisfy(t -> assertThat(t).startsWith("Promised in lesson 1"));
    }

    @Test
    void theCourseIsLookedThroughAndALessonChosen() throws Exception {
        afters("1-fish-parcels", "course");
        for (int i = 0; i < 200 && !isThere("#course-3-vegetable-dumplings"); i++) Thread.sleep(50);
        assertThat(texts("#course-1-fish-parcels .good"))
                .as("there are takes of it")
                .containsExactly("done");
        assertThat(texts("#course-1-fish-parcels .body"))
                .anySatisfy(t -> assertThat(t).startsWith("1 stop"));
        click("#course-3-vegetable-dumplings");
        assertThat(lesson().id()).isEqualTo("3-vegetable-dumplings");
    }
}
