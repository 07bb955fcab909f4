package webodidact.core.batch;

import webodidact.core.amount.Ratio;

/** How many pieces come out, and how many loads they are. Whole numbers; what is over is told apart. */
public final class Pieces {
    /** So many whole pieces, and what is left of the mixture. */
    public record Cut(long pieces, Ratio left) {}

    private Pieces() {}

    /**
     * A mixture portioned by a spoon or scoop.
     *
     * @param mixture grams or millilitres in all
     * @param portion grams or millilitres in one, more than zero
     */
    public static Cut bySize(Ratio mixture, Ratio portion) {
        if (!portion.isMoreThan(Ratio.ZERO))
            throw new IllegalArgumentException(Words.OURS.say("wrong.pieces", portion));
        long pieces = mixture.dividedBy(portion).floor();
        return new Cut(pieces, mixture.minus(portion.times(pieces)));
    }

    /**
     * Rounds stamped from a rolled rectangle, rows and columns side by side, and from the trimmings rolled again.
     *
     * @param length,width of the sheet, centimetres
     * @param cutter diameter, centimetres, more than zero
     * @param again share of the trimmings that can be rolled out again, 0 to 1
     */
    public static long fromSheet(Ratio length, Ratio width, Ratio cutter, Ratio again) {
        if (!cutter.isMoreThan(Ratio.ZERO))
            throw new IllegalArgumentException(Words.OURS.say("wrong.pieces.2", cutter));
        if (again.isNegative() || again.isMoreThan(Ratio.ONE))
            throw new IllegalArgumentException(Words.OURS.say("wrong.pieces.3", again));
        long first = length.dividedBy(cutter).floor() * width.dividedBy(cutter).floor();
        // A round takes its square of dough out of the trimmings; pi is not needed for a count of squares.
        var square = cutter.times(cutter);
        var round = square.times(Ratio.of(355, 4 * 113));
        var trimmings = length.times(width).minus(round.times(first));
        return first + trimmings.times(again).dividedBy(square).floor();
    }

    /** Loads of a pan or tray for a count, rounded up. */
    public static long loads(long pieces, long perLoad) {
        if (perLoad < 1) throw new IllegalArgumentException(Words.OURS.say("wrong.pieces.4", perLoad));
        return Ratio.of(Math.max(0, pieces), perLoad).ceiling();
    }

    /** Batches of a recipe for so many heads, rounded up: a recipe cannot be started in thirds. */
    public static long batches(long heads, Ratio each, Ratio batchMakes) {
        return each.times(heads).dividedBy(batchMakes).ceiling();
    }

    /**
     * Whole fruit (or loaves, or sheets) for sets of parts: 6 sets of 3 wedges at 6 to a fruit are 3 fruit.
     *
     * @param sets groups, demo set and spares together
     */
    public static long wholes(long sets, long partsEach, long partsOfOne) {
        return loads(Math.multiplyExact(sets, partsEach), partsOfOne);
    }

    /** Pairs that come out of two kinds that go together, as lids and bases. */
    public static long pairs(long ones, long others) {
        return Math.min(ones, others);
    }

    /** The stated count against what really comes out: more than a tenth apart is worth a word. */
    public static boolean disagree(long stated, long really) {
        return Ratio.of(Math.abs(stated - really), Math.max(1, stated)).isMoreThan(Ratio.of(1, 10));
    }
}
