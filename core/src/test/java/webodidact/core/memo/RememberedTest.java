package webodidact.core.memo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class RememberedTest {
    private final AtomicInteger worked = new AtomicInteger();
    private final Remembered<Integer, Integer> squares = new Remembered<>(
            n -> {
                worked.incrementAndGet();
                return n * n;
            },
            200);

    private void askThrough(int from, int to) {
        for (int n = from; n < to; n++) assertThat(squares.of(n)).isEqualTo(n * n);
    }

    @Test
    void whatIsAskedAgainAndAgainIsWorkedOutOnceWhateverElseIsAskedInBetween() {
        for (int round = 0; round < 50; round++) {
            askThrough(0, 80);
            squares.of(1000 + round);
        }
        assertThat(worked).hasValue(80 + 50);
    }

    @Test
    void noMoreIsKeptThanSaid() {
        askThrough(0, 1000);
        askThrough(0, 100);
        assertThat(worked).as("those of the beginning have been forgotten").hasValue(1100);
        assertThat(squares.of(-7)).isEqualTo(49);
        assertThat(squares.of(-7)).isEqualTo(49);
        assertThat(worked).hasValue(1101);
    }
}
