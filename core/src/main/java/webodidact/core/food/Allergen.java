package webodidact.core.food;

import java.util.Locale;

/**
 * What has to be declared: the union of the 14 allergens of Regulation (EU) No 1169/2011, annex II, and the nine of the
 * US Food Allergen Labeling and Consumer Protection Act as amended in 2021.
 */
public enum Allergen {
    GLUTEN("gluten"), WHEAT("wheat"), CRUSTACEANS("crustaceans"), EGGS("egg"), FISH("fish"), PEANUTS("peanut"), SOYA("soya"),
    MILK("milk"), NUTS("tree nuts"), CELERY("celery"), MUSTARD("mustard"), SESAME("sesame"), SULPHITES("sulphites"),
    LUPIN("lupin"), MOLLUSCS("molluscs");

    private final String title;

    Allergen(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    public static Allergen parse(String text) {
        try {
            return valueOf(text.strip().toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("Allergen '" + text + "': expected one of the declared ones, as in 'milk' or 'nuts'", e);
        }
    }
}
