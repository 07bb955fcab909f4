package webodidact.core.timing;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.plan;
import static webodidact.core.Lessons.recorded;
import static webodidact.core.Lessons.waits;

import java.util.Map;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;

class CoverOptionsTest {
    private static final Pace PACE = new Pace(Audience.ADULTS, Map.of());
    private final Lesson lesson =
            of(waits(hands("a", 60), 600, 720, Cover.STAY), hands("b", 400), hands("c", 300), hands("d", 30));

    @Test
    void eachCardTellsTheTotalThatChoosingItGives() {
        for (var base : new Lesson[] {lesson, recorded(lesson)}) {
            for (var option : CoverOptions.of(base, "a", PACE)) {
                if (!option.isAllowed()) continue;
                var chosen = base.withStep(
                        "a", s -> s.but(d -> d.waiting = s.waiting().covered(option.cover())));
                assertThat(plan(chosen).planned()).as(option.cover().toString()).isEqualTo(option.planned());
            }
        }
    }

    @Test
    void carryOnPicksTheFirstStepThatIsNotEarly() {
        assertThat(CoverOptions.bestCollector(lesson, lesson.steps().getFirst(), PACE))
                .isEqualTo("d");
        var option = CoverOptions.of(lesson, "a", PACE).getFirst();
        assertThat(option.cover()).isEqualTo(new Cover.CarryOn("d"));
        assertThat(option.detail().text()).isEqualTo("collected in step 4 · 11:40, fits 10–12 min");
    }

    @Test
    void editingIsRefusedLiveAndCarryingOnInTheLastStep() {
        assertThat(CoverOptions.of(lesson, "a", PACE).stream()
                        .filter(o -> o.cover().needsEditing()))
                .allMatch(o -> o.refused().text().equals("not in a live lesson"));
        var last = of(waits(hands("a", 60), 60, 60, Cover.STAY));
        assertThat(CoverOptions.of(last, "a", PACE).stream()
                        .filter(o -> o.cover() instanceof Cover.CarryOn)
                        .findFirst()
                        .orElseThrow()
                        .refused()
                        .text())
                .isEqualTo("no later step to collect it in");
        assertThat(CoverOptions.of(lesson, "b", PACE)).isEmpty();
    }
}
