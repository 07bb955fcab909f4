package webodidact.terminal;

import java.util.Collections;
import java.util.Enumeration;
import java.util.ResourceBundle;
import webodidact.core.words.Language;
import webodidact.core.words.Vocabulary;

/** The words of the terminal, in {@code Words.properties} beside it. */
final class Words {
    private static final Vocabulary OURS = Vocabulary.of(n -> Words.class.getResourceAsStream(n));

    private Words() {}

    static String say(String key, Object... args) {
        return OURS.say(key, args);
    }

    /** What the command line says of each command and option, by the names it asks for: {@code webodidact.check.json}. */
    static ResourceBundle usage() {
        return new ResourceBundle() {
            @Override
            protected Object handleGetObject(String key) {
                return OURS.has("usage." + key) ? OURS.say("usage." + key) : null;
            }

            @Override
            public Enumeration<String> getKeys() {
                return Collections.enumeration(OURS.keys(Language.ENGLISH).stream()
                        .filter(k -> k.startsWith("usage."))
                        .map(k -> k.substring(6))
                        .toList());
            }
        };
    }
}
