package webodidact.core.money;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Ratio;

class PackTest {
    private final Pack block = new Pack("block", Ratio.of(400), 520);
    private final Pack bag = new Pack("bag", Ratio.of(250), 295);

    @Test
    void cheaperByWeightIsNotAlwaysCheaperToBuy() {
        var shelf = new Shelf(List.of(block, bag));
        var needed = Ratio.of(400);
        assertThat(block.per100()).isEqualTo(Ratio.of(130));
        assertThat(bag.per100()).isEqualTo(Ratio.of(118));
        assertThat(shelf.cheapestByWeight()).isEqualTo(bag);
        assertThat(shelf.cheapestToBuy(needed)).isEqualTo(block);
        assertThat(bag.outlay(needed)).isEqualTo(590);
        assertThat(bag.left(needed)).isEqualTo(Ratio.of(100));
        assertThat(shelf.isDisagreeing(needed)).isTrue();
        assertThat(shelf.isDisagreeing(Ratio.of(250))).isFalse();
    }

    @Test
    void bulkIsFrozenInLotsOfOneRecipe() {
        var lots = Shelf.freezerLots(Ratio.of(2000), Ratio.of(350));
        assertThat(lots.pieces()).isEqualTo(5);
        assertThat(lots.left()).isEqualTo(Ratio.of(250));
    }
}
