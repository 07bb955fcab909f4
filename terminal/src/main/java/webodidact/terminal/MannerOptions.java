package webodidact.terminal;

import java.nio.file.Path;
import webodidact.core.lesson.Lesson;

/** Where a new lesson goes and how it is given: what {@code draft} and {@code import} are both told. */
record MannerOptions(Path out, String delivery, String audience, int slot) {
    static Manual in(Manual manual) {
        return manual.needed("out", "LESSON")
                .option("delivery", "DELIVERY", "cook-along")
                .option("audience", "AUDIENCE", "adults")
                .option("slot", "MIN", "45");
    }

    static MannerOptions of(Told told) {
        return new MannerOptions(told.path("out"), told.text("delivery"), told.text("audience"), told.number("slot"));
    }

    /** Says what was written. */
    void done(Told told, Lesson lesson) {
        told.out()
                .println(Words.say(
                        "draft.done", out, lesson.foods().size(), lesson.steps().size()));
    }

    /** @throws IllegalArgumentException with what was expected */
    Drafting.Manner manner() {
        return Drafting.Manner.of(delivery, audience, slot);
    }
}
