package webodidact.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * One word of a text and where it stands.
 *
 * @param start index of its first character, {@code end} is after its last
 * @param stem lower case, singular: the form names are compared in
 */
public record Word(int start, int end, String stem) {
    private static final Map<String, String> IRREGULAR = Map.ofEntries(
            Map.entry("leaves", "leaf"),
            Map.entry("halves", "half"),
            Map.entry("loaves", "loaf"),
            Map.entry("knives", "knife"),
            Map.entry("chives", "chive"),
            Map.entry("olives", "olive"),
            Map.entry("cloves", "clove"),
            Map.entry("potatoes", "potato"),
            Map.entry("tomatoes", "tomato"),
            Map.entry("chillies", "chilli"),
            Map.entry("chilies", "chili"),
            Map.entry("chiles", "chile"),
            Map.entry("calves", "calf"),
            // Gram flour is not weighed in grams.
            Map.entry("grams", "grams"));

    /** The words of the text, in order. Apostrophes and hyphens inside belong to the word. */
    public static List<Word> of(CharSequence text) {
        var words = new ArrayList<Word>();
        int i = 0;
        while (i < text.length()) {
            if (!Character.isLetterOrDigit(text.charAt(i))) {
                i++;
                continue;
            }
            int start = i;
            while (i < text.length() && belongs(text, i)) i++;
            words.add(new Word(start, i, stem(text.subSequence(start, i).toString())));
        }
        return words;
    }

    private static boolean belongs(CharSequence text, int i) {
        char c = text.charAt(i);
        if (Character.isLetterOrDigit(c)) return true;
        return (c == '\'' || c == '’' || c == '-') && i + 1 < text.length() && Character.isLetter(text.charAt(i + 1));
    }

    /** "Tomatoes" and "tomato" have the same stem; so have a table's name and the word in a sentence. */
    public static String stem(String word) {
        // Lowering a dotted capital I, one after the other, takes Java's own strings time by the square.
        var w = word.replace('\u0130', 'I').toLowerCase(Locale.ROOT).replace('’', '\'');
        if (w.endsWith("'s")) w = w.substring(0, w.length() - 2);
        var known = IRREGULAR.get(w);
        if (known != null) return known;
        int n = w.length();
        if (n < 4 || !w.endsWith("s") || w.endsWith("ss") || w.endsWith("us")) return w;
        if (w.endsWith("ies") && n > 4) return w.substring(0, n - 3) + "y";
        if (w.endsWith("ches") || w.endsWith("shes") || w.endsWith("xes") || w.endsWith("sses"))
            return w.substring(0, n - 2);
        return w.substring(0, n - 1);
    }
}
