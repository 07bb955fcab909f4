package webodidact.core.lesson;

import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import webodidact.core.amount.Heat;
import webodidact.core.time.Seconds;
import webodidact.core.time.TimeRange;

/**
 * Where a step is done, at what heat, and how long.
 *
 * @param heat the oven's setting, or null
 * @param hands the instructor's hands-on time
 * @param waiting what has to pass after it, or null
 * @param hold seconds kept free after it for the homes
 * @param trim seconds that may go if time is short
 * @param offCamera seconds of the hands that are not shown: cut from a recording, done before a live lesson
 * @param ring how hot a ring is, or null
 * @param way name of the presenter's own way of doing it, or ""
 * @param ways other ways, for the presenter to change to and for homes
 */
public record Work(
        Place place,
        Heat heat,
        TimeRange hands,
        Wait waiting,
        int hold,
        int trim,
        Set<Act> acts,
        int offCamera,
        Ring ring,
        String way,
        List<Way> ways) {
    public Work {
        place = place == null ? Place.BENCH : place;
        hands = hands == null ? TimeRange.ZERO : hands;
        acts = acts == null ? Set.of() : Collections.unmodifiableSet(new TreeSet<>(acts));
        way = Texts.orEmpty(way);
        ways = ways == null ? List.of() : List.copyOf(ways);
        Seconds.checked(hold, Words.OURS.message("what.work"));
        Seconds.checked(offCamera, Words.OURS.message("what.work.4"));
        Seconds.checked(trim, Words.OURS.message("what.work.2"));
        Seconds.checked(hands, Words.OURS.message("what.work.3"));
    }
}
