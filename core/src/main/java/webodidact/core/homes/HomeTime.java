package webodidact.core.homes;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.time.TimeRange;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;
import webodidact.core.timing.Schedule;

/**
 * How long the lesson takes at home, where nothing is cut, sped up or swapped: what rises, rests and bakes takes its time there too. A
 * recording is paused meanwhile; a live lesson goes on, and the home's own is ready later.
 *
 * @param readyToEat seconds from the start until all of it can be eaten: the quickest home at the short ends, the slowest at the long ones
 * @param pauses where a recording is paused, in the order of the steps; none of a live lesson
 * @param untimed number of steps of which nobody knows how long they take: with one of them the time is more than that
 */
public record HomeTime(TimeRange readyToEat, List<Pause> pauses, int untimed) {
    /**
     * @param number of the step after which it is paused, from 1
     * @param step its id
     * @param time how long, seconds
     * @param waits for the food; else for hands
     */
    public record Pause(int number, String step, TimeRange time, boolean waits) {}

    /** Seconds that nobody presses pause for. */
    private static final int WORTH = 20;

    public HomeTime {
        pauses = List.copyOf(pauses);
    }

    /** @param homes at least one */
    public static HomeTime of(Lesson lesson, List<HomePace> homes, Schedule schedule, Pace pace) {
        int low = Integer.MAX_VALUE;
        int high = 0;
        int slowest = 0;
        for (int i = 0; i < homes.size(); i++) {
            low = Math.min(low, new Run(homes.get(i), pace, false).end);
            int end = new Run(homes.get(i), pace, true).end;
            if (end > high) slowest = i;
            high = Math.max(high, end);
        }
        if (homes.isEmpty())
            return new HomeTime(TimeRange.ZERO, List.of(), schedule.untimed().size());
        return new HomeTime(
                new TimeRange(Math.min(low, high), high),
                lesson.delivery().isLive() ? List.of() : pauses(homes.get(slowest), pace),
                schedule.untimed().size());
    }

    private static List<Pause> pauses(HomePace home, Pace pace) {
        var lesson = home.lesson();
        var quick = new Run(home, pace, false);
        var slow = new Run(home, pace, true);
        var all = new ArrayList<Pause>();
        for (int k = 0; k < lesson.steps().size(); k++) {
            if (slow.paused[k] <= WORTH) continue;
            all.add(new Pause(
                    k + 1,
                    lesson.steps().get(k).id(),
                    new TimeRange(Math.min(quick.paused[k], slow.paused[k]), slow.paused[k]),
                    slow.waits[k]));
        }
        return all;
    }

    /** One home's way through the lesson. */
    private static final class Run {
        private final int[] paused;
        private final boolean[] waits;
        private int end;

        Run(HomePace home, Pace pace, boolean longEnds) {
            var lesson = home.lesson();
            int n = lesson.steps().size();
            paused = new int[n];
            waits = new boolean[n];
            var ready = new HashMap<String, Integer>();
            int now = 0;
            int last = 0;
            for (int k = 0; k < n; k++) {
                var step = lesson.steps().get(k);
                int start = Math.max(now, ready.getOrDefault(step.id(), 0));
                if (start > now && k > 0) {
                    paused[k - 1] += start - now;
                    waits[k - 1] = true;
                }
                int talk = pace.talk(step);
                int hands = hands(step, home.millis().get(k), longEnds);
                now = start + (step.tellThenDo() ? talk + hands : Math.max(talk, hands));
                int shown = Planner.length(step, lesson.delivery(), pace);
                int wait = step.waiting() == null
                        ? 0
                        : longEnds
                                ? step.waiting().time().high()
                                : step.waiting().time().low();
                if (wait > 0 && step.waiting().cover() instanceof Cover.CarryOn(var at)) {
                    ready.merge(at, now + wait, Math::max);
                    last = Math.max(last, now + wait);
                } else if (wait > 0 && step.waiting().cover() instanceof Cover.Elsewhere) {
                    last = Math.max(last, now);
                } else if (wait > 0
                        && lesson.delivery().isLive()
                        && step.waiting().cover() instanceof Cover.ReadyCopy) {
                    // The class goes on with the copy; the home's own is ready when it is ready.
                    last = Math.max(last, now + wait);
                } else {
                    now += wait;
                }
                paused[k] += Math.max(0, now - start - shown);
                waits[k] |= wait > 0 && now - start - shown > hands;
            }
            end = Math.max(now, last);
        }

        private static int hands(Step step, int millis, boolean longEnds) {
            int likely = Math.max(1, step.hands().likely());
            long own = (millis + 999L) / 1000;
            int edge = longEnds ? step.hands().high() : step.hands().low();
            return (int) Math.min(Integer.MAX_VALUE / 8, own * edge / likely);
        }
    }
}
