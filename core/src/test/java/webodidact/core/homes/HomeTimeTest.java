package webodidact.core.homes;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.plan;
import static webodidact.core.Lessons.recorded;
import static webodidact.core.Lessons.waits;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.time.TimeRange;
import webodidact.core.timing.Pace;

class HomeTimeTest {
    private static HomeTime time(Lesson lesson, Household... homes) {
        return HomeTime.of(
                lesson,
                HomePace.of(lesson, List.of(homes), Knowledge.shipped(), COURSE),
                plan(lesson),
                new Pace(Audience.ADULTS, Map.of()));
    }

    @Test
    void whatARecordingCutsAndSwapsStillPassesAtHome() {
        // Hands 80 s at home take 5/4 of it, 100 s; then 3000 to 3600 s of rising, cut to 10 s; 100 s; 1200 s in the
        // oven, swapped.
        var lesson = recorded(of(
                waits(hands("a", 80), 3000, 3600, new Cover.Cut(10)),
                waits(hands("b", 80), 1200, 1200, Cover.ReadyCopy.usual())));
        var time = time(lesson, Household.named("one"));
        assertThat(time.readyToEat()).isEqualTo(new TimeRange(100 + 3000 + 100 + 1200, 100 + 3600 + 100 + 1200));
        assertThat(time.pauses()).extracting(HomeTime.Pause::number).containsExactly(1, 2);
        assertThat(time.pauses().getFirst().time()).isEqualTo(new TimeRange(3100 - 90, 3700 - 90));
        assertThat(time.pauses().getFirst().waits()).isTrue();
    }

    @Test
    void ofALiveLessonReadyMeansReadyToEat() {
        var lesson = of(waits(hands("a", 80), 1200, 1200, Cover.ReadyCopy.usual()), hands("b", 80));
        var time = time(lesson, Household.named("one"));
        assertThat(time.readyToEat()).isEqualTo(TimeRange.of(1300));
        assertThat(time.pauses()).isEmpty();
    }

    @Test
    void aBabyEatsAndDoesNotChop() {
        var lesson = of(hands("a", 80));
        var grown = Household.named("one").but(d -> d.ages = List.of(40));
        var withBaby = Household.named("two").but(d -> d.ages = List.of(40, 0));
        assertThat(time(lesson, withBaby)).isEqualTo(time(lesson, grown));
        var withChild = Household.named("three").but(d -> d.ages = List.of(40, 6));
        assertThat(time(lesson, withChild).readyToEat().low())
                .isGreaterThan(time(lesson, grown).readyToEat().low());
    }

    @Test
    void untimedStepsAreTold() {
        assertThat(time(of(hands("a", 0), hands("b", 80)), Household.named("one"))
                        .untimed())
                .isEqualTo(1);
    }
}
