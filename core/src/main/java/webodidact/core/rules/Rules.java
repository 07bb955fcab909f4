package webodidact.core.rules;

import java.util.List;
import webodidact.core.check.Check;

/** The one index of checks. */
public final class Rules {
    /** In alphabetical order of their classes. */
    public static final List<Check> ALL = List.of(
            new EquivalenceWrong(),
            new ListedNotUsed(),
            new NoWashAfterRaw(),
            new OvenKindUnstated(),
            new OvenNeverHeated(),
            new OverSlot(),
            new UsedNotListed(),
            new WaitNeverCollected());

    private Rules() {}
}
