package webodidact.core.lesson;

import webodidact.core.amount.Ratio;

/**
 * Who cooks at home. Paces are the defaults of the product's design (section 5) until the instructor's own are known;
 * who may do what is a teaching convention and gives way to the adult in the room and local rules.
 */
public enum Audience {
    EARLY_YEARS("under 5", 110, Ratio.of(5, 2), 60, 2, "Tear, stir, spread. No blades.", "An adult does everything hot."),
    AGES_5_7("ages 5–7", 120, Ratio.of(2), 90, 3, "Table knife on soft food, hand on hand.", "An adult does everything hot."),
    AGES_7_11("ages 7–11", 130, Ratio.of(7, 4), 120, 5, "Small knife, grater and peeler with an adult beside them.",
            "An adult opens the oven and lifts hot pans."),
    AGES_11_16("ages 11–16", 140, Ratio.of(3, 2), 180, 6, "Cook's knife once shown; tucked fingers.",
            "The hob with an adult near; an adult checks the oven."),
    ADULTS("adults", 150, Ratio.of(5, 4), 300, 6, "Any tool; say the caution once.", "Hob and oven alone.");

    private final String title;
    private final int wordsPerMinute;
    private final Ratio handsFactor;
    private final int longestTalk;
    private final int salt;
    private final String blades;
    private final String heat;

    Audience(String title, int wordsPerMinute, Ratio handsFactor, int longestTalk, int salt, String blades, String heat) {
        this.title = title;
        this.wordsPerMinute = wordsPerMinute;
        this.handsFactor = handsFactor;
        this.longestTalk = longestTalk;
        this.salt = salt;
        this.blades = blades;
        this.heat = heat;
    }

    public String title() {
        return title;
    }

    /** Default speaking pace, before the factor of the segment. */
    public int wordsPerMinute() {
        return wordsPerMinute;
    }

    /** How much longer than the instructor's hands theirs take. */
    public Ratio handsFactor() {
        return handsFactor;
    }

    /** Seconds of talk with nothing to do that hold their attention. */
    public int longestTalk() {
        return longestTalk;
    }

    /**
     * Most salt in a day, grams: Scientific Advisory Committee on Nutrition, Salt and Health, 2003 (1-3 years 2 g, 4-6 years
     * 3 g, 7-10 years 5 g, from 11 years 6 g). Where an age band of ours spans two, the lower end of the band decides.
     */
    public int saltLimit() {
        return salt;
    }

    public String blades() {
        return blades;
    }

    public String heat() {
        return heat;
    }

    public boolean needsAdult() {
        return this != ADULTS;
    }
}
