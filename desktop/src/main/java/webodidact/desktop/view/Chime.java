package webodidact.desktop.view;

import java.util.concurrent.Executor;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import webodidact.core.air.Moment;

/** A soft tone for a moment: one for a look, two rising for what is right, two falling for what has had its longest. Silent where there is no loudspeaker. */
public final class Chime {
    private static final float RATE = 44_100;
    private static final int MILLIS = 260;
    private static final int[] LOOK = {660};
    private static final int[] RIGHT = {660, 880};
    private static final int[] LATEST = {880, 550};

    private Chime() {}

    public static void play(Moment.Kind kind, Executor background) {
        var tones = switch (kind) {
            case LOOK -> LOOK;
            case RIGHT -> RIGHT;
            case LATEST -> LATEST;
        };
        background.execute(() -> play(tones));
    }

    private static void play(int... tones) {
        var format = new AudioFormat(RATE, 16, 1, true, false);
        try (var line = AudioSystem.getSourceDataLine(format)) {
            line.open(format);
            line.start();
            for (int tone : tones) {
                var wave = wave(tone);
                line.write(wave, 0, wave.length);
            }
            line.drain();
        } catch (LineUnavailableException | IllegalArgumentException | SecurityException e) {
            // The card says it, too.
        }
    }

    /** A sine that swells and fades, so that nothing clicks. */
    static byte[] wave(int hertz) {
        int n = (int) (RATE * MILLIS / 1000);
        var bytes = new byte[2 * n];
        for (int i = 0; i < n; i++) {
            double swell = Math.sin(Math.PI * i / n);
            int value = (int) (Math.sin(2 * Math.PI * hertz * i / RATE) * swell * 9000);
            bytes[2 * i] = (byte) value;
            bytes[2 * i + 1] = (byte) (value >> 8);
        }
        return bytes;
    }
}
