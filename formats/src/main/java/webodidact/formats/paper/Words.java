package webodidact.formats.paper;

import java.util.Map;
import java.util.stream.Collectors;
import webodidact.core.words.Language;
import webodidact.core.words.Vocabulary;

/** The words of all papers, in {@code Words.properties} beside it. */
final class Words {
    static final Vocabulary OURS = Vocabulary.of(n -> Words.class.getResourceAsStream(n));

    private Words() {}

    static String say(String key, Object... args) {
        return OURS.say(key, args);
    }

    /** What templates say by themselves: {@code page.*}, without that prefix. */
    static Map<String, String> page() {
        return OURS.keys(Language.ENGLISH).stream()
                .filter(k -> k.startsWith("page."))
                .collect(Collectors.toMap(k -> k.substring(5), k -> say(k)));
    }
}
