package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import webodidact.core.check.Finding;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Step;

/** All findings in one view: trip, explain, go there, mend, undo, cover, change, see it return. */
class SecondLookTest extends WindowTest {
    private static final String HANDS = "no-wash-after-raw";

    private boolean isOpen(String check) {
        return workspace().outcome().report().open().stream()
                .map(Finding::check)
                .anyMatch(check::equals);
    }

    private void press(KeyCode... keys) {
        robot.push(keys);
        settle();
    }

    @Test
    void opensFromTheSlateAndByKeyOverAnyStationAndGoesBack() {
        go(2);
        click("#stops");
        assertThat(isThere("#second-look")).isTrue();
        assertThat(text("#look-detail-what")).startsWith("Hands go from raw");
        press(KeyCode.ESCAPE);
        assertThat(isThere("#second-look")).isFalse();
        assertThat(isThere("#tab-kit")).as("the Larder again").isTrue();
        press(KeyCode.F8);
        assertThat(isThere("#second-look")).isTrue();
        var first = text("#look-detail-what");
        press(KeyCode.F8);
        assertThat(text("#look-detail-what")).isNotEqualTo(first);
        press(KeyCode.SHIFT, KeyCode.F8);
        assertThat(text("#look-detail-what")).isEqualTo(first);
    }

    @Test
    void tellsWhyShowsTheTraceAndGoesThere() {
        go(1);
        press(KeyCode.F8);
        click("#look-" + HANDS + "-8");
        assertThat(text("#look-detail-kind"))
                .contains("stop")
                .contains("food safety guidance")
                .contains("profile");
        assertThat(find("#trace").getAccessibleText()).contains("Hands: raw fish, steps 6 to");
        click("#look-go");
        assertThat(isThere("#second-look")).isFalse();
        assertThat(isThere("#add-step")).as("the Script").isTrue();
        assertThat(workspace().stepProperty().get()).isEqualTo("s8");
    }

    @Test
    void aMendStatesItsPriceAndIsUndoneInOne() {
        press(KeyCode.F8);
        click("#look-" + HANDS + "-8");
        settle();
        assertThat(text("#look-mend-0")).isEqualTo("Add the wash · +0:40");
        int steps = lesson().steps().size();
        click("#look-mend-0");
        settle();
        assertThat(lesson().steps()).hasSize(steps + 1);
        assertThat(isOpen(HANDS)).isFalse();
        assertThat(isThere("#look-" + HANDS + "-8")).isFalse();
        undo();
        assertThat(isOpen(HANDS)).isTrue();
        assertThat(isThere("#look-" + HANDS + "-8")).isTrue();
    }

    @Test
    void aCoverKeepsReasonNameAndDayAndComesBackWhenItsStepChanges() throws IOException {
        press(KeyCode.F8);
        click("#look-" + HANDS + "-8");
        fill("#look-reason", "Gloves are changed off camera.");
        assertThat(isOpen(HANDS)).isFalse();
        var cover = lesson().accepted().getFirst();
        assertThat(cover.reason()).isEqualTo("Gloves are changed off camera.");
        assertThat(cover.on()).isNotNull();
        assertThat(cover.stood()).isNotBlank();
        click("#look-filter-covered");
        assertThat(isThere("#look-" + HANDS + "-8")).isTrue();
        settle();
        assertThat(Files.readString(course.resolve("1-fish-parcels.lesson.json")))
                .contains("Gloves are changed off camera.", "\"on\"", "\"stood\"");
        reopen();
        assertThat(isOpen(HANDS)).as("covered on disk").isFalse();
        robot.interact(() -> workspace().editLesson("Other words", Operations.sayAlso("s8", "And a pinch more.")));
        settle();
        assertThat(isOpen(HANDS)).as("what it covered has changed").isTrue();
    }

    @Test
    void aCoverIsTakenBack() {
        press(KeyCode.F8);
        click("#look-" + HANDS + "-8");
        fill("#look-reason", "Gloves.");
        click("#look-filter-covered");
        click("#look-uncover");
        settle();
        assertThat(isOpen(HANDS)).isTrue();
        assertThat(lesson().accepted()).isEmpty();
    }

