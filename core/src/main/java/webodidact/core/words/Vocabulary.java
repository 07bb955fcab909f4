package webodidact.core.words;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.MessageFormat;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The sentences and titles of one package: {@code Words.properties} beside its classes in English, {@code Words_de.properties} in
 * German, and so on. A sentence that a language lacks is said in English. Patterns are those of {@link MessageFormat}; plurals are
 * its choices: <code>{0,choice,0#{0} homes|1#1 home|1&lt;{0} homes}</code>.
 */
public final class Vocabulary {
    private static final Map<Pattern, MessageFormat> PARSED = new ConcurrentHashMap<>();

    private record Pattern(String words, Language language) {}

    private final Function<String, InputStream> files;
    private final Map<Language, Map<String, String>> bundles =
            Collections.synchronizedMap(new EnumMap<>(Language.class));

    private Vocabulary(Function<String, InputStream> files) {
        this.files = files;
    }

    /** @param files reads a file of the package, {@code n -> Rules.class.getResourceAsStream(n)}: only the module itself may */
    public static Vocabulary of(Function<String, InputStream> files) {
        return new Vocabulary(files);
    }

    public Message message(String key, Object... args) {
        return new Message(this, key, Arrays.asList(args));
    }

    /** The title of a constant: {@code hands-on} of {@code kind}. */
    public Message titled(Enum<?> constant) {
        return message(code(constant.getDeclaringClass().getSimpleName()) + "." + code(constant.name()));
    }

    /** In the language spoken here. */
    public String title(Enum<?> constant) {
        return titled(constant).text();
    }

    private static String code(String name) {
        return name.replaceAll("(?<=[a-z])(?=[A-Z])", "-")
                .toLowerCase(Locale.ROOT)
                .replace('_', '-');
    }

    /** In the language spoken here. */
    public String say(String key, Object... args) {
        return in(Language.current(), key, Arrays.asList(args));
    }

    public boolean has(String key) {
        return bundle(Language.ENGLISH).containsKey(key);
    }

    /** The keys that language has words for. */
    public Set<String> keys(Language language) {
        return Collections.unmodifiableSet(new TreeMap<>(bundle(language)).keySet());
    }

    /** @throws IllegalArgumentException if the key is in no bundle */
    public String in(Language language, String key, List<?> args) {
        var own = bundle(language).get(key);
        var pattern = own == null ? bundle(Language.ENGLISH).get(key) : own;
        if (pattern == null)
            throw new IllegalArgumentException("No words for '" + key + "': expected it in Words.properties");
        return pattern.indexOf('{') < 0 && pattern.indexOf('\'') < 0 ? pattern : format(pattern, language, args);
    }

    private static String format(String pattern, Language language, List<?> args) {
        // Parsing costs more than saying, and a keystroke says hundreds; a format is not for two threads, so each says
        // with a copy.
        var format = (MessageFormat) PARSED.computeIfAbsent(
                        new Pattern(pattern, language),
                        p -> new MessageFormat(p.words(), p.language().locale()))
                .clone();
        var own = format.getFormatsByArgumentIndex();
        var said = new Object[args.size()];
        // Only a figure that chooses between words stays one: "step 1000" has no comma.
        for (int i = 0; i < said.length; i++)
            said[i] = i < own.length && own[i] != null ? args.get(i) : said(args.get(i), language);
        return format.format(said);
    }

    private static String said(Object arg, Language language) {
        return switch (arg) {
            case null -> "null";
            case Message message -> message.in(language);
            case List<?> list -> list.stream().map(x -> said(x, language)).collect(Collectors.joining(", "));
            default -> String.valueOf(arg);
        };
    }

    private Map<String, String> bundle(Language language) {
        return bundles.computeIfAbsent(
                language, l -> read(l == Language.ENGLISH ? "Words.properties" : "Words_" + l.code() + ".properties"));
    }

    private Map<String, String> read(String file) {
        try (var in = files.apply(file)) {
            if (in == null) return Map.of();
            var read = new Properties();
            read.load(new InputStreamReader(in, StandardCharsets.UTF_8));
            return read.stringPropertyNames().stream().collect(Collectors.toUnmodifiableMap(k -> k, read::getProperty));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
