package webodidact.core.script;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Amount;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;

class DrawsTest {
    private static Step takes(String id, String amount) {
        return hands(id, 60).but(d -> d.uses = List.of(new Use("f1", amount == null ? null : Amount.parse(amount))));
    }

    private static Draws.Line flour(Step... steps) {
        Lesson lesson = of(List.of(food("f1", "plain-flour", "200 g")), steps);
        return Draws.of(lesson, Knowledge.shipped(), MeasureSystem.METRIC).get("f1");
    }

    @Test
    void eachStepTakesItsShareAndWhatRemainsIsKnown() {
        var line = flour(takes("a", "150 g"), takes("b", "30 g"), takes("c", "20 g"));
        assertThat(line.draws()).extracting(d -> String.valueOf(d.left())).containsExactly("50 g", "20 g", "0 g");
        assertThat(line.over()).isNull();
        assertThat(line.unused()).isNull();
    }

    @Test
    void withoutAnAmountItIsAllButWhatOthersMeasureOut() {
        var line = flour(takes("a", null), takes("b", "30 g"), takes("c", null));
        assertThat(line.in("a").orElseThrow())
                .isEqualTo(new Draws.Draw("a", 1, Amount.parse("170 g"), Amount.parse("30 g"), true, false));
        assertThat(line.in("b").orElseThrow().left()).isEqualTo(Amount.parse("0 g"));
        assertThat(line.in("c").orElseThrow().handles()).isTrue();
    }

    @Test
    void aPartThatWasPreparedIsDrawnOnce() {
        var chopped = hands("a", 60).but(d -> {
            d.doing = "Chop half the onions.";
            d.uses = List.of(new Use("f1", Amount.parse("1 piece")));
        });
        var fried = hands("b", 60).but(d -> d.doing = "Fry the chopped onions.");
        var rest = hands("c", 60).but(d -> d.doing = "Slice the rest of the onions.");
        var lesson = of(List.of(food("f1", "onion", "2 piece")), chopped, fried, rest);
        var taken = Suggestions.takingAll(lesson, List.of("b", "c"), Knowledge.shipped(), Map.of());
        assertThat(taken.step("b").orElseThrow().uses()).containsExactly(new Use("f1", null, true));
        var line = Draws.of(taken, Knowledge.shipped(), MeasureSystem.METRIC).get("f1");
        assertThat(line.in("b").orElseThrow().handles()).isTrue();
        assertThat(line.in("c").orElseThrow().taken()).isEqualTo(Amount.parse("1 piece"));
        assertThat(line.over()).isNull();
        assertThat(line.unused()).isNull();
    }

    @Test
    void spoonsAreWeighedThroughTheDensity() {
        var line = flour(takes("a", "8 tbsp"), takes("b", null));
        assertThat(line.in("a").orElseThrow().taken().unit().symbol()).isEqualTo("g");
        assertThat(line.in("b").orElseThrow().left()).isEqualTo(Amount.parse("0 g"));
    }

    @Test
    void whatIsNotKnownIsNotGuessed() {
        var lesson = of(List.of(food("f1", "salt", null)), takes("a", "1 tsp"));
        var line = Draws.of(lesson, Knowledge.shipped(), MeasureSystem.METRIC).get("f1");
        assertThat(line.draws().getFirst().left()).isNull();
        assertThat(line.over()).isNull();
        assertThat(Draws.of(of(List.of(food("f1", "salt", "1 tsp"))), Knowledge.shipped(), MeasureSystem.METRIC))
                .isEmpty();
    }

    @Property
    void whatIsTakenOverAndLeftAddUpToTheList(
            @ForAll @Size(min = 1, max = 6) List<@IntRange(min = 1, max = 120) Integer> grams) {
        var steps = new Step[grams.size()];
        for (int i = 0; i < steps.length; i++) steps[i] = takes("s" + i, grams.get(i) + " g");
        var line = flour(steps);
        int sum = grams.stream().mapToInt(Integer::intValue).sum();
        assertThat(line.over() == null).isEqualTo(sum <= 204);
        assertThat(line.unused() == null).isEqualTo(sum >= 190);
        if (line.over() != null) assertThat(line.over()).isEqualTo(Amount.parse(sum - 200 + " g"));
        if (line.unused() != null) assertThat(line.unused()).isEqualTo(Amount.parse(200 - sum + " g"));
    }
}
