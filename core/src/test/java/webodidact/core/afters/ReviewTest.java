package webodidact.core.afters;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.plan;

import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Segment;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.Workbook;
import webodidact.core.time.TimeRange;
import webodidact.core.timing.Calibration;

class ReviewTest {
    private final Step talk = Step.blank("t", Kind.TALK, "Talk").but(d -> d.say = "word ".repeat(172));
    private final Lesson lesson = of(talk, hands("a", 100));

    private static Take take(String id, int talked, int worked) {
        return new Take(
                id,
                "test",
                LocalDateTime.of(2026, 11, 1, 17, 0),
                List.of(new Take.StepTime("t", "Talk", talked, 0, 0), new Take.StepTime("a", "a", worked, 15, 1)));
    }

    @Test
    void comparesTheMiddleOfTheTakesWithThePlan() {
        var review = Review.of(plan(lesson), List.of(take("1", 70, 120), take("2", 80, 140), take("3", 90, 100)));
        assertThat(review.rows().get(0).median()).isEqualTo(80);
        assertThat(review.rows().get(0).difference()).isEqualTo(20);
        assertThat(review.rows().get(1).difference()).isEqualTo(20);
        assertThat(review.rows().get(1).held()).isEqualTo(45);
        assertThat(review.measuredTotal()).isEqualTo(200);
        assertThat(review.plannedTotal()).isEqualTo(160);
    }

    /** Work of 100 s and a hold of 40 s; H is pressed, or the desk simply waits. */
    @ParameterizedTest
    @CsvSource({"100,40,100", "140,0,100", "120,0,100", "90,0,90", "170,0,130", "150,40,150"})
    void aPlannedHoldIsNoWorkWhetherItsKeyWasPressedOrNot(int seconds, int held, int worked) {
        var holding = of(hands("a", 100).but(d -> d.hold = 40));
        var time = new Take.StepTime("a", "a", seconds, held, 0);
        var take = new Take("1", "test", LocalDateTime.of(2026, 11, 1, 17, 0), List.of(time));
        var review = Review.of(plan(holding), List.of(take));
        assertThat(review.rows().getFirst().median()).isEqualTo(worked);
        assertThat(review.rows().getFirst().difference()).isEqualTo(worked - 100);
    }

    @Test
    void takingItInSetsHandsAndPaceSoThatThePlanIsWhatWasMeasured() {
        var takes = List.of(take("1", 90, 120), take("2", 90, 140));
        var book = new Workbook(COURSE, List.of(lesson), List.of(), takes);
        var review = Review.of(plan(lesson), takes);
        var after = review.adopt(book, "test");
        assertThat(after.lessons().getFirst().step("a").orElseThrow().hands()).isEqualTo(new TimeRange(120, 140));
        assertThat(Calibration.of(after)).containsEntry(Segment.TO_CAMERA, new Calibration.Measured(115, 2));
        assertThat(review.plannedAfter(book, "test")).isEqualTo(90 + 130);
    }

    @Test
    void stepsThatNoTakeReachedStayAsTheyAre() {
        var review = Review.of(plan(lesson), List.of());
        assertThat(review.rows().getFirst().median()).isEqualTo(-1);
        var book = new Workbook(COURSE, List.of(lesson), List.of(), List.of());
        assertThat(review.adopt(book, "test")).isEqualTo(book);
    }
}
