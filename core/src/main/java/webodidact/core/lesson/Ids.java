package webodidact.core.lesson;

import java.util.Collection;
import java.util.HashSet;
import java.util.regex.Pattern;

/** Short ids that are unique in one lesson and stay the same for good. */
public final class Ids {
    private Ids() {}

    private static final Pattern ID = Pattern.compile("[^\\s;=/\\p{Cntrl}\\p{Z}\\p{Cs}\ufeff']{1,80}");

    /** The id itself. @throws IllegalArgumentException if it is none: blanks and the signs that part ids in files are not for ids */
    static String checked(String id, Object what) {
        if (id == null || !ID.matcher(id).matches())
            throw new IllegalArgumentException(Words.OURS.say("wrong.ids", what, id));
        return id;
    }

    /** The first of {@code prefix1}, {@code prefix2}, ... not yet taken. */
    public static String next(String prefix, Collection<String> taken) {
        var all = new HashSet<>(taken);
        int n = taken.size() + 1;
        while (all.contains(prefix + n)) n++;
        return prefix + n;
    }
}
