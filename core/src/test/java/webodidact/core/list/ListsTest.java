package webodidact.core.list;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.at;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;
import static webodidact.core.Lessons.waits;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import webodidact.core.Lessons;
import webodidact.core.amount.Amount;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Allergen;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Sets;
import webodidact.core.lesson.Shaping;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.ToolLine;
import webodidact.core.lesson.Use;
import webodidact.core.lesson.Yield;
import webodidact.core.money.Price;

class ListsTest {
    private final Knowledge table = Knowledge.shipped();
    private final Lesson scones = of(
                    List.of(
                            food("f1", "self-raising-flour", "225 g"),
                            food("f2", "butter", "50 g"),
                            food("f3", "cheddar", "75 g"),
                            food("f4", "milk", "150 ml"),
                            food("f5", "lemon", "1/2 piece")),
                    using(hands("a", 300), "f1", "f2", "f4").but(d -> {
                        d.title = "Make the dough";
                        d.tools = List.of("mixing-bowl", "scales");
                    }),
                    using(hands("c", 60), "f3").but(d -> {
                        d.title = "Grate the cheese";
                        d.tools = List.of("grater", "mixing-bowl");
                    }),
                    at(waits(hands("b", 60), 700, 800, new Cover.ReadyCopy(600, 3600)), Place.OVEN)
                            .but(d -> {
                                d.title = "Scones in the oven";
                                d.doing = "Bake the scones.";
                            }))
            .but(d -> {
                d.makes = new Yield(Ratio.of(8), "scones", 4);
                d.homeOf = 4;
                d.tools = List.of(
                        ToolLine.of("t1", "scales", "scales", 1), new ToolLine("t2", "bowl", "mixing-bowl", 1, "", 0));
            });

    @Test
    void theShootListHasCopiesAndSparesAndWholeFruit() {
        var shoot = ShootList.of(scones.but(d -> d.sets = new Sets(0, 1, 1)), COURSE, table);
        assertThat(shoot.entries().getFirst().take()).isEqualTo("675 g");
        assertThat(shoot.entries().getFirst().why()).isEqualTo("1 on camera + 1 ready copy (step 3) + 1 spare take");
        assertThat(shoot.entries().getLast().take())
                .as("no step uses it, so no copy has it")
                .isEqualTo("1");
        assertThat(shoot.entries().getLast().why()).isEqualTo("1 on camera + 1 spare take");
        assertThat(shoot.copies()).isOne();
    }

    @Test
    void theGatherListInheritsNothingFromTheShoot() {
        var plain = GatherList.of(scones, MeasureSystem.METRIC, table);
        assertThat(GatherList.of(scones.but(d -> d.sets = new Sets(5, 2, 3)), MeasureSystem.METRIC, table))
                .isEqualTo(plain);
        assertThat(plain.entries()).extracting(GatherList.Entry::take).contains("225 g", "½");
    }

    @Test
    void theBenchListSetsOutPerStepWhatIsDrawn() {
        var parted = scones.but(d -> d.steps = List.of(
                scones.steps().get(0).but(x -> x.uses = List.of(new Use("f3", Amount.parse("25 g")))),
                scones.steps().get(1)));
        var bench = BenchList.of(parted, COURSE, table);
        assertThat(bench.settings()).hasSize(2);
        assertThat(bench.settings().get(0).foods()).containsExactly("25 g mature cheddar");
        assertThat(bench.settings().get(1).foods()).containsExactly("50 g mature cheddar");
        assertThat(bench.settings().get(1).tools())
                .as("the bowl is there already")
                .containsExactly("box grater");
    }

    @Test
    void rawFoodStandsApart() {
        var fish = of(List.of(food("f1", "white-fish", "2 piece")), using(hands("a", 60), "f1"));
        assertThat(BenchList.of(fish, COURSE, table).settings().getFirst().apart())
                .containsExactly("white fish fillet");
    }

    @Test
    void fiveGroupsAndTheDemonstrationTakeThreeFruitForThreeWedgesEach() {
        var kit = KitList.of(scones.but(d -> d.sets = new Sets(5, 1, 0)), COURSE, table);
        assertThat(kit.sets()).isEqualTo(6);
        assertThat(kit.totals().getLast().take())
                .as("six halves are three whole lemons")
                .isEqualTo("3");
        assertThat(kit.totals().getFirst().take()).isEqualTo("1350 g");
        assertThat(kit.totals().getFirst().packs()).isEqualTo("1 × bag of 1500 g");
        assertThat(kit.tools().getFirst()).isEqualTo(new KitList.Tool("scales", 6, 6, 1));
    }

