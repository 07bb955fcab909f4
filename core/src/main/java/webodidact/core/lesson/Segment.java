package webodidact.core.lesson;

import webodidact.core.amount.Ratio;

/** How the words are spoken; the factor on the audience's pace is in {@code docs/timing.md}. */
public enum Segment {
    TO_CAMERA(Ratio.of(6, 5)),
    RUN_THROUGH(Ratio.ONE),
    AT_THE_HEAT(Ratio.of(9, 10)),
    CUTTING(Ratio.of(4, 5));

    private final Ratio factor;

    Segment(Ratio factor) {
        this.factor = factor;
    }

    public String title() {
        return Words.OURS.title(this);
    }

    public Ratio factor() {
        return factor;
    }
}
