package webodidact.core.swap;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.at;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Allergen;
import webodidact.core.food.Diet;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Yield;

class AcceptingTest {
    private final Knowledge table = Knowledge.shipped();
    private final Accepting accepting = new Accepting(table);
    private final Lesson sauce = of(
            List.of(food("f1", "yoghurt", "150 g"), food("f2", "dill", "2 tbsp")),
            using(hands("a", 60), "f1", "f2").but(d -> {
                d.title = "Sauce";
                d.say = "Yoghurt in the bowl, then the dill. Taste the yoghurt.";
                d.doing = "Stir the yoghurt.";
            }));

    private Offer offer(Lesson lesson, String line, String standIn) {
        return new Swaps(table, COURSE)
                .offers(lesson, lesson.food(line).orElseThrow(), List.of()).stream()
                        .filter(o -> !o.isLeaveOut() && o.food().id().equals(standIn))
                        .findFirst()
                        .orElseThrow();
    }

    @Test
    void cookingWithItChangesLineWordsTimeToolsAndAddedFoods() {
        var cooked = accepting.cook(sauce, "f1", offer(sauce, "f1", "soft-cheese"));
        assertThat(cooked.food("f1").orElseThrow().chosen()).isEqualTo("soft-cheese");
        assertThat(cooked.steps().getFirst().say())
                .isEqualTo("Soft cheese in the bowl, then the dill. Taste the soft cheese.");
        assertThat(cooked.steps().getFirst().doing()).isEqualTo("Stir the soft cheese.");
        assertThat(cooked.steps().getFirst().hands().low()).isEqualTo(120);
        assertThat(cooked.foods()).extracting(FoodLine::item).containsExactly("thick plain yoghurt", "milk", "dill");
        var milk = cooked.foods().get(1);
        assertThat(milk.because()).isEqualTo("f1");
        assertThat(cooked.steps().getFirst().usesLine(milk.id())).isTrue();
        assertThat(cooked.tools()).extracting(t -> t.tool()).containsExactly("whisk");
    }

    @Test
    void goingBackTakesWordsTimeAndAddedFoodsBack() {
        var back = accepting.back(accepting.cook(sauce, "f1", offer(sauce, "f1", "soft-cheese")), "f1");
        assertThat(back.foods()).isEqualTo(sauce.foods());
        assertThat(back.steps().getFirst().hands())
                .isEqualTo(sauce.steps().getFirst().hands());
        assertThat(back.steps().getFirst().uses())
                .isEqualTo(sauce.steps().getFirst().uses());
        assertThat(back.steps().getFirst().doing()).isEqualTo("Stir the thick plain yoghurt.");
        assertThat(accepting.back(sauce, "f1")).isSameAs(sauce);
    }

    @Test
    void choosingAnotherDoesNotAddUp() {
        var first = accepting.cook(sauce, "f1", offer(sauce, "f1", "soft-cheese"));
        var second = accepting.cook(first, "f1", offer(first, "f1", "soya-yoghurt"));
        assertThat(second.foods()).extracting(FoodLine::item).containsExactly("thick plain yoghurt", "dill");
        assertThat(second.steps().getFirst().hands().low()).isEqualTo(60);
        assertThat(second.steps().getFirst().say()).startsWith("Soya yoghurt in the bowl");
    }

    @Test
    void tapWaterIsNotPutOnTheList() {
        var cooked = accepting.cook(sauce, "f1", offer(sauce, "f1", "soured-cream"));
        assertThat(cooked.foods()).extracting(FoodLine::item).containsExactly("thick plain yoghurt", "dill");
    }

    @Test
    void theAmountFollowsTheChosenStandIn() {
        var line = food("f1", "dill", "3 tbsp").but(d -> d.chosen = "dried-dill");
        assertThat(CookedAmount.of(line, line.amount(), table).toString()).isEqualTo("1 tbsp");
        assertThat(CookedAmount.of(food("f1", "dill", "3 tbsp"), line.amount(), table)
                        .toString())
                .isEqualTo("3 tbsp");
    }

