package webodidact.core.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import webodidact.core.time.Clock;
import webodidact.core.time.Seconds;
import webodidact.core.time.TimeRange;

/**
 * A doneness loop: so long, test, a little longer, test, and a rule for when to stop. It is right after the first round at the
 * soonest and after the last at the latest.
 *
 * @param times seconds of each round, one or more, each more than zero
 * @param stop what is done if it is not right after the last, "still cold: take it out, stir, and start again"
 */
public record Rounds(List<Integer> times, String stop) {
    public Rounds {
        times = times == null
                ? List.of()
                : times.stream().filter(Objects::nonNull).toList();
        if (times.isEmpty() || times.stream().anyMatch(t -> t <= 0))
            throw new IllegalArgumentException(Words.OURS.say("wrong.rounds", times));
        long all = times.stream().mapToLong(Integer::longValue).sum();
        if (all > Seconds.LONGEST) throw new IllegalArgumentException(Words.OURS.say("wrong.rounds.2", times));
        stop = stop == null ? "" : stop;
    }

    public TimeRange time() {
        return new TimeRange(
                times.getFirst(), times.stream().mapToInt(Integer::intValue).sum());
    }

    /** The tests, each at the end of its round. */
    public List<Look> looks() {
        var all = new ArrayList<Look>();
        int at = 0;
        for (int t : times) {
            at += t;
            all.add(new Look(at, Words.OURS.say("test")));
        }
        return List.copyOf(all);
    }

    /** "2:00 + 2:00 + 1:00, then test". */
    public String text() {
        return Words.OURS.say("rounds", times.stream().map(Clock::text).collect(Collectors.joining(" + ")));
    }
}
