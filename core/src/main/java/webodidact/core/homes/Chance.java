package webodidact.core.homes;

/**
 * What differs from evening to evening. Shares are out of 1000; the usual figures are assumptions of ours, wide enough to be
 * cautious with, until the desk has seen real homes.
 *
 * @param skill a home is up to so much faster or slower than usual, all evening
 * @param mood one step takes up to so much longer or shorter than the last
 * @param fetch share of the steps that first use something for which it has to be fetched
 * @param fetchSeconds how long that takes at most
 * @param stuck share of hands-on steps in which a home gets stuck
 * @param stuckSeconds how long at most
 * @param grace seconds that a home may be behind and still be ready: nobody is left behind by them
 */
public record Chance(int skill, int mood, int fetch, int fetchSeconds, int stuck, int stuckSeconds, int grace) {
    public static final Chance USUAL = new Chance(250, 150, 80, 60, 25, 120, 10);
    public static final Chance NONE = new Chance(0, 0, 0, 0, 0, 0, 0);
}