    @Test
    void dryFoodsThatGoInTogetherShareAPot() {
        var lesson = of(
                        List.of(
                                food("f1", "plain-flour", "100 g"),
                                food("f2", "baking-powder", "1 tsp"),
                                food("f3", "yoghurt", "150 g"),
                                food("f4", "cinnamon", "1 tsp")),
                        using(hands("a", 60), "f1", "f2", "f3"),
                        using(hands("b", 60), "f4"))
                .but(d -> d.sets = new Sets(2, 1, 0));
        var pots = KitList.of(lesson, COURSE, table).pots();
        assertThat(pots).extracting(p -> p.lines().size()).containsExactly(2, 1, 1);
        assertThat(pots.getFirst().label()).isEqualTo("100 g plain flour + 1 tsp baking powder");
    }

    @Test
    void aSharedToolCostsTime() {
        var lesson = scones.but(d -> {
            d.sets = new Sets(6, 1, 0);
            d.tools = List.of(new ToolLine("t1", "scales", "scales", 1, "", 3));
        });
        assertThat(Sharing.delays(lesson)).singleElement().satisfies(d -> {
            assertThat(d.turns()).isEqualTo(2);
            assertThat(d.step()).isEqualTo(1);
            assertThat(d.added()).as("5 minutes at an adult's pace of 5/4").isEqualTo(375);
        });
        assertThat(Sharing.delays(lesson.but(d -> d.sets = new Sets(3, 1, 0)))).isEmpty();
        assertThat(Sharing.delays(scones)).isEmpty();
    }

    @Test
    void thePupilListAsksAndItsKeyIsTheGatherList() {
        var pupil = PupilList.of(scones, MeasureSystem.METRIC, table);
        assertThat(pupil.questions()).extracting(PupilList.Question::blanks).containsExactly(3, 1);
        assertThat(pupil.foods())
                .isSortedAccordingTo(String.CASE_INSENSITIVE_ORDER)
                .doesNotContain("225 g");
        assertThat(pupil.answers())
                .contains("self-raising flour: 225 g (step 1)")
                .hasSize(5);
    }

    @Test
    void leadTimesChainBackFromAir() {
        var lesson = of(List.of(
                        food("f1", "dried-chickpeas", "250 g"),
                        food("f2", "butter", "50 g").but(d -> d.form = "softened"),
                        food("f3", "white-fish", "2 piece").but(d -> d.form = "frozen")))
                .but(d -> d.air = LocalDateTime.of(2026, 12, 3, 17, 30));
        var leads = LeadTimes.of(lesson, table);
        assertThat(leads)
                .extracting(l -> l.item() + " " + l.start())
                .containsExactly(
                        "dried chickpea 2026-12-03T03:00",
                        "white fish fillet 2026-12-03T05:30",
                        "dried chickpea 2026-12-03T15:00",
                        "dried chickpea 2026-12-03T16:30",
                        "butter 2026-12-03T16:30");
        assertThat(leads.getFirst().what()).startsWith("Soak");
        assertThat(leads.getFirst().beforeAir()).isEqualTo((12 * 60 + 90 + 60) * 60);
        assertThat(leads.get(1).what()).startsWith("Thaw");
        assertThat(leads.getLast().beforeAir()).isEqualTo(3600);
        assertThat(LeadTimes.of(lesson.but(d -> d.air = null), table))
                .allSatisfy(l -> assertThat(l.start()).isNull());
    }

    private final Course priced = COURSE.but(d -> d.prices = List.of(
            new Price("butter", "block", Amount.parse("250 g"), 260),
            new Price("cheddar", "block", Amount.parse("400 g"), 520),
            new Price("cheddar", "bag", Amount.parse("250 g"), 295)));

    @Test
    void theBlockIsCheaperToBuyAndTheBagByWeight() {
        var buying = Buying.of(
                        Amount.parse("400 g"),
                        table.food("cheddar").orElseThrow(),
                        food("f1", "cheddar", "400 g"),
                        priced)
                .orElseThrow();
        assertThat(buying.pack().name()).isEqualTo("block");
        assertThat(buying.outlay()).isEqualTo(Ratio.of(520));
        assertThat(buying.cheapestByWeight().name()).isEqualTo("bag");
        assertThat(buying.isDisagreeing()).isTrue();
    }

