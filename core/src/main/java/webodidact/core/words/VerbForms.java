package webodidact.core.words;

import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * The forms of a verb of one or several words ("rub in"): its first word changes, the others stay.
 *
 * @param third "chops"
 * @param ing "chopping"
 * @param past "chopped"
 * @param done "chopped", as in "has been chopped"
 */
public record VerbForms(String base, String third, String ing, String past, String done) {
    private static final String VOWELS = "aeiou";

    /** @param irregular those that no rule makes: "past", "done", "ing", "third" */
    public static VerbForms of(String verb, Map<String, String> irregular) {
        int space = verb.indexOf(' ');
        var first = space < 0 ? verb : verb.substring(0, space);
        var rest = space < 0 ? "" : verb.substring(space);
        var past = irregular.getOrDefault("past", ed(first) + rest);
        return new VerbForms(
                verb,
                irregular.getOrDefault("third", s(first) + rest),
                irregular.getOrDefault("ing", ing(first) + rest),
                past,
                irregular.getOrDefault("done", past));
    }

    public List<String> all() {
        return List.of(base, third, ing, past, done).stream().distinct().toList();
    }

    private static String s(String verb) {
        if (verb.matches(".*(s|x|z|ch|sh|o)")) return verb + "es";
        return endsInY(verb) ? verb.substring(0, verb.length() - 1) + "ies" : verb + "s";
    }

    private static String ing(String verb) {
        if (verb.endsWith("e") && !verb.endsWith("ee")) return verb.substring(0, verb.length() - 1) + "ing";
        return doubled(verb) + "ing";
    }

    private static String ed(String verb) {
        if (verb.endsWith("e")) return verb + "d";
        return endsInY(verb) ? verb.substring(0, verb.length() - 1) + "ied" : doubled(verb) + "ed";
    }

    private static boolean endsInY(String verb) {
        return verb.endsWith("y") && VOWELS.indexOf(verb.charAt(verb.length() - 2)) < 0;
    }

    /** A short verb of one vowel and one consonant doubles it: chop, chopping; but peel, peeling and simmer, simmering. */
    private static String doubled(String verb) {
        int n = verb.length();
        boolean one = n >= 3
                && VOWELS.indexOf(verb.charAt(n - 1)) < 0
                && "wxy".indexOf(verb.charAt(n - 1)) < 0
                && VOWELS.indexOf(verb.charAt(n - 2)) >= 0
                && VOWELS.indexOf(verb.charAt(n - 3)) < 0;
        boolean single = verb.toLowerCase(Locale.ROOT)
                        .chars()
                        .filter(c -> VOWELS.indexOf(c) >= 0)
                        .count()
                == 1;
        return one && single || verb.endsWith("skim") ? verb + verb.charAt(n - 1) : verb;
    }
}
