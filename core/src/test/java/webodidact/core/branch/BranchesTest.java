package webodidact.core.branch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import webodidact.core.air.AirPlan;
import webodidact.core.air.AirRun;
import webodidact.core.answer.Answers;
import webodidact.core.answer.Question;
import webodidact.core.check.Finding;
import webodidact.core.fit.Fit;
import webodidact.core.fit.Greedy;
import webodidact.core.food.Allergen;
import webodidact.core.food.Knowledge;
import webodidact.core.homes.Chance;
import webodidact.core.homes.Coverage;
import webodidact.core.homes.HomePace;
import webodidact.core.homes.Progress;
import webodidact.core.homes.Simulation;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.TakeKind;
import webodidact.core.lesson.ToolLine;
import webodidact.core.lesson.Use;
import webodidact.core.lesson.Wait;
import webodidact.core.lesson.Who;
import webodidact.core.outcome.Outcome;
import webodidact.core.publish.RunningOrder;
import webodidact.core.reading.LineReader;
import webodidact.core.script.FactLine;
import webodidact.core.time.TimeRange;
import webodidact.core.timing.CoverOptions;

/** A lesson with a fork: tacos with beef, or with beans; each with steps, times, hygiene and a list of its own. */
class BranchesTest {
    private static final Knowledge KNOWN = Knowledge.shipped();
    private static final String BEEF = "With beef";
    private static final String BEANS = "With beans";

    private static Step step(String id, String title, String say, int seconds, Consumer<Step.Draft> more) {
        return Step.blank(id, Kind.HANDS_ON, title).but(d -> {
            d.say = say;
            d.hands = TimeRange.of(seconds);
            more.accept(d);
        });
    }

    /** Onion; beef: shape by hand, fry; beans: drain, warm for long; salad. */
    private static Lesson tacos() {
        var lesson = Lesson.blank("tacos", 1, "Tacos");
        var reader = new LineReader(KNOWN);
        for (var line : List.of("1 onion", "400 g beef mince", "400 g tin kidney beans", "1 lettuce"))
            lesson = lesson.withFoods(Stream.concat(
                            lesson.foods().stream(), Stream.of(reader.read(line).toFoodLine(lesson.newFoodId())))
                    .toList());
        var steps = List.of(
                step("onion", "Onion", "Wash hands. Chop the onion.", 120, d -> d.uses = List.of(new Use("f1", null))),
                step("shape", "Shape", "Shape the mince into balls.", 180, d -> {
                    d.branch = BEEF;
                    d.uses = List.of(new Use("f2", null));
                }),
                step("fry", "Fry", "Fry the mince until a probe says 70 degrees.", 60, d -> {
                    d.branch = BEEF;
                    d.waiting = new Wait(TimeRange.of(300), "fries", "", Cover.STAY, List.of(), null);
                }),
                step("drain", "Drain", "Drain the beans.", 30, d -> {
                    d.branch = BEANS;
                    d.uses = List.of(new Use("f3", null));
                    d.tools = List.of("colander");
                }),
                step("salad", "Salad", "Tear the lettuce.", 60, d -> d.uses = List.of(new Use("f4", null))));
        var all = steps;
        return lesson.but(d -> {
            d.steps = all;
            d.tools = List.of(ToolLine.of("t1", "colander", "colander", 1));
        });
    }

    private static Question question(Lesson lesson, Household... homes) {
        var q = Question.of(lesson, Course.named("Saltmarsh Supper School"), KNOWN);
        return new Question(lesson, q.course(), KNOWN, List.of(homes), List.of(), q.measured(), q.hands());
    }

    @Test
    void aForkIsTheStepsThatStandTogether() {
        assertThat(Branches.forks(tacos())).singleElement().satisfies(f -> {
            assertThat(f.from()).isEqualTo(1);
            assertThat(f.to()).isEqualTo(4);
            assertThat(f.names()).containsExactly(BEEF, BEANS);
        });
        assertThat(Branches.isForked(Lesson.blank("x", 1, "x"))).isFalse();
    }

    @Test
    void aBranchLeavesOutTheOthersStepsAndWhatOnlyTheyTake() {
        var beef = Branches.taking(tacos(), BEEF);
        assertThat(beef.steps()).extracting(Step::id).containsExactly("onion", "shape", "fry", "drain", "salad");
        assertThat(beef.step("drain").orElseThrow().say()).isEmpty();
        assertThat(beef.foods()).extracting(f -> f.id()).containsExactly("f1", "f2", "f4");
        assertThat(beef.tools()).isEmpty();
        var beans = Branches.taking(tacos(), BEANS);
        assertThat(beans.foods()).extracting(f -> f.id()).containsExactly("f1", "f3", "f4");
        assertThat(beans.tools()).hasSize(1);
        assertThat(Branches.only(tacos(), "f3")).containsExactly(BEANS);
        assertThat(Branches.only(tacos(), "f1")).isEmpty();
    }

