package webodidact.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.outcome;
import static webodidact.core.Lessons.using;
import static webodidact.core.Lessons.waits;

import java.util.List;
import org.junit.jupiter.api.Test;
import webodidact.core.Lessons;

class LessonTest {
    @Test
    void removingAStepOpensTheWaitItCollected() {
        var lesson = of(waits(hands("a", 60), 60, 60, new Cover.CarryOn("b")), hands("b", 10))
                .removingStep("b");
        assertThat(lesson.steps().getFirst().waiting().cover()).isEqualTo(new Cover.CarryOn(""));
    }

    @Test
    void removingAFoodTakesItOutOfTheSteps() {
        var lesson = of(List.of(food("f1", "milk", "1 l")), using(hands("a", 60), "f1"))
                .removingFood("f1");
        assertThat(lesson.steps().getFirst().uses()).isEmpty();
        assertThat(lesson.foods()).isEmpty();
    }

    @Test
    void stepsMoveWithinBounds() {
        var lesson = of(hands("a", 1), hands("b", 2), hands("c", 3));
        assertThat(lesson.moving("a", 2).steps()).extracting(Step::id).containsExactly("b", "c", "a");
        assertThat(lesson.moving("c", -5).steps()).extracting(Step::id).containsExactly("c", "a", "b");
        assertThat(lesson.moving("x", 0)).isSameAs(lesson);
    }

    @Test
    void idsAreUniqueAndNewOnesFree() {
        assertThatThrownBy(() -> of(hands("a", 1), hands("a", 2)))
                .hasMessage("The step id 'a' is there twice: expected each once");
        assertThat(Ids.next("s", List.of("s1", "s3"))).isEqualTo("s4");
        assertThat(Ids.next("s", List.of("s2"))).isEqualTo("s3");
    }

    @Test
    void aNewLessonStartsWithAPatternThatHasNoFindings() {
        for (var delivery : Delivery.values()) {
            for (var audience : Audience.values()) {
                var lesson = LessonPattern.start("x", 1, "buns", delivery, audience, 1800, Lessons.COURSE);
                assertThat(lesson.steps()).hasSize(4);
                assertThat(outcome(lesson).report().open()).isEmpty();
            }
        }
    }

    @Test
    void aStopIsOnlyCoveredWithAReason() {
        assertThatThrownBy(() -> new Accepted("over-slot", "", " "))
                .hasMessage("'over-slot': write the reason it is covered");
    }
}
