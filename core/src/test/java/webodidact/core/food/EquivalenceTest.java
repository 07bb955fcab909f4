package webodidact.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;

class EquivalenceTest {
    private static Equivalence of(String first, String second, String food, MeasureSystem system) {
        return Equivalence.of(
                Amount.parse(first),
                Amount.parse(second),
                Knowledge.shipped().food(food).orElse(null),
                "chopped",
                system);
    }

    @ParameterizedTest
    @CsvSource({
        "85 g, 3 oz, butter, METRIC, true",
        "80 g, 3 oz, butter, METRIC, false",
        "1/2 pint, 250 ml, milk, IMPERIAL, false",
        "1/2 pint, 250 ml, milk, US, false",
        "1/2 pint, 284 ml, milk, IMPERIAL, true",
        "2 tbsp, 30 ml, milk, METRIC, true",
        "2 tbsp, 30 ml, milk, AU, false",
        "2 piece, 160 g, carrot, METRIC, true",
        "2 piece, 1 cup, carrot, METRIC, false",
        "3/2 cup, 225 g, plain-flour, METRIC, true",
        "1 handful, 35 g, spinach, METRIC, true",
        "1 handful, 80 g, spinach, METRIC, false",
        "2-3 tbsp, 40 ml, milk, METRIC, true"
    })
    void statedEquivalencesAreChecked(String first, String second, String food, MeasureSystem system, boolean agrees) {
        assertThat(of(first, second, food, system) instanceof Equivalence.Agrees)
                .isEqualTo(agrees);
    }

    @Test
    void theRightFigureIsShown() {
        var wrong = (Equivalence.Wrong) of("1/2 pint", "250 ml", "milk", MeasureSystem.IMPERIAL);
        assertThat(wrong.right().low().nearest()).isEqualTo(284);
        assertThat(((Equivalence.Wrong) of("1/2 pint", "250 ml", "milk", MeasureSystem.US))
                        .right()
                        .low()
                        .nearest())
                .isEqualTo(237);
        assertThat(AmountText.of(((Equivalence.Wrong) of("2 tbsp", "30 ml", "milk", MeasureSystem.AU)).right()))
                .isEqualTo("40 ml");
    }

    @Test
    void withoutADensityNobodyCanSay() {
        assertThat(of("1 cup", "100 g", "new-potato", MeasureSystem.METRIC)).isInstanceOf(Equivalence.Unknown.class);
        assertThat(of("1 cup", "100 g", "nothing", MeasureSystem.METRIC)).isInstanceOf(Equivalence.Unknown.class);
        assertThat(of("1 clove", "2 slice", "garlic", MeasureSystem.METRIC)).isInstanceOf(Equivalence.Unknown.class);
    }

    @Property
    void throughTheDensityAndBackIsExact(
            @ForAll @IntRange(min = 1, max = 9999) int n, @ForAll MeasureSystem a, @ForAll MeasureSystem b) {
        var butter = Knowledge.shipped().food("butter").orElseThrow();
        var cups = Amount.of(Ratio.of(n, 7), Unit.CUP);
        var grams = Weighing.in(cups, Unit.G, butter, "", a, b).orElseThrow();
        assertThat(Weighing.in(grams, Unit.CUP, butter, "", b, a).orElseThrow().low())
                .isEqualTo(cups.low());
    }
}
