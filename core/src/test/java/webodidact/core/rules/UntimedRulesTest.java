package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.waits;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import webodidact.core.check.Finding;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Segment;
import webodidact.core.lesson.Step;
import webodidact.core.outcome.Outcome;
import webodidact.core.timing.Pace;
import webodidact.core.words.Cautions;
import webodidact.core.words.SpokenWords;

/** What is not timed, what is too fast, what is not written yet: each with its twin of which nothing is said. */
class UntimedRulesTest {
    private static List<Finding> found(Lesson lesson, Map<Segment, Integer> pace, String check) {
        return Outcome.of(lesson, COURSE.withPace(pace), Knowledge.shipped()).report().open().stream()
                .filter(f -> f.check().equals(check))
                .toList();
    }

    @Test
    void aWaitOfUnsaidLengthIsTold() {
        var open = of(waits(hands("a", 60), 0, 0, new Cover.CarryOn("b")), hands("b", 30));
        assertThat(found(open, Map.of(), "wait-unsaid"))
                .extracting(Finding::what)
                .singleElement()
                .asString()
                .contains("step 1")
                .contains("is not said");
        var timed = of(waits(hands("a", 60), 300, 300, new Cover.CarryOn("b")), hands("b", 30));
        assertThat(found(timed, Map.of(), "wait-unsaid")).isEmpty();
    }

    private static Lesson talking(int words) {
        return of(Step.blank("a", Kind.TALK, "Talk").but(d -> d.say = "word ".repeat(words)), hands("b", 30))
                .but(d -> d.audience = Audience.AGES_5_7);
    }

    @Test
    void onlyAnOwnPaceCanBeTooFast() {
        var fast = Map.of(Segment.TO_CAMERA, 190);
        assertThat(found(talking(60), fast, "faster-than-followed"))
                .extracting(Finding::what)
                .containsExactly("1 talk at your 190 words a minute, from step 1 on: ages 5–7 follow about 140.");
        assertThat(found(talking(60), Map.of(Segment.TO_CAMERA, 130), "faster-than-followed"))
                .as("slow enough")
                .isEmpty();
        assertThat(found(talking(60), Map.of(), "faster-than-followed"))
                .as("the usual pace is nobody's")
                .isEmpty();
        assertThat(found(talking(10), fast, "faster-than-followed"))
                .as("a sentence loses nobody")
                .isEmpty();
    }

    @Test
    void whoIsQuickBeforeTheCameraIsQuickAtTheBoard() {
        var pace = new Pace(Audience.ADULTS, Map.of(Segment.TO_CAMERA, 86));
        assertThat(pace.wordsPerMinute(Segment.CUTTING))
                .as("half of 172 makes half of 130")
                .isEqualTo(65);
        assertThat(new Pace(Audience.EARLY_YEARS, Map.of()).wordsPerMinute(Segment.TO_CAMERA))
                .as("whatever the learners' age")
                .isEqualTo(172);
    }

    @Test
    void aCautionIsNeverAPage() {
        var page = "we stir and we pour and we talk ".repeat(40) + "mind the steam "
                + "and then we go on and on ".repeat(40);
        var cautions = Cautions.in(page);
        assertThat(cautions).hasSize(1);
        var said =
                page.substring(cautions.getFirst().start(), cautions.getFirst().end());
        assertThat(said).contains("mind the steam");
        assertThat(SpokenWords.count(said)).isLessThanOrEqualTo(Cautions.MOST);
        assertThat(Cautions.in("Chop it. Mind the steam when you lift the lid. Stir."))
                .as("a sentence stays one")
                .singleElement()
                .matches(s -> s.end() - s.start() > 30);
    }

    @Test
    void whatIsInNoStepWaitsUntilTheLessonIsWrittenAndIsOneMatter() {
        var foods = List.of(
                food("f1", "onion", "1 piece"),
                food("f2", "carrot", "1 piece"),
                food("f3", "butter", "50 g"),
                food("f4", "honey", "1 tbsp"));
        var unwritten = of(foods, Step.blank("a", Kind.HANDS_ON, "Chop").but(d -> d.doing = "Chop it all."));
        assertThat(found(unwritten, Map.of(), "listed-not-used")).isEmpty();
        var written = of(foods, hands("a", 60));
        assertThat(found(written, Map.of(), "listed-not-used"))
                .extracting(Finding::what)
                .singleElement()
                .asString()
                .startsWith("4 foods are in no step yet");
        assertThat(found(of(foods.subList(0, 2), hands("a", 60)), Map.of(), "listed-not-used"))
                .as("few are told one by one, each with its mend")
                .hasSize(2)
                .allMatch(f -> !f.mends().isEmpty());
    }
}
