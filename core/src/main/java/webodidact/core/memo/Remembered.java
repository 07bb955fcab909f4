package webodidact.core.memo;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * The answers of a pure function to what it was asked lately. One keystroke changes one text of a lesson; all the others have
 * been searched before. From any thread.
 *
 * <p>When half of what it may keep has been asked for, that becomes the old half, and what is not asked for again goes with it. Forgetting
 * everything at once made one keystroke in a few hundred slow, and a lesson with more texts than were kept was read anew at every one.
 */
public final class Remembered<K, V> {
    /** Twice the texts of the longest lesson. */
    private static final int MOST = 8000;

    private final int half;
    private final Function<K, V> pure;
    private volatile Map<K, V> young = new ConcurrentHashMap<>();
    private volatile Map<K, V> old = Map.of();

    /** @param pure always gives the same, never null, answer to the same question */
    public Remembered(Function<K, V> pure) {
        this(pure, MOST);
    }

    /** @param most answers kept, 2 or more; for those that are large */
    public Remembered(Function<K, V> pure, int most) {
        this.pure = pure;
        half = Math.max(1, most / 2);
    }

    public V of(K key) {
        return of(key, () -> pure.apply(key));
    }

    /** For what takes more than its key to work out. @param work always gives the same, never null, answer to the same key */
    public V of(K key, Supplier<? extends V> work) {
        var answer = young.get(key);
        if (answer != null) return answer;
        answer = old.get(key);
        if (answer == null) answer = work.get();
        if (young.size() >= half) age();
        young.put(key, answer);
        return answer;
    }

    private synchronized void age() {
        if (young.size() < half) return;
        old = young;
        young = new ConcurrentHashMap<>();
    }
}
