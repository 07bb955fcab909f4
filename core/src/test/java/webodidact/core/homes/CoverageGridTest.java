package webodidact.core.homes;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.at;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import webodidact.core.Lessons;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Allergen;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.ToolLine;
import webodidact.core.lesson.Way;
import webodidact.core.time.TimeRange;

class CoverageGridTest {
    private static Household home(String alias, Set<Allergen> allergies, Set<String> tools, boolean oven) {
        return new Household(
                alias,
                MeasureSystem.METRIC,
                Set.of(),
                allergies,
                tools,
                Set.of(),
                List.of(),
                true,
                oven,
                true,
                true,
                null);
    }

    private final Lesson lesson = of(
                    List.of(
                            food("f1", "egg", "2 piece"),
                            food("f2", "curry-powder", "1 tsp"),
                            food("f3", "crab", "100 g")),
                    using(hands("a", 60), "f2"),
                    at(using(hands("b", 60), "f1"), Place.OVEN),
                    using(hands("c", 60), "f3"))
            .but(d -> d.tools =
                    List.of(ToolLine.of("t1", "grater", "grater", 1), ToolLine.of("t2", "gloves", "oven-gloves", 1)));

    private CoverageGrid grid(Household... homes) {
        return CoverageGrid.of(lesson, List.of(homes), Knowledge.shipped(), Lessons.COURSE);
    }

    private static Coverage.Home cell(CoverageGrid grid, String need, int home) {
        return grid.needs().stream()
                .filter(n -> n.id().equals(need))
                .findFirst()
                .orElseThrow()
                .coverage()
                .homes()
                .get(home);
    }

    /** Told another way that it can go, a home without an oven cooks along. */
    @Test
    void aWayThatHomesAreToldOfLetsThemInWithoutAnOven() {
        var without = home("A", Set.of(), Set.of(), false);
        assertThat(cell(grid(without), "oven", 0).stand()).isEqualTo(Coverage.Stand.BLOCKED);
        var hob = new Way(
                "on the hob", TimeRange.ZERO, null, List.of(), Place.RING, null, "In a covered pan.", null, true);
        for (boolean told : new boolean[] {true, false}) {
            var ways = lesson.withStep(
                    "b",
                    s -> s.but(d -> d.ways = List.of(
                            told
                                    ? hob
                                    : new Way(
                                            "on the hob",
                                            TimeRange.ZERO,
                                            null,
                                            List.of(),
                                            Place.RING,
                                            null,
                                            "",
                                            null,
                                            false))));
            var cell = cell(CoverageGrid.of(ways, List.of(without), Knowledge.shipped(), Lessons.COURSE), "oven", 0);
            assertThat(cell.stand()).isEqualTo(told ? Coverage.Stand.SWAPS : Coverage.Stand.BLOCKED);
            if (told) assertThat(cell.with()).isEqualTo("on the hob");
        }
        var noHob = without.but(d -> d.hob = false);
        assertThat(cell(
                                CoverageGrid.of(
                                        lesson.withStep("b", s -> s.but(d -> d.ways = List.of(hob))),
                                        List.of(noHob),
                                        Knowledge.shipped(),
                                        Lessons.COURSE),
                                "oven",
                                0)
                        .stand())
                .isEqualTo(Coverage.Stand.BLOCKED);
    }

    @Test
    void everyNeedMeetsEveryHome() {
        var grid = grid(home("A", Set.of(), Set.of(), true), home("B", Set.of(Allergen.EGGS), Set.of("grater"), true));
        assertThat(grid.needs())
                .extracting(CoverageGrid.Need::name)
                .containsExactly("egg", "curry powder", "crab meat", "grater", "gloves", "an oven");
        assertThat(grid.needs())
                .allSatisfy(n -> assertThat(n.coverage().homes()).hasSize(2));
        assertThat(cell(grid, "f1", 1).stand()).isEqualTo(Coverage.Stand.SWAPS);
        assertThat(cell(grid, "t1", 1).with()).isEqualTo("vegetable peeler");
    }

    @Test
    void anAllergyMeansReadingTheLabelWhereItDecides() {
        var grid = grid(home("A", Set.of(), Set.of(), true), home("B", Set.of(Allergen.NUTS), Set.of(), true));
        assertThat(cell(grid, "f2", 0).stand()).isEqualTo(Coverage.Stand.HAS);
        assertThat(cell(grid, "f2", 1).stand()).isEqualTo(Coverage.Stand.CHECKS);
        assertThat(cell(grid, "f1", 1).stand()).isEqualTo(Coverage.Stand.HAS);
    }

    @Test
    void saysWhatBlocksWhomAtWhichStepAndTheOneChangeThatUnblocksMost() {
        var grid = grid(
                home("A", Set.of(Allergen.CRUSTACEANS), Set.of(), true),
                home("B", Set.of(Allergen.CRUSTACEANS), Set.of(), false),
                home("C", Set.of(), Set.of(), false),
                home("D", Set.of(), Set.of(), false),
                home("E", Set.of(), Set.of(), true));
        assertThat(grid.blocked())
                .containsExactly(
                        new CoverageGrid.Blocked("A", "crab meat", 3),
                        new CoverageGrid.Blocked("B", "an oven", 2),
                        new CoverageGrid.Blocked("C", "an oven", 2),
                        new CoverageGrid.Blocked("D", "an oven", 2));
        var change = grid.bestChange().orElseThrow();
        assertThat(change.need().name()).isEqualTo("an oven");
        assertThat(change.homes()).containsExactly("C", "D");
    }

    @Test
    void nobodyBlockedNeedsNoChange() {
        assertThat(grid(home("A", Set.of(), Set.of(), true)).bestChange()).isEmpty();
        assertThat(grid().blocked()).isEmpty();
    }
}
