package webodidact.bench;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;
import webodidact.core.food.Knowledge;
import webodidact.core.reading.LineReader;
import webodidact.core.words.Word;

/** Recipe lines read in a second on one core; read it beside splitting the same lines into words, which nothing can do without. */
@State(Scope.Thread)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Fork(2)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
public class ReadingBench {
    private static final String[] LINES = {
        "1½ cups (225 g) plain flour, sifted", "2 x 400 g tins chickpeas, drained", "½–¾ tsp chilli flakes, to taste",
                "a knob of butter", "juice of 1 lemon",
        "350g new potatoes, scrubbed", "3 cloves of garlic, finely chopped",
                "150 g thick plain yoghurt or soured cream", "2 tbsp olive oil, plus extra for frying",
                "salt and black pepper"
    };
    private final LineReader reader = new LineReader(Knowledge.shipped());

    @Benchmark
    @OperationsPerInvocation(10)
    public void read(Blackhole out) {
        for (var line : LINES) out.consume(reader.read(line));
    }

    @Benchmark
    @OperationsPerInvocation(10)
    public void splitIntoWords(Blackhole out) {
        for (var line : LINES) out.consume(Word.of(line));
    }
}
