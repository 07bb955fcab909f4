package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.acts;
import static webodidact.core.Lessons.at;
import static webodidact.core.Lessons.facts;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.outcome;
import static webodidact.core.Lessons.using;
import static webodidact.core.Lessons.waits;

import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Heat;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Severity;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Accepted;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Sets;
import webodidact.core.lesson.Shaping;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.ToolLine;
import webodidact.core.lesson.Yield;
import webodidact.core.outcome.Outcome;

/** For each check one lesson that trips it and one that does not, and each mend mends. */
class RulesTest {
    private static List<Finding> found(Lesson lesson, String check) {
        return outcome(lesson).report().open().stream()
                .filter(f -> f.check().equals(check))
                .toList();
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
        var lesson = of(
                List.of(food("f1", "olive-oil", "1 tbsp")),
                using(saying(hands("a", 60), "A spoon of capers, then the oil."), "f1"));
        eachMendMends(lesson, "used-not-listed");
        assertThat(facts(found(lesson, "used-not-listed").getFirst())).isEqualTo("(capers)");
        assertThat(found(
                        of(
                                List.of(food("f1", "olive-oil", "1 tbsp")),
                                using(saying(hands("a", 60), "Oil and cold water."), "f1")),
                        "used-not-listed"))
                .isEmpty();
    }

    @Test
    void aPlainWordMeansTheKindThatIsListed() {
        var lesson = of(
                List.of(food("f1", "sunflower-oil", "1 tbsp")), using(saying(hands("a", 60), "A little oil."), "f1"));
        assertThat(found(lesson, "used-not-listed")).isEmpty();
    }

    @Test
    void equivalenceWrong() {
        var line = food("f1", "milk", "1/2 pint").but(d -> d.also = Amount.parse("250 ml"));
        var lesson = of(List.of(line), using(hands("a", 60), "f1"));
        eachMendMends(lesson, "equivalence-wrong");
        assertThat(facts(found(lesson, "equivalence-wrong").getFirst()))
                .isEqualTo("(milk; ½ pint; 285 ml; 250 ml; 12; 5)");
        assertThat(found(
                        of(List.of(line.but(d -> d.also = Amount.parse("284 ml"))), using(hands("a", 60), "f1")),
                        "equivalence-wrong"))
                .isEmpty();
    }

    @Test
    void equivalenceWrongInWhatIsSaid() {
        var lesson = of(saying(hands("a", 60), "Pour in half a pint, 250 ml, and stir."));
        eachMendMends(lesson, "equivalence-wrong");
        assertThat(facts(found(lesson, "equivalence-wrong").getFirst()))
                .isEqualTo("spoken(half a pint, 250 ml; ½ pint; 285 ml)");
        assertThat(found(lesson, "equivalence-wrong")
                        .getFirst()
                        .mends()
                        .getFirst()
                        .change()
                        .apply(lesson)
                        .steps()
                        .getFirst()
                        .say())
                .isEqualTo("Pour in half a pint, 285 ml, and stir.");
        var american = Outcome.of(lesson, COURSE.withHouse(MeasureSystem.US), Knowledge.shipped());
        assertThat(american.report().open())
                .anyMatch(f -> facts(f).equals("spoken(half a pint, 250 ml; ½ pint; 235 ml)"));
        for (var fine : List.of(
                "85 g / 3 oz of it",
                "1 cup (130 g) plain flour",
                "Two eggs, 250 ml milk",
                "A pint, or 568 ml",
                "10 g, then 20 g")) {
            assertThat(found(of(saying(hands("a", 60), fine)), "equivalence-wrong"))
                    .as(fine)
                    .isEmpty();
        }
        assertThat(found(of(saying(hands("a", 60), "1 cup (250 g) plain flour")), "equivalence-wrong"))
                .hasSize(1);
    }

