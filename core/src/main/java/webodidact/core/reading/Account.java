package webodidact.core.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;

/**
 * Accounts for a line that was read: each of its words and figures has been understood as something, or stands in what was
 * read, or is left and has to be said. Between words and figures there are only spaces and punctuation.
 */
final class Account {
    private Account() {}

    /** Words and figures of the line that are in none of the parts, in their order. */
    static List<String> left(
            String line,
            List<String> gone,
            String item,
            List<String> form,
            List<String> notes,
            List<String> alternatives) {
        var kept = new Hashes();
        for (var text : gone) kept.add(text);
        kept.add(item);
        for (var text : form) kept.add(text);
        for (var text : notes) kept.add(text);
        for (var text : alternatives) kept.add(text);
        var wanted = new Hashes();
        wanted.add(line);
        // Most lines are understood whole: words are only made where a number of theirs is missing.
        return wanted.isIn(kept) ? List.of() : words(line, gone, item, form, notes, alternatives);
    }

    private static List<String> words(
            String line,
            List<String> gone,
            String item,
            List<String> form,
            List<String> notes,
            List<String> alternatives) {
        var kept = new ArrayList<String>(16);
        for (var text : gone) tokens(text, kept);
        tokens(item, kept);
        for (var text : form) tokens(text, kept);
        for (var text : notes) tokens(text, kept);
        for (var text : alternatives) tokens(text, kept);
        var all = new ArrayList<String>(16);
        tokens(line, all);
        var left = new HashMap<String, Integer>();
        for (var word : kept) left.merge(word, 1, Integer::sum);
        all.removeIf(word -> left.merge(word, -1, Integer::sum) >= 0);
        return all;
    }

    /** One number for each word or figure, whatever its case. */
    private static final class Hashes {
        private long[] all = new long[24];
        private int size;

        private void add(String text) {
            int i = 0;
            while (i < text.length()) {
                int kind = kind(text.charAt(i));
                long hash = Character.toLowerCase(text.charAt(i++));
                if (kind == 0) continue;
                while (i < text.length() && kind(text.charAt(i)) == kind)
                    hash = hash * 1_000_003 + Character.toLowerCase(text.charAt(i++));
                if (size == all.length) all = Arrays.copyOf(all, 2 * size);
                all[size++] = hash;
            }
        }

        private boolean isIn(Hashes other) {
            // A line of a few words is quicker looked through; a page in one line is not.
            if (size > 64) return isInSorted(other);
            for (int i = 0; i < size; i++) if (!other.remove(all[i])) return false;
            return true;
        }

        private boolean isInSorted(Hashes other) {
            Arrays.sort(all, 0, size);
            Arrays.sort(other.all, 0, other.size);
            int j = 0;
            for (int i = 0; i < size; i++, j++) {
                while (j < other.size && other.all[j] < all[i]) j++;
                if (j == other.size || other.all[j] != all[i]) return false;
            }
            return true;
        }

        private boolean remove(long hash) {
            for (int i = 0; i < size; i++) {
                if (all[i] != hash) continue;
                all[i] = all[--size];
                return true;
            }
            return false;
        }
    }

    /** Runs of letters, and runs of digits with their fraction signs, in lower case; every other character parts them. */
    static void tokens(String text, List<String> into) {
        int i = 0;
        while (i < text.length()) {
            int kind = kind(text.charAt(i));
            int start = i++;
            if (kind == 0) continue;
            while (i < text.length() && kind(text.charAt(i)) == kind) i++;
            into.add(text.substring(start, i).replace('\u0130', 'I').toLowerCase(Locale.ROOT));
        }
    }

    /** 0 for what parts words, 1 for letters, 2 for figures and signs that mean something. */
    private static int kind(char c) {
        if (Character.isLetter(c)) return 1;
        return Character.isDigit(c)
                        || Character.getType(c) == Character.OTHER_NUMBER
                        || c == '%'
                        || c == '°'
                        || c == '£'
                        || c == '$'
                        || c == '€'
                ? 2
                : 0;
    }
}
