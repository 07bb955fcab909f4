package webodidact.desktop.words;

import java.util.Set;
import webodidact.core.words.Language;
import webodidact.core.words.Vocabulary;

/** The words of the interface, all in one bundle. */
public final class Words {
    private static final Vocabulary ALL = Vocabulary.of(n -> Words.class.getResourceAsStream(n));

    private Words() {}

    /** The text of that key, filled in. @throws IllegalArgumentException for a key that is not in the bundle */
    public static String of(String key, Object... parts) {
        return ALL.say(key, parts);
    }

    /** The text of that key, or {@code other} where there is none: for codes that are added elsewhere. */
    public static String or(String key, String other) {
        return ALL.has(key) ? ALL.say(key) : other;
    }

    /** Every key, for what looks through them all. */
    public static Set<String> keys() {
        return ALL.keys(Language.ENGLISH);
    }

    /** "1 stop", "3 stops". */
    public static String count(String key, long n) {
        return of(key, n);
    }
}
