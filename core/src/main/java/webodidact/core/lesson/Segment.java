package webodidact.core.lesson;

/**
 * How the words are spoken. The paces are the middle of what was measured on presenters' real speech, whatever their learners' age
 * ({@code docs/timing.md}): to camera 150 to 200 words a minute, run-through 125 to 170, at the heat 140 to 175, cutting 115 to 150.
 */
public enum Segment {
    TO_CAMERA(172),
    RUN_THROUGH(155),
    AT_THE_HEAT(150),
    CUTTING(130);

    private final int wordsPerMinute;

    Segment(int wordsPerMinute) {
        this.wordsPerMinute = wordsPerMinute;
    }

    public String title() {
        return Words.OURS.title(this);
    }

    /** Of any presenter, until the instructor's own is known. */
    public int wordsPerMinute() {
        return wordsPerMinute;
    }
}