    @Test
    void costsAreForAHomeAndForTheShoot() {
        var costs = Costs.of(scones, priced, table);
        assertThat(costs.home().outlay()).isEqualTo(Ratio.of(260 + 295));
        assertThat(costs.home().used()).isEqualTo(Ratio.of(52).plus(Ratio.of(295 * 75, 250)));
        assertThat(costs.home().unpriced()).containsExactly("self-raising flour", "milk", "lemon");
        assertThat(costs.shoot().used())
                .as("a ready copy takes everything in it twice")
                .isEqualTo(Ratio.of(104).plus(Ratio.of(295 * 150, 250)));
        assertThat(Costs.money(costs.home().used(), "£")).isEqualTo("£1.41");
    }

    @Test
    void leftoversKnowWhatBecomesOfThem() {
        var later = Lesson.blank("next", 2, "Cheese sauce").but(d -> {
            d.foods = List.of(food("f1", "milk", "300 ml"));
            d.air = LocalDateTime.of(2026, 12, 5, 17, 30);
        });
        var lesson = scones.but(d -> d.air = LocalDateTime.of(2026, 12, 3, 17, 30));
        var lefts = Leftovers.of(lesson, List.of(lesson, later), priced, table);
        var milk =
                lefts.stream().filter(l -> l.item().equals("milk")).findFirst().orElseThrow();
        assertThat(milk.plan()).isEqualTo("Keep it for lesson 2, Cheese sauce.");
        assertThat(milk.keepsUntil()).isEqualTo("2026-12-06");
        assertThat(milk.shown()).isEqualTo("200 ml");
        var tooLate = later.but(d -> d.air = LocalDateTime.of(2026, 12, 20, 17, 30));
        assertThat(Leftovers.of(lesson, List.of(lesson, tooLate), priced, table).stream()
                        .filter(l -> l.item().equals("milk"))
                        .findFirst()
                        .orElseThrow()
                        .plan())
                .startsWith("Use it within 3 days");
        var butter = lefts.stream()
                .filter(l -> l.item().equals("butter"))
                .findFirst()
                .orElseThrow();
        assertThat(butter.lots()).isEqualTo(3);
        assertThat(butter.plan()).isEqualTo("Freeze it in 3 lots of one lesson, in pieces: up to 6 months.");
        var decided = lesson.withFood("f2", f -> f.but(d -> d.plan = "Shortbread on Friday."));
        assertThat(Leftovers.of(decided, List.of(), priced, table).stream()
                        .filter(l -> l.item().equals("butter"))
                        .findFirst()
                        .orElseThrow()
                        .plan())
                .isEqualTo("Shortbread on Friday.");
    }

    @Test
    void aSpoonOfTenGramsMakesFortyTwoAndEighteenIsWrong() {
        var lesson = of(List.of(food("f1", "beef-mince", "420 g"))).but(d -> {
            d.makes = new Yield(Ratio.of(18), "meatballs", 4);
            d.shaping = new Shaping(null, Amount.parse("10 g"), null, 12, 4, 1);
        });
        var makes = Makes.of(lesson, COURSE, table);
        assertThat(makes.pieces()).isEqualTo(42);
        assertThat(makes.isWrong()).isTrue();
        assertThat(makes.loads()).isEqualTo(4);
        assertThat(makes.served()).isEqualTo(16);
        assertThat(makes.over()).isEqualTo(26);
        var rolled = lesson.but(d -> d.shaping = new Shaping(
                null, null, new Shaping.Sheet(Ratio.of(30), Ratio.of(20), Ratio.of(6), Ratio.HALF), 8, 1, 2));
        assertThat(Makes.of(rolled, COURSE, table).pieces()).isGreaterThan(15);
        assertThat(Makes.of(rolled, COURSE, table).wholes())
                .isEqualTo(Makes.of(rolled, COURSE, table).pieces() / 2);
    }

    @Test
    void whatCannotBeWeighedIsSaid() {
        var lesson = of(List.of(food("f1", "plain-flour", "100 g"), food("f2", "asparagus", "1 bunch")));
        var makes = Makes.of(lesson, COURSE, table);
        assertThat(makes.grams()).isEqualTo(Ratio.of(100));
        assertThat(makes.unweighed()).containsExactly("asparagus");
    }

    @Test
    void saltIsSummedOverItsCarriers() {
        var lesson = of(List.of(
                        food("f1", "cheddar", "200 g"),
                        food("f2", "soy-sauce", "2 tbsp"),
                        food("f3", "salt", null).but(d -> d.toTaste = true),
                        food("f4", "butter", "100 g").but(d -> d.item = "unsalted butter")))
                .but(d -> d.makes = new Yield(Ratio.of(4), "portions", 4));
        var salt = SaltShare.of(lesson, COURSE, table);
        assertThat(salt.carriers()).extracting(SaltShare.Carrier::item).containsExactly("soy sauce", "mature cheddar");
        assertThat(salt.uncounted()).containsExactly("fine salt");
        assertThat(salt.grams()).isGreaterThan(Ratio.of(17, 20)).isLessThan(Ratio.of(3));
        assertThat(salt.limit()).isEqualTo(6);
    }

