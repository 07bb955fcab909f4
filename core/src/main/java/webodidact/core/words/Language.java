package webodidact.core.words;

import java.util.Arrays;
import java.util.Locale;
import java.util.function.Supplier;

/** A language that sentences can be said in. Adding one: a constant here and a {@code Words_xx.properties} beside each bundle it has words for. */
public enum Language {
    ENGLISH(Locale.UK),
    GERMAN(Locale.GERMANY);

    private static final ScopedValue<Language> SPOKEN = ScopedValue.newInstance();
    private final Locale locale;

    Language(Locale locale) {
        this.locale = locale;
    }

    public Locale locale() {
        return locale;
    }

    /** "en", as files say it. */
    public String code() {
        return locale.getLanguage();
    }

    /** The language that is spoken here: the interface's, or that of the paper that is being written. */
    public static Language current() {
        return SPOKEN.orElse(ofInterface());
    }

    /** What windows and terminal speak; papers have the language of their lesson. */
    public static Language ofInterface() {
        return ENGLISH;
    }

    /** What {@code work} gives, all of its sentences in this language. */
    public <T> T during(Supplier<T> work) {
        return ScopedValue.where(SPOKEN, this).call(work::get);
    }

    /** "de"; English for one that is not here. */
    public static Language of(String code) {
        return Arrays.stream(values())
                .filter(l -> l.code().equals(code))
                .findFirst()
                .orElse(ENGLISH);
    }
}
