package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.outcome.Outcome;

/** For each check a lesson that trips it and its nearest twin that must not ({@code checks.txt}); each mend mends and adds no stop. */
class TripAndTwinTest {
    /** Tripped by facts rather than by words: in {@code RulesTest}, {@code TimingRulesTest}, {@code UntimedRulesTest} and {@code InfantRulesTest}, and below. */
    private static final Set<String> ELSEWHERE = Set.of(
            "added-twice",
            "baked-without-heat",
            "camera-elsewhere",
            "choking-shape",
            "collected-off-time",
            "dead-air",
            "equivalence-wrong",
            "faster-than-followed",
            "gather-check-forgets",
            "heat-never-off",
            "honey-under-one",
            "kit-uncooled",
            "listed-not-used",
            "look-missed",
            "measures-mixed",
            "oven-never-heated",
            "oven-on-early",
            "over-slot",
            "part-never-used",
            "poured-over-raw",
            "reached-late",
            "salt-over-limit",
            "seasoning-out-of-line",
            "stock-out-of-strength",
            "swap-announced-late",
            "talk-too-long",
            "tool-waited-for",
            "used-more-than-listed",
            "used-not-listed",
            "wait-never-collected",
            "wait-unsaid",
            "yield-wrong");

    static Stream<WholeLessons.Whole> trips() {
        return WholeLessons.read("checks.txt").stream().filter(w -> !w.title().endsWith(" twin"));
    }

    static Stream<WholeLessons.Whole> twins() {
        return WholeLessons.read("checks.txt").stream().filter(w -> w.title().endsWith(" twin"));
    }

    private static List<Finding> found(Outcome outcome, String check) {
        return outcome.report().open().stream()
                .filter(f -> f.check().equals(check))
                .toList();
    }

    private static List<String> all(Outcome outcome) {
        return outcome.report().open().stream()
                .map(f -> f.check() + " " + f.what())
                .toList();
    }

    @ParameterizedTest
    @MethodSource("trips")
    void trips(WholeLessons.Whole whole) {
        var outcome = whole.outcome();
        var found = found(outcome, whole.title());
        assertThat(found).as(String.join("\n", all(outcome))).isNotEmpty();
        for (var finding : found) {
            assertThat(finding.what()).doesNotContain("{").isNotBlank();
            assertThat(finding.why()).doesNotContain("{").isNotBlank();
            assertThat(finding.basis()).isNotBlank();
        }
    }

    @ParameterizedTest
    @MethodSource("trips")
    void eachMendMendsAndAddsNoStop(WholeLessons.Whole whole) {
        var outcome = whole.outcome();
        for (var mend : found(outcome, whole.title()).getFirst().mends()) {
            var after = Outcome.of(
                    whole.question().about(mend.change().apply(whole.question().lesson())));
            assertThat(found(after, whole.title())).as(mend.label()).isEmpty();
            assertThat(after.report().stops())
                    .as(mend.label() + "\n" + String.join("\n", all(after)))
                    .isLessThanOrEqualTo(outcome.report().stops());
        }
    }

    @ParameterizedTest
    @MethodSource("twins")
    void doesNotTripItsTwin(WholeLessons.Whole whole) {
        var outcome = whole.outcome();
        assertThat(found(outcome, whole.title().replace(" twin", "")))
                .as(String.join("\n", all(outcome)))
                .isEmpty();
    }

    @Test
    void noCheckIsWithoutItsPair() {
        var tripped = trips().map(WholeLessons.Whole::title).collect(Collectors.toCollection(TreeSet::new));
        assertThat(twins().map(w -> w.title().replace(" twin", ""))).containsExactlyInAnyOrderElementsOf(tripped);
        tripped.addAll(ELSEWHERE);
        assertThat(tripped).containsAll(Rules.ALL.stream().map(Check::id).toList());
    }
}