    @Test
    void dietWordsHoldOnlyWhenTrueForTheChosenVariant() {
        var labels = DishLabels.of(sauce, table);
        assertThat(labels.vegetarian().truth()).isEqualTo(DishLabels.Truth.YES);
        assertThat(labels.vegan())
                .isEqualTo(new DishLabels.Answer(DishLabels.Truth.NO, List.of("thick plain yoghurt")));
        var soya = accepting.cook(sauce, "f1", offer(sauce, "f1", "soya-yoghurt"));
        var unknown = DishLabels.of(soya, table);
        assertThat(unknown.vegan()).isEqualTo(new DishLabels.Answer(DishLabels.Truth.UNKNOWN, List.of("soya yoghurt")));
        assertThat(unknown.has(Allergen.MILK)).isEqualTo(DishLabels.Truth.UNKNOWN);
        var read = soya.withFood("f1", f -> f.but(d -> d.labelSays = Set.of(Allergen.SOYA)));
        assertThat(DishLabels.of(read, table).vegan().truth()).isEqualTo(DishLabels.Truth.YES);
        assertThat(DishLabels.of(read, table).has(Allergen.MILK)).isEqualTo(DishLabels.Truth.NO);
        var traces = soya.withFood("f1", f -> f.but(d -> d.labelSays = Set.of(Allergen.SOYA, Allergen.MILK)));
        assertThat(DishLabels.of(traces, table).vegan().truth()).isEqualTo(DishLabels.Truth.NO);
        assertThat(DishLabels.of(traces, table).has(Allergen.MILK)).isEqualTo(DishLabels.Truth.YES);
    }

    private final Lesson scones = of(
                    List.of(
                            food("f1", "plain-flour", "225 g"),
                            food("f2", "butter", "50 g"),
                            food("f3", "egg", "1 piece"),
                            food("f4", "milk", "150 ml")),
                    using(hands("a", 300), "f1", "f2", "f3", "f4").but(d -> {
                        d.title = "Make the dough";
                        d.doing = "Rub in the butter, then bind the dough with egg and milk.";
                    }),
                    at(hands("b", 60), Place.OVEN).but(d -> {
                        d.title = "Scones in the oven";
                        d.doing = "Bake the scones.";
                    }))
            .but(d -> d.makes = new Yield(Ratio.of(8), "scones", 4));

    @Test
    void veganAndNoGlutenAreWorkedOutTogether() {
        var wish = new Variant.Wish(Diet.VEGAN, EnumSet.of(Allergen.GLUTEN, Allergen.WHEAT));
        var variant = Variant.of(scones, wish, List.of(), table, COURSE);
        assertThat(variant.open()).isEmpty();
        assertThat(variant.choices()).extracting(c -> c.line().id()).containsExactly("f1", "f2", "f3", "f4");
        for (var choice : variant.choices()) {
            assertThat(choice.offer().food().suits(Diet.VEGAN))
                    .as(choice.offer().title())
                    .isTrue();
            assertThat(choice.offer().food().allergens())
                    .doesNotContain(Allergen.GLUTEN, Allergen.WHEAT, Allergen.MILK, Allergen.EGGS);
            for (var added : choice.offer().added())
                assertThat(table.food(added.cooked()).orElseThrow().suits(Diet.VEGAN))
                        .as(added.item())
                        .isTrue();
        }
        assertThat(variant.warnings()).first().asString().startsWith("Step 1: ").contains("change together");
        assertThat(variant.labels().vegan().truth()).isNotEqualTo(DishLabels.Truth.NO);
        assertThat(variant.after().steps().getFirst().doing()).doesNotContain("butter");
    }

    @Test
    void whatNoOfferHelpsWithStaysOpen() {
        var lesson = of(
                List.of(food("f1", "gelatine", "6 g"), food("f2", "saffron", "1 pinch"), food("f3", "squid", "200 g")),
                using(hands("a", 60), "f1", "f2", "f3"));
        var variant = Variant.of(lesson, new Variant.Wish(Diet.VEGAN, Set.of()), List.of(), table, COURSE);
        assertThat(variant.open()).contains("squid");
        assertThat(variant.choices()).extracting(c -> c.line().id()).doesNotContain("f2");
        assertThat(Variant.of(lesson, new Variant.Wish(null, Set.of()), List.of(), table, COURSE)
                        .choices())
                .isEmpty();
    }

    @Test
    void anOptionalFoodIsLeftOutWhereNothingStandsIn() {
        var lesson = of(List.of(food("f1", "squid", "200 g").but(d -> d.optional = true)), using(hands("a", 60), "f1"));
        var variant = Variant.of(lesson, new Variant.Wish(Diet.VEGETARIAN, Set.of()), List.of(), table, COURSE);
        assertThat(variant.after().foods()).isEmpty();
        assertThat(variant.open()).isEmpty();
    }
}
