package webodidact.core.publish;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;

/** Captions: two lines of 42, 17 signs a second, every word once and in its order. */
class CaptionsTest {
    private static AirTimes times(List<String> says) {
        var steps = new ArrayList<Step>();
        for (var say : says)
            steps.add(Step.blank("s" + steps.size(), Kind.TALK, "Step").but(d -> d.say = say));
        var lesson = Lesson.blank("x", 1, "X").withSteps(steps);
        return AirTimes.plan(Planner.plan(lesson, new Pace(Audience.ADULTS, Map.of())));
    }

    @Provide
    Arbitrary<String> speech() {
        return Arbitraries.strings().withChars("abc ,.!;é½🌶→<>&-").ofMaxLength(400);
    }

    @Property(tries = 300)
    void everyCueCanBeReadInItsTimeAndNoneOverlapsTheNext(
            @ForAll("speech") String first, @ForAll("speech") String second) {
        var captions = Captions.of(times(List.of(first, second)));
        int free = 0;
        for (var cue : captions.cues()) {
            assertThat(cue.from()).isGreaterThanOrEqualTo(free);
            assertThat(cue.lines()).hasSizeBetween(1, 2);
            int signs = cue.lines().size() - 1;
            for (var line : cue.lines()) {
                assertThat(line.codePointCount(0, line.length())).isBetween(1, Captions.LINE);
                signs += line.codePointCount(0, line.length());
            }
            assertThat((long) (cue.to() - cue.from()) * Captions.READ).isGreaterThanOrEqualTo(signs * 1000L);
            free = cue.to();
        }
        var said = String.join(
                "", captions.cues().stream().flatMap(c -> c.lines().stream()).toList());
        assertThat(said.replace(" ", "")).isEqualTo((first + second).replaceAll("[\\s\\u00a0]", ""));
    }

    @Test
    void linesBreakAtPhrasesAndNeverBehindAnArticle() {
        assertThat(Phrases.captions("Bring the long sides up, fold down twice, then twist the ends like a sweet.", 42))
                .containsExactly(
                        List.of("Bring the long sides up, fold down twice,", "then twist the ends like a sweet."));
        for (var cue : Phrases.captions(
                "Put the lid on the pan and leave it for a while until the lid of the pan rattles and the steam comes out of the hole in the middle of the lid",
                42))
            for (var line : cue)
                assertThat(line).doesNotEndWith(" the").doesNotEndWith(" a").doesNotEndWith(" of");
    }

    @Test
    void aSecondCueBeginsWithItsSentence() {
        assertThat(Phrases.captions(
                        "Soap, warm water, twenty seconds. Then dry them on a clean towel, between the fingers too.",
                        42))
                .hasSize(2)
                .last()
                .asInstanceOf(InstanceOfAssertFactories.LIST)
                .first()
                .asString()
                .startsWith("Then dry");
    }

    @Test
    void wordsThatComeTooFastAreShownLaterAndTheLagIsTold() {
        var slow = Captions.of(times(List.of("Chop it.")));
        assertThat(slow.lag()).isZero();
        var unreadable = "incomprehensibilities ".repeat(30).strip();
        assertThat(Captions.of(times(List.of(unreadable))).lag()).isGreaterThan(1000);
    }
}
