package webodidact.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;
import static webodidact.core.Lessons.waits;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PatternTest {
    @Test
    void everyKindOfLessonHasOneOfEachAndTheGoodbyeLast() {
        for (var delivery : Delivery.values()) {
            for (var audience : Audience.values()) {
                var kinds = LessonPattern.start("x", 1, "buns", delivery, audience, 1800, COURSE).steps().stream()
                        .map(Step::kind)
                        .toList();
                assertThat(kinds)
                        .as(delivery + " " + audience)
                        .containsExactly(Kind.WELCOME, Kind.HYGIENE, Kind.RUN_THROUGH, Kind.TASK);
            }
        }
    }

    @Test
    void wordsDifferByDeliveryAndAgeAndNameTheDish() {
        var live = LessonPattern.start("x", 1, "buns", Delivery.COOK_ALONG, Audience.ADULTS, 1800, COURSE)
                .steps();
        var kept = LessonPattern.start("x", 1, "buns", Delivery.RECORDED, Audience.AGES_5_7, 1800, COURSE)
                .steps();
        assertThat(live.getFirst().say()).contains("Today we make buns.").doesNotContain(LessonPattern.DISH);
        assertThat(kept.getFirst().say()).contains("grown-up").contains("Stop the picture");
        assertThat(live.get(2).hands().likely())
                .isGreaterThan(kept.get(2).hands().likely());
    }

    @Test
    void theCoursesOwnReplacesTheShippedOfItsNameAndANewOneIsAdded() {
        var own = new StepPattern(
                "Welcome, live",
                Set.of(),
                Set.of(),
                true,
                Step.blank("p", Kind.WELCOME, "Hi").but(d -> d.say = "Hi. {dish}!"));
        var more = new StepPattern(
                "Apron",
                Set.of(Delivery.COOK_ALONG),
                Set.of(Audience.ADULTS),
                true,
                Step.blank("p", Kind.HYGIENE, "Apron"));
        var course = COURSE.but(d -> d.patterns = List.of(own, more));
        assertThat(LessonPattern.all(course)).hasSize(LessonPattern.SHIPPED.size() + 1);
        var steps = LessonPattern.start("x", 1, "pie", Delivery.COOK_ALONG, Audience.ADULTS, 1800, course)
                .steps();
        assertThat(steps)
                .extracting(Step::title)
                .containsExactly("Hi", "Wash hands", "Gather check", "Apron", "Task and goodbye");
        assertThat(steps.getFirst().say()).isEqualTo("Hi. pie!");
        assertThat(steps).extracting(Step::id).doesNotHaveDuplicates();
        assertThat(LessonPattern.suiting(course, Delivery.RECORDED, Audience.ADULTS))
                .extracting(StepPattern::name)
                .doesNotContain("Apron");
    }

    @Test
    void aStepThatIsKeptLeavesBehindWhatOnlyItsLessonHas() {
        var step = using(waits(Step.blank("s9", Kind.HANDS_ON, "Rest"), 60, 90, new Cover.CarryOn("s10")), "f1")
                .but(d -> {
                    d.say = "Our buns rest now.";
                    d.declined = Set.of("tool/knife");
                    d.reachBy = 300;
                    d.part = "Two";
                });
        var kept = LessonPattern.keep("Rest", of(step).but(d -> d.title = "buns"), step, Set.of(), Set.of(), false)
                .step();
        assertThat(kept.say()).isEqualTo("Our {dish} rest now.");
        assertThat(kept.uses()).isEmpty();
        assertThat(kept.declined()).isEmpty();
        assertThat(kept.reachBy()).isZero();
        assertThat(kept.part()).isEmpty();
        assertThat(kept.waiting().cover()).isEqualTo(new Cover.CarryOn(""));
        assertThatThrownBy(() -> new StepPattern(" ", Set.of(), Set.of(), false, kept))
                .hasMessage("Pattern: expected a name");
    }
}
