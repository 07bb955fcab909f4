package webodidact.core.amount;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KitchenRoundingTest {
    @ParameterizedTest
    @CsvSource({
        "3/8 cup, US, 6 tbsp",
        "15/8 cup, US, 1¾ cups + 2 tbsp",
        "1/3 cup, METRIC, ⅓ cup",
        "1/8 tsp, METRIC, ⅛ tsp",
        "5/2 tbsp, METRIC, 2½ tbsp",
        "3 tsp, METRIC, 1 tbsp",
        "3 tsp, AU, 3 tsp",
        "233 g, METRIC, 235 g",
        "17/2 g, METRIC, 8½ g",
        "116 ml, METRIC, 115 ml",
        "13/4 clove, METRIC, 3½ cloves",
        "4/3 sheet, METRIC, 1 sheet",
        "1/9 piece, METRIC, ¼",
        "6/5 kg, METRIC, 1.2 kg"
    })
    void amountsComeOutInMeasuresThatExist(String exact, MeasureSystem system, String shown) {
        assertThat(KitchenRounding.round(Amount.parse(exact), system).text()).isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource({
        "3/8 cup, US, ¼ cup + 2 tbsp",
        "6 tbsp, METRIC, 90 ml",
        "4 tbsp, METRIC, 4 tbsp",
        "6 tbsp, AU, ¼ cup + 3 tbsp"
    })
    void aListHasAtMostFourSpoons(String exact, MeasureSystem system, String shown) {
        assertThat(KitchenRounding.forList(Amount.parse(exact), system).text()).isEqualTo(shown);
    }

    @Property
    void nobodyCountsMoreThanFourSpoonsOnAList(
            @ForAll @IntRange(min = 1, max = 4000) int parts, @ForAll MeasureSystem system) {
        for (var unit : new Unit[] {Unit.CUP, Unit.TBSP, Unit.TSP})
            for (var part : KitchenRounding.forList(Amount.of(Ratio.of(parts, 96), unit), system)
                    .parts())
                if (part.unit() == Unit.TBSP) assertThat(part.low()).isLessThanOrEqualTo(Ratio.of(4));
    }

    @Property
    void theErrorToldIsTheErrorMade(@ForAll @IntRange(min = 1, max = 4000) int parts, @ForAll MeasureSystem system) {
        for (var unit : new Unit[] {Unit.CUP, Unit.TBSP, Unit.TSP}) {
            var exact = Amount.of(Ratio.of(parts, 96), unit);
            var rounded = KitchenRounding.round(exact, system);
            var ml = Ratio.ZERO;
            for (var part : rounded.parts())
                ml = ml.plus(part.in(Unit.ML, system).low());
            var meant = exact.in(Unit.ML, system).low();
            assertThat(ml.minus(meant).dividedBy(meant)).isEqualTo(rounded.error());
        }
    }

    @Property
    void spoonsAndCupsBendNoRatioByMoreThanThreePercentFromATeaspoonUp(
            @ForAll @IntRange(min = 10, max = 4000) int tenths, @ForAll MeasureSystem system) {
        var rounded = KitchenRounding.round(Amount.of(Ratio.of(tenths, 10), Unit.TSP), system);
        if (tenths >= 50) assertThat(rounded.error().abs()).isLessThanOrEqualTo(KitchenRounding.TOLERANCE);
    }

    @Property
    void weightsBendByAtMostThreePercentFromNineGramsUp(@ForAll @IntRange(min = 90, max = 30_000) int tenths) {
        var rounded = KitchenRounding.round(Amount.of(Ratio.of(tenths, 10), Unit.G), MeasureSystem.METRIC);
        assertThat(rounded.error().abs()).isLessThanOrEqualTo(KitchenRounding.TOLERANCE);
    }
}