    @Test
    void theSpokenListIsComparedWithTheList() {
        var gather = Step.blank("g", Kind.RUN_THROUGH, "Gather check").but(d -> d.say = "Flour, butter and milk.");
        var spoken = SpokenList.of(scones.inserting(0, gather), table);
        assertThat(spoken.said()).extracting(f -> f.id()).containsExactly("f1", "f2", "f4");
        assertThat(spoken.unsaid()).extracting(f -> f.id()).containsExactly("f3");
        assertThat(SpokenList.of(scones, table).step()).isNull();
    }

    @Test
    void theSubstitutionSheetSaysWhenToAnnounce() {
        var gather = Step.blank("g", Kind.RUN_THROUGH, "Gather check").but(d -> d.say = "Or spring onion.");
        var lesson = scones.inserting(0, gather).withFood("f4", f -> f.but(d -> d.mentioned = List.of("oat-drink")));
        var sheet = SubstitutionSheet.of(lesson, COURSE, table);
        assertThat(sheet.entries()).singleElement().satisfies(e -> {
            assertThat(e.announceBy()).isEqualTo(2);
            assertThat(e.isLate()).isTrue();
        });
        var said = lesson.withStep("g", s -> s.but(d -> d.say = "Milk, or oat drink."));
        assertThat(SubstitutionSheet.of(said, COURSE, table)
                        .entries()
                        .getFirst()
                        .isLate())
                .isFalse();
    }

    private HomeList listOf(Lesson lesson, Household home) {
        return HomeList.of(lesson, home, List.of(home), table, COURSE);
    }

    @Test
    void eachHomeReadsItsOwnWordsAndMeasures() {
        var lesson = of(List.of(
                        food("f1", "courgette", "2 piece"),
                        food("f2", "plain-flour", "120 g"),
                        food("f3", "milk", "240 ml"),
                        food("f4", "sugar", "3 tbsp"),
                        food("f5", "beef-mince", "450 g")))
                .but(d -> d.homeOf = 4);
        var us = listOf(lesson, Household.named("A").but(d -> d.system = MeasureSystem.US));
        assertThat(us.entries()).extracting(HomeList.Entry::item).startsWith("zucchini");
        assertThat(us.entries().getFirst().from()).isEqualTo("courgette");
        assertThat(us.entries().get(1).take()).contains("cup");
        assertThat(us.entries().get(2).take()).isEqualTo("1 cup");
        assertThat(us.entries().get(4).take()).isEqualTo("15¾ oz");
        var au = listOf(lesson, Household.named("B").but(d -> d.system = MeasureSystem.AU));
        assertThat(au.entries().get(3).take())
                .as("15 ml spoons told to a home with 20 ml ones")
                .isEqualTo("2 tbsp + 1 tsp");
        var noScales = listOf(lesson, Household.named("C").but(d -> d.missingTools = Set.of("scales")));
        assertThat(noScales.entries().get(1).take()).contains("cup");
        var imperial = listOf(lesson, Household.named("D").but(d -> d.system = MeasureSystem.IMPERIAL));
        assertThat(imperial.entries().get(1).take()).isEqualTo("4¼ oz");
    }

    @Test
    void aHomesListHasItsAgreedAndOfferedSwaps() {
        var lesson = of(
                        List.of(food("f1", "yoghurt", "150 g"), food("f2", "mayonnaise", "2 tbsp")),
                        using(hands("a", 60), "f1", "f2"))
                .but(d -> d.homeOf = 4);
        var vegan = Household.named("A").but(d -> d.diets = Set.of("vegan"));
        var offered = listOf(lesson, vegan).entries().getFirst();
        assertThat(offered.stand()).isEqualTo(HomeList.Stand.OFFERED);
        assertThat(offered.item()).isEqualTo("soya yoghurt");
        assertThat(offered.beforehand()).isEqualTo("Strain through a clean cloth: 10 minutes");
        var agreed = listOf(lesson, vegan.agreeing("test", "f1", "coconut-yoghurt"))
                .entries()
                .getFirst();
        assertThat(agreed.stand()).isEqualTo(HomeList.Stand.AGREED);
        assertThat(agreed.item()).isEqualTo("coconut yoghurt");
        assertThat(listOf(lesson, Household.named("B").but(d -> d.allergies = Set.of(Allergen.NUTS)))
                        .entries()
                        .get(1)
                        .stand())
                .isEqualTo(HomeList.Stand.LABEL);
        var none = of(List.of(food("f1", "squid", "200 g")), using(hands("a", 60), "f1"));
        assertThat(listOf(none, vegan).entries().getFirst().stand()).isEqualTo(HomeList.Stand.STOPS);
    }

