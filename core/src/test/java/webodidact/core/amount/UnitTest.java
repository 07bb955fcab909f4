package webodidact.core.amount;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class UnitTest {
    @ParameterizedTest
    @EnumSource(Unit.class)
    void itsSymbolAndEveryAliasReadAsIt(Unit unit) {
        assertThat(Unit.parse(unit.symbol())).isSameAs(unit);
        for (var alias : unit.aliases()) assertThat(Unit.named(alias)).contains(unit);
        assertThat(Unit.named(unit.symbol().toUpperCase())).contains(unit);
    }

    @Test
    void noAliasIsUsedTwice() {
        var seen = new HashMap<String, Unit>();
        for (var unit : Unit.values()) {
            assertThat(seen.put(unit.symbol(), unit)).isNull();
            for (var alias : unit.aliases()) assertThat(seen.put(alias, unit)).as(alias).isNull();
        }
    }

    @Test
    void theSameWordIsAnotherSizeElsewhere() {
        assertThat(Unit.TBSP.base(MeasureSystem.METRIC)).isEqualTo(Ratio.of(15));
        assertThat(Unit.TBSP.base(MeasureSystem.AU)).isEqualTo(Ratio.of(20));
        assertThat(Unit.TBSP.base(MeasureSystem.US)).isEqualTo(Ratio.parseDecimal("14.78676478125"));
        assertThat(Unit.CUP.base(MeasureSystem.US)).isEqualTo(Unit.TBSP.base(MeasureSystem.US).times(16));
        assertThat(Unit.CUP.base(MeasureSystem.US)).isEqualTo(Ratio.parseDecimal("236.5882365"));
        assertThat(Unit.PINT.base(MeasureSystem.IMPERIAL)).isEqualTo(Ratio.parseDecimal("568.26125"));
        assertThat(Unit.PINT.base(MeasureSystem.US)).isEqualTo(Ratio.parseDecimal("473.176473"));
    }

    @Test
    void countsAndInformalMeasuresHaveNoSizeOfTheirOwn() {
        assertThatThrownBy(() -> Unit.CLOVE.base(MeasureSystem.METRIC)).hasMessageContaining("clove");
        assertThat(Unit.PINCH.usualSize()).isEqualTo(Amount.of(Ratio.of(1, 8), Unit.TSP));
        assertThat(Unit.CLOVE.convertsTo(Unit.SLICE)).isFalse();
    }

    @Test
    void wordsFollowTheNumber() {
        assertThat(Unit.CUP.word(Ratio.of(2))).isEqualTo("cups");
        assertThat(Unit.CUP.word(Ratio.HALF)).isEqualTo("cup");
        assertThat(Unit.PINCH.word(Ratio.of(2))).isEqualTo("pinches");
        assertThat(Unit.G.word(Ratio.of(200))).isEqualTo("g");
    }
}
