package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.acts;
import static webodidact.core.Lessons.at;
import static webodidact.core.Lessons.facts;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.outcome;
import static webodidact.core.Lessons.using;
import static webodidact.core.Lessons.waits;

import java.util.List;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Amount;
import webodidact.core.check.Finding;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Look;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.time.TimeRange;

/** The checks of time, heat, hands and amounts: each tripped once, and once not. */
class TimingRulesTest {
    private static List<Finding> found(Lesson lesson, String check) {
        return outcome(lesson).report().open().stream()
                .filter(f -> f.check().equals(check))
                .toList();
    }

    /** One finding, and each of its buttons takes it away without a new stop. */
    private static Finding mended(Lesson lesson, String check) {
        var findings = found(lesson, check);
        assertThat(findings).hasSize(1);
        long stops = outcome(lesson).report().stops();
        for (var mend : findings.getFirst().mends()) {
            var after = mend.change().apply(lesson);
            assertThat(found(after, check)).as(mend.label()).isEmpty();
            assertThat(outcome(after).report().stops()).as(mend.label()).isLessThanOrEqualTo(stops);
        }
        return findings.getFirst();
    }

    private static Step takes(String id, String amount) {
        return hands(id, 60).but(d -> d.uses = List.of(new Use("f1", Amount.parse(amount))));
    }

    @Test
    void usedMoreThanListed() {
        var flour = List.of(food("f1", "plain-flour", "200 g"));
        assertThat(facts(mended(of(flour, takes("a", "150 g"), takes("b", "80 g")), "used-more-than-listed")))
                .isEqualTo("(2; [1, 2]; 230 g; plain flour; 200 g; 2)");
        assertThat(found(of(flour, takes("a", "150 g"), takes("b", "50 g")), "used-more-than-listed"))
                .isEmpty();
    }

    @Test
    void partNeverUsed() {
        var flour = List.of(food("f1", "plain-flour", "200 g"));
        var finding = mended(of(flour, takes("a", "100 g"), takes("b", "50 g")), "part-never-used");
        assertThat(facts(finding)).isEqualTo("(50 g; plain flour)");
        assertThat(finding.mends())
                .extracting(m -> facts(m))
                .containsExactly("part-never-used.mend.rest(2)", "part-never-used.mend.list(150 g)");
        assertThat(found(
                        of(
                                List.of(flour.getFirst().but(d -> d.plan = "Keep it for the next lesson.")),
                                takes("a", "100 g")),
                        "part-never-used"))
                .isEmpty();
        assertThat(found(of(flour, using(hands("a", 60), "f1")), "part-never-used"))
                .isEmpty();
    }

    @Test
    void addedTwice() {
        var cheese = List.of(food("f1", "cheddar", "100 g"));
        var lesson = of(
                cheese,
                using(hands("a", 60).but(d -> d.say = "Now add the cheddar."), "f1"),
                using(hands("b", 60).but(d -> d.doing = "Stir in the cheddar."), "f1"));
        assertThat(facts(mended(lesson, "added-twice"))).isEqualTo("(mature cheddar; 1)");
        assertThat(found(lesson, "added-twice")
                        .getFirst()
                        .mends()
                        .getFirst()
                        .change()
                        .apply(lesson)
                        .steps()
                        .get(1)
                        .doing())
                .isEqualTo("Stir in the rest of the cheddar.");
        assertThat(found(
                        lesson.withStep("b", s -> s.but(d -> d.doing = "Sprinkle the rest of the cheddar on top.")),
                        "added-twice"))
                .isEmpty();
    }

    @Test
    void collectedOffTime() {
        var early = of(
                waits(hands("a", 60), 600, 700, new Cover.CarryOn("b")),
                hands("y", 30),
                hands("b", 60),
                hands("x", 640),
                hands("c", 30));
        var finding = mended(early, "collected-off-time");
        assertThat(facts(finding)).isEqualTo("early(3; 9:30; 1; simmers; 10:00–11:40)");
        assertThat(facts(finding.mends().getFirst())).isEqualTo("collected-off-time.mend.collect(5)");
        var late = of(
                waits(hands("a", 60), 600, 700, new Cover.CarryOn("c")),
                hands("b", 650),
                hands("x", 640),
                hands("c", 30));
        assertThat(facts(mended(late, "collected-off-time"))).isEqualTo("late(4; 9:50; 1; simmers; 10:00–11:40)");
        assertThat(found(
                        of(waits(hands("a", 60), 600, 700, new Cover.CarryOn("c")), hands("b", 650), hands("c", 30)),
                        "collected-off-time"))
                .isEmpty();
    }

