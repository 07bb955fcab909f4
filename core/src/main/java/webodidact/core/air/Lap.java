package webodidact.core.air;

import java.util.ArrayList;
import java.util.List;

/**
 * What one step has taken so far.
 *
 * @param seconds on camera, holds left out
 * @param held seconds on hold
 * @param marks words for each moment that is to be looked at again; "" where nobody said why
 */
public record Lap(int seconds, int held, List<String> marks) {
    static final Lap NONE = new Lap(0, 0, List.of());

    public Lap {
        marks = List.copyOf(marks);
    }

    public int spent() {
        return seconds + held;
    }

    Lap longer(int passed, boolean holding) {
        return holding ? new Lap(seconds, held + passed, marks) : new Lap(seconds + passed, held, marks);
    }

    Lap marked(String words) {
        var all = new ArrayList<>(marks);
        all.add(words);
        return new Lap(seconds, held, all);
    }
}
