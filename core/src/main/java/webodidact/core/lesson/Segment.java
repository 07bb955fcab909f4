package webodidact.core.lesson;

import webodidact.core.amount.Ratio;

/** How the words are spoken; the factor on the audience's pace is from the product's design, section 5. */
public enum Segment {
    TO_CAMERA("talk to camera", Ratio.of(6, 5)), RUN_THROUGH("run-through", Ratio.ONE),
    AT_THE_HEAT("at the heat", Ratio.of(9, 10)), CUTTING("cutting or shaping", Ratio.of(4, 5));

    private final String title;
    private final Ratio factor;

    Segment(String title, Ratio factor) {
        this.title = title;
        this.factor = factor;
    }

    public String title() {
        return title;
    }

    public Ratio factor() {
        return factor;
    }
}
