package webodidact.core.lesson;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import webodidact.core.time.Seconds;
import webodidact.core.time.TimeRange;

/**
 * Time in which the food works and nobody has to.
 *
 * @param time from the soonest to the latest it is right; where there are rounds, theirs; zero where nobody has said it
 * @param what what happens, "simmers"
 * @param cue the end state to look for, "a knife slides out"
 * @param looks moments within it at which somebody has to do something, in their order
 * @param rounds a doneness loop, or null
 */
public record Wait(TimeRange time, String what, String cue, Cover cover, List<Look> looks, Rounds rounds) {
    public Wait {
        if (rounds != null) time = rounds.time();
        if (time == null) throw new IllegalArgumentException(Words.OURS.say("wrong.wait", what));
        Seconds.checked(time, "Wait '" + (what == null ? "" : what) + "'");
        what = what == null ? "" : what;
        cue = cue == null ? "" : cue;
        cover = cover == null ? Cover.STAY : cover;
        looks = looks == null
                ? List.of()
                : looks.stream().sorted(Comparator.comparingInt(Look::at)).toList();
    }

    public Wait(TimeRange time, String what, String cue, Cover cover) {
        this(time, what, cue, cover, List.of(), null);
    }

    /** Nobody has said how long: it is over when its cue shows. Its time is zero, and no total with it is complete. */
    public boolean unsaid() {
        return time.isZero();
    }

    public Wait covered(Cover by) {
        return new Wait(time, what, cue, by, looks, rounds);
    }

    /** A stated time takes the place of rounds. */
    public Wait lasting(TimeRange other) {
        return new Wait(other, what, cue, cover, looks, null);
    }

    public Wait called(String other) {
        return new Wait(time, other, cue, cover, looks, rounds);
    }

    public Wait until(String other) {
        return new Wait(time, what, other, cover, looks, rounds);
    }

    public Wait looking(List<Look> other) {
        return new Wait(time, what, cue, cover, other, rounds);
    }

    public Wait inRounds(Rounds other) {
        return new Wait(time, what, cue, cover, looks, other);
    }

    /** All moments at which somebody has to come: the looks, and the tests between rounds but the last, which is its end. */
    public List<Look> moments() {
        if (rounds == null) return looks;
        var all = new ArrayList<>(looks);
        var tests = rounds.looks();
        all.addAll(tests.subList(0, tests.size() - 1));
        all.sort(Comparator.comparingInt(Look::at));
        return List.copyOf(all);
    }
}
