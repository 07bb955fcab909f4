package webodidact.core.amount;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Locale;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;

/** Alone, because one of its tests changes the locale of the machine. */
@Isolated
class AmountTest {
    @Provide
    Arbitrary<Amount> amounts() {
        var number = Combinators.combine(
                        Arbitraries.longs().between(0, 5000),
                        Arbitraries.longs().between(1, 24))
                .as(Ratio::of);
        return Combinators.combine(number, number, Arbitraries.of(Unit.all()), Arbitraries.of(true, false))
                .as((a, b, unit, about) -> new Amount(a.min(b), a.max(b), unit, about));
    }

    @Property
    void parseReadsWhatToStringPrints(@ForAll("amounts") Amount amount) {
        assertThat(Amount.parse(amount.toString())).isEqualTo(amount);
    }

    @Property
    void thereAndBackIsExact(@ForAll("amounts") Amount amount, @ForAll MeasureSystem a, @ForAll MeasureSystem b) {
        for (var unit : Unit.all()) {
            if (!amount.unit().convertsTo(unit)) continue;
            assertThat(amount.in(unit, a, b).in(amount.unit(), b, a)).isEqualTo(amount);
        }
    }

    @Property
    void scalingTwiceIsScalingByTheProduct(@ForAll("amounts") Amount amount) {
        var a = Ratio.of(2, 3);
        var b = Ratio.of(9, 4);
        assertThat(amount.times(a).times(b)).isEqualTo(amount.times(a.times(b)));
    }

    @Test
    void threeAustralianTablespoonsAreFourOfOurs() {
        assertThat(Amount.of(3, Unit.TBSP).in(Unit.TBSP, MeasureSystem.AU, MeasureSystem.METRIC))
                .isEqualTo(Amount.of(4, Unit.TBSP));
    }

    @Test
    void kindsDoNotMix() {
        assertThatThrownBy(() -> Amount.of(1, Unit.KG).plus(Amount.of(1, Unit.PIECE), MeasureSystem.METRIC))
                .isInstanceOf(MixedUnits.class)
                .hasMessage("Cannot turn '1 piece' into 'kg': one is COUNT, the other MASS");
    }

    @Test
    void badTextSaysWhatWasExpected() {
        assertThatThrownBy(() -> Amount.parse("3"))
                .hasMessageStartingWith("Amount '3': expected a number and a unit, as in '3/2 tsp'");
        assertThatThrownBy(() -> new Amount(Ratio.of(2), Ratio.ONE, Unit.G, false))
                .hasMessage("Amount from '2' to '1': expected the smaller end first");
    }

    @Test
    void readsLikeARecipe() {
        assertThat(AmountText.of(Amount.of(Ratio.of(3, 2), Unit.TSP))).isEqualTo("1½ tsp");
        assertThat(AmountText.of(new Amount(Ratio.of(2), Ratio.of(3), Unit.CLOVE, false)))
                .isEqualTo("2–3 cloves");
        assertThat(AmountText.of(Amount.of(2, Unit.PIECE))).isEqualTo("2");
        assertThat(AmountText.number(Ratio.of(14, 10))).isEqualTo("1.4");
    }

    @Test
    void figuresAreWrittenAlikeOnEveryMachine() {
        var usual = Locale.getDefault();
        try {
            Locale.setDefault(Locale.forLanguageTag("ar-EG-u-nu-arab"));
            assertThat(AmountText.number(Ratio.of(301, 20))).isEqualTo("15.05");
        } finally {
            Locale.setDefault(usual);
        }
    }
}
