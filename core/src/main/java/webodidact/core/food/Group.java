package webodidact.core.food;

import java.util.Locale;

/** Foods that behave alike: what is known of a group holds for a food of which nothing else is known. */
public enum Group {
    ACID,
    BAKERY,
    DAIRY,
    DRIED_FRUIT,
    DRINK,
    EGG,
    FAT,
    FISH,
    FRUIT,
    GRAIN,
    HERB,
    MEAT,
    NUT,
    OTHER,
    PROTEIN,
    PULSE,
    RAISING,
    SAUCE,
    SEASONING,
    SEED,
    SUGAR,
    VEGETABLE,
    WATER;

    /** As the tables write it, "dried fruit". */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** @throws IllegalArgumentException for a word that is no group */
    static Group parse(String code) {
        return valueOf(code.toUpperCase(Locale.ROOT).replace(' ', '_'));
    }
}
