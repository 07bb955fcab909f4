package webodidact.core.words;

import java.util.List;
import java.util.Objects;

/**
 * Something to say, as data: two messages are equal if they say the same of the same things, in whichever language.
 *
 * @param args words, figures, lists of them (said with commas), or messages
 */
public record Message(Vocabulary vocabulary, String key, List<Object> args) {
    public Message {
        args = args.stream().anyMatch(Objects::isNull)
                ? args.stream().map(a -> a == null ? "" : a).toList()
                : List.copyOf(args);
    }

    /** In the language spoken here. */
    public String text() {
        return in(Language.current());
    }

    /** @throws IllegalArgumentException if the key is in no bundle */
    public String in(Language language) {
        return vocabulary.in(language, key, args);
    }

    @Override
    public String toString() {
        return text();
    }
}