    @Test
    void listedNotUsed() {
        var lesson = of(List.of(food("f1", "chives", "1 tbsp")), saying(hands("a", 60), "Snip the chives."));
        eachMendMends(lesson, "listed-not-used");
        assertThat(found(lesson, "listed-not-used").getFirst().mends())
                .extracting(m -> facts(m))
                .containsExactly("listed-not-used.mend.use(1)", "listed-not-used.mend.off()");
        assertThat(found(of(List.of(food("f1", "chives", "1 tbsp")), using(hands("a", 60), "f1")), "listed-not-used"))
                .isEmpty();
    }

    @Test
    void waitNeverCollected() {
        var lesson = of(waits(hands("a", 60), 300, 400, new Cover.CarryOn("")), hands("b", 350), hands("c", 60));
        eachMendMends(lesson, "wait-never-collected");
        assertThat(found(lesson, "wait-never-collected").getFirst().isStop()).isTrue();
        assertThat(found(
                        of(waits(hands("a", 60), 300, 400, new Cover.CarryOn("b")), hands("b", 60)),
                        "wait-never-collected"))
                .isEmpty();
        assertThat(found(lesson.removingStep("c").removingStep("b"), "wait-never-collected")
                        .getFirst()
                        .mends())
                .hasSize(1);
    }

    private final List<FoodLine> fishAndYoghurt =
            List.of(food("f1", "white-fish", "2 piece"), food("f2", "yoghurt", "150 g"));

    @Test
    void noWashAfterRaw() {
        var lesson = of(fishAndYoghurt, using(hands("a", 60), "f1"), using(hands("b", 60), "f2"));
        eachMendMends(lesson, "no-wash-after-raw");
        assertThat(found(lesson, "no-wash-after-raw").getFirst().where()).isEqualTo("b");
        var washed = of(
                fishAndYoghurt,
                using(hands("a", 60), "f1"),
                acts(hands("w", 40), Act.WASH_HANDS),
                using(hands("b", 60), "f2"));
        assertThat(found(washed, "no-wash-after-raw")).isEmpty();
    }

    @Test
    void readyToEatFirstNeedsNoWash() {
        assertThat(found(
                        of(fishAndYoghurt, using(hands("b", 60), "f2"), using(hands("a", 60), "f1")),
                        "no-wash-after-raw"))
                .isEmpty();
    }

    @Test
    void cookedFishIsNotRawAnyMore() {
        var lesson = of(
                fishAndYoghurt,
                at(using(hands("a", 60), "f1"), Place.OVEN),
                acts(hands("w", 40), Act.WASH_HANDS),
                using(hands("b", 60), "f1"),
                using(hands("c", 60), "f2"));
        assertThat(found(lesson, "no-wash-after-raw")).isEmpty();
    }

    @Test
    void preparationThatIsCookedLaterNeedsNoWash() {
        var foods = List.of(food("f1", "white-fish", "2 piece"), food("f2", "green-bean", "100 g"));
        var lesson = of(
                foods,
                using(hands("a", 60), "f1"),
                using(hands("b", 60), "f2"),
                at(using(hands("c", 60), "f2"), Place.RING));
        assertThat(found(lesson, "no-wash-after-raw")).isEmpty();
    }

    @Test
    void tastingAfterRawNeedsAWash() {
        var lesson = of(
                fishAndYoghurt,
                using(hands("a", 60), "f1"),
                using(hands("b", 60), "f2").but(d -> d.kind = Kind.TASTE));
        assertThat(found(lesson, "no-wash-after-raw")).hasSize(1);
    }

    @Test
    void ovenNeverHeated() {
        var lesson = of(hands("a", 1200), at(hands("b", 60), Place.OVEN));
        eachMendMends(lesson, "oven-never-heated");
        assertThat(found(of(acts(hands("a", 1200), Act.OVEN_ON), at(hands("b", 60), Place.OVEN)), "oven-never-heated"))
                .isEmpty();
        assertThat(found(lesson.but(d -> d.ovenBefore = true), "oven-never-heated"))
                .isEmpty();
    }

    @Test
    void ovenKindUnstated() {
        var unstated = new Heat(180, 200, Heat.Mode.UNSTATED);
        var lesson =
                of(at(hands("b", 60), Place.OVEN).but(d -> d.heat = unstated)).but(d -> d.ovenBefore = true);
        eachMendMends(lesson, "oven-kind-unstated");
        assertThat(facts(found(lesson, "oven-kind-unstated").getFirst())).isEqualTo("(180–200; 20)");
        assertThat(found(of(at(hands("b", 60), Place.OVEN)), "oven-kind-unstated"))
                .isEmpty();
    }

