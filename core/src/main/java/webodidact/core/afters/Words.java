package webodidact.core.afters;

import webodidact.core.words.Vocabulary;

/** The words of this package, in {@code Words.properties} beside it. */
final class Words {
    static final Vocabulary OURS = Vocabulary.of(n -> Words.class.getResourceAsStream(n));

    private Words() {}
}
