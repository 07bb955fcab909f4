package webodidact.desktop.geometry;

/**
 * Seconds to pixels: before air on the left at its own scale, air on the right.
 *
 * @param from first second shown, 0 or negative
 * @param to last second shown, more than {@code from}
 * @param zero pixels from the left at which air starts
 * @param width pixels in all
 */
public record TimeAxis(int from, int to, double zero, double width) {
    public double x(int second) {
        if (second <= 0) return from == 0 ? 0 : zero * (1 - (double) second / from);
        return zero + (width - zero) * second / to;
    }

    /** The second at that pixel, to the nearest. */
    public int second(double x) {
        if (x <= zero) return from == 0 ? 0 : (int) Math.round(from * (1 - x / zero));
        return (int) Math.round((x - zero) / (width - zero) * to);
    }

    /** A distance between marks, of whole minutes, that leaves at least {@code least} pixels between them on air. */
    public int markEvery(double least) {
        for (int minutes : new int[] {1, 2, 5, 10, 15, 20, 30, 60}) {
            if ((width - zero) * minutes * 60 / to >= least) return minutes * 60;
        }
        return 7200;
    }
}
