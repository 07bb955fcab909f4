package webodidact.desktop.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import webodidact.core.time.Span;

/**
 * Seconds to pixels where long times in which nothing happens are folded to a narrow band: a day of two lessons is read by its work, not
 * by the afternoon between them.
 */
public final class FoldedAxis {
    /** Seconds of nothing that are worth folding, and that stay beside the work on both sides. */
    private static final int LONG = 40 * 60;

    private static final int BESIDE = 4 * 60;
    /** Pixels of a fold. */
    private static final double BAND = 30;

    private final List<Span> folds;
    private final int from;
    private final int to;
    private final double left;
    private final double perSecond;

    /**
     * @param busy spans in which something happens, in any order; they may overlap
     * @param from first second shown
     * @param to last second shown, more than that
     * @param left pixels at which it begins
     * @param right pixels at which it ends
     */
    public FoldedAxis(List<Span> busy, int from, int to, double left, double right) {
        this.from = from;
        this.to = Math.max(to, from + 1);
        this.left = left;
        folds = folds(busy, from, this.to);
        int open = this.to - from - folds.stream().mapToInt(Span::length).sum();
        perSecond = Math.max(1, right - left - BAND * folds.size()) / Math.max(1, open);
    }

    private static List<Span> folds(List<Span> busy, int from, int to) {
        var all = new ArrayList<Span>();
        int idle = from;
        for (var span :
                busy.stream().sorted(Comparator.comparingInt(Span::start)).toList()) {
            if (span.start() > to) break;
            if (span.start() - idle >= LONG) all.add(new Span(idle + BESIDE, span.start() - BESIDE));
            idle = Math.max(idle, span.end());
        }
        return List.copyOf(all);
    }

    public List<Span> folds() {
        return folds;
    }

    /** Within a fold by its share of it. */
    public double x(int second) {
        double x = left;
        int at = from;
        for (var fold : folds) {
            if (second <= fold.start()) break;
            x += (fold.start() - at) * perSecond;
            if (second < fold.end()) return x + BAND * (second - fold.start()) / fold.length();
            x += BAND;
            at = fold.end();
        }
        return x + (second - at) * perSecond;
    }

    /** The second at that pixel, to the nearest. */
    public int second(double x) {
        double begin = left;
        int at = from;
        for (var fold : folds) {
            double open = (fold.start() - at) * perSecond;
            if (x <= begin + open) break;
            if (x < begin + open + BAND)
                return (int) Math.round(fold.start() + fold.length() * (x - begin - open) / BAND);
            begin += open + BAND;
            at = fold.end();
        }
        return (int) Math.round(at + (x - begin) / perSecond);
    }

    /** Seconds that are shown at their own scale. */
    public int open() {
        return to - from - folds.stream().mapToInt(Span::length).sum();
    }

    public boolean isFolded(int second) {
        return folds.stream().anyMatch(f -> f.start() < second && second < f.end());
    }
}
