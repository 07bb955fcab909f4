package webodidact.desktop.view;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Nobody hears a test: what a loudspeaker would be given is looked at. */
class ChimeTest {
    private static int at(byte[] wave, int i) {
        return wave[2 * i + 1] << 8 | wave[2 * i] & 0xff;
    }

    @ParameterizedTest
    @ValueSource(ints = {550, 660, 880})
    void aToneHasItsHeightAndNeitherClicksNorShouts(int hertz) {
        var wave = Chime.wave(hertz);
        int n = wave.length / 2;
        int crossings = 0;
        int loudest = 0;
        for (int i = 1; i < n; i++) {
            if (at(wave, i - 1) < 0 != at(wave, i) < 0) crossings++;
            loudest = Math.max(loudest, Math.abs(at(wave, i)));
        }
        double seconds = n / 44_100.0;
        assertThat(crossings / 2.0 / seconds).isBetween(hertz - 8.0, hertz + 8.0);
        assertThat(loudest).isBetween(6000, 9000);
        assertThat(Math.abs(at(wave, 0))).isLessThan(20);
        assertThat(Math.abs(at(wave, n - 1))).isLessThan(20);
    }
}
