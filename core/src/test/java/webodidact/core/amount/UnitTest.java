package webodidact.core.amount;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import webodidact.core.reading.AmountReader;
import webodidact.core.words.Language;

class UnitTest {
    @ParameterizedTest
    @MethodSource("webodidact.core.amount.Unit#all")
    void itsSymbolAndEveryAliasReadAsIt(Unit unit) {
        assertThat(Unit.parse(unit.symbol())).isSameAs(unit);
        for (var alias : unit.aliases()) assertThat(Unit.named(alias)).contains(unit);
        assertThat(Unit.named(unit.symbol().toUpperCase())).contains(unit);
    }

    @Test
    void noAliasIsUsedTwice() {
        var seen = new HashMap<String, Unit>();
        for (var unit : Unit.all()) {
            assertThat(seen.put(unit.symbol(), unit)).isNull();
            assertThat(unit.word(Ratio.HALF)).isNotBlank();
            assertThat(unit.word(Ratio.of(2))).isNotBlank();
            for (var alias : unit.aliases())
                assertThat(seen.put(alias, unit)).as(alias).isNull();
        }
    }

    @Test
    void theSameWordIsAnotherSizeElsewhere() {
        assertThat(Unit.TBSP.base(MeasureSystem.METRIC)).isEqualTo(Ratio.of(15));
        assertThat(Unit.TBSP.base(MeasureSystem.AU)).isEqualTo(Ratio.of(20));
        assertThat(Unit.TBSP.base(MeasureSystem.US)).isEqualTo(Ratio.parseDecimal("14.78676478125"));
        assertThat(Unit.CUP.base(MeasureSystem.US))
                .isEqualTo(Unit.TBSP.base(MeasureSystem.US).times(16));
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

    /** What every unit of the table has to be able to do, the next one too. */
    @ParameterizedTest
    @MethodSource("webodidact.core.amount.Unit#all")
    void itIsReadPrintedRoundedAndSized(Unit unit) {
        var two = Amount.of(2, unit);
        assertThat(Amount.parse(two.toString())).isEqualTo(two);
        assertThat(KitchenRounding.round(two, MeasureSystem.METRIC).text()).isNotBlank();
        if (unit != Unit.PIECE)
            assertThat(AmountReader.start(AmountText.of(two) + " of it")
                            .orElseThrow()
                            .amount())
                    .isEqualTo(two);
        if (unit.dimension() == Dimension.INFORMAL)
            assertThat(unit.usualSize().unit().dimension()).isNotEqualTo(Dimension.INFORMAL);
        if (unit.dimension().compareTo(Dimension.LENGTH) <= 0)
            for (var system : MeasureSystem.values())
                assertThat(unit.base(system).isMoreThan(Ratio.ZERO)).isTrue();
        assertThat(unit.smallestPart().isMoreThan(Ratio.ZERO)).isTrue();
    }

    @Test
    void germanHasItsOwnWordsAndItsOwnPoint() {
        assertThat(Language.GERMAN.during(() -> AmountText.of(Amount.of(Ratio.of(3, 2), Unit.TBSP))))
                .isEqualTo("1½ EL");
        assertThat(Language.GERMAN.during(() -> AmountText.of(Amount.of(Ratio.parseDecimal("0.15"), Unit.KG))))
                .isEqualTo("0,15 kg");
        assertThat(Language.GERMAN.during(() -> AmountText.of(Amount.of(2, Unit.CLOVE))))
                .isEqualTo("2 Zehen");
    }

    @Test
    void caseDecidesBetweenSpoonsOnlyWhereItIsOneLetter() {
        assertThat(Unit.named("T")).contains(Unit.TBSP);
        assertThat(Unit.named("t")).contains(Unit.TSP);
        assertThat(Unit.named("Fl. Oz.")).contains(Unit.FLOZ);
    }
}
