package webodidact.core.rules;

import java.util.List;
import webodidact.core.check.Check;

/** The one index of checks. */
public final class Rules {
    /** In alphabetical order of their classes. */
    public static final List<Check> ALL = List.of(
            new AddedTwice(),
            new BakedWithoutHeat(),
            new ChokingShape(),
            new CollectedOffTime(),
            new DeadAir(),
            new DegreesUnstated(),
            new EquivalenceWrong(),
            new FasterThanFollowed(),
            new FillerSoilsHands(),
            new GatherCheckForgets(),
            new HeatNeverOff(),
            new HoneyUnderOne(),
            new ListedNotUsed(),
            new LookMissed(),
            new MeasuresMixed(),
            new NoWashAfterRaw(),
            new OvenKindUnstated(),
            new OvenNeverHeated(),
            new OvenOnEarly(),
            new OverSlot(),
            new PartNeverUsed(),
            new PouredOverRaw(),
            new ReachedLate(),
            new SaltOverLimit(),
            new SeasoningOutOfLine(),
            new StockOutOfStrength(),
            new SwapAnnouncedLate(),
            new ToolWaitedFor(),
            new UsedMoreThanListed(),
            new UsedNotListed(),
            new WaitNeverCollected(),
            new WaitUnsaid(),
            new YieldWrong());

    private Rules() {}
}
