package webodidact.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.outcome;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Test;
import webodidact.core.food.Allergen;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.TakeKind;

class KitchensTest {
    private static final Knowledge KNOWN = Knowledge.shipped();
    private static final Course COURSE = Course.named("Saltmarsh Supper School");

    private static List<Household> homes() {
        var all = new ArrayList<Household>();
        for (int i = 0; i < 18; i++) all.add(Household.named("Home " + i).but(d -> d.ages = List.of(40)));
        all.add(Household.named("Young").but(d -> d.ages = List.of(6)));
        all.add(Household.named("NoOven").but(d -> d.oven = false));
        all.add(Household.named("Foil").but(d -> d.missingTools = Set.of("parchment")));
        all.add(Household.named("NoDill").but(d -> d.missingFoods = Set.of("dill")));
        all.add(Household.named("Dairy").but(d -> d.allergies = Set.of(Allergen.MILK)));
        return all;
    }

    private static AirRun run() {
        return AirRun.start(AirPlan.of(outcome(Supper.lesson()), TakeKind.LIVE));
    }

    @Test
    void whoIsBehindIsTheSlowOnesAndAHoldBringsThemBack() {
        var kitchens = SimulatedKitchens.of(Supper.lesson(), homes(), KNOWN, COURSE, 7);
        // The instructor has rushed: the parcels were left after a third of their time.
        var run = run().tick(80).next().tick(20);
        var rushed = kitchens.at(run);
        assertThat(rushed.homes()).hasSize(23);
        assertThat(rushed.count(Kitchens.Stand.READY)).isLessThan(12);
        assertThat(rushed.behind()).isNotEmpty().allMatch(h -> h.step() == 1 && h.seconds() > 0);
        assertThat(rushed.behind()).extracting(h -> h.home().alias()).contains("Young");
        assertThat(rushed.share()).isLessThan(85);
        assertThat(rushed.hold()).isPositive().isLessThan(600);
        var held = kitchens.at(run.stretch("bake", rushed.hold()));
        assertThat(held.share()).as("with the hold that was proposed").isGreaterThanOrEqualTo(85);
        assertThat(held.hold()).isZero();
        assertThat(rushed.then()).isGreaterThanOrEqualTo(20);
    }

    @Test
    void theSameSeedIsTheSameEvening() {
        var run = run().tick(200).next().tick(30);
        assertThat(SimulatedKitchens.of(Supper.lesson(), homes(), KNOWN, COURSE, 7)
                        .at(run))
                .isEqualTo(SimulatedKitchens.of(Supper.lesson(), homes(), KNOWN, COURSE, 7)
                        .at(run));
    }

    @Test
    void everyLackIsAskedOnceAsItsStepComesAndIsReadForWhatItIs() {
        var schedule = run().schedule();
        for (long seed = 0; seed < 12; seed++) {
            var asked = Asking.of(Supper.lesson(), schedule, homes(), KNOWN, seed);
            assertThat(asked)
                    .extracting(Asking.Question::id)
                    .containsExactlyInAnyOrder(
                            "NoOven/oven", "Foil/tool/parchment", "NoDill/food/dill", "Dairy/allergy/milk");
            var answering = new Answering(Supper.lesson(), homes(), KNOWN, COURSE);
            for (var question : asked) {
                var answer = answering.of(question.text(), question.home());
                assertThat(answer.kind().name().toLowerCase(Locale.ROOT))
                        .as(question.text())
                        .isEqualTo(question.id().split("/")[1]);
                assertThat(answer.say()).isNotBlank();
            }
            var dill = asked.stream()
                    .filter(q -> q.id().startsWith("NoDill"))
                    .findFirst()
                    .orElseThrow();
            int step = schedule.of("yoghurt").orElseThrow().span().start();
            assertThat(dill.at()).isBetween(step + 5, step + 45);
        }
    }
}
