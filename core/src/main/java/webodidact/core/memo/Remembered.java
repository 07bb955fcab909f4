package webodidact.core.memo;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/**
 * The answers of a pure function to what it was asked lately. One keystroke changes one text of a lesson; all the others have
 * been searched before. From any thread.
 */
public final class Remembered<K, V> {
    /** Larger than the texts of the longest lesson; when it is full everything is asked anew. */
    private static final int MOST = 4000;

    private final int most;
    private final Map<K, V> known = new ConcurrentHashMap<>();
    private final Function<K, V> pure;

    /** @param pure always gives the same, never null, answer to the same question */
    public Remembered(Function<K, V> pure) {
        this(pure, MOST);
    }

    /** @param most answers kept, 1 or more; for those that are large */
    public Remembered(Function<K, V> pure, int most) {
        this.pure = pure;
        this.most = most;
    }

    public V of(K key) {
        var answer = known.get(key);
        if (answer != null) return answer;
        if (known.size() >= most) known.clear();
        answer = pure.apply(key);
        known.put(key, answer);
        return answer;
    }
}
