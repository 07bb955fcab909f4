package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.acts;
import static webodidact.core.Lessons.at;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.outcome;
import static webodidact.core.Lessons.using;
import static webodidact.core.Lessons.waits;

import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Severity;
import webodidact.core.lesson.Accepted;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;

/** For each check one lesson that trips it and one that does not, and each mend mends. */
class RulesTest {
    private static List<Finding> found(Lesson lesson, String check) {
        return outcome(lesson).report().open().stream().filter(f -> f.check().equals(check)).toList();
    }

    /** Every mend of the only finding of that check makes it go away and brings no new stop. */
    private static void eachMendMends(Lesson lesson, String check) {
        var findings = found(lesson, check);
        assertThat(findings).hasSize(1);
        assertThat(findings.getFirst().mends()).isNotEmpty();
        long stops = outcome(lesson).report().stops();
        for (var mend : findings.getFirst().mends()) {
            var mended = mend.change().apply(lesson);
            assertThat(found(mended, check)).as(mend.label()).isEmpty();
            assertThat(outcome(mended).report().stops()).as(mend.label()).isLessThanOrEqualTo(stops);
        }
    }

    private static Step saying(Step step, String words) {
        return step.but(d -> d.say = words);
    }

    @Test
    void usedNotListed() {
        var lesson = of(List.of(food("f1", "olive-oil", "1 tbsp")), using(saying(hands("a", 60), "A spoon of capers, then the oil."), "f1"));
        eachMendMends(lesson, "used-not-listed");
        assertThat(found(lesson, "used-not-listed").getFirst().what()).contains("capers");
        assertThat(found(of(List.of(food("f1", "olive-oil", "1 tbsp")), using(saying(hands("a", 60), "Oil and cold water."), "f1")), "used-not-listed")).isEmpty();
    }

    @Test
    void aPlainWordMeansTheKindThatIsListed() {
        var lesson = of(List.of(food("f1", "sunflower-oil", "1 tbsp")), using(saying(hands("a", 60), "A little oil."), "f1"));
        assertThat(found(lesson, "used-not-listed")).isEmpty();
    }

    @Test
    void equivalenceWrong() {
        var line = food("f1", "milk", "1/2 pint").but(d -> d.also = webodidact.core.amount.Amount.parse("250 ml"));
        var lesson = of(List.of(line), using(hands("a", 60), "f1"));
        eachMendMends(lesson, "equivalence-wrong");
        assertThat(found(lesson, "equivalence-wrong").getFirst().what()).isEqualTo("“milk”: ½ pint is 285 ml, not 250 ml.");
        assertThat(found(of(List.of(line.but(d -> d.also = webodidact.core.amount.Amount.parse("284 ml"))), using(hands("a", 60), "f1")), "equivalence-wrong")).isEmpty();
    }

    @Test
    void listedNotUsed() {
        var lesson = of(List.of(food("f1", "chives", "1 tbsp")), saying(hands("a", 60), "Snip the chives."));
        eachMendMends(lesson, "listed-not-used");
        assertThat(found(lesson, "listed-not-used").getFirst().mends()).extracting(m -> m.label()).containsExactly("Use it in step 1", "Take it off the list");
        assertThat(found(of(List.of(food("f1", "chives", "1 tbsp")), using(hands("a", 60), "f1")), "listed-not-used")).isEmpty();
    }

    @Test
    void waitNeverCollected() {
        var lesson = of(waits(hands("a", 60), 300, 400, new Cover.CarryOn("")), hands("b", 350), hands("c", 60));
        eachMendMends(lesson, "wait-never-collected");
        assertThat(found(lesson, "wait-never-collected").getFirst().isStop()).isTrue();
        assertThat(found(of(waits(hands("a", 60), 300, 400, new Cover.CarryOn("b")), hands("b", 60)), "wait-never-collected")).isEmpty();
        assertThat(found(lesson.removingStep("c").removingStep("b"), "wait-never-collected").getFirst().mends()).hasSize(1);
    }

    private final List<webodidact.core.lesson.FoodLine> fishAndYoghurt = List.of(food("f1", "white-fish", "2 piece"), food("f2", "yoghurt", "150 g"));

    @Test
    void noWashAfterRaw() {
        var lesson = of(fishAndYoghurt, using(hands("a", 60), "f1"), using(hands("b", 60), "f2"));
        eachMendMends(lesson, "no-wash-after-raw");
        assertThat(found(lesson, "no-wash-after-raw").getFirst().where()).isEqualTo("b");
        var washed = of(fishAndYoghurt, using(hands("a", 60), "f1"), acts(hands("w", 40), Act.WASH_HANDS), using(hands("b", 60), "f2"));
        assertThat(found(washed, "no-wash-after-raw")).isEmpty();
    }

    @Test
    void readyToEatFirstNeedsNoWash() {
        assertThat(found(of(fishAndYoghurt, using(hands("b", 60), "f2"), using(hands("a", 60), "f1")), "no-wash-after-raw")).isEmpty();
    }

