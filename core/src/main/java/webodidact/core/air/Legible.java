package webodidact.core.air;

import webodidact.core.amount.Ratio;

/** How large text looks from afar. */
public final class Legible {
    /** Minutes of arc of a capital from which text is read with ease; ISO 9241-303 names 16 at the least, 20 to 22 as good. */
    public static final int EASY = 16;

    /** Height of a capital of the prompter's type, in thousandths of its size. */
    private static final int CAPITAL = 660;
    /** Minutes of arc in a radian, in hundredths. */
    private static final int RADIAN = 343_775;

    private Legible() {}

    /**
     * Minutes of arc that a capital takes up, exact.
     *
     * @param pixels size of the text
     * @param dpi pixels to an inch of the screen, more than 0
     * @param centimetres from the eye, more than 0
     */
    public static Ratio arc(int pixels, int dpi, int centimetres) {
        var height = Ratio.of(pixels * (long) CAPITAL, 1000)
                .times(Ratio.of(254, 100))
                .dividedBy(Ratio.of(dpi));
        return height.dividedBy(Ratio.of(centimetres)).times(Ratio.of(RADIAN, 100));
    }

    /** Least size at which it is read with ease from there. */
    public static int least(int dpi, int centimetres) {
        int pixels = 1;
        while (arc(pixels, dpi, centimetres).isLessThan(Ratio.of(EASY))) pixels++;
        return pixels;
    }
}
