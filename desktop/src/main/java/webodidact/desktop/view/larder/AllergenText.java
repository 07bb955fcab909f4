package webodidact.desktop.view.larder;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import webodidact.core.food.Allergen;
import webodidact.desktop.words.Words;

/** Allergens as typed: "milk, soya", "nothing"; nothing typed means nobody has looked. */
final class AllergenText {
    private AllergenText() {}

    /** @return null for a blank text; empty for "nothing" */
    static Set<Allergen> read(String text) {
        var t = text.strip().toLowerCase(Locale.ROOT);
        if (t.isEmpty()) return null;
        var set = EnumSet.noneOf(Allergen.class);
        if (t.equals(Words.of("swap.labelNothing")) || t.equals("none")) return set;
        for (var part : t.split("[,;]")) set.add(one(part.strip()));
        return set;
    }

    static String of(Set<Allergen> allergens) {
        return allergens == null
                ? ""
                : allergens.isEmpty()
                        ? Words.of("swap.labelNothing")
                        : allergens.stream().map(Allergen::title).collect(Collectors.joining(", "));
    }

    private static Allergen one(String part) {
        for (var allergen : Allergen.values()) {
            if (allergen.title().equals(part)
                    || allergen.name().toLowerCase(Locale.ROOT).equals(part)
                    || (allergen.title() + "s").equals(part)) return allergen;
        }
        var all = Arrays.stream(Allergen.values()).map(Allergen::title).collect(Collectors.joining(", "));
        throw new IllegalArgumentException(Words.of("swap.labelWrong", part, all));
    }
}
