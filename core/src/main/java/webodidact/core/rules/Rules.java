package webodidact.core.rules;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;

/** The one index of checks. */
public final class Rules {
    /** In alphabetical order of their classes. */
    public static final List<Check> ALL = List.of(
            new AddedTwice(),
            new AdultNotCalled(),
            new AllergenUnsaid(),
            new AmountSaidOtherwise(),
            new AmountUnstated(),
            new BakedWithoutHeat(),
            new BatchesNotCounted(),
            new BayLeftIn(),
            new BrandNamed(),
            new CameraElsewhere(),
            new CautionsAtOnce(),
            new ChilliHands(),
            new ChokingShape(),
            new CollectedOffTime(),
            new CoreTooLow(),
            new CueContradicts(),
            new DeadAir(),
            new DegreesUnstated(),
            new DietClaimWrong(),
            new DonenessUnsaid(),
            new DoubledTime(),
            new DriedForFresh(),
            new EachTooMuch(),
            new EquivalenceWrong(),
            new FasterThanFollowed(),
            new FatDownDrain(),
            new FormSaidLate(),
            new FreeFromClaimed(),
            new GatherCheckForgets(),
            new GoodFoodBinned(),
            new GripUnsaid(),
            new HealthClaim(),
            new HeatNeverOff(),
            new HoneyUnderOne(),
            new HotBlendSealed(),
            new HotFilled(),
            new KeepingUnsaid(),
            new KitUncooled(),
            new LabelUnread(),
            new LactoseNotMilk(),
            new LeftOutTooLong(),
            new ListSaidLate(),
            new ListedNotUsed(),
            new ListedTwice(),
            new ListsNeverSaid(),
            new LookMissed(),
            new MadeNeverUsed(),
            new MarinadeReused(),
            new MeasuresMixed(),
            new MetalInMicrowave(),
            new MicrowaveUntested(),
            new NamePublished(),
            new NoOpeningWash(),
            new NoTimeNoCue(),
            new NoWashAfterRaw(),
            new OilCautionMissing(),
            new OtherOvenUnsaid(),
            new OvenKindUnstated(),
            new OvenNeverHeated(),
            new OvenOnEarly(),
            new OverSlot(),
            new PartNeverUsed(),
            new PiecesNotEnough(),
            new PointerToNothing(),
            new PouredOverRaw(),
            new PreworkUnlisted(),
            new ProduceUnwashed(),
            new PromiseUnkept(),
            new QuestionUnanswered(),
            new RawMeatRinsed(),
            new RawToolReused(),
            new ReachedLate(),
            new Refrozen(),
            new ReheatedLukewarm(),
            new ReheatedTwice(),
            new RingLevelUnstated(),
            new RunnyEgg(),
            new SaidBeforeUnsaid(),
            new SaltClaimWrong(),
            new SaltOverLimit(),
            new SeasoningOutOfLine(),
            new ShareWrong(),
            new SoiledHandsGoOn(),
            new StandInAllergenUnsaid(),
            new SteamCautionMissing(),
            new StockOutOfStrength(),
            new StrayTalk(),
            new SugarClaimWrong(),
            new SwapAnnouncedLate(),
            new TalkTooLong(),
            new TaskOverAge(),
            new TastingSpoonReturns(),
            new ThawedWarm(),
            new TimeToldTwice(),
            new ToolNotListed(),
            new ToolNotUsed(),
            new ToolWaitedFor(),
            new UnevenShare(),
            new UsedMoreThanListed(),
            new UsedNotListed(),
            new WaitNeverCollected(),
            new WaitUnsaid(),
            new WaterNotBoiling(),
            new WholeNuts(),
            new YieldUnstated(),
            new YieldWrong());

    private Rules() {}

    /** Those that tell of something begun and not ended, and those that hide them. */
    public static List<Check> openEnds() {
        var ids = ALL.stream()
                .map(Check::id)
                .filter(id -> CheckTable.of(id).openEnd())
                .flatMap(id -> Stream.concat(Stream.of(id), CheckTable.of(id).after().stream()))
                .collect(Collectors.toSet());
        return ALL.stream().filter(c -> ids.contains(c.id())).toList();
    }
}
