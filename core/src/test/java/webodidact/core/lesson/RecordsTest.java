package webodidact.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Ratio;

class RecordsTest {
    @Test
    void missingPartsOfAStepBecomeEmptyOnes() {
        var step = new Step("s", null, null, null, null, null, null, null, null, null);
        assertThat(step).isEqualTo(Step.blank("s", Kind.HANDS_ON, ""));
        assertThatThrownBy(() -> step.but(d -> d.hold = -1))
                .hasMessage("Step 's': hold '-1': expected zero to 31622400 seconds (a year)");
    }

    @Test
    void whatAStepIsForDecidesHowItIsSpoken() {
        assertThat(Step.blank("s", Kind.TALK, "").segment()).isEqualTo(Segment.TO_CAMERA);
        assertThat(Step.blank("s", Kind.RUN_THROUGH, "").segment()).isEqualTo(Segment.RUN_THROUGH);
        assertThat(Step.blank("s", Kind.HANDS_ON, "").segment()).isEqualTo(Segment.CUTTING);
        assertThat(Step.blank("s", Kind.HANDS_ON, "")
                        .but(d -> d.place = Place.RING)
                        .segment())
                .isEqualTo(Segment.AT_THE_HEAT);
    }

    @Test
    void actsHaveOneOrderWhateverTheyWereGivenIn() {
        var a = Step.blank("s", Kind.HYGIENE, "").but(d -> d.acts = Set.of(Act.OVEN_ON, Act.WASH_HANDS));
        assertThat(a.acts()).containsExactly(Act.WASH_HANDS, Act.OVEN_ON);
        assertThatThrownBy(() -> a.acts().clear()).isInstanceOf(UnsupportedOperationException.class);
    }

    @Test
    void valuesOutOfRangeSayWhatWasExpected() {
        assertThatThrownBy(() -> new Kitchen("k", 4, 1, true, true, 0, 10, 800))
                .hasMessage("Kitchen 'k': the oven heats in 60 to 3600 s, not 10");
        assertThatThrownBy(() -> Kitchen.USUAL.but(d -> d.helpers = 41))
                .hasMessageContaining("0 to 12 ovens and 0 to 40 helpers, not 4, 1 and 41");
        assertThatThrownBy(() -> Course.named("c").withPace(Map.of(Segment.CUTTING, 900)))
                .hasMessage("Pace '900': expected 40 to 260 words a minute");
        assertThatThrownBy(() -> new Yield(Ratio.ZERO, "x", 1)).hasMessage("Yield '0': expected more than zero");
        assertThatThrownBy(() -> new Household(" ", null, null, null, null, null, null, true, true, true, true, null))
                .hasMessage("Household: expected an alias");
        assertThatThrownBy(() -> new Take.StepTime("s", "t", -1, 0, 0)).hasMessageContaining("times are zero or more");
        assertThat(new Cover.ReadyCopy(0, 0).keeps()).isEqualTo(3600);
        assertThat(new Cover.SpeedUp(1).times()).isEqualTo(2);
    }

    @Test
    void aWorkbookKeepsLessonsInTheirOrderAndTakesWithTheirLesson() {
        var book = new Workbook(
                Course.named(""), List.of(Lesson.blank("b", 2, ""), Lesson.blank("a", 1, "")), List.of(), List.of());
        assertThat(book.course().title()).isEqualTo("My course");
        assertThat(book.adding(Lesson.blank("c", 1, "")).lessons())
                .extracting(Lesson::id)
                .containsExactly("a", "c", "b");
        var take =
                new Take("t", "a", LocalDateTime.of(2026, 1, 1, 9, 0), List.of(new Take.StepTime("s", "", 10, 5, 0)));
        assertThat(book.adding(take).takesOf("a")).containsExactly(take);
        assertThat(book.adding(take).takesOf("b")).isEmpty();
        assertThat(take.total()).isEqualTo(15);
        assertThat(book.withLesson("a", l -> l.but(d -> d.title = "x"))
                        .lesson("a")
                        .orElseThrow()
                        .title())
                .isEqualTo("x");
    }
}
