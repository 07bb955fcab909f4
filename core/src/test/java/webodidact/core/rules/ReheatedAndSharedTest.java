package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.outcome;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.amount.Ratio;
import webodidact.core.check.Finding;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Yield;

/** Numbers at the table and heat the second time, as people say them. */
class ReheatedAndSharedTest {
    private static Lesson served(Kind kind, String say) {
        return of(
                        List.of(food("f1", "beef-mince", "400 g")),
                        Step.blank("s", kind, "Serve").but(d -> d.say = say))
                .but(d -> d.makes = new Yield(Ratio.of(8), "slices", 8));
    }

    private static List<String> checks(Lesson lesson) {
        return outcome(lesson).report().open().stream().map(Finding::check).toList();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Cut it into ten.                                | true
            Share it into three bowls.                      | true
            Cut it into 8 and pass it round.                | false
            Cut it into sixteen, two each.                  | false
            Slice it up into four, we'll halve those.       | false
            Divide it for 99999999999 people.               | false
            Cut it into two or three.                       | false
            Put it in for ten minutes.                      | false
            """)
    void whatDoesNotGoEvenlyAmongThoseItIsForIsTold(String say, boolean told) {
        assertThat(checks(served(Kind.PLATE, say)).contains("uneven-share")).isEqualTo(told);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Heat it from frozen in the microwave, stir it, till it's warm.          | true
            Reheat it until it's hot.                                               | true
            Reheat it until it's piping hot.                                        | false
            Reheat it until it's hot all the way through.                           | false
            Never reheat it until it's warm.                                        | false
            Stir until it's warm to the touch, that's the dough.                    | false
            """)
    void heatTheSecondTimeIsSteamingHot(String say, boolean told) {
        assertThat(checks(served(Kind.TALK, say)).contains("reheated-lukewarm")).isEqualTo(told);
    }
}
