package webodidact.desktop.words;

import java.util.ResourceBundle;

/** The words of the interface, all in one bundle. */
public final class Words {
    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle("webodidact.desktop.words.Words");

    private Words() {}

    /** The text of that key; {0}, {1} are filled in. Fails for a key that is not in the bundle. */
    public static String of(String key, Object... parts) {
        var text = BUNDLE.getString(key);
        for (int i = 0; i < parts.length; i++) text = text.replace("{" + i + "}", String.valueOf(parts[i]));
        return text;
    }

    /** The text of that key, or {@code other} where there is none: for codes that are added elsewhere. */
    public static String or(String key, String other) {
        return BUNDLE.containsKey(key) ? BUNDLE.getString(key) : other;
    }

    /** "1 stop", "3 stops": {@code key.one} for one, {@code key} for any other number. */
    public static String count(String key, long n) {
        return of(n == 1 ? key + ".one" : key, n);
    }
}
