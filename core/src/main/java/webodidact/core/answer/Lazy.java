package webodidact.core.answer;

import java.util.function.Supplier;
import webodidact.core.words.Language;

/**
 * An answer that is worked out when it is first asked for, once, from whichever thread; in the language of its book, whoever asks.
 * Where it fails the first who asks is told why, all others that it is {@link Missing}.
 */
final class Lazy<T> implements Supplier<T> {
    private final Supplier<Language> language;
    private Supplier<T> work;
    private T answer;
    private Throwable failed;

    Lazy(Supplier<Language> language, Supplier<T> work) {
        this.language = language;
        this.work = work;
    }

    @Override
    public synchronized T get() {
        if (failed != null) throw failed instanceof Missing missing ? missing : new Missing(failed);
        if (work == null) return answer;
        try {
            answer = language.get().during(work);
            work = null;
            return answer;
        } catch (RuntimeException | StackOverflowError e) {
            failed = e;
            throw e;
        }
    }
}
