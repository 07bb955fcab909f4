package webodidact.core.air;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Something that a timer calls for.
 *
 * @param at second since air
 * @param text what is to be done, or what has come
 */
public record Moment(int at, Kind kind, String timer, String text) {
    /** How it sounds. */
    public enum Kind {
        LOOK,
        RIGHT,
        LATEST
    }

    /** What falls due after the one second, at the other at the latest; in their order. */
    public static List<Moment> between(AirRun run, int after, int until) {
        return all(run).stream().filter(m -> m.at() > after && m.at() <= until).toList();
    }

    /** All of the timers that run, past ones too, in their order. */
    public static List<Moment> all(AirRun run) {
        var all = new ArrayList<Moment>();
        for (var timer : run.timers()) {
            for (var look : timer.moments())
                all.add(new Moment(
                        timer.from() + look.at(),
                        Kind.LOOK,
                        timer.id(),
                        Words.OURS.say("moment.look", timer.label(), look.what())));
            if (timer.time().low() > 0)
                all.add(new Moment(
                        timer.from() + timer.time().low(),
                        Kind.RIGHT,
                        timer.id(),
                        timer.kind() == AirTimer.Kind.OVEN
                                ? Words.OURS.say("moment.hot", timer.label())
                                : timer.cue().isBlank()
                                        ? Words.OURS.say("moment.right", timer.label())
                                        : Words.OURS.say("moment.cue", timer.label(), timer.cue())));
            if (timer.hasEnd() && timer.time().isRange())
                all.add(new Moment(
                        timer.from() + timer.time().high(),
                        Kind.LATEST,
                        timer.id(),
                        Words.OURS.say("moment.latest", timer.label())));
        }
        all.sort(Comparator.comparingInt(Moment::at));
        return List.copyOf(all);
    }
}