    @Test
    void toolsThatTheWordsNeedAreAskedForOnceAndNotIfTheKitNamesThem() {
        var lesson = of(
                        List.of(),
                        hands("a", 60).but(d -> d.doing = "Grate the cheese into the bowl."),
                        hands("b", 60).but(d -> d.doing = "Lid on, grate more."))
                .but(d -> d.tools = List.of(new ToolLine("t1", "medium pan with a lid", "pan", 1, "", 0)));
        assertThat(ImpliedTools.of(lesson, table))
                .containsEntry("grater", 1)
                .containsKey("mixing-bowl")
                .doesNotContainKey("lid");
        assertThat(ImpliedTools.of(lesson.but(d -> d.tools = List.of()), table)).containsEntry("lid", 2);
    }

    @Test
    void dustingIsNotTakenTwice() {
        var flour = of(
                List.of(food("f1", "plain-flour", "300 g")),
                using(hands("rub", 60), "f1"),
                hands("dust", 30).but(d -> d.uses = List.of(new Use("f1", Amount.parse("30 g")))));
        var bench = BenchList.of(flour.but(d -> d.homeOf = d.makes.serves()), COURSE, table);
        assertThat(bench.settings())
                .extracting(s -> s.foods().getFirst())
                .containsExactly("270 g plain flour", "30 g plain flour");
    }

    @Test
    void aMeasureThatTheNameSaysIsNotSaidTwiceAndSpoonsEndAtFour() {
        var lesson = of(
                        List.of(
                                food("f1", "garlic", "1/2 clove").but(d -> d.item = "garlic clove"),
                                food("f2", "yoghurt", "200 g"),
                                food("f3", "yoghurt", "45 g")),
                        using(hands("a", 60), "f1", "f2", "f3"))
                .but(d -> d.homeOf = d.makes.serves());
        var entries = GatherList.of(lesson, MeasureSystem.METRIC, table).entries();
        assertThat(entries)
                .filteredOn(e -> e.line().id().equals("f1"))
                .extracting(GatherList.Entry::take)
                .containsExactly("½");
        assertThat(entries)
                .filteredOn(e -> e.line().id().equals("f2"))
                .extracting(GatherList.Entry::also)
                .containsExactly("195 ml");
        assertThat(entries)
                .filteredOn(e -> e.line().id().equals("f3"))
                .extracting(GatherList.Entry::also)
                .containsExactly("3 tbsp");
        assertThat(BenchList.of(lesson, COURSE, table)
                        .settings()
                        .getFirst()
                        .foods()
                        .getFirst())
                .isEqualTo("½ garlic clove");
    }

    @Test
    void aShapedCopyHasInItWhatWentIntoItsDough() {
        var copy = new Cover.ReadyCopy(0, 3600);
        var buns = of(
                List.of(
                        food("f1", "plain-flour", "300 g"),
                        food("f2", "butter", "50 g"),
                        food("f3", "lemon", "1 piece")),
                using(hands("dough", 300).but(d -> d.title = "Make the dough"), "f1", "f2"),
                Lessons.waits(
                        hands("shape", 200).but(d -> {
                            d.title = "Shape the buns";
                            d.doing = "Cut the dough into rounds.";
                        }),
                        600,
                        600,
                        copy),
                Lessons.waits(
                        Lessons.at(hands("bake", 60).but(d -> d.title = "Into the oven with the buns"), Place.OVEN),
                        900,
                        900,
                        copy),
                using(hands("serve", 60).but(d -> d.title = "Squeeze over them"), "f3"));
        var shoot = ShootList.of(buns.but(d -> d.homeOf = d.makes.serves()), COURSE, table);
        assertThat(shoot.entries())
                .extracting(e -> e.item() + ": " + e.why())
                .containsExactly(
                        "plain flour: 1 on camera + 1 ready copy (step 2) + 1 ready copy (step 3)",
                        "butter: 1 on camera + 1 ready copy (step 2) + 1 ready copy (step 3)",
                        "lemon: 1 on camera");
    }
}
