package webodidact.desktop.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import webodidact.core.outcome.Outcome;
import webodidact.core.prep.PrepPlan;
import webodidact.core.timing.Part;
import webodidact.core.timing.Placed;

/**
 * All that the timeline draws.
 *
 * @param from first second shown, 0 or negative
 * @param slot seconds
 * @param low short end of the total, {@code high} long end
 * @param flags steps that are to be reached by a time, and looks within waits
 * @param homes or null while nobody has played them
 * @param ghost blocks as they would be, drawn as outlines; empty if nothing is previewed
 */
public record TimelineModel(
        List<Lane> lanes,
        int from,
        int slot,
        int low,
        int high,
        String step,
        List<Part> parts,
        List<Flag> flags,
        HomesBand homes,
        List<Lane> ghost) {
    /** A moment marked on the ruler. */
    public record Flag(int second, String text, boolean missed) {}

    public static final TimelineModel EMPTY =
            new TimelineModel(List.of(), 0, 60, 0, 0, "", List.of(), List.of(), null, List.of());

    public TimelineModel {
        lanes = List.copyOf(lanes);
        parts = List.copyOf(parts);
        flags = List.copyOf(flags);
        ghost = List.copyOf(ghost);
        from = Math.min(0, from);
    }

    public static TimelineModel of(
            Outcome outcome, String step, HomesBand homes, List<Lane> ghost, Optional<PrepPlan> before) {
        var plan = outcome.schedule();
        var flags = new ArrayList<Flag>();
        for (var placed : plan.steps()) {
            if (placed.step().reachBy() > 0)
                flags.add(new Flag(
                        placed.step().reachBy(),
                        String.valueOf(placed.number()),
                        placed.span().start() > placed.step().reachBy()));
            if (placed.waiting() == null) continue;
            for (Placed.Due due : placed.waiting().looks())
                flags.add(new Flag(due.moment(), due.look().what(), due.isMissed()));
        }
        return new TimelineModel(
                Lanes.of(outcome, before),
                before.map(p -> BeforeAir.of(outcome, p).start())
                                .orElse(outcome.bench().firstStart())
                        - 60,
                plan.slot(),
                plan.total().low(),
                plan.total().high(),
                step,
                plan.parts(),
                flags,
                homes,
                ghost);
    }

    /** Last second shown. */
    public int to() {
        return Math.max(60, (int) (Math.max(slot, high) * 1.04));
    }
}
