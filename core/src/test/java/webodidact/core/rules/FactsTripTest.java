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

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import webodidact.core.check.Finding;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Ring;
import webodidact.core.lesson.Sets;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.ToolLine;

/** Checks that facts trip rather than words. */
class FactsTripTest {
    private static List<Finding> found(Lesson lesson, String check) {
        return outcome(lesson).report().open().stream()
                .filter(f -> f.check().equals(check))
                .toList();
    }

    @Test
    void aCameraOnAFaceWhileHandsWork() {
        var lesson = of(hands("a", 60).but(d -> d.camera = "face"));
        assertThat(found(lesson, "camera-elsewhere")).hasSize(1);
        assertThat(found(lesson.withStep("a", s -> s.but(d -> d.camera = "over the board")), "camera-elsewhere"))
                .isEmpty();
        assertThat(found(lesson.withStep("a", s -> s.but(d -> d.kind = Kind.TALK)), "camera-elsewhere"))
                .isEmpty();
    }

    @Test
    void kitsWithFoodFromTheFridge() {
        var lesson = of(List.of(food("f1", "chicken-breast", "2 piece")), using(hands("a", 60), "f1"))
                .but(d -> d.sets = new Sets(4, 1, 0));
        var finding = found(lesson, "kit-uncooled").getFirst();
        assertThat(facts(finding)).isEqualTo("(4; [chicken breast])");
        assertThat(found(finding.mends().getFirst().change().apply(lesson), "kit-uncooled"))
                .isEmpty();
        assertThat(found(lesson.but(d -> d.sets = Sets.NONE), "kit-uncooled")).isEmpty();
        assertThat(found(lesson.withStep("a", s -> s.but(d -> d.say = "Keep it cold with ice packs.")), "kit-uncooled"))
                .isEmpty();
    }

    @Test
    void aTalkThatIsTooLongForItsAudience() {
        var talk = Step.blank("t", Kind.TALK, "").but(d -> d.say = "Once there was a mill by the river. ".repeat(45));
        assertThat(found(of(talk).but(d -> d.audience = Audience.EARLY_YEARS), "talk-too-long"))
                .hasSize(1);
        assertThat(found(of(talk).but(d -> d.audience = Audience.ADULTS), "talk-too-long"))
                .isEmpty();
        assertThat(found(
                        of(talk.but(d -> d.kind = Kind.HANDS_ON)).but(d -> d.audience = Audience.EARLY_YEARS),
                        "talk-too-long"))
                .isEmpty();
    }

    @Test
    void oneStillStandIsToldByItselfAndManyAreOneMatter() {
        var one = of(waits(hands("a", 60), 600, 600, Cover.STAY), hands("b", 30));
        assertThat(found(one, "dead-air")).hasSize(1);
        assertThat(facts(found(one, "dead-air").getFirst())).isEqualTo("(10:00; 1; 1; 10:00)");
        var two = of(
                waits(hands("a", 60), 600, 600, Cover.STAY),
                waits(hands("b", 60), 300, 300, Cover.STAY),
                hands("c", 30));
        assertThat(found(two, "dead-air")).hasSize(1);
        assertThat(facts(found(two, "dead-air").getFirst())).isEqualTo("many(10:00; 1; 2; 15:00)");
        assertThat(found(two, "dead-air").getFirst().steps()).containsExactly(1, 2);
    }

    @Test
    void aRingThatIsTurnedOffInTheWordsOfItsOwnStepIsOff() {
        var lesson = of(acts(at(hands("a", 60), Place.RING), Act.RING_OFF), hands("b", 30));
        assertThat(found(lesson, "heat-never-off")).isEmpty();
        assertThat(found(lesson.withStep("a", s -> s.but(d -> d.acts = null)), "heat-never-off"))
                .hasSize(1);
    }

    @Test
    void aRingLevelIsMendedByAnyOfThree() {
        var lesson = of(
                List.of(food("f1", "onion", "2 piece")),
                waits(at(using(hands("a", 60), "f1"), Place.RING), 300, 300, Cover.STAY));
        var finding = found(lesson, "ring-level-unstated").getFirst();
        assertThat(finding.mends()).hasSize(3);
        for (var mend : finding.mends())
            assertThat(found(mend.change().apply(lesson), "ring-level-unstated"))
                    .as(mend.label())
                    .isEmpty();
        assertThat(found(lesson.withStep("a", s -> s.but(d -> d.ring = Ring.LOW)), "ring-level-unstated"))
                .isEmpty();
    }

    @Test
    void aToolThatDoesTheSameJobIsEnough() {
        var step = hands("a", 60).but(d -> d.say = "Drain the rice in the colander and grate the cheese.");
        var lesson = of(List.of(food("f1", "cheddar", "100 g")), step);
        var sieve = lesson.but(d ->
                d.tools = List.of(ToolLine.of("t1", "sieve", "sieve", 1), ToolLine.of("t2", "grater", "grater", 1)));
        assertThat(found(sieve, "tool-not-listed")).isEmpty();
        var none = lesson.but(d -> d.tools = List.of(ToolLine.of("t1", "plate", "plate", 1)));
        assertThat(found(none, "tool-not-listed")).hasSize(1);
        assertThat(found(none, "tool-not-listed").getFirst().concerns().tools()).contains("colander", "grater");
        assertThat(found(lesson, "tool-not-listed"))
                .as("no kit at all is another matter")
                .isEmpty();
    }

    @Test
    void sameJobIsBothWays() {
        assertThat(SameJob.isAmong("sieve", Set.of("colander"))).isTrue();
        assertThat(SameJob.isAmong("colander", Set.of("sieve"))).isTrue();
        assertThat(SameJob.isAmong("grater", Set.of("knife"))).isFalse();
        assertThat(SameJob.isAmong("lid", Set.of("plate"))).isFalse();
    }

    @Test
    void theContentOfASentenceIsItsMatter() {
        assertThat(Content.of("As I said at the start, let it rest ten minutes"))
                .contains("rest")
                .doesNotContain("the", "said", "ten");
        assertThat(Content.of("In a minute I'll show you how to sharpen knives"))
                .contains("sharpen")
                .anyMatch(w -> w.startsWith("kni"));
        assertThat(Content.of("")).isEmpty();
    }

    @Test
    void seventeenFoodsInNoStepAreOneMatter() {
        var foods = new ArrayList<FoodLine>();
        var ids = List.of("onion", "carrot", "leek", "parsnip", "swede", "turnip");
        for (int i = 0; i < ids.size(); i++) foods.add(food("f" + i, ids.get(i), "1 piece"));
        foods.add(food("used", "rice", "200 g"));
        var lesson = of(foods, using(hands("a", 60), "used"));
        assertThat(found(lesson, "listed-not-used")).hasSize(1);
        assertThat(facts(found(lesson, "listed-not-used").getFirst()))
                .isEqualTo("many(6; [onion, carrot, leek, parsnip, swede, turnip])");
        var everything = lesson.withStep("a", s -> s.but(d -> d.say = "Everything goes in together."));
        assertThat(found(everything, "listed-not-used")).isEmpty();
    }
}
