package webodidact.core.lesson;

import webodidact.core.amount.Amount;
import webodidact.core.amount.Ratio;

/**
 * How a mixture becomes pieces: by the spoon or scoop, or stamped from a rolled sheet; and how they are cooked and served.
 *
 * @param mixture all of it, at the lesson's own yield; null takes what the list weighs
 * @param portion one piece, a mass or a volume; null where pieces are stamped
 * @param sheet rolled sheet, or null
 * @param load places on a tray or in a pan; 0 where that is no limit
 * @param each pieces a person is served, 1 or more
 * @param partners pieces each needs to pair with, as a lid with a base; 1 where they stand alone
 */
public record Shaping(Amount mixture, Amount portion, Sheet sheet, int load, int each, int partners) {
    /**
     * @param length,width,cutter centimetres, more than zero
     * @param again share of the trimmings that is rolled out again, 0 to 1
     */
    public record Sheet(Ratio length, Ratio width, Ratio cutter, Ratio again) {
        private static final Ratio MOST = Ratio.of(1000);
        private static final Ratio LEAST = Ratio.of(1, 10);

        public Sheet {
            if (length == null
                    || width == null
                    || cutter == null
                    || !length.isMoreThan(Ratio.ZERO)
                    || !width.isMoreThan(Ratio.ZERO)
                    || !cutter.isMoreThan(Ratio.ZERO)) {
                throw new IllegalArgumentException(Words.OURS.say("wrong.shaping"));
            }
            if (length.isMoreThan(MOST) || width.isMoreThan(MOST) || cutter.isLessThan(LEAST)) {
                throw new IllegalArgumentException(
                        Words.OURS.say("wrong.shaping.2", length, width, cutter, MOST, LEAST));
            }
            if (again == null) again = Ratio.ZERO;
            if (again.isNegative() || again.isMoreThan(Ratio.ONE))
                throw new IllegalArgumentException(Words.OURS.say("wrong.shaping.3", again));
        }
    }

    public static final Shaping BLANK = new Shaping(null, null, null, 0, 1, 1);

    public Shaping {
        load = Math.clamp(load, 0, 100_000);
        each = Math.clamp(each, 1, 1000);
        partners = Math.clamp(partners, 1, 1000);
        if (portion != null && !portion.low().isMoreThan(Ratio.ZERO))
            throw new IllegalArgumentException(Words.OURS.say("wrong.shaping.4", portion));
    }
}