    @Test
    void cookedFishIsNotRawAnyMore() {
        var lesson = of(fishAndYoghurt, at(using(hands("a", 60), "f1"), Place.OVEN), acts(hands("w", 40), Act.WASH_HANDS), using(hands("b", 60), "f1"), using(hands("c", 60), "f2"));
        assertThat(found(lesson, "no-wash-after-raw")).isEmpty();
    }

    @Test
    void preparationThatIsCookedLaterNeedsNoWash() {
        var foods = List.of(food("f1", "white-fish", "2 piece"), food("f2", "green-bean", "100 g"));
        var lesson = of(foods, using(hands("a", 60), "f1"), using(hands("b", 60), "f2"), at(using(hands("c", 60), "f2"), Place.RING));
        assertThat(found(lesson, "no-wash-after-raw")).isEmpty();
    }

    @Test
    void tastingAfterRawNeedsAWash() {
        var lesson = of(fishAndYoghurt, using(hands("a", 60), "f1"), using(hands("b", 60), "f2").but(d -> d.kind = Kind.TASTE));
        assertThat(found(lesson, "no-wash-after-raw")).hasSize(1);
    }

    @Test
    void ovenNeverHeated() {
        var lesson = of(hands("a", 1200), at(hands("b", 60), Place.OVEN));
        eachMendMends(lesson, "oven-never-heated");
        assertThat(found(of(acts(hands("a", 1200), Act.OVEN_ON), at(hands("b", 60), Place.OVEN)), "oven-never-heated")).isEmpty();
        assertThat(found(lesson.but(d -> d.ovenBefore = true), "oven-never-heated")).isEmpty();
    }

    @Test
    void ovenKindUnstated() {
        var unstated = new webodidact.core.amount.Heat(180, 200, webodidact.core.amount.Heat.Mode.UNSTATED);
        var lesson = of(at(hands("b", 60), Place.OVEN).but(d -> d.heat = unstated)).but(d -> d.ovenBefore = true);
        eachMendMends(lesson, "oven-kind-unstated");
        assertThat(found(lesson, "oven-kind-unstated").getFirst().what()).isEqualTo("The oven at 180–200 °C: fan or conventional?");
        assertThat(found(of(at(hands("b", 60), Place.OVEN)), "oven-kind-unstated")).isEmpty();
    }

    @Test
    void anOvenTurnedOnTooLateIsNotHot() {
        var lesson = of(acts(hands("a", 300), Act.OVEN_ON), at(hands("b", 60), Place.OVEN));
        assertThat(found(lesson, "oven-never-heated").getFirst().what()).isEqualTo("The oven goes on too late for step 2.");
        eachMendMends(lesson, "oven-never-heated");
    }

    @Test
    void overSlot() {
        var lesson = of(waits(hands("a", 60), 600, 600, Cover.STAY), hands("b", 500).but(d -> d.trim = 200), hands("c", 60)).but(d -> d.slot = 1100);
        var finding = found(lesson, "over-slot").getFirst();
        assertThat(finding.what()).isEqualTo("The lesson is 2:00 over its slot of 18:20.");
        assertThat(finding.mends()).extracting(m -> m.label()).containsExactly("Trim step 2", "Carry on during the wait of step 1", "Make the slot 25 min");
        eachMendMends(lesson, "over-slot");
        assertThat(found(lesson.but(d -> d.slot = 1220), "over-slot")).isEmpty();
    }

    @Test
    void aCoveredStopIsNoLongerOpen() {
        var lesson = of(at(hands("b", 60), Place.OVEN));
        var covered = lesson.but(d -> d.accepted = List.of(new Accepted("oven-never-heated", "b", "The oven is on all day.")));
        assertThat(outcome(lesson).report().stops()).isOne();
        assertThat(outcome(covered).report().stops()).isZero();
        assertThat(outcome(covered).report().covered()).hasSize(1);
    }

    @Test
    void anEmptyLessonHasNoFinding() {
        assertThat(outcome(of()).report().open()).isEmpty();
        assertThat(outcome(of(hands("a", 0))).report().open()).isEmpty();
    }

    @Test
    void theIndexIsInOrderAndIdsAreUnique() {
        assertThat(Rules.ALL).extracting(c -> c.getClass().getSimpleName()).isSortedAccordingTo(Comparator.naturalOrder());
        assertThat(Rules.ALL).extracting(Check::id).doesNotHaveDuplicates();
        assertThat(Rules.ALL).allSatisfy(c -> assertThat(c.summary()).isNotBlank());
    }

    @Test
    void stopsComeFirstAndTheOrderIsAlwaysTheSame() {
        var lesson = of(fishAndYoghurt, saying(using(hands("a", 60), "f1"), "capers"), using(hands("b", 60), "f2"));
        var open = outcome(lesson).report().open();
        assertThat(open).isSorted().isNotEmpty();
        assertThat(open.getFirst().severity()).isEqualTo(Severity.STOP);
        assertThat(outcome(lesson).report().open()).extracting(Finding::what).isEqualTo(open.stream().map(Finding::what).toList());
    }
}
