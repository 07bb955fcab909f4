package webodidact.formats.importing;

import java.util.List;

/**
 * A file as a page of text that a recipe can be read from, to be looked at and corrected before anything is taken.
 *
 * @param format what kind of file it was, in words
 * @param text title, foods and method, each on lines of its own
 * @param foods its lines of food where the file says which they are; empty where it is text only
 * @param steps its steps where the file says which they are; empty where it is text only
 * @param left what the file had besides, each with what was in it: nothing is left out unsaid
 */
public record Imported(
        String format, String title, String text, List<String> foods, List<String> steps, List<Left> left) {
    /** @param what the beginning of it, at most {@link #SHOWN} signs */
    public record Left(String where, String what, int signs) {
        static final int SHOWN = 160;

        static Left of(String where, String all) {
            var flat = all.strip().replaceAll("\\s+", " ");
            return new Left(where, flat.length() <= SHOWN ? flat : flat.substring(0, SHOWN) + "…", all.length());
        }

        public String text() {
            return Words.say("left", where, what);
        }
    }

    public Imported {
        foods = List.copyOf(foods);
        steps = List.copyOf(steps);
        left = List.copyOf(left);
    }

    static Imported text(String format, String text, List<Left> left) {
        return new Imported(format, "", text, List.of(), List.of(), left);
    }
}
