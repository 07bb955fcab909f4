package webodidact.core.homes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.plan;
import static webodidact.core.Lessons.using;
import static webodidact.core.Lessons.waits;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.Test;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Way;
import webodidact.core.lesson.Who;
import webodidact.core.swap.Swaps;
import webodidact.core.time.TimeRange;
import webodidact.core.timing.Pace;

class SimulationTest {
    private static final Pace PACE = new Pace(Audience.ADULTS, Map.of());

    private static List<HomePace> paces(Lesson lesson, Household... homes) {
        return HomePace.of(lesson, List.of(homes), Knowledge.shipped(), COURSE);
    }

    private static Simulation equal(Lesson lesson, int homes) {
        return Simulation.of(lesson, paces(lesson), Chance.NONE, homes, 7, Progress.NONE)
                .orElseThrow();
    }

    private static Lesson chain(List<Integer> seconds) {
        var steps = new Step[seconds.size()];
        for (int i = 0; i < steps.length; i++) steps[i] = hands("s" + i, seconds.get(i));
        return of(steps);
    }

    @Property(tries = 200)
    void equalHomesAreTheClosedForm(
            @ForAll @Size(min = 1, max = 12) List<@IntRange(min = 0, max = 400) Integer> seconds) {
        var lesson = chain(seconds);
        var result = equal(lesson, 9).against(plan(lesson));
        // F(k) = max(F(k-1), S(k)) + 5/4 h(k), in quarters of a second to stay whole.
        long finish = 0;
        long shown = 0;
        for (int k = 0; k < seconds.size(); k++) {
            var step = result.steps().get(k);
            assertThat(step.ready()).isEqualTo(finish <= shown * 4 ? 9 : 0);
            assertThat(step.holdFor85()).isEqualTo((int) Math.max(0, (finish - shown * 4 + 3) / 4));
            finish = Math.max(finish, shown * 4) + seconds.get(k) * 5L;
            assertThat(step.middle()).isEqualTo((int) (finish / 4));
            assertThat(step.early()).isEqualTo(step.late());
            shown += seconds.get(k);
        }
    }

    @Test
    void aWaitAtHomeEndsLaterWhereItWasBegunLater() {
        // Hands 100 s take 125 at home, so the wait of 10 min is right at 725; shown at 700 (100 + 600).
        var lesson = of(waits(hands("a", 100), 600, 660, new Cover.CarryOn("c")), hands("b", 10), hands("c", 40));
        var result = equal(lesson, 3).against(plan(lesson));
        assertThat(result.of("c").orElseThrow().middle()).isEqualTo(725 + 50);
        assertThat(result.worst().orElseThrow().id()).isEqualTo("b");
    }

    @Test
    void whatIsOnlyWatchedTakesNoTimeAtHome() {
        var lesson = of(hands("a", 600).but(d -> d.who = Who.PRESENTER), hands("b", 10));
        assertThat(equal(lesson, 2).against(plan(lesson)).of("b").orElseThrow().percent())
                .isEqualTo(100);
    }

    @Test
    void theSameSeedGivesTheSameAnswerAndAnotherAnother() {
        var lesson = of(hands("a", 200), hands("b", 200), hands("c", 200));
        var one = Simulation.of(lesson, paces(lesson), Chance.USUAL, 500, 7, Progress.NONE)
                .orElseThrow()
                .against(plan(lesson));
        assertThat(Simulation.of(lesson, paces(lesson), Chance.USUAL, 500, 7, Progress.NONE)
                        .orElseThrow()
                        .against(plan(lesson)))
                .isEqualTo(one);
        assertThat(Simulation.of(lesson, paces(lesson), Chance.USUAL, 500, 8, Progress.NONE)
                        .orElseThrow()
                        .against(plan(lesson))
                        .steps())
                .isNotEqualTo(one.steps());
        var c = one.of("c").orElseThrow();
        assertThat(c.early()).isLessThan(c.middle());
        assertThat(c.middle()).isLessThan(c.late());
        assertThat(c.ready()).isBetween(1, 499);
    }

    @Test
    void itTellsHowFarItIsAndStopsWhenAsked() {
        var lesson = of(hands("a", 200));
        var told = new ArrayList<Integer>();
        assertThat(Simulation.of(lesson, paces(lesson), Chance.USUAL, 1000, 7, s -> told.add(s) && s < 500))
                .isEmpty();
        assertThat(told).isSorted().startsWith(0).hasSize(5);
        assertThat(told.getLast()).isEqualTo(512);
        assertThatThrownBy(() -> Simulation.of(lesson, paces(lesson), Chance.USUAL, 0, 7, Progress.NONE))
                .hasMessage("Homes '0': expected 1 or more");
    }

