package webodidact.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Amount;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.time.TimeRange;

class ComparisonTest {
    private static Lesson lesson(String... steps) {
        var all = new ArrayList<Step>();
        for (var id : steps) all.add(Step.blank(id, Kind.HANDS_ON, "Step " + id).but(d -> d.hands = TimeRange.of(60)));
        return Lesson.blank("l", 1, "Stew").but(d -> {
            d.steps = all;
            d.foods = List.of(FoodLine.of("f1", "flour", "plain-flour", Amount.parse("300 g")));
        });
    }

    @Test
    void eachPlaceThatDiffersIsNamedWithBothVersionsInWords() {
        var mine = lesson("s1", "s2");
        var theirs = mine.withStep(
                        "s2",
                        s -> s.but(d -> {
                            d.hands = new TimeRange(120, 180);
                            d.say = "Slowly.";
                        }))
                .withFood("f1", f -> f.but(d -> d.amount = Amount.parse("3/2 cup")))
                .but(d -> d.slot = 900);
        var parts = Comparison.of(mine, theirs).parts();
        assertThat(parts).extracting(Comparison.Part::key).containsExactly("lesson", "food/f1", "step/s2");
        assertThat(parts.get(1).fields()).containsExactly(new Comparison.Field("amount", "300 g", "1½ cups"));
        assertThat(parts.get(2).fields())
                .containsExactly(
                        new Comparison.Field("say", "–", "Slowly."), new Comparison.Field("hands", "1:00", "2–3 min"));
    }

    @Test
    void aStepThatOnlyOneHasIsAPartOfItsOwn() {
        var comparison = Comparison.of(lesson("s1", "s2"), lesson("s1", "s9"));
        assertThat(comparison.parts()).extracting(Comparison.Part::key).containsExactly("step/s9", "step/s2");
        assertThat(comparison.picking(Set.of("step/s9")).steps())
                .extracting(Step::id)
                .containsExactly("s1", "s9", "s2");
        assertThat(comparison.picking(Set.of("step/s2")).steps())
                .extracting(Step::id)
                .containsExactly("s1");
    }

    @Test
    void equalLessonsDifferNowhere() {
        assertThat(Comparison.of(lesson("s1"), lesson("s1")).parts()).isEmpty();
    }

    @Property(tries = 300)
    void nonePickedIsMineAndAllPickedIsTheirs(@ForAll long seed) {
        var random = new Random(seed);
        var mine = lesson("s1", "s2", "s3", "s4", "s5");
        var theirs = changed(mine, random);
        var comparison = Comparison.of(mine, theirs);
        assertThat(comparison.picking(Set.of())).isEqualTo(mine);
        assertThat(comparison.picking(
                        comparison.parts().stream().map(Comparison.Part::key).collect(Collectors.toSet())))
                .isEqualTo(theirs);
        var some = new HashSet<String>();
        for (var part : comparison.parts()) if (random.nextBoolean()) some.add(part.key());
        var mixed = comparison.picking(some);
        var left = Comparison.of(mixed, theirs).parts().stream()
                .map(Comparison.Part::key)
                .filter(k -> !k.equals("order"))
                .toList();
        assertThat(left).as("what was picked is theirs").matches(l -> Collections.disjoint(l, some));
    }

    private static Lesson changed(Lesson lesson, Random random) {
        var steps = new ArrayList<>(lesson.steps());
        if (random.nextInt(3) == 0) Collections.shuffle(steps, random);
        steps.removeIf(s -> random.nextInt(5) == 0);
        for (int i = 0; i < random.nextInt(3); i++)
            steps.add(random.nextInt(steps.size() + 1), Step.blank("n" + i, Kind.TALK, "New"));
        steps.replaceAll(s -> random.nextInt(3) == 0 ? s.but(d -> d.say = "x" + random.nextInt(9)) : s);
        return lesson.but(d -> {
            d.steps = steps;
            if (random.nextBoolean()) d.title = "Soup";
            if (random.nextBoolean()) d.foods = List.of();
        });
    }
}
