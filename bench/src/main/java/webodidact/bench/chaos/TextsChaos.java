package webodidact.bench.chaos;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Consumer;

/** Strange texts through every reader: none escapes with anything but a refusal in words, none hangs, and long ones take time in proportion. */
public final class TextsChaos {
    /** Milliseconds after which a reader hangs. */
    private static final long HANGS = 2000;
    /** Characters of a long text. */
    private static final int LONG = 100_000;

    private TextsChaos() {}

    /** @param texts tried for each reader */
    public static List<String> run(long seed, int texts, Tally tally) {
        var faults = new ArrayList<String>();
        for (var reader : Readers.all().entrySet()) {
            int n = reader.getKey().startsWith("all that")
                            || reader.getKey().endsWith("taken")
                            || reader.getKey().endsWith("list")
                    ? Math.max(1, texts / 20)
                    : texts;
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

    /** Long texts. The longest time of each reader is told; what takes over {@code most} milliseconds is a fault. */
    public static List<String> longOnes(long seed, int texts, long most, Tally tally) {
        var faults = new ArrayList<String>();
        for (var reader : Readers.all().entrySet()) {
            // What puts many readers together may take as long as two.
            long bound = reader.getKey().startsWith("proposals")
                            || reader.getKey().startsWith("all that")
                            || reader.getKey().endsWith("list")
                    ? 2 * most
                    : most;
            long slowest = 0;
            int wrong = 0;
            for (int i = 0; i < texts && wrong < 3; i++) {
                var text = AnyText.long_(new SplittableRandom(seed + i), LONG);
                for (int warm = 1; warm <= 4 && i == 0; warm++)
                    tried(reader.getValue(), AnyText.long_(new SplittableRandom(seed - warm), LONG / 4), most);
                long start = System.nanoTime();
                var fault = tried(reader.getValue(), text, bound);
                slowest = Math.max(slowest, (System.nanoTime() - start) / 1_000_000);
                if (fault.isEmpty()) continue;
                faults.add(reader.getKey() + ", long, seed " + (seed + i) + " “"
                        + text.substring(0, 40).replace("\n", "\\n") + "…”: " + fault);
                wrong++;
            }
            tally.most(reader.getKey() + " ms", slowest);
        }
        return faults;
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
        long millis = (System.nanoTime() - start) / 1_000_000;
        return millis > most ? "took " + millis + " ms" : "";
    }
}
