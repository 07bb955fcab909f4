package webodidact.core.publish;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Take;
import webodidact.core.timing.Schedule;

/**
 * When each step is on air, as planned or as a take had it; in whole seconds since the start.
 *
 * @param total seconds from the first word to the last
 */
public record AirTimes(List<At> steps, int total) {
    /**
     * @param number of the step, from 1
     * @param end start of the next one
     * @param talk seconds of words, from {@code start} on; never beyond {@code end}
     */
    public record At(Step step, int number, int start, int end, int talk) {}

    public AirTimes {
        steps = List.copyOf(steps);
    }

    public static AirTimes plan(Schedule schedule) {
        var all = new ArrayList<At>();
        for (var placed : schedule.shown()) {
            var span = placed.span();
            all.add(new At(
                    placed.step(), placed.number(), span.start(), span.end(), Math.min(placed.talk(), span.length())));
        }
        return new AirTimes(all, schedule.planned());
    }

    /** Only the steps that the take has, one after the other; the words are as long in it as the step is longer than planned. */
    public static AirTimes take(Schedule schedule, Take take) {
        var measured = new HashMap<String, Integer>();
        for (var time : take.steps()) measured.merge(time.step(), time.seconds() + time.held(), Integer::sum);
        var all = new ArrayList<At>();
        int now = 0;
        for (var placed : schedule.shown()) {
            var seconds = measured.get(placed.step().id());
            if (seconds == null) continue;
            int planned = Math.max(1, placed.span().length());
            long talk = (long) placed.talk() * seconds / planned;
            all.add(new At(placed.step(), placed.number(), now, now + seconds, (int) Math.min(seconds, talk)));
            now += seconds;
        }
        return new AirTimes(all, now);
    }
}