    @Test
    void whatIsCollectedInAStepThatIsLeftOutIsCollectedInTheNextOne() {
        var waits = tacos().withStep(
                        "onion",
                        s -> s.but(d -> d.waiting =
                                new Wait(TimeRange.of(60), "rests", "", new Cover.CarryOn("shape"), List.of(), null)));
        assertThat(Branches.taking(waits, BEANS)
                        .step("onion")
                        .orElseThrow()
                        .waiting()
                        .cover())
                .isEqualTo(new Cover.CarryOn("drain"));
        assertThat(Branches.taking(waits, BEEF)
                        .step("onion")
                        .orElseThrow()
                        .waiting()
                        .cover())
                .isEqualTo(new Cover.CarryOn("shape"));
    }

    @Test
    void onAirTheFirstBranchOrTheChosenOneIsTimed() {
        var lesson = tacos();
        int beef = new Answers(question(lesson)).schedule().planned();
        int beans = new Answers(question(lesson.but(d -> d.branch = BEANS)))
                .schedule()
                .planned();
        assertThat(beef - beans).isEqualTo(180 + 60 + 300 - 30);
        assertThat(new Answers(question(lesson)).draws())
                .containsKeys("f1", "f2")
                .doesNotContainKey("f3");
    }

    @Test
    void eachBranchHasItsOwnHygiene() {
        var found = Outcome.of(question(tacos())).report().open();
        assertThat(found)
                .filteredOn(f -> f.check().equals("no-wash-after-raw"))
                .as("raw mince, then lettuce")
                .singleElement()
                .satisfies(f -> assertThat(f.branch()).isEmpty());
        // Shown with beans, the same is wrong in the other branch alone, and says so.
        var other = Outcome.of(question(tacos().but(d -> d.branch = BEANS)))
                .report()
                .open();
        assertThat(other)
                .filteredOn(f -> f.check().equals("no-wash-after-raw"))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.branch()).isEqualTo(BEEF);
                    assertThat(f.what()).startsWith(BEEF + ": ");
                });
        // What is so in both is told once.
        assertThat(other.stream().map(f -> f.check() + f.where()).toList()).doesNotHaveDuplicates();
        assertThat(other)
                .filteredOn(f -> f.branch().isEmpty())
                .extracting(Finding::steps)
                .noneMatch(s -> s.contains(2));
    }

    @Test
    void aHomeTakesTheBranchThatSuitsIt() {
        var vegan = Household.named("Ash").but(d -> d.diets = Set.of("vegan"));
        var meat = Household.named("Birch");
        assertThat(Branches.suiting(tacos(), vegan, KNOWN)).contains(BEANS);
        assertThat(Branches.suiting(tacos(), meat, KNOWN)).contains(BEEF);
        var answers = new Answers(question(tacos(), vegan, meat));
        assertThat(answers.homeList(vegan).entries())
                .extracting(e -> e.line())
                .containsExactlyInAnyOrder("f1", "f3", "f4");
        assertThat(answers.homeList(meat).entries())
                .extracting(e -> e.line())
                .containsExactlyInAnyOrder("f1", "f2", "f4");
        assertThat(answers.gather().entries())
                .filteredOn(e -> e.line().id().equals("f2"))
                .singleElement()
                .satisfies(e -> assertThat(e.note()).contains(BEEF));
        assertThat(answers.grid().blocked())
                .as("who eats no beef takes the beans")
                .isEmpty();
        assertThat(answers.grid().needs())
                .filteredOn(n -> n.id().equals("f2"))
                .singleElement()
                .satisfies(n -> assertThat(n.coverage().homes())
                        .extracting(h -> h.stand())
                        .containsOnly(Coverage.Stand.HAS));
        var none = Household.named("Cedar").but(d -> {
            d.diets = Set.of("vegan");
            d.allergies = Set.of(Allergen.CELERY);
        });
        assertThat(Branches.forHome(tacos(), none, KNOWN)).isNotNull();
    }

    /** Beans are half a minute where beef on air is nine: that home is ready long before, and never behind at steps it does not take. */
    @Test
    void aHomeGoesItsOwnWayThroughTheFork() {
        var vegan = Household.named("Ash").but(d -> d.diets = Set.of("vegan"));
        var lesson = tacos().withSteps(tacos().steps().stream()
                .map(s -> s.but(d -> d.who = Who.LEARNER))
                .toList());
        var answers = new Answers(question(lesson, vegan));
        var paces =
                HomePace.of(lesson, List.of(vegan), KNOWN, answers.question().course());
        assertThat(paces.getFirst().millis().get(1)).isZero();
        assertThat(paces.getFirst().millis().get(3)).isPositive();
        var result = Simulation.of(lesson, paces, Chance.USUAL, 200, 7, Progress.NONE)
                .orElseThrow()
                .against(answers.schedule());
        assertThat(result.of("salad").orElseThrow().percent()).isEqualTo(100);
        assertThat(result.of("shape").orElseThrow().percent()).isEqualTo(100);
        // It begins when the fork does, not when beef has been shown.
        assertThat(result.of("drain").orElseThrow().middle())
                .isLessThan(answers.schedule().of("salad").orElseThrow().span().start());
    }

    /** On air what is not shown is passed over, and begun with what is. */
    @Test
    void onAirTheOtherBranchIsPassedOver() {
        var run = AirRun.start(AirPlan.of(Outcome.of(question(tacos())), TakeKind.LIVE));
        var seen = new ArrayList<String>();
        while (!run.isOver()) {
            seen.add(run.plan().step(run.index()).id());
            run = run.next();
        }
        assertThat(seen).containsExactly("onion", "shape", "fry", "salad");
        var first = tacos().withSteps(tacos().steps().subList(1, 5)).but(d -> d.branch = BEANS);
        assertThat(AirRun.start(AirPlan.of(Outcome.of(question(first)), TakeKind.LIVE))
                        .index())
                .isEqualTo(2);
        assertThat(RunningOrder.of(Outcome.of(question(tacos())).schedule()).rows())
                .extracting(RunningOrder.Row::number)
                .containsExactly(1, 2, 3, 5);
    }

    @Test
    void onlyForAndForEverybodyAreFacts() {
        var lesson = tacos();
        var onion = lesson.step("onion").orElseThrow();
        var only = FactLine.read("only for: With beef", lesson, onion, KNOWN).facts();
        assertThat(only).singleElement().satisfies(f -> {
            assertThat(f.text()).isEqualTo("only for: With beef");
            assertThat(f.change().apply(onion).branch()).isEqualTo(BEEF);
        });
        var shape = lesson.step("shape").orElseThrow();
        assertThat(FactLine.read("for everybody", lesson, shape, KNOWN).facts())
                .singleElement()
                .satisfies(f -> assertThat(f.change().apply(shape).branch()).isEmpty());
    }

    /** "Open and probe", later on and only for the beef, is nothing to those with beans. */
    @Test
    void aStepForSomeIsLeftOutByTheOthers() {
        var probe = tacos().inserting(5, step("probe", "Probe", "Probe it.", 30, d -> d.branch = BEEF));
        assertThat(Branches.left(probe, BEANS)).containsExactlyInAnyOrder("shape", "fry", "probe");
        assertThat(Branches.left(probe, BEEF)).containsExactly("drain");
        var cheese = probe.inserting(6, step("cheese", "Cheese", "Grate it.", 30, d -> d.branch = "With cheese"))
                .inserting(7, step("none", "None", "Wait.", 30, d -> d.branch = "Without"));
        assertThat(Branches.left(cheese, BEANS))
                .as("of two that are neither, the first")
                .contains("none");
    }

    /** The gather check is read aloud for all branches, and what one does not take is used by the other. */
    @Test
    void whatTheOtherBranchTakesIsNoSlip() {
        var read = tacos().inserting(
                        0,
                        Step.blank("read", Kind.RUN_THROUGH, "Read")
                                .but(d -> d.say = "You need an onion, beef mince, a tin of kidney beans, a lettuce."));
        assertThat(Outcome.of(question(read)).report().open())
                .extracting(Finding::check)
                .doesNotContain("listed-not-used", "used-not-listed", "gather-check-forgets");
    }

    /** A slot that is too short is made good where time is spent: not in the branch that is not shown. */
    @Test
    void waysToFitChangeWhatIsShown() {
        var tight = tacos().but(d -> {
            d.slot = 500;
            d.delivery = Delivery.DEMONSTRATION;
            d.steps = d.steps.stream().map(s -> s.but(x -> x.trim = 20)).toList();
        });
        var now = Outcome.of(question(tight));
        var ways = Fit.propose(now, List.of(), new Greedy(), Progress.NONE);
        assertThat(ways).isNotEmpty().allSatisfy(p -> {
            assertThat(p.then()).isLessThan(p.before());
            assertThat(p.lesson().step("drain")).isEqualTo(tight.step("drain"));
            assertThat(Branches.names(p.lesson())).containsExactly(BEEF, BEANS);
        });
    }

    /** How a wait of a branch that is not on air may be covered is worked out as if it were. */
    @Test
    void aWaitOfABranchThatIsNotShownCanBeCovered() {
        var waits = tacos().withStep(
                        "drain",
                        s -> s.but(d -> d.waiting =
                                new Wait(TimeRange.of(400), "drains", "", new Cover.CarryOn(""), List.of(), null)));
        var pace = new Answers(question(waits)).pace();
        assertThat(CoverOptions.of(waits, "drain", pace)).isNotEmpty();
        assertThat(CoverOptions.bestCollector(waits, waits.step("drain").orElseThrow(), pace))
                .isEqualTo("salad");
        var last = waits.withSteps(waits.steps().subList(0, 4));
        assertThat(CoverOptions.bestCollector(last, last.step("drain").orElseThrow(), pace))
                .isEmpty();
        var onion = waits.withStep(
                "onion",
                s -> s.but(d ->
                        d.waiting = new Wait(TimeRange.of(290), "rests", "", new Cover.CarryOn(""), List.of(), null)));
        assertThat(CoverOptions.bestCollector(onion, onion.step("onion").orElseThrow(), pace))
                .as("never in a step that is not shown")
                .isNotEqualTo("drain");
    }
}
