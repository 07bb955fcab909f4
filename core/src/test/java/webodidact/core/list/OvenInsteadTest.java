package webodidact.core.list;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.at;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.waits;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.time.TimeRange;

/** What a home without an oven does instead, and what needs one. */
class OvenInsteadTest {
    private static final Knowledge TABLE = Knowledge.shipped();

    private static Household home(boolean hob, boolean microwave) {
        return Household.named("Kestrel").but(d -> {
            d.oven = false;
            d.hob = hob;
            d.microwave = microwave;
        });
    }

    private static Step oven(String doing) {
        return at(waits(hands("s1", 60), 960, 1200, Cover.STAY), Place.OVEN).but(d -> {
            d.title = "Into the oven";
            d.doing = doing;
        });
    }

    private static List<String> ways(String doing, Household home) {
        var all = OvenInstead.of(of(oven(doing)), home, TABLE);
        assertThat(all).hasSize(1);
        return all.getFirst().ways().stream().map(w -> w.tool().id()).toList();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Bake the fish parcels.                     | air-fryer hob
            Roast the carrots until soft.              | air-fryer hob
            Warm the beans through.                    | air-fryer hob microwave-tool
            Bake the sponge.                           | air-fryer
            Bake the meringues.                        | air-fryer
            Leave the loaf to rise, then bake it.      | -
            Toast the nuts.                            | air-fryer hob
            """)
    void theTableSaysWhatAnotherHeatCannotDo(String doing, String tools) {
        assertThat(ways(doing, home(true, true)))
                .containsExactlyElementsOf(tools.equals("-") ? List.of() : List.of(tools.split(" ")));
    }

    @Test
    void onlyWhatTheHomeHasIsOfferedAndAnAirFryerIsNoCertainty() {
        assertThat(ways("Warm the beans through.", home(false, true))).containsExactly("air-fryer", "microwave-tool");
        assertThat(ways("Warm the beans through.", home(true, false))).containsExactly("air-fryer", "hob");
        var none = home(false, false).but(d -> d.missingTools = Set.of("air-fryer"));
        assertThat(ways("Warm the beans through.", none)).isEmpty();
        var ways = OvenInstead.of(of(oven("Bake the parcels.")), home(true, true), TABLE)
                .getFirst()
                .ways();
        assertThat(ways)
                .filteredOn(w -> !w.sure())
                .extracting(w -> w.tool().id())
                .containsExactly("air-fryer");
    }

    @Test
    void timeAndHeatAreWorkedOutFromThoseOfTheOven() {
        var ways = OvenInstead.of(of(oven("Bake the parcels.")), home(true, true), TABLE)
                .getFirst()
                .ways();
        assertThat(ways.getFirst().time()).as("four fifths of 16 to 20").isEqualTo(TimeRange.minutes(13, 16));
        assertThat(ways.getFirst().heat().text())
                .as("200 °C fan is 220; 20 lower")
                .isEqualTo("200 °C fan");
        assertThat(ways.getLast().time())
                .as("half as long again, up to a fifth")
                .isEqualTo(TimeRange.minutes(20, 24));
        assertThat(ways.getLast().heat()).as("a ring has no degrees").isNull();
        assertThat(ways.getLast().note()).contains("covered pan");
        var open = oven("Bake the parcels.").but(d -> d.waiting = d.waiting.lasting(TimeRange.ZERO));
        assertThat(OvenInstead.of(of(open), home(true, true), TABLE).getFirst().ways())
                .allMatch(w -> w.time() == null);
    }

    @Test
    void nothingIsSaidWhereThereIsAnOvenOrAWayIsToldOrNobodyAtHomeDoesIt() {
        var lesson = of(oven("Bake the parcels."));
        var without = home(true, true);
        assertThat(OvenInstead.of(lesson, without.but(d -> d.oven = true), TABLE))
                .isEmpty();
        var way = OvenInstead.of(lesson, without, TABLE).getFirst().ways().getLast();
        var told = lesson.withStep("s1", s -> s.but(d -> d.ways = List.of(way.asWay(s))));
        assertThat(told.steps().getFirst().ways().getFirst().place()).isEqualTo(Place.RING);
        assertThat(OvenInstead.of(told, without, TABLE)).isEmpty();
        var shown = lesson.withStep("s1", s -> s.but(d -> d.who = Who.PRESENTER));
        assertThat(OvenInstead.of(shown, without, TABLE)).isEmpty();
    }
}