    @Test
    void filtersByStepAndTheWholeCourse() {
        press(KeyCode.F8);
        click("#look-filter-stops");
        assertThat(isThere("#look-used-not-listed-6")).isFalse();
        click("#look-filter-all");
        assertThat(isThere("#look-used-not-listed-6")).isTrue();
        click("#look-by-step");
        assertThat(isThere("#look-used-not-listed-6")).isTrue();
        click("#look-course");
        for (int i = 0; i < 100 && !isThere("#look-lesson-3-vegetable-dumplings"); i++) settle();
        click("#look-lesson-2-cheese-scones");
        settle();
        assertThat(lesson().id()).isEqualTo("2-cheese-scones");
        assertThat(isThere("#look-wait-never-collected-5")).isTrue();
    }

    @Test
    void whatIsTypedAsAReasonOutlivesAKeystrokeElsewhere() {
        press(KeyCode.F8);
        click("#look-" + HANDS + "-8");
        type("#look-reason", "Because");
        robot.interact(() -> workspace().editLesson("Title", l -> l.but(d -> d.title = "Parcels")));
        settle();
        assertThat(((TextField) find("#look-reason")).getText()).isEqualTo("Because");
    }

    /** Every step of the demo lesson three times over, each under an id of its own. */
    private void makeLong() {
        robot.interact(() -> workspace().editLesson("Long", l -> {
            var steps = new ArrayList<Step>();
            for (int n = 0; n < 3; n++) {
                int round = n;
                for (var step : l.steps())
                    steps.add(step.but(d -> {
                        d.id = step.id() + "x" + round;
                        d.waiting = null;
                        d.reachBy = 0;
                    }));
            }
            return l.withSteps(steps);
        }));
        settle();
    }

    @Test
    void fiftyStepsAndLargeTextStayInTheirPlaces() {
        makeLong();
        press(KeyCode.F8);
        for (int i = 0; i < 5; i++) press(KeyCode.CONTROL, KeyCode.EQUALS);
        var rows = robot.lookup(".look-row").queryAll();
        assertThat(rows).hasSizeGreaterThan(4);
        double right = find("#second-look")
                .localToScene(find("#second-look").getBoundsInLocal())
                .getMaxX();
        for (Node row : rows)
            assertThat(row.localToScene(row.getBoundsInLocal()).getMaxX()).isLessThanOrEqualTo(right);
        for (int i = 0; i < rows.size() + 1; i++) {
            press(KeyCode.F8);
            assertThat(text("#look-detail-what")).isNotBlank();
        }
        for (int i = 0; i < 5; i++) press(KeyCode.CONTROL, KeyCode.MINUS);
    }

    @Test
    void ofALessonInOrderItSaysWhatIsStillYours() {
        robot.interact(() -> workspace()
                .editLesson(
                        "Empty",
                        l -> l.but(d -> {
                            d.steps = List.of();
                            d.foods = List.of();
                            d.tools = List.of();
                        })));
        settle();
        assertThat(workspace().outcome().report().open()).isEmpty();
        press(KeyCode.F8);
        assertThat(robot.lookup(".look-detail .label").queryLabeled().getText()).contains("Nothing found");
        press(KeyCode.F8);
        press(KeyCode.ESCAPE);
        assertThat(isThere("#second-look")).isFalse();
    }

    @Test
    void aLookIsCoveredFromTheMarginOfTheScript() {
        choose("s6");
        go(3);
        click("#cover-used-not-listed");
        fill("#reason-used-not-listed", "Only an idea.");
        assertThat(isOpen("used-not-listed")).isFalse();
        undo();
        assertThat(isOpen("used-not-listed")).isTrue();
    }

    @Test
    void theStationBelowIsAsItWasLeft() {
        choose("s8");
        go(4);
        press(KeyCode.F8);
        press(KeyCode.ESCAPE);
        assertThat(window.station()).isEqualTo("clock");
        assertThat(workspace().stepProperty().get()).isEqualTo("s8");
        press(KeyCode.F8);
        go(2);
        assertThat(isThere("#second-look")).as("a station takes its place").isFalse();
        assertThat(window.station()).isEqualTo("larder");
    }
}
