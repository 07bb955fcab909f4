package webodidact.terminal;

import webodidact.core.words.Vocabulary;

/** The words of the terminal, in {@code Words.properties} beside it. */
final class Words {
    private static final Vocabulary OURS = Vocabulary.of(n -> Words.class.getResourceAsStream(n));

    private Words() {}

    static String say(String key, Object... args) {
        return OURS.say(key, args);
    }
}
