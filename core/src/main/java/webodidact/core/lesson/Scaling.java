package webodidact.core.lesson;

import webodidact.core.amount.Ratio;

/** How much more or less than the recipe as written is needed. */
public final class Scaling {
    private Scaling() {}

    /** For one home: the people in it over the people the recipe feeds. */
    public static Ratio forHome(Lesson lesson) {
        return Ratio.of(lesson.homeOf(), lesson.makes().serves());
    }
}
