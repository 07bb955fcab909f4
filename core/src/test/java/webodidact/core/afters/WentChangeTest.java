package webodidact.core.afters;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.outcome;
import static webodidact.core.Lessons.waits;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Workbook;

class WentChangeTest {
    private static final Knowledge KNOWN = Knowledge.shipped();
    private final Lesson lesson =
            of(hands("chop", 60), waits(hands("fry", 30), 300, 400, Cover.STAY), hands("serve", 40));

    /** As people write down how a lesson went; what is a setting, and what is a story. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Step 1: hands 2                                | Step 1: hands 2:00            | 60
            hold 45 s after step 3                         | Step 3: hold 0:45             | 45
            next time, plan hold 30 s in step 1            | Step 1: hold 0:30             | 30
            step 2 camera hob                              | Step 2: camera: hob           | 0
            Step 3 - adult does it                         | Step 3: adult does this      | 0
            In step 2, ask: what do you smell?             | Step 2: ask: what do you smell? | 0
            reach by 12:00                                 | Step 3: reach by 12:00        | 0
            """)
    void wordsThatAreASettingBecomeAChangeWithItsPrice(String line, String label, int seconds) {
        var change = WentChange.of(
                        line,
                        lesson,
                        lesson.steps().getLast(),
                        KNOWN,
                        outcome(lesson).pace())
                .orElseThrow();
        assertThat(change.label()).isEqualToIgnoringCase(label);
        assertThat(change.seconds()).isEqualTo(seconds);
        var book = new Workbook(COURSE, List.of(lesson), List.of(), List.of());
        assertThat(change.apply().apply(book).lessons().getFirst()).isNotEqualTo(lesson);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            The onions were cut too big
            Smew could not find the foil
            Ran 2 min over in step 2
            I talked 5 minutes too long in step 3
            lemon
            more lemon, less salt
            Step 14: hands 5
            it took 12 minutes until golden, not 6
            Tern had no oven on
            lovely lesson!!
            step 2
            hands 0:40 in step 3
            """)
    void aStoryStaysAStory(String line) {
        assertThat(WentChange.of(
                        line,
                        lesson,
                        lesson.steps().getFirst(),
                        KNOWN,
                        outcome(lesson).pace()))
                .isEmpty();
    }

    @Test
    void whereNoStepIsMeantNothingIsChanged() {
        var pace = outcome(lesson).pace();
        assertThat(WentChange.of("hands 5", lesson, null, KNOWN, pace)).isEmpty();
        assertThat(WentChange.step("Step 2 was fine", lesson))
                .hasValueSatisfying(s -> assertThat(s.id()).isEqualTo("fry"));
        assertThat(WentChange.step("Step 9 was fine", lesson)).isEmpty();
    }
}
