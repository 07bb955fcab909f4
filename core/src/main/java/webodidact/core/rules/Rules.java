package webodidact.core.rules;

import java.util.List;
import webodidact.core.check.Check;

/** The one index of checks. */
public final class Rules {
    /** In alphabetical order of their classes. */
    public static final List<Check> ALL = List.of(
            new DegreesUnstated(),
            new EquivalenceWrong(),
            new GatherCheckForgets(),
            new ListedNotUsed(),
            new MeasuresMixed(),
            new NoWashAfterRaw(),
            new OvenKindUnstated(),
            new OvenNeverHeated(),
            new OverSlot(),
            new PouredOverRaw(),
            new SaltOverLimit(),
            new SeasoningOutOfLine(),
            new StockOutOfStrength(),
            new SwapAnnouncedLate(),
            new ToolWaitedFor(),
            new UsedNotListed(),
            new WaitNeverCollected(),
            new YieldWrong());

    private Rules() {}
}