    @Test
    void whoIsLeftBehindIsToldWhy() {
        var lesson = of(
                List.of(food("f1", "cheddar", "75 g")),
                using(hands("a", 200).but(d -> d.tools = List.of("grater")), "f1"),
                hands("b", 20),
                hands("c", 60));
        var homes = paces(
                lesson,
                Household.named("Teal"),
                Household.named("Young").but(d -> d.ages = List.of(6, 40)),
                Household.named("Peeler").but(d -> d.missingTools = Set.of("grater", "food-processor")));
        var result = Simulation.of(lesson, homes, Chance.NONE, 30, 7, Progress.NONE)
                .orElseThrow()
                .against(plan(lesson));
        // 200 and 20 s at 5/4 end at 275, shown until 220: 55 late at c; at twice the hands at 440; with a peeler at
        // 375 + 25.
        assertThat(result.behind())
                .extracting(b -> b.home().home().alias(), Simulation.Behind::step, Simulation.Behind::seconds)
                .containsExactly(
                        Tuple.tuple("Young", 3, 220), Tuple.tuple("Peeler", 3, 180), Tuple.tuple("Teal", 3, 55));
        assertThat(result.behind())
                .extracting(Simulation.Behind::why)
                .containsExactly(
                        "age of the cooks", "another tool: vegetable peeler for box grater", "the pace of the lesson");
    }

    @Test
    void aSubstituteTakesItsTimeWhereItIsFirstUsed() {
        var lesson = of(List.of(food("f1", "yoghurt", "150 g")), using(hands("a", 100), "f1"));
        var usual = paces(lesson, Household.named("A")).getFirst();
        var offers = new Swaps(Knowledge.shipped(), COURSE)
                .offers(lesson, lesson.foods().getFirst(), List.of());
        var first = offers.stream()
                .filter(o -> !o.isLeaveOut() && !o.isRefused())
                .findFirst()
                .orElseThrow();
        var other = paces(lesson, Household.named("B").but(d -> d.missingFoods = Set.of("yoghurt")))
                .getFirst();
        assertThat(other.millis().getFirst() - usual.millis().getFirst()).isEqualTo(Math.max(0, first.onAir()) * 1000);
        assertThat(other.notes().getFirst())
                .endsWith(" for " + lesson.foods().getFirst().item());
    }

    @Test
    void aWayThatIsOfferedIsWhatAHomeWithoutTheToolDoes() {
        var way = new Way(
                "in the processor",
                TimeRange.of(50),
                null,
                List.of("food-processor"),
                Place.BENCH,
                null,
                "",
                null,
                true);
        var lesson = of(hands("a", 200).but(d -> {
            d.tools = List.of("grater");
            d.ways = List.of(way);
        }));
        var home = Household.named("A").but(d -> d.missingTools = Set.of("grater"));
        assertThat(paces(lesson, home).getFirst().millis()).containsExactly(62_500);
        assertThat(paces(
                                lesson.withStep("a", s -> s.but(d -> d.ways = List.of(way.offering(false)))),
                                home.but(d -> d.missingTools = Set.of("grater", "food-processor")))
                        .getFirst()
                        .millis())
                .containsExactly(375_000);
    }

    @Test
    void holdsReach85PercentWithinTheTimeInHand() {
        var lesson = of(hands("a", 200), hands("b", 200), hands("c", 100)).but(d -> d.slot = 620);
        var simulation = equal(lesson, 20);
        var held = Holds.propose(lesson, simulation, PACE);
        // b is reached at 250 at home and shown at 200: 50 s. Then c: 250 + 250 = 500 against 450: 50 s more.
        assertThat(held.holds()).containsExactly(new Holds.Hold("a", "b", 50), new Holds.Hold("b", "c", 50));
        assertThat(held.before()).isZero();
        assertThat(held.then()).isEqualTo(100);
        var tight = Holds.propose(lesson.but(d -> d.slot = 530), simulation, PACE);
        assertThat(tight.holds()).containsExactly(new Holds.Hold("a", "b", 30));
        assertThat(Holds.propose(lesson.but(d -> d.slot = 500), simulation, PACE)
                        .holds())
                .isEmpty();
    }
}