    @Test
    void anOvenTurnedOnTooLateIsNotHot() {
        var lesson = of(acts(hands("a", 300), Act.OVEN_ON), at(hands("b", 60), Place.OVEN));
        assertThat(facts(found(lesson, "oven-never-heated").getFirst())).isEqualTo("late-no-room(2; 14)");
        eachMendMends(lesson, "oven-never-heated");
    }

    @Test
    void overSlot() {
        var lesson = of(
                        waits(hands("a", 60), 600, 600, Cover.STAY),
                        hands("b", 500).but(d -> d.trim = 200),
                        hands("c", 60))
                .but(d -> d.slot = 1100);
        var finding = found(lesson, "over-slot").getFirst();
        assertThat(facts(finding)).isEqualTo("(2:00; 18:20)");
        assertThat(finding.mends())
                .extracting(m -> facts(m))
                .containsExactly("over-slot.mend.trim(1; [2])", "over-slot.mend.carry(1)", "over-slot.mend.slot(25)");
        eachMendMends(lesson, "over-slot");
        assertThat(found(lesson.but(d -> d.slot = 1220), "over-slot")).isEmpty();
    }

    private static FoodLine also(FoodLine line, String other) {
        return line.but(d -> d.also = Amount.parse(other));
    }

    @Test
    void measuresMixed() {
        var lesson = of(
                List.of(also(food("f1", "honey", "1 tbsp"), "15 ml"), also(food("f2", "soy-sauce", "2 tbsp"), "40 ml")),
                using(hands("a", 60), "f1", "f2"));
        eachMendMends(lesson, "measures-mixed");
        assertThat(facts(found(lesson, "measures-mixed").getFirst()))
                .isEqualTo("(soy sauce; tbsp; 20 ml; honey; 15 ml; 15 ml)");
        assertThat(found(lesson.withFood("f2", f -> also(f, "30 ml")), "measures-mixed"))
                .isEmpty();
        var pints = of(
                List.of(also(food("f1", "milk", "1 pint"), "568 ml"), also(food("f2", "water", "1 pint"), "473 ml")),
                using(hands("a", 60), "f1", "f2"));
        assertThat(found(pints, "measures-mixed")).hasSize(1);
    }

    @Test
    void degreesUnstated() {
        var lesson = of(saying(hands("a", 60), "Oven to 180 degrees, please."));
        eachMendMends(lesson, "degrees-unstated");
        assertThat(found(lesson, "degrees-unstated").getFirst().isStop()).isTrue();
        assertThat(found(lesson, "degrees-unstated")
                        .getFirst()
                        .mends()
                        .get(1)
                        .change()
                        .apply(lesson)
                        .steps()
                        .getFirst()
                        .say())
                .isEqualTo("Oven to 180 °F, please.");
        for (var fine : List.of(
                "Oven to 180 °C.", "180 degrees Celsius fan", "350°F", "Turn it by 90 times.", "Cut at an angle")) {
            assertThat(found(of(saying(hands("a", 60), fine)), "degrees-unstated"))
                    .as(fine)
                    .isEmpty();
        }
        assertThat(found(of(hands("a", 60).but(d -> d.doing = "Bake at 160-180°.")), "degrees-unstated"))
                .hasSize(1);
    }

    @Test
    void seasoningOutOfLine() {
        var spices = List.of(
                food("f1", "cumin", "1 tsp"),
                food("f2", "turmeric", "1 tsp"),
                food("f3", "paprika", "2 tsp"),
                food("f4", "ground-coriander", "6 tsp"));
        var lesson = of(spices, using(hands("a", 60), "f1", "f2", "f3", "f4"));
        eachMendMends(lesson, "seasoning-out-of-line");
        assertThat(found(lesson, "seasoning-out-of-line").getFirst().where()).isEqualTo("f4");
        assertThat(found(
                        lesson.withFood("f4", f -> f.but(d -> d.amount = Amount.parse("3 tsp"))),
                        "seasoning-out-of-line"))
                .isEmpty();
        assertThat(found(of(spices.subList(2, 4), using(hands("a", 60), "f3", "f4")), "seasoning-out-of-line"))
                .as("two are no line")
                .isEmpty();
    }