    @Test
    void deadAir() {
        var lesson = of(waits(hands("a", 60), 300, 300, Cover.STAY), hands("b", 400), hands("c", 30));
        var finding = mended(lesson, "dead-air");
        assertThat(facts(finding)).isEqualTo("(5:00; 1; 1; 5:00)");
        assertThat(finding.mends()).extracting(m -> facts(m)).contains("cover.carryOn(3)", "cover.copy()");
        assertThat(found(of(waits(hands("a", 60), 20, 25, Cover.STAY)), "dead-air"))
                .isEmpty();
    }

    @Test
    void lookMissed() {
        var lesson = of(
                waits(hands("a", 60), 2400, 2500, new Cover.CarryOn("c"))
                        .but(d -> d.waiting = d.waiting.looking(List.of(new Look(1200, "turn the tray")))),
                hands("b", 2000),
                hands("c", 30));
        assertThat(facts(mended(lesson, "look-missed"))).isEqualTo("late(turn the tray; 1; 21:00; 3; 13:20)");
        assertThat(found(lesson.withStep("b", s -> s.but(d -> d.hands = TimeRange.of(1150))), "look-missed"))
                .isEmpty();
    }

    @Test
    void ovenOnEarly() {
        // On at 0, hot at 14:00, used at 41:00; from step 2 at 20:00 it would be hot at 34:00.
        var lesson = of(acts(hands("a", 1200), Act.OVEN_ON), hands("b", 1200), at(hands("c", 60), Place.OVEN));
        assertThat(facts(mended(lesson, "oven-on-early"))).isEqualTo("(27:00; 3)");
        assertThat(found(of(acts(hands("a", 900), Act.OVEN_ON), at(hands("c", 60), Place.OVEN)), "oven-on-early"))
                .isEmpty();
        assertThat(facts(mended(
                                of(hands("a", 1200), hands("b", 1200), at(hands("c", 60), Place.OVEN))
                                        .but(d -> d.ovenBefore = true),
                                "oven-on-early")
                        .mends()
                        .getFirst()))
                .isEqualTo("oven-on-early.mend.later(2)");
    }

    @Test
    void heatNeverOff() {
        var lesson = of(
                waits(at(hands("a", 60), Place.RING), 300, 400, new Cover.CarryOn("c")),
                hands("b", 350),
                hands("c", 30));
        assertThat(mended(lesson, "heat-never-off").where()).isEqualTo("c");
        assertThat(found(lesson.withStep("c", s -> acts(s, Act.RING_OFF)), "heat-never-off"))
                .isEmpty();
        assertThat(found(lesson.withStep("b", s -> acts(s, Act.RING_OFF)), "heat-never-off"))
                .as("off before it is done")
                .hasSize(1);
    }

    @Test
    void bakedWithoutHeat() {
        var lesson = of(waits(at(hands("a", 60), Place.OVEN), 300, 400, Cover.STAY), at(hands("b", 60), Place.OVEN))
                .but(d -> d.ovenBefore = true);
        assertThat(found(lesson, "baked-without-heat")).isEmpty();
        var finding = mended(lesson.withStep("a", s -> s.but(d -> d.heat = null)), "baked-without-heat");
        assertThat(finding.isStop()).isTrue();
        assertThat(finding.mends())
                .extracting(m -> facts(m))
                .containsExactly("baked-without-heat.mend.as(2; 200 °C fan)", "baked-without-heat.mend.bench()");
    }

    @Test
    void reachedLate() {
        var lesson = of(hands("a", 600), hands("b", 60).but(d -> d.reachBy = 500));
        assertThat(facts(mended(lesson, "reached-late"))).isEqualTo("(2; 8:20; 10:00; 1:40)");
        assertThat(found(lesson.withStep("b", s -> s.but(d -> d.reachBy = 600)), "reached-late"))
                .isEmpty();
    }

    @Test
    void handsOfRawFoodCollectAPan() {
        var lesson = of(
                List.of(food("f1", "chicken-breast", "2 piece")),
                waits(at(hands("a", 60), Place.RING), 300, 400, new Cover.CarryOn("c")),
                using(hands("b", 350), "f1"),
                hands("c", 30));
        assertThat(facts(mended(lesson, "soiled-hands-go-on"))).isEqualTo("handle(chicken breast; 2; 3; pan handle)");
        assertThat(found(lesson.withStep("b", s -> s.but(d -> d.uses = List.of())), "soiled-hands-go-on"))
                .isEmpty();
    }
}
