package webodidact.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Heat;
import webodidact.core.food.Allergen;
import webodidact.core.time.Seconds;
import webodidact.core.time.TimeRange;

/** What a lesson may hold, so that nothing that follows from it can fail. */
class BoundsTest {
    private static Workbook on(Lesson lesson) {
        return new Workbook(Course.named("c"), List.of(lesson), List.of(), List.of());
    }

    private static Lesson with(int steps, int hold) {
        var all = new ArrayList<Step>();
        for (int i = 0; i < steps; i++)
            all.add(Step.blank("s" + i, Kind.TALK, "t").but(d -> d.hold = hold));
        return Lesson.blank("l", 1, "l").withSteps(all);
    }

    @Test
    void aHamMayHangForAYearAndNotLonger() {
        var year = TimeRange.of(Seconds.LONGEST);
        assertThat(new Wait(year, "hangs", "", Cover.STAY).time()).isEqualTo(year);
        assertThatThrownBy(() -> new Wait(TimeRange.of(Seconds.LONGEST + 1), "hangs", "", Cover.STAY))
                .hasMessage("Wait 'hangs' '31622401': expected zero to 31622400 seconds (a year)");
    }

    @Test
    void holdsNearTwoToTheThirtyOneAreRefusedWhereTheyAreMade() {
        assertThatThrownBy(() -> with(1, Integer.MAX_VALUE))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("hold");
        assertThatThrownBy(() -> new Cover.Cut(-1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Cover.ReadyCopy(-5, 60)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void timesThatAreEachAllowedAndTogetherOverflowAreRefusedForTheCourse() {
        assertThat(on(with(11, Seconds.LONGEST)).lessons()).hasSize(1);
        assertThatThrownBy(() -> on(with(80, Seconds.LONGEST)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("The times of all steps come to");
    }

    @Test
    void anAmountNobodyCanMeanIsRefusedForTheCourseWithItsLine() {
        var line = FoodLine.of("f1", "flour", "plain-flour", Amount.parse("529000 kg"));
        assertThatThrownBy(() -> on(Lesson.blank("l", 1, "l").withFoods(List.of(line))))
                .hasMessage("'flour' '529000 kg': expected at most 100000 kg");
        var little = FoodLine.of("f1", "gelatine", "gelatine", Amount.parse("1/99999 g"));
        assertThatThrownBy(() -> on(Lesson.blank("l", 1, "l").withFoods(List.of(little))))
                .hasMessageContaining("at least a ten-thousandth");
    }

    @Test
    void whatAFileLeavesOutIsRefusedInWordsOrHasAMeaning() {
        assertThatThrownBy(() -> new Use(null, null))
                .hasMessage("Use: expected the id of the food line it takes from, as in 'f3'");
        assertThat(new Heat(180, 180, null).mode()).isEqualTo(Heat.Mode.UNSTATED);
        assertThatThrownBy(() -> new Wait(null, "rests", "", Cover.STAY)).hasMessageContaining("expected how long");
        assertThatThrownBy(() -> Lesson.blank("../x", 1, "l")).hasMessageContaining("expected a file name");
        assertThatThrownBy(() -> Step.blank("s 1", Kind.TALK, ""))
                .hasMessage("Step id 's 1': expected letters, figures and dashes, as in 's3'");
    }

    @Test
    void aHomesWordsAreOneFormHoweverTheyWereTyped() {
        var home = new Household(
                " Tern\u00a0\n 7 ",
                null,
                Set.of("Vegan", "none"),
                Set.of(Allergen.MILK),
                null,
                null,
                List.of(),
                true,
                true,
                true,
                true,
                null);
        assertThat(home.alias()).isEqualTo("Tern 7");
        assertThat(home.diets()).containsExactly("vegan");
        assertThat(home.allergies()).containsExactly(Allergen.MILK);
    }
}
