package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import webodidact.core.check.Finding;
import webodidact.core.edit.Operations;

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
    void aCoverKeepsReasonNameAndDayAndComesBackWhenItsStepChanges() {
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
}
