package webodidact.core.lesson;

import webodidact.core.amount.Ratio;

/**
 * Who cooks at home; who may do what is a teaching convention and gives way to the adult in the room and local rules.
 */
public enum Audience {
    EARLY_YEARS(130, Ratio.of(5, 2), 60, 2),
    AGES_5_7(140, Ratio.of(2), 90, 3),
    AGES_7_11(150, Ratio.of(7, 4), 120, 5),
    AGES_11_16(165, Ratio.of(3, 2), 180, 6),
    ADULTS(180, Ratio.of(5, 4), 300, 6);

    private final int follows;
    private final Ratio handsFactor;
    private final int longestTalk;
    private final int salt;

    Audience(int follows, Ratio handsFactor, int longestTalk, int salt) {
        this.follows = follows;
        this.handsFactor = handsFactor;
        this.longestTalk = longestTalk;
        this.salt = salt;
    }

    public String title() {
        return Words.OURS.title(this);
    }

    /** Words a minute of a talk that they still follow: an assumption of ours ({@code docs/timing.md}), no pace of anybody's. */
    public int follows() {
        return follows;
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
        return Words.OURS.say(Words.OURS.titled(this).key() + ".blades");
    }

    public String heat() {
        return Words.OURS.say(Words.OURS.titled(this).key() + ".heat");
    }

    public boolean needsAdult() {
        return this != ADULTS;
    }
}
