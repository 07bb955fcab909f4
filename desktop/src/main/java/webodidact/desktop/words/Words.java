package webodidact.desktop.words;

import java.io.InputStream;
import java.io.SequenceInputStream;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import webodidact.core.words.Language;
import webodidact.core.words.Vocabulary;

/** The words of the interface: one door to the bundles that stand beside the classes of each package. */
public final class Words {
    /** Packages of this module that have words of their own; what several say stands in this one. */
    public static final List<String> ROOMS = List.of(
            "words",
            "app",
            "control",
            "geometry",
            "state",
            "view",
            "view/afters",
            "view/bench",
            "view/brief",
            "view/clock",
            "view/larder",
            "view/look",
            "view/onair",
            "view/papers",
            "view/script");

    private static final Vocabulary ALL = Vocabulary.of(Words::everyRoom);

    private Words() {}

    private static InputStream everyRoom(String file) {
        var all = ROOMS.stream()
                .map(room -> Words.class.getResourceAsStream("/webodidact/desktop/" + room + "/" + file))
                .filter(Objects::nonNull)
                .toList();
        return all.isEmpty() ? null : new SequenceInputStream(Collections.enumeration(all));
    }

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
