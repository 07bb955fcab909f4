package webodidact.core.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Ratio;

class PiecesTest {
    @Test
    void aLevelSpoonMakesMoreThanTheRecipeSays() {
        assertThat(Pieces.bySize(Ratio.of(420), Ratio.of(10))).isEqualTo(new Pieces.Cut(42, Ratio.ZERO));
        assertThat(Pieces.disagree(18, 42)).isTrue();
        assertThat(Pieces.disagree(40, 42)).isFalse();
    }

    @Test
    void setsOfWedgesAreWholeFruit() {
        assertThat(Pieces.wholes(5 + 1, 3, 6)).isEqualTo(3);
        assertThat(Pieces.wholes(7, 3, 6)).isEqualTo(4);
        assertThat(Pieces.pairs(12, 11)).isEqualTo(11);
    }

    @Test
    void roundsFromASheetAndFromItsTrimmings() {
        assertThat(Pieces.fromSheet(Ratio.of(30), Ratio.of(20), Ratio.of(6), Ratio.ZERO))
                .isEqualTo(15);
        // 600 − 15 rounds of 28.27 leaves 175.9; half of it gives 2 more squares of 36.
        assertThat(Pieces.fromSheet(Ratio.of(30), Ratio.of(20), Ratio.of(6), Ratio.HALF))
                .isEqualTo(17);
        assertThatThrownBy(() -> Pieces.fromSheet(Ratio.ONE, Ratio.ONE, Ratio.ZERO, Ratio.ZERO))
                .hasMessageContaining("Cutter '0 cm'");
    }

    @Test
    void batchesAndLoadsAreRoundedUp() {
        assertThat(Pieces.batches(25, Ratio.of(2), Ratio.of(12))).isEqualTo(5);
        assertThat(Pieces.loads(13, 6)).isEqualTo(3);
        assertThat(Pieces.loads(0, 6)).isZero();
    }

    @Property
    void nothingIsLostInPortioning(
            @ForAll @IntRange(max = 5000) int mixture, @ForAll @IntRange(min = 1, max = 400) int portion) {
        var cut = Pieces.bySize(Ratio.of(mixture), Ratio.of(portion));
        assertThat(Ratio.of(portion).times(cut.pieces()).plus(cut.left())).isEqualTo(Ratio.of(mixture));
        assertThat(cut.left()).isLessThan(Ratio.of(portion));
    }
}
