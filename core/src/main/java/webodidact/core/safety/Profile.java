package webodidact.core.safety;

import java.util.EnumSet;
import java.util.Set;
import webodidact.core.food.Allergen;
import webodidact.core.food.Risk;

/**
 * The figures a region's food-safety advice gives, and the allergens its law has named on food. They are shown beside the
 * work and never replace local rules and qualified advice.
 */
public enum Profile {
    /** Food Standards Agency, Safer Food Better Business (75 °C in the middle, or 70 °C for 2 minutes); hot holding 63 °C. */
    UK(75, 75, 63, 75, 5, 63, false, EnumSet.complementOf(EnumSet.of(Allergen.WHEAT))),
    /** Regulation (EU) 1169/2011, annex II, for allergens; temperatures as in common national guides to Regulation (EC) 852/2004. */
    EU(75, 70, 63, 70, 5, 63, false, EnumSet.complementOf(EnumSet.of(Allergen.WHEAT))),
    /**
     * Advice for homes, not for trade: USDA Food Safety and Inspection Service, safe minimum internal temperature chart (poultry 165 °F,
     * ground meat and egg dishes 160 °F, fish and whole cuts 145 °F with a rest of 3 min), fridge 40 °F, hot holding 140 °F.
     */
    US(
            165,
            160,
            145,
            145,
            40,
            140,
            true,
            EnumSet.of(
                    Allergen.WHEAT,
                    Allergen.CRUSTACEANS,
                    Allergen.EGGS,
                    Allergen.FISH,
                    Allergen.PEANUTS,
                    Allergen.SOYA,
                    Allergen.MILK,
                    Allergen.NUTS,
                    Allergen.SESAME)),
    /** Food Standards Code 3.2.2 (5 °C and 60 °C) and schedule 9 for allergens; 75 °C as in Food Safety Information Council advice. */
    AU_NZ(75, 75, 63, 63, 5, 60, false, EnumSet.complementOf(EnumSet.of(Allergen.CELERY, Allergen.MUSTARD)));

    /**
     * Seconds that food which spoils may be out of the cold in all: two hours, World Health Organization, Five Keys to Safer Food,
     * 2006. Local rules may allow less.
     */
    public static final int OUT = 2 * 3600;

    private final int poultry;
    private final int mince;
    private final int fish;
    private final int meat;
    private final int fridge;
    private final int hotHolding;
    private final boolean fahrenheit;
    private final Set<Allergen> named;

    Profile(
            int poultry,
            int mince,
            int fish,
            int meat,
            int fridge,
            int hotHolding,
            boolean fahrenheit,
            Set<Allergen> named) {
        this.poultry = poultry;
        this.mince = mince;
        this.fish = fish;
        this.meat = meat;
        this.fridge = fridge;
        this.hotHolding = hotHolding;
        this.fahrenheit = fahrenheit;
        this.named = named;
    }

    public String title() {
        return Words.OURS.title(this);
    }

    /** Core temperature, in the scale people read there, at which that food is cooked; 0 where none is asked for. */
    public int core(Risk risk) {
        return switch (risk) {
            case RAW_POULTRY -> poultry;
            case RAW_MINCE -> mince;
            case RAW_FISH -> fish;
            case RAW_MEAT -> meat;
            case RAW_EGG -> mince;
            case READY, UNWASHED, RAW_FLOUR -> 0;
        };
    }

    /** The same in °C, rounded up. */
    public int coreCelsius(Risk risk) {
        int own = core(risk);
        return own == 0 || !fahrenheit ? own : Math.ceilDiv((own - 32) * 5, 9);
    }

    /** Warmest a fridge may be, in the scale people read there. */
    public int fridge() {
        return fridge;
    }

    /** Coldest that food held hot may be, in the scale people read there. */
    public int hotHolding() {
        return hotHolding;
    }

    /** Most minutes in which cooked food is to be cold again: 90 in the United Kingdom, two hours in the advice of the others. */
    public int coolWithin() {
        return this == UK ? 90 : 120;
    }

    /**
     * How long fish that is eaten raw is frozen first, all through at −20 °C, in words. Regulation (EC) 853/2004, annex III, section
     * VIII, chapter III D: 24 hours; US Food Code 3-402.11: seven days, taken for Australia and New Zealand too, being longer.
     */
    public String fishFrozen() {
        return Words.OURS.say(this == UK || this == EU ? "frozen.day" : "frozen.week");
    }

    /** A figure of this profile with its scale: "75 °C", "165 °F". */
    public String degrees(int own) {
        return own + (fahrenheit ? " °F" : " °C");
    }

    /** A temperature in °C as people read it there, rounded up to a whole degree. */
    public String celsius(int celsius) {
        return degrees(fahrenheit ? Math.ceilDiv(celsius * 9, 5) + 32 : celsius);
    }

    /** Allergens that food law there names. Others are shown all the same. */
    public Set<Allergen> named() {
        return named;
    }
}
