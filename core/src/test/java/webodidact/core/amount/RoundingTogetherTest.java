package webodidact.core.amount;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class RoundingTogetherTest {
    private static Amount g(long num, long den) {
        return Amount.of(Ratio.of(num, den), Unit.G);
    }

    @Test
    void flourAndFatKeepTheirRatio() {
        // Each on its own: 102.5 g would be 105 g (+2.4 %) and 87.4 g would be 85 g (-2.7 %), together more than 5 %
        // off.
        var exact = List.of(g(1025, 10), g(874, 10));
        assertThat(KitchenRounding.round(exact.get(0), MeasureSystem.METRIC).text())
                .isEqualTo("105 g");
        assertThat(KitchenRounding.round(exact.get(1), MeasureSystem.METRIC).text())
                .isEqualTo("85 g");
        var together = KitchenRounding.together(exact, MeasureSystem.METRIC);
        assertThat(KitchenRounding.bend(together.get(0), together.get(1)).abs())
                .isLessThanOrEqualTo(KitchenRounding.RATIO);
        assertThat(together.stream().map(KitchenRounding.Rounded::text)).isNotEqualTo(List.of("105 g", "85 g"));
    }

    @Property(tries = 300)
    void noRatioOfWeightsIsBentByMoreThanThreeInAHundred(
            @ForAll @IntRange(min = 200, max = 9000) int a,
            @ForAll @IntRange(min = 200, max = 9000) int b,
            @ForAll @IntRange(min = 200, max = 9000) int c) {
        var rounded = KitchenRounding.together(List.of(g(a, 10), g(b, 10), g(c, 10)), MeasureSystem.METRIC);
        for (var one : rounded) {
            for (var other : rounded)
                assertThat(KitchenRounding.bend(one, other)).isLessThanOrEqualTo(KitchenRounding.RATIO);
        }
    }

    @Property(tries = 300)
    void spoonsAndCupsStayWithinTheRatioOrAreAsFineAsSpoonsGo(
            @ForAll @IntRange(min = 30, max = 900) int a,
            @ForAll @IntRange(min = 30, max = 900) int b,
            @ForAll MeasureSystem system) {
        var exact = List.of(
                Amount.of(a, Unit.ML).in(Unit.CUP, system),
                Amount.of(b, Unit.ML).in(Unit.CUP, system));
        var alone = exact.stream().map(x -> KitchenRounding.round(x, system)).toList();
        var together = KitchenRounding.together(exact, system);
        var before = KitchenRounding.bend(alone.get(0), alone.get(1))
                .abs()
                .max(KitchenRounding.bend(alone.get(1), alone.get(0)).abs());
        var after = KitchenRounding.bend(together.get(0), together.get(1))
                .abs()
                .max(KitchenRounding.bend(together.get(1), together.get(0)).abs());
        assertThat(after).isLessThanOrEqualTo(before);
    }

    @Test
    void oneAloneIsRoundedAsUsual() {
        assertThat(KitchenRounding.together(List.of(g(1025, 10)), MeasureSystem.METRIC)
                        .getFirst()
                        .text())
                .isEqualTo("105 g");
        assertThat(KitchenRounding.together(List.of(), MeasureSystem.METRIC)).isEmpty();
    }

    @Test
    void hotWaterOverColdFoodIsReckoned() {
        assertThat(Mixing.temperature(Ratio.of(300), 100, Ratio.of(300), 5)).isEqualTo(52);
        assertThat(Mixing.temperature(Ratio.of(300), 100, Ratio.ZERO, 5)).isEqualTo(100);
    }
}
