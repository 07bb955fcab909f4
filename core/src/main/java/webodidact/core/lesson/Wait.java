package webodidact.core.lesson;

import java.util.Objects;
import webodidact.core.time.TimeRange;

/**
 * Time in which the food works and nobody has to.
 *
 * @param time from the soonest to the latest it is right
 * @param what what happens, "simmers"
 * @param cue the end state to look for, "a knife slides out"
 */
public record Wait(TimeRange time, String what, String cue, Cover cover) {
    public Wait {
        Objects.requireNonNull(time, "time");
        what = what == null ? "" : what;
        cue = cue == null ? "" : cue;
        cover = cover == null ? Cover.STAY : cover;
    }

    public Wait covered(Cover by) {
        return new Wait(time, what, cue, by);
    }

    public Wait lasting(TimeRange other) {
        return new Wait(other, what, cue, cover);
    }
}
