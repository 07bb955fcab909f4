package webodidact.core.script;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import webodidact.core.amount.Amount;
import webodidact.core.lesson.FoodLine;
import webodidact.core.time.TimeRange;

/** Times, ovens and shares in the words people use. */
class TimeWordsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "10 to 12 minutes|600|720",
                "20-25 mins|1200|1500",
                "half an hour|1800|1800",
                "a quarter of an hour|900|900",
                "1½ hours|5400|5400",
                "¾ hour|2700|2700",
                "an hour or two|3600|7200",
                "a minute or two|60|120",
                "two or three minutes|120|180",
                "thirty seconds|30|30",
                "forty-five minutes|2700|2700",
                "2.5 hours|9000|9000",
                "30 secs|30|30",
                "another 5 more minutes|300|300"
            })
    void timesAreRead(String text, int low, int high) {
        assertThat(TimeWords.in("Leave it for " + text + ", then look."))
                .extracting(TimeWords.Found::time)
                .containsExactly(new TimeRange(low, high));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"Use 200 g of it.", "It serves 4 to 6.", "Minutes matter.", "12 to 10 minutes", "the 2 hob rings"
            })
    void whatIsNoTimeIsNotRead(String text) {
        assertThat(TimeWords.in(text)).isEmpty();
    }

    @Property
    void minutesComeBackAndTheirPlaceIsTheirs(
            @ForAll @IntRange(min = 1, max = 99) int low, @ForAll @IntRange(min = 0, max = 60) int more) {
        var words = low + " to " + (low + more) + " minutes";
        var text = "Simmer for " + words + ".";
        var found = TimeWords.in(text).getFirst();
        assertThat(found.time()).isEqualTo(TimeRange.minutes(low, low + more));
        assertThat(text.substring(found.start(), found.end())).isEqualTo(words);
    }

    @Test
    void anOvensFigureNeedsItsScaleAndAProbeIsNone() {
        assertThat(HeatWords.in("Heat to 180 °C.")).isPresent();
        assertThat(HeatWords.in("Bake at 400 °F.").orElseThrow().heat().low()).isEqualTo(205);
        assertThat(HeatWords.in("Gas mark 12")).isEmpty();
        assertThat(HeatWords.in("Page 180, 200 guests.")).isEmpty();
        assertThat(HeatWords.in("It reads 165 °F inside.")).isEmpty();
        assertThat(HeatWords.in("Fridge at 5 °C.")).isEmpty();
        var text = "Then the oven, 200–220 °C conventional, please.";
        var found = HeatWords.in(text).orElseThrow();
        assertThat(text.substring(found.start(), found.end())).isEqualTo("200–220 °C conventional");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "half the |100 g",
                "a third of the |200/3 g",
                "three quarters of your |150 g",
                "½ of the |100 g",
                "50 g of the |50 g",
                "2 tbsp |2 tbsp",
                "about 30 g of |~30 g",
                "half of the sifted |100 g"
            })
    void sharesAreRead(String before, String amount) {
        var line = FoodLine.of("f1", "flour", "plain-flour", Amount.parse("200 g"));
        var text = "Tip in " + before + " flour.";
        assertThat(ShareWords.before(text, text.indexOf("flour"), line)
                        .orElseThrow()
                        .amount())
                .isEqualTo(Amount.parse(amount));
    }

    @Test
    void theRestIsAllThatIsLeftAndTheBareNameSaysNothing() {
        var line = FoodLine.of("f1", "flour", "plain-flour", Amount.parse("200 g"));
        assertThat(ShareWords.before("Now the rest of the flour", 20, line)
                        .orElseThrow()
                        .rest())
                .isTrue();
        assertThat(ShareWords.before("Now the remaining flour", 18, line)
                        .orElseThrow()
                        .rest())
                .isTrue();
        assertThat(ShareWords.before("Now the flour", 8, line)).isEmpty();
        assertThat(ShareWords.before("half the flour", 9, line.but(d -> d.amount = null)))
                .as("half of nobody knows what")
                .isEmpty();
    }
}
