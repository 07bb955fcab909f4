package webodidact.core.air;

import java.util.ArrayList;
import java.util.List;

/**
 * A key on air.
 *
 * @param at second since air
 * @param what it is about: see {@link AirKey#on}
 */
public record AirEvent(int at, AirKey key, String what) {
    public AirEvent {
        what = what == null ? "" : what;
    }

    public static AirEvent of(int at, AirKey key) {
        return new AirEvent(at, key, "");
    }

    /** The run that these keys make, at the moment of the last. */
    public static AirRun run(AirPlan plan, List<AirEvent> events) {
        var run = AirRun.start(plan);
        for (var event : held(events)) run = event.key().on(run.at(event.at()), event.what());
        return events.isEmpty() ? run : run.at(events.getLast().at());
    }

    /** Without what was taken back. */
    public static List<AirEvent> held(List<AirEvent> events) {
        var all = new ArrayList<AirEvent>();
        for (var event : events) {
            if (event.key() != AirKey.UNDO) all.add(event);
            else if (!all.isEmpty()) all.removeLast();
        }
        return all;
    }

    /** Whether there is a key that can be taken back. */
    public static boolean canUndo(List<AirEvent> events) {
        return !held(events).isEmpty();
    }
}
