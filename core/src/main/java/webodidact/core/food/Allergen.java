package webodidact.core.food;

import java.util.Locale;

/**
 * What has to be declared: the union of the 14 allergens of Regulation (EU) No 1169/2011, annex II, and the nine of the
 * US Food Allergen Labeling and Consumer Protection Act as amended in 2021.
 */
public enum Allergen {
    GLUTEN,
    WHEAT,
    CRUSTACEANS,
    EGGS,
    FISH,
    PEANUTS,
    SOYA,
    MILK,
    NUTS,
    CELERY,
    MUSTARD,
    SESAME,
    SULPHITES,
    LUPIN,
    MOLLUSCS;

    public String title() {
        return Words.OURS.title(this);
    }

    /** As tables and files write it, "nuts". */
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Allergen parse(String text) {
        try {
            return valueOf(text.strip().toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(Words.OURS.say("wrong.allergen", text), e);
        }
    }
}
