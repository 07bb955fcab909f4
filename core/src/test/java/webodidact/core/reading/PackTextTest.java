package webodidact.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import webodidact.core.amount.Amount;
import webodidact.core.money.Price;

class PackTextTest {
    @Test
    void severalPacksAreReadAndPrintedAlike() {
        var packs = List.of(
                new Price("cheddar", "block", Amount.parse("400 g"), 520),
                new Price("cheddar", "grated bag", Amount.parse("250 g"), 295));
        assertThat(PackText.read("cheddar", "block 400 g 5.20; grated bag 250 g 2.95"))
                .isEqualTo(packs);
        assertThat(PackText.of(packs)).isEqualTo("block 400 g 5.20; grated bag 250 g 2.95");
        assertThat(PackText.read("cheddar", PackText.of(packs))).isEqualTo(packs);
        assertThat(PackText.read("lemon", "each 1 piece 0.35"))
                .containsExactly(new Price("lemon", "each", Amount.parse("1 piece"), 35));
        assertThat(PackText.read("lemon", PackText.of(PackText.read("lemon", "each 1 piece 0.35"))))
                .isEqualTo(PackText.read("lemon", "each 1 piece 0.35"));
        assertThat(PackText.read("milk", "1 l 1")).containsExactly(new Price("milk", "", Amount.parse("1 l"), 100));
        assertThat(PackText.read("milk", "carton 1.5 l £1,85"))
                .containsExactly(new Price("milk", "carton", Amount.parse("3/2 l"), 185));
        assertThat(PackText.read("milk", " ")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"block", "block 400 g", "5.20", "400 g five"})
    void whatIsNotUnderstoodIsSaid(String text) {
        assertThatThrownBy(() -> PackText.read("cheddar", "block 1 kg 9.00; " + text))
                .hasMessage("Pack '" + text + "': expected what it holds and its price, as in 'block 400 g 5.20'");
    }
}
