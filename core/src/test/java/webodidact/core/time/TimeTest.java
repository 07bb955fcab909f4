package webodidact.core.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TimeTest {
    @ParameterizedTest
    @CsvSource({
        "12, 720, 720",
        "2:30, 150, 150",
        "10-12, 600, 720",
        "10 to 12 min, 600, 720",
        "45 s, 45, 45",
        "1:02:03, 3723, 3723",
        "2:30–3:00, 150, 180"
    })
    void readsTimesAsPeopleTypeThem(String text, int low, int high) {
        assertThat(TimeRange.parse(text)).isEqualTo(new TimeRange(low, high));
    }

    @Test
    void otherTextSaysWhatWasExpected() {
        assertThatThrownBy(() -> TimeRange.parse("a while"))
                .hasMessage("Time 'a while': expected minutes or a range, as in '12', '2:30' or '10-12'");
        assertThatThrownBy(() -> TimeRange.parse("12-10")).hasMessageStartingWith("Time '12-10'");
    }

    @Test
    void sequenceAddsAndParallelTakesTheLongest() {
        var a = new TimeRange(60, 120);
        var b = new TimeRange(90, 100);
        assertThat(a.plus(b)).isEqualTo(new TimeRange(150, 220));
        assertThat(a.alongside(b)).isEqualTo(new TimeRange(90, 120));
        assertThat(a.likely()).isEqualTo(90);
        assertThat(a.text()).isEqualTo("1–2 min");
        assertThat(b.text()).isEqualTo("1:30–1:40");
    }

    @Test
    void spansThatOnlyMeetDoNotOverlapAndEmptyOnesOverlapNothing() {
        var span = new Span(0, 10);
        assertThat(span.overlaps(new Span(10, 20))).isFalse();
        assertThat(span.overlaps(new Span(9, 10))).isTrue();
        assertThat(span.overlaps(new Span(5, 5))).isFalse();
        assertThat(span.contains(10)).isFalse();
        assertThat(Clock.text(-605)).isEqualTo("−10:05");
    }
}
