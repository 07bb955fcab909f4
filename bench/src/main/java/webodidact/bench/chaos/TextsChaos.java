package webodidact.bench.chaos;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Consumer;

/** Strange texts through every reader: none escapes with anything but a refusal in words, none hangs, and long ones take time in proportion. */
public final class TextsChaos {
    /** Milliseconds after which a reader hangs. */
    private static final long HANGS = 10_000;

    private static final String TOOK = "took ";
    /** Characters of a long text. */
    private static final int LONG = 100_000;
    /** What is slow is tried again with an eighth of its text. */
    private static final int SHARE = 8;
    /** In proportion it would take eight times as long, by the square sixty-four times. */
    private static final int OUT_OF_PROPORTION = 24;

    private TextsChaos() {}

    /** @param texts tried for each reader */
    public static List<String> run(long seed, int texts, Tally tally) {
        var faults = new ArrayList<String>();
        for (var reader : Readers.all().entrySet()) {
            int n = isMany(reader.getKey()) ? Math.max(1, texts / 20) : texts;
            int wrong = 0;
            for (int i = 0; i < n && wrong < 3; i++) {
                var text = AnyText.of(new SplittableRandom(seed + i), 1 + i % 25);
                var fault = tried(reader.getValue(), text, HANGS);
                if (fault.isEmpty()) continue;
                faults.add(reader.getKey() + ", seed " + (seed + i) + ": " + fault);
                wrong++;
            }
            tally.add("texts", n);
        }
        return faults;
    }

    /**
     * Long texts. The longest time of each reader is told; what takes over {@code most} milliseconds, and many times what an eighth of
     * its text takes, is a fault. A slow machine is slow with both, so no verdict hangs on how fast it happens to be.
     */
    public static List<String> longOnes(long seed, int texts, long most, Tally tally) {
        var faults = new ArrayList<String>();
        for (var reader : Readers.all().entrySet()) {
            // What puts many readers together may take as long as two, and is tried with fewer texts.
            boolean many = isMany(reader.getKey()) || reader.getKey().equals("proposals");
            long bound = many ? 2 * most : most;
            long slowest = 0;
            int wrong = 0;
            for (int i = 0; i < (many ? (texts + 2) / 3 : texts) && wrong < 3; i++) {
                var text = AnyText.long_(new SplittableRandom(seed + i), LONG);
                for (int warm = 1; warm <= 4 && i == 0; warm++)
                    tried(reader.getValue(), AnyText.long_(new SplittableRandom(seed - warm), LONG / 4), most);
                long start = System.nanoTime();
                var fault = tried(reader.getValue(), text, bound);
                long millis = millisSince(start);
                slowest = Math.max(slowest, millis);
                if (fault.isEmpty() || isInProportion(reader.getValue(), text, fault, millis)) continue;
                faults.add(reader.getKey() + ", long, seed " + (seed + i) + " “"
                        + text.substring(0, 40).replace("\n", "\\n") + "…”: " + fault);
                wrong++;
            }
            tally.most(reader.getKey() + " ms", slowest);
        }
        return faults;
    }

    /** It puts many readers together. */
    private static boolean isMany(String reader) {
        return reader.startsWith("all that") || reader.endsWith("taken") || reader.endsWith("list");
    }

    private static long millisSince(long start) {
        return (System.nanoTime() - start) / 1_000_000;
    }

    private static boolean isInProportion(Consumer<String> reader, String text, String fault, long millis) {
        if (!fault.startsWith(TOOK)) return false;
        // Other texts than any before, so that nothing is remembered of them; the whole once more, as a machine may
        // stand still for a while.
        long whole = Math.min(millis, took(reader, text + " .", millis));
        long share = took(reader, text.substring(0, text.length() / SHARE) + " .", millis);
        return whole <= OUT_OF_PROPORTION * Math.max(1, share);
    }

    private static long took(Consumer<String> reader, String text, long most) {
        long start = System.nanoTime();
        tried(reader, text, most);
        return millisSince(start);
    }

    private static String tried(Consumer<String> reader, String text, long most) {
        long start = System.nanoTime();
        try {
            reader.accept(text);
        } catch (IllegalArgumentException e) {
            var words = Messages.fault(e);
            if (!words.isEmpty()) return words;
        } catch (RuntimeException | Error e) {
            return Tally.line(e);
        }
        long millis = millisSince(start);
        return millis > most ? TOOK + millis + " ms" : "";
    }
}
