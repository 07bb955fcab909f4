package webodidact.core.food;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;

class FoodTest {
    private static Food food(String id) {
        return Knowledge.shipped().food(id).orElseThrow();
    }

    @Test
    void whatIsDeclaredIsSaidAndTheLabelWhereItDecides() {
        assertThat(food("plain-flour").contains()).isEqualTo("wheat");
        assertThat(food("soy-sauce").contains()).isEqualTo("wheat, soya, check the label");
        assertThat(food("new-potato").contains()).isEmpty();
        assertThat(food("curry-powder").contains()).isEqualTo("check the label");
    }

    @Test
    void dietsAreNarrowedNeverWidened() {
        assertThat(food("honey").suits(Diet.VEGETARIAN)).isTrue();
        assertThat(food("honey").suits(Diet.VEGAN)).isFalse();
        assertThat(food("tofu").suits(Diet.VEGAN)).isTrue();
        assertThat(food("white-fish").suits(Diet.VEGETARIAN)).isFalse();
    }

    @Test
    void rawFoodSoilsHandsAndWashedProduceDoesNot() {
        assertThat(food("chicken-breast").risk().soilsHands()).isTrue();
        assertThat(food("egg").risk().soilsHands()).isTrue();
        assertThat(food("carrot").risk().soilsHands()).isFalse();
        assertThat(food("yoghurt").risk().soilsHands()).isFalse();
        assertThatThrownBy(() -> Allergen.parse("sunshine"))
                .hasMessageStartingWith("Allergen 'sunshine': expected one of the declared ones");
    }

    @ParameterizedTest
    @CsvSource({
        "1 clove, garlic, G, 5 g",
        "2 piece, carrot, G, 160 g",
        "1 bulb, garlic, G, 45 g",
        "2 tin, chickpeas, G, 480 g",
        "4 wedge, lemon, G, 56 g",
        "1 stick, butter, G, 113.4 g",
        "10 leaf, mint, G, 4 g",
        "1 knob, butter, ML, 15.63 ml",
        "1 pinch, salt, G, ¾ g",
        "100 g, plain-flour, CUP, 0.75 cup",
        "160 g, carrot, PIECE, 2",
        "1 kg, milk, L, 0.97 l"
    })
    void weighsThroughPieceDensityAndUsualSize(String amount, String food, Unit unit, String expected) {
        assertThat(AmountText.of(Weighing.in(
                                Amount.parse(amount), unit, food(food), "", MeasureSystem.METRIC, MeasureSystem.METRIC)
                        .orElseThrow()))
                .isEqualTo(expected);
    }

    /** Sizes are household weights: small, usual, large. */
    @Test
    void aLargeOneWeighsMore() {
        assertThat(food("main-potato").weightOf(Unit.PIECE, "small potatoes")).contains(Ratio.of(100));
        assertThat(food("main-potato").weightOf(Unit.PIECE, "potatoes")).contains(Ratio.of(180));
        assertThat(food("main-potato").weightOf(Unit.PIECE, "Large potatoes, peeled"))
                .contains(Ratio.of(280));
        assertThat(food("new-potato").weightOf(Unit.PIECE, "")).contains(Ratio.of(40));
        assertThat(food("lemon").weightOf(Unit.SLICE, "")).contains(Ratio.of(8));
        assertThat(food("cheddar").weightOf(Unit.PIECE, "")).isEmpty();
    }

    @Test
    void whatNobodyKnowsIsNotWeighed() {
        assertThat(Weighing.in(
                        Amount.parse("1 bunch"),
                        Unit.G,
                        food("asparagus"),
                        "",
                        MeasureSystem.METRIC,
                        MeasureSystem.METRIC))
                .isEmpty();
        assertThat(Weighing.in(Amount.parse("1 cup"), Unit.G, null, "", MeasureSystem.METRIC, MeasureSystem.METRIC))
                .isEmpty();
        assertThat(Weighing.in(
                        Amount.parse("100 g"),
                        Unit.SLICE,
                        food("feta"),
                        "",
                        MeasureSystem.METRIC,
                        MeasureSystem.METRIC))
                .isEmpty();
    }
}
