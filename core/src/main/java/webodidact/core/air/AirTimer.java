package webodidact.core.air;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import webodidact.core.lesson.Look;
import webodidact.core.time.Seconds;
import webodidact.core.time.TimeRange;

/**
 * Something hot, or something that has to be waited for, since {@code from} (seconds since air): a moment, never a count, so that
 * nothing that happens to the desk puts it wrong.
 *
 * @param step id of the step that began it
 * @param time from the soonest to the latest it is right; a zero low end counts up only
 * @param moments at which somebody has to come
 * @param cue its end state, or ""
 * @param byPlan nobody has said that it has begun: it began when the plan says
 */
public record AirTimer(
        Kind kind,
        String step,
        String label,
        int from,
        TimeRange time,
        List<Look> moments,
        String cue,
        boolean byPlan) {
    /** What it is of. */
    public enum Kind {
        OVEN,
        RING,
        WAIT
    }

    /** How it stands. */
    public enum State {
        EARLY,
        RIGHT,
        PAST
    }

    /** Of a heat that is not past its best: on until it is turned off. */
    static final int NO_END = Seconds.LONGEST;

    public AirTimer {
        moments = List.copyOf(moments);
    }

    public String id() {
        return kind.name().toLowerCase(Locale.ROOT) + "/" + step;
    }

    /** Seconds until it is right at the soonest; negative once it is. */
    public int left(int now) {
        return from + time.low() - now;
    }

    /** Seconds past the latest moment; 0 while it is not. */
    public int over(int now) {
        return hasEnd() ? Math.max(0, now - from - time.high()) : 0;
    }

    public boolean hasEnd() {
        return time.high() < NO_END;
    }

    public State state(int now) {
        return left(now) > 0 ? State.EARLY : over(now) > 0 ? State.PAST : State.RIGHT;
    }

    /** The look that comes next. */
    public Optional<Look> next(int now) {
        return moments.stream().filter(l -> from + l.at() > now).findFirst();
    }

    AirTimer since(int second, boolean plan) {
        return new AirTimer(kind, step, label, second, time, moments, cue, plan);
    }
}
