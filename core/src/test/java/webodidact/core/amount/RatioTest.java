package webodidact.core.amount;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

class RatioTest {
    @Test
    void equalNumbersAreEqualObjects() {
        assertThat(Ratio.of(2, 4)).isEqualTo(Ratio.of(1, 2)).hasSameHashCodeAs(Ratio.of(1, 2));
        assertThat(Ratio.of(1, -2)).isEqualTo(Ratio.of(-1, 2)).hasSameHashCodeAs(Ratio.of(-1, 2));
        assertThat(Ratio.of(1, -2)).hasToString("-1/2");
    }

    @Test
    void decimalCommasAndWordsAreRefusedWithWhatWasExpected() {
        assertThatThrownBy(() -> Ratio.parse("1,5"))
                .hasMessage("Ratio '1,5': expected a whole number or a fraction, as in '3' or '1/2'");
        assertThatThrownBy(() -> Ratio.of(1, 0)).isInstanceOf(ArithmeticException.class);
        assertThat(Ratio.parseDecimal("14.79")).isEqualTo(Ratio.of(1479, 100));
    }

    @Test
    void roundsBothWaysFromNegativeNumbersToo() {
        assertThat(Ratio.of(-7, 2).floor()).isEqualTo(-4);
        assertThat(Ratio.of(-7, 2).ceiling()).isEqualTo(-3);
        assertThat(Ratio.of(7, 3).toStep(Ratio.of(1, 4))).isEqualTo(Ratio.of(9, 4));
    }

    @Property
    void parseReadsWhatToStringPrints(
            @ForAll @LongRange(min = -1_000_000, max = 1_000_000) long num,
            @ForAll @LongRange(min = 1, max = 10_000) long den) {
        var ratio = Ratio.of(num, den);
        assertThat(Ratio.parse(ratio.toString())).isEqualTo(ratio);
    }

    @Property
    void dividingUndoesMultiplyingExactly(
            @ForAll @LongRange(min = -9999, max = 9999) long a,
            @ForAll @LongRange(min = 1, max = 999) long b,
            @ForAll @LongRange(min = 1, max = 999) long c) {
        var ratio = Ratio.of(a, b);
        assertThat(ratio.times(Ratio.of(c, b)).dividedBy(Ratio.of(c, b))).isEqualTo(ratio);
        assertThat(ratio.plus(Ratio.of(c)).minus(Ratio.of(c))).isEqualTo(ratio);
    }

    @net.jqwik.api.Property
    void theOrderIsThatOfTheNumberLineAlsoBelowZero(
            @net.jqwik.api.ForAll @net.jqwik.api.constraints.IntRange(min = -500, max = 500) int a,
            @net.jqwik.api.ForAll @net.jqwik.api.constraints.IntRange(min = 1, max = 60) int b,
            @net.jqwik.api.ForAll @net.jqwik.api.constraints.IntRange(min = -500, max = 500) int c,
            @net.jqwik.api.ForAll @net.jqwik.api.constraints.IntRange(min = 1, max = 60) int d) {
        assertThat(Integer.signum(Ratio.of(a, b).compareTo(Ratio.of(c, d))))
                .isEqualTo(Long.signum((long) a * d - (long) c * b));
    }
}