    @Test
    void yieldWrong() {
        var lesson = of(List.of(food("f1", "beef-mince", "420 g")), at(using(hands("a", 60), "f1"), Place.RING))
                .but(d -> {
                    d.makes = new Yield(Ratio.of(18), "meatballs", 4);
                    d.shaping = new Shaping(null, Amount.parse("10 g"), null, 0, 4, 1);
                });
        eachMendMends(lesson, "yield-wrong");
        assertThat(facts(found(lesson, "yield-wrong").getFirst())).isEqualTo("portion(18; 42; 10 g)");
        var few = lesson.but(d -> {
            d.makes = new Yield(Ratio.of(42), "meatballs", 10);
            d.shaping = new Shaping(null, Amount.parse("10 g"), null, 0, 5, 1);
        });
        eachMendMends(few, "yield-wrong");
        assertThat(found(lesson.but(d -> d.makes = new Yield(Ratio.of(42), "meatballs", 4)), "yield-wrong"))
                .isEmpty();
        assertThat(found(lesson.but(d -> d.shaping = null), "yield-wrong")).isEmpty();
    }

    @Test
    void saltOverLimit() {
        var lesson = of(
                        List.of(food("f1", "salt", "3 tsp"), food("f2", "cheddar", "200 g")),
                        using(hands("a", 60), "f1", "f2"))
                .but(d -> d.makes = new Yield(Ratio.of(4), "portions", 4));
        eachMendMends(lesson, "salt-over-limit");
        assertThat(facts(found(lesson, "salt-over-limit").getFirst()))
                .isEqualTo("(5.4 g; 89; 6; adults; [fine salt 4½ g, mature cheddar 0.9 g])");
        assertThat(found(lesson.withFood("f1", f -> f.but(d -> d.amount = Amount.parse("1/2 tsp"))), "salt-over-limit"))
                .isEmpty();
        assertThat(found(
                        lesson.withFood("f1", f -> f.but(d -> d.amount = Amount.parse("1 tsp")))
                                .but(d -> d.audience = Audience.EARLY_YEARS),
                        "salt-over-limit"))
                .hasSize(1);
    }

    @Test
    void pouredOverRaw() {
        var foods = List.of(food("f1", "beef-mince", "300 g"), food("f2", "water", "300 ml"));
        var lesson = of(
                foods,
                using(hands("a", 60), "f1", "f2")
                        .but(d -> d.doing = "Pour the boiling water over the mince and cover."));
        eachMendMends(lesson, "poured-over-raw");
        assertThat(facts(found(lesson, "poured-over-raw").getFirst())).isEqualTo("known([beef mince]; 70 °C; 52 °C)");
        assertThat(found(
                        of(foods, lesson.steps().getFirst(), at(using(hands("b", 60), "f1"), Place.RING)),
                        "poured-over-raw"))
                .isEmpty();
        assertThat(found(
                        of(
                                List.of(food("f1", "couscous", "300 g")),
                                using(hands("a", 60), "f1").but(d -> d.doing = "Pour boiling water over.")),
                        "poured-over-raw"))
                .isEmpty();
    }

    @Test
    void stockOutOfStrength() {
        var lesson = of(
                List.of(food("f1", "stock-cube", "2 piece"), food("f2", "water", "500 ml")),
                using(hands("a", 60), "f1", "f2"));
        eachMendMends(lesson, "stock-out-of-strength");
        assertThat(facts(found(lesson, "stock-out-of-strength").getFirst())).isEqualTo("strong(2; 2; 500; 1)");
        assertThat(found(
                        lesson.withFood("f2", f -> f.but(d -> d.amount = Amount.parse("1 l"))),
                        "stock-out-of-strength"))
                .isEmpty();
        assertThat(facts(found(
                                lesson.withFood("f2", f -> f.but(d -> d.amount = Amount.parse("2 l"))),
                                "stock-out-of-strength")
                        .getFirst()))
                .isEqualTo("weak(2; 2; 2000; 4)");
    }

