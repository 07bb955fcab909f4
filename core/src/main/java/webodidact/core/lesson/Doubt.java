package webodidact.core.lesson;

import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Something that reading a line was unsure of. In a file it is its kind, a colon and what it is about: {@code unknown-food: moonberry paste}.
 *
 * @param about the words it is about, or ""
 */
public record Doubt(Kind kind, String about) {
    /** What there is to doubt; {@link #SAID} is a doubt in words of its own. */
    public enum Kind {
        UNKNOWN_FOOD,
        /** The name of a known food with words that make it another. */
        OTHER_FOOD,
        /** A name of several foods. */
        WHICH_FOOD,
        /** Letters that were taken for figures. */
        MISREAD,
        FIGURE_IN_NAME,
        NO_FOOD,
        NO_AMOUNT,
        NOT_UNDERSTOOD,
        SAID;

        /** It is the food that is not known for sure. */
        public boolean isOfFood() {
            return this == UNKNOWN_FOOD || this == OTHER_FOOD || this == WHICH_FOOD;
        }
    }

    /** Sentences as files of format 1 had them. */
    private static final Pattern UNKNOWN = Pattern.compile("“(.*)” is not in the food table");

    private static final Pattern FIGURE = Pattern.compile("there is a figure in the name “(.*)”");
    private static final Pattern LEFT = Pattern.compile("not understood: “(.*)”");

    public Doubt {
        if (kind == null) throw new IllegalArgumentException(Words.OURS.say("wrong.doubt"));
        if (about == null) about = "";
        if (kind == Kind.SAID && about.isBlank()) throw new IllegalArgumentException(Words.OURS.say("wrong.doubt.2"));
    }

    public static Doubt of(Kind kind) {
        return new Doubt(kind, "");
    }

    /** For people, in the language spoken here. */
    public String text() {
        return Words.OURS.say("doubt." + code(), about);
    }

    private String code() {
        return kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** As a file has it. */
    @Override
    public String toString() {
        return about.isEmpty() ? code() : code() + ": " + about;
    }

    /** Reads what {@link #toString} writes, and the sentences of older files; any other text is a doubt in its own words. */
    public static Doubt parse(String text) {
        for (var kind : Kind.values()) {
            var code = of(kind, "x").code();
            if (text.equals(code) && kind != Kind.SAID) return of(kind);
            if (text.startsWith(code + ": ")) return new Doubt(kind, text.substring(code.length() + 2));
        }
        var unknown = UNKNOWN.matcher(text);
        if (unknown.matches()) return new Doubt(Kind.UNKNOWN_FOOD, unknown.group(1));
        var figure = FIGURE.matcher(text);
        if (figure.matches()) return new Doubt(Kind.FIGURE_IN_NAME, figure.group(1));
        var left = LEFT.matcher(text);
        if (left.matches()) return new Doubt(Kind.NOT_UNDERSTOOD, left.group(1));
        return switch (text) {
            case "no food was found in this line" -> of(Kind.NO_FOOD);
            case "no amount is given" -> of(Kind.NO_AMOUNT);
            default -> new Doubt(Kind.SAID, text);
        };
    }

    private static Doubt of(Kind kind, String about) {
        return new Doubt(kind, about);
    }
}
