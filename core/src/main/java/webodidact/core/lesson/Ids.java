package webodidact.core.lesson;

import java.util.Collection;
import java.util.HashSet;

/** Short ids that are unique in one lesson and stay the same for good. */
public final class Ids {
    private Ids() {}

    /** The first of {@code prefix1}, {@code prefix2}, ... not yet taken. */
    public static String next(String prefix, Collection<String> taken) {
        var all = new HashSet<>(taken);
        int n = taken.size() + 1;
        while (all.contains(prefix + n)) n++;
        return prefix + n;
    }
}