    @Test
    void swapAnnouncedLate() {
        var gather = Step.blank("g", Kind.RUN_THROUGH, "Gather check").but(d -> d.say = "A pot of yoghurt.");
        var lesson = of(
                List.of(food("f1", "yoghurt", "150 g").but(d -> d.mentioned = List.of("soured-cream"))),
                gather,
                using(hands("a", 60), "f1"),
                saying(hands("b", 60), "Soured cream works too."));
        eachMendMends(lesson, "swap-announced-late");
        assertThat(facts(found(lesson, "swap-announced-late").getFirst()))
                .isEqualTo("late(soured cream; thick plain yoghurt; 2; 3)");
        assertThat(facts(found(lesson, "swap-announced-late").getFirst().mends().getFirst()))
                .isEqualTo("swap-announced-late.mend.say(1)");
        assertThat(found(lesson.withStep("g", s -> saying(s, "Yoghurt or soured cream.")), "swap-announced-late"))
                .isEmpty();
    }

    @Test
    void gatherCheckForgets() {
        var gather = Step.blank("g", Kind.RUN_THROUGH, "Gather check").but(d -> d.say = "Flour, please.");
        var lesson = of(
                List.of(food("f1", "plain-flour", "100 g"), food("f2", "milk", "100 ml"), food("f3", "salt", "1 tsp")),
                gather,
                using(hands("a", 60), "f1", "f2", "f3"));
        eachMendMends(lesson, "gather-check-forgets");
        assertThat(facts(found(lesson, "gather-check-forgets").getFirst())).isEqualTo("(1; 3; [milk, fine salt])");
        assertThat(found(lesson.withStep("g", s -> saying(s, "Flour, milk and salt.")), "gather-check-forgets"))
                .isEmpty();
        assertThat(found(
                        lesson.withStep("g", s -> saying(s, "Hold things up as I name them.")), "gather-check-forgets"))
                .isEmpty();
    }

    @Test
    void toolWaitedFor() {
        var lesson = of(hands("a", 60).but(d -> d.tools = List.of("scales"))).but(d -> {
            d.sets = new Sets(6, 1, 0);
            d.tools = List.of(new ToolLine("t1", "scales", "scales", 1, "", 3));
        });
        eachMendMends(lesson, "tool-waited-for");
        assertThat(facts(found(lesson, "tool-waited-for").getFirst())).isEqualTo("(3; scales; 6; 1; 2; 1:15)");
        assertThat(found(lesson.but(d -> d.sets = Sets.NONE), "tool-waited-for"))
                .isEmpty();
    }

    @Test
    void aCoveredStopIsNoLongerOpen() {
        var lesson = of(at(hands("b", 60), Place.OVEN));
        var covered = lesson.but(
                d -> d.accepted = List.of(new Accepted("oven-never-heated", "b", "The oven is on all day.")));
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
        assertThat(Rules.ALL)
                .extracting(c -> c.getClass().getSimpleName())
                .isSortedAccordingTo(Comparator.naturalOrder());
        assertThat(Rules.ALL).extracting(Check::id).doesNotHaveDuplicates();
        assertThat(Rules.ALL).allSatisfy(c -> assertThat(c.summary()).isNotBlank());
    }

    @Test
    void stopsComeFirstAndTheOrderIsAlwaysTheSame() {
        var lesson = of(fishAndYoghurt, saying(using(hands("a", 60), "f1"), "capers"), using(hands("b", 60), "f2"));
        var open = outcome(lesson).report().open();
        assertThat(open).isSorted().isNotEmpty();
        assertThat(open.getFirst().severity()).isEqualTo(Severity.STOP);
        assertThat(outcome(lesson).report().open())
                .extracting(Finding::what)
                .isEqualTo(open.stream().map(Finding::what).toList());
    }
}
