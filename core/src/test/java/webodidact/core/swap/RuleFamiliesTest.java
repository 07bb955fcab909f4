package webodidact.core.swap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.at;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;

import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.amount.Amount;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Actions;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Yield;
import webodidact.core.money.Price;
import webodidact.core.safety.Profile;

/** One case for each family of rules: what is offered for the job, and what it brings with it. */
class RuleFamiliesTest {
    private static Lesson cooked(FoodLine line, Place place, String doing) {
        return of(List.of(line), at(using(hands("a", 60), line.id()), place).but(d -> d.doing = doing))
                .but(d -> {
                    d.makes = new Yield(Ratio.of(4), "portions", 4);
                    d.homeOf = 4;
                });
    }

    private static List<Offer> offers(Lesson lesson) {
        return new Swaps(Knowledge.shipped(), COURSE)
                .offers(lesson, lesson.foods().getFirst(), List.of());
    }

    private static Offer offer(Lesson lesson, String standIn) {
        return offers(lesson).stream()
                .filter(o -> !o.isLeaveOut() && o.food().id().equals(standIn))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(textBlock = """
            # job             food                 amount    place   doing                           stand-in       its amount  also
            binder,           egg,                 2 piece,  OVEN,   Bind and bake,                  flaxseed,      30 g,       90 ml water
            glaze,            egg,                 1 piece,  OVEN,   Brush the tops and bake,        milk,          25 g,
            scrambled,          egg,                 4 piece,  RING,   Scramble and fry them,          tofu,          400 g,      ¼ tsp ground turmeric
            raising,          baking-powder,       2 tsp,    OVEN,   Bake,                           bicarbonate,   ¾ tsp,      2 tsp lemon juice
            raising and body, self-raising-flour,  220 g,    OVEN,   Bake,                           plain-flour,   220 g,      2 tsp baking powder
            thickening,       plain-flour,         40 g,     RING,   Simmer until it thickens,       cornflour,     20 g,
            setting,          gelatine,            6 g,      COLD,   Chill until set,                agar,          2¼ tsp,
            fat,              butter,              100 g,    OVEN,   Rub in and bake,                vegan-spread,  100 g,
            fat,              butter,              50 g,     RING,   Melt and fry,                   olive-oil,     40 g,
            acid,             lemon,               1 piece,  BENCH,  Squeeze over,                   lime,          110 g (about 1½),
            sweetness,        honey,               2 tbsp,   BENCH,  Stir in,                        maple-syrup,   2 tbsp,
            flavour,          dill,                3 tbsp,   BENCH,  Stir in,                        dried-dill,    1 tbsp,
            body,             mascarpone,          250 g,    BENCH,  Fold in,                        soft-cheese,   250 g,      1 tbsp double cream
            protein,          beef-mince,          300 g,    RING,   Fry until brown,                red-lentils,   150 g,      400 ml vegetable stock
            crunch,           walnut,              50 g,     OVEN,   Toast in the oven,              pecan,         50 g,
            greens,           spinach,             200 g,    RING,   Wilt in the pan and simmer,     kale,          200 g,
            liquid,           milk,                250 ml,   OVEN,   Bake,                           water,         250 ml,     1 tsp butter
            salt and savour,  soy-sauce,           2 tbsp,   RING,   Stir-fry,                       miso,          2 tbsp,     2 tbsp water
            """)
    void amountsOfTheFamily(
            String job,
            String food,
            String amount,
            Place place,
            String doing,
            String standIn,
            String its,
            String also) {
        var offer = offer(cooked(food("f1", food, amount), place, doing), standIn);
        assertThat(offer.rule().job()).isEqualTo(job);
        assertThat(offer.refused()).isEmpty();
        assertThat(offer.amount()).isEqualTo(its);
        assertThat(offer.addedText()).isEqualTo(also == null ? "" : also);
    }

    @Test
    void theSameFoodHasOtherStandInsInAnotherContext() {
        var rubbed = cooked(food("f1", "butter", "100 g"), Place.OVEN, "Rub in and bake.");
        var fried = cooked(food("f1", "butter", "100 g"), Place.RING, "Melt it and fry.");
        assertThat(offer(rubbed, "vegan-spread").isRefused()).isFalse();
        assertThat(offer(fried, "olive-oil").isRefused()).isFalse();
        var scrambled = cooked(food("f1", "egg", "4 piece"), Place.RING, "Scramble and fry.");
        assertThat(offer(scrambled, "flaxseed").refused()).isEqualTo("In step 1 its job is scrambled, not binder.");
    }

    @Test
    void aGlazeIsOfferedOnlyWhereSomethingIsBrushed() {
        assertThat(offer(cooked(food("f1", "egg", "1 piece"), Place.OVEN, "Bind it and bake."), "milk")
                        .refused())
                .isEqualTo("It stands in as glaze; that is not its job here.");
        assertThat(offer(cooked(food("f1", "egg", "1 piece"), Place.OVEN, "Brush the tops and bake."), "flaxseed")
                        .refused())
                .isEqualTo("In step 1 its job is glaze, not binder.");
    }

    @Test
    void theInstructorsWordAboutTheUseGoesBeforeTheWords() {
        var line = food("f1", "egg", "2 piece").but(d -> d.use = "baked");
        assertThat(offer(cooked(line, Place.BENCH, "Stir in."), "flaxseed").isRefused())
                .isFalse();
        var cold = offers(cooked(line.but(d -> d.use = "cold"), Place.BENCH, "Stir in."));
        assertThat(cold)
                .filteredOn(o -> o.food() != null && o.food().id().equals("yoghurt"))
                .allSatisfy(o -> {
                    assertThat(o.isRefused()).isFalse();
                    assertThat(o.toBeTried()).isTrue();
                    assertThat(o.of(KnockOn.Kind.CHANGE))
                            .anyMatch(t -> t.startsWith("It is known where it is baked; here it is cold"));
                });
    }

    @Test
    void aLaterVerbThatBreaksIsTold() {
        var stir = using(hands("a", 60), "f1").but(d -> d.doing = "Stir the yoghurt in.");
        var boil = at(hands("b", 60), Place.RING).but(d -> {
            d.title = "Sauce";
            d.doing = "Grate the yoghurt sauce over.";
        });
        var lesson = of(List.of(food("f1", "yoghurt", "150 g")), stir, boil);
        assertThat(offer(lesson, "soft-cheese").of(KnockOn.Kind.BREAKS))
                .containsExactly("Step 2 says “grate”: soft cheese is too soft to grate.");
        assertThat(offer(lesson.removingStep("b"), "soft-cheese").of(KnockOn.Kind.BREAKS))
                .isEmpty();
    }

    @Test
    void poultryForBeefRaisesNothingButPoultryForFishRaisesTheCoreTemperature() {
        var fish = cooked(food("f1", "white-fish", "2 piece"), Place.OVEN, "Bake the parcels.");
        assertThat(offer(fish, "chicken-breast").of(KnockOn.Kind.SAFETY))
                .containsExactly("Core 75 °C instead of 63 °C: measure it.");
        assertThat(offer(fish, "salmon").of(KnockOn.Kind.SAFETY)).isEmpty();
        var american = COURSE.but(d -> d.profile = Profile.US);
        var mince = cooked(food("f1", "beef-mince", "300 g"), Place.RING, "Fry until brown.");
        var turkey = new Swaps(Knowledge.shipped(), american)
                .offers(mince, mince.foods().getFirst(), List.of()).stream()
                        .filter(o -> !o.isLeaveOut() && o.food().id().equals("turkey-mince"))
                        .findFirst()
                        .orElseThrow();
        assertThat(turkey.of(KnockOn.Kind.SAFETY)).containsExactly("Core 165 °F instead of 160 °F: measure it.");
    }

    @Test
    void timeBeforeClassAndAtHomeIsTold() {
        var lesson = cooked(food("f1", "white-fish", "2 piece"), Place.OVEN, "Bake the parcels.");
        assertThat(offer(lesson, "tofu").of(KnockOn.Kind.TIME))
                .containsExactly("Before class, press between two plates: 15 minutes.");
        assertThat(offer(lesson, "tofu").announceBy())
                .as("pressing cannot be announced on air")
                .isZero();
        assertThat(offer(lesson, "salmon").announceBy()).isEqualTo(1);
        assertThat(offer(lesson, "chicken-breast").of(KnockOn.Kind.TIME)).containsExactly("At home +12:30.");
    }

    @Test
    void saltIsWeighed() {
        var lesson = cooked(food("f1", "yoghurt", "400 g"), Place.BENCH, "Stir.");
        assertThat(offer(lesson, "soft-cheese").of(KnockOn.Kind.CHANGE))
                .anyMatch(t -> t.startsWith("More salt by about 0.4 g a portion"));
    }

    @Test
    void fatIsComparedWhereBothAreKnown() {
        var sauce = cooked(food("f1", "double-cream", "400 ml"), Place.RING, "Simmer the sauce.");
        assertThat(offer(sauce, "oat-cream").of(KnockOn.Kind.CHANGE))
                .anyMatch(t -> t.startsWith("Leaner by about 35 g of fat a portion"));
        var rubbed = cooked(food("f1", "butter", "100 g"), Place.OVEN, "Rub in and bake.");
        assertThat(offer(rubbed, "vegan-spread").of(KnockOn.Kind.CHANGE)).noneMatch(t -> t.contains(" of fat "));
    }

    @Test
    void dietsAreGainedLostOrUnknown() {
        var lesson = cooked(food("f1", "white-fish", "2 piece"), Place.OVEN, "Bake.");
        assertThat(offer(lesson, "tofu").of(KnockOn.Kind.DIET))
                .as("the soy sauce it needs has a label")
                .hasSize(2)
                .allMatch(t -> t.contains("unknown until you check the label of soy sauce"));
        var butter = cooked(food("f1", "butter", "100 g"), Place.OVEN, "Rub in and bake.");
        assertThat(offer(butter, "lard").of(KnockOn.Kind.DIET)).containsExactly("The dish is no longer vegetarian.");
        assertThat(offer(butter, "vegan-spread").of(KnockOn.Kind.DIET))
                .first()
                .asString()
                .contains("unknown until you check the label");
    }

    @Test
    void aMissingToolIsTold() {
        var lesson = cooked(food("f1", "cabbage", "200 g"), Place.RING, "Stir-fry.");
        var offer = offer(lesson, "carrot");
        assertThat(offer.of(KnockOn.Kind.TOOL)).containsExactly("Needs a box grater.");
    }

    @Test
    void rawFoodNeverReplacesWhatNoStepCooks() {
        for (var rules : Swaps.rules().values()) {
            for (var rule : rules) {
                if (rule.isNothing()) continue;
                var to = Knowledge.shipped().food(rule.standIn()).orElseThrow();
                var from = Knowledge.shipped().food(rule.food()).orElseThrow();
                if (!to.risk().soilsHands() || from.risk().soilsHands()) continue;
                assertThat(offers(cooked(food("f1", rule.food(), "100 g"), Place.BENCH, "Soak it in hot stock.")))
                        .as(rule.food() + " → " + rule.standIn())
                        .filteredOn(o -> to.equals(o.food()))
                        .allMatch(Offer::isRefused);
            }
        }
    }

    @Test
    void aCheaperStandInComesFirstWhereAllElseIsEqual() {
        var lesson = cooked(food("f1", "walnut", "50 g"), Place.OVEN, "Toast and chop them, in the oven.");
        var dearPecan = List.of(price("pecan", 900), price("hazelnut", 300), price("pumpkin-seed", 950));
        var dearHazelnut = List.of(price("pecan", 200), price("hazelnut", 300), price("pumpkin-seed", 950));
        assertThat(first(lesson, dearPecan)).isEqualTo("hazelnut");
        assertThat(first(lesson, dearHazelnut)).isEqualTo("pecan");
    }

    private static Price price(String food, long coins) {
        return new Price(food, "bag", Amount.parse("100 g"), coins);
    }

    private static String first(Lesson lesson, List<Price> prices) {
        return new Swaps(Knowledge.shipped(), COURSE.but(d -> d.prices = prices))
                .offers(lesson, lesson.foods().getFirst(), List.of())
                .getFirst()
                .food()
                .id();
    }

    @Test
    void everyRuleOfTheTableCanBeWorkedOut() {
        var jobs = new TreeSet<String>();
        Swaps.rules()
                .forEach((food, rules) -> rules.forEach(rule -> {
                    jobs.add(rule.job());
                    var line = food("f1", food, "100 g");
                    var all = offers(cooked(line, Place.OVEN, "Bake."));
                    assertThat(all)
                            .as(food)
                            .allSatisfy(o -> assertThat(o.knockOns())
                                    .allSatisfy(k -> assertThat(k.text()).isNotBlank()));
                    if (rule.need() != null) {
                        assertThat(Knowledge.shipped()
                                        .match(rule.need().item(), rule.need().amount(), "", MeasureSystem.METRIC)
                                        .food())
                                .as(rule.need().item())
                                .isPresent();
                        assertThat(rule.need().amount().low().isZero()).isFalse();
                    }
                }));
        assertThat(jobs).hasSizeGreaterThan(20);
        Swaps.rules()
                .forEach((food, rules) -> assertThat(rules)
                        .extracting(r -> r.job() + " " + r.context() + " " + r.standIn())
                        .as(food)
                        .doesNotHaveDuplicates());
    }

    @Test
    void anUnknownContextIsRefusedWithWhatWasExpected() {
        assertThatThrownBy(() -> Context.parse("baked or levitated"))
                .hasMessage("Context 'levitated': expected one as in 'baked', 'cold' or 'any'");
        assertThat(Context.parse("any")).isEmpty();
        assertThat(Actions.shipped().named("simmering").orElseThrow().verb()).isEqualTo("simmer");
        assertThat(Actions.shipped().named("fries").orElseThrow().verb()).isEqualTo("fry");
        assertThat(InUse.says("Rub the butter in.", "rub in")).isTrue();
        assertThat(InUse.says("Whipping cream", "whip")).isTrue();
        assertThat(InUse.says("The whisper", "whip")).isFalse();
    }

    @Test
    void aFoodInADoughIsBakedWhereTheDoughIs() {
        var mix = using(hands("a", 60), "f1").but(d -> d.title = "Make the dough");
        Step bake = at(hands("b", 60), Place.OVEN).but(d -> d.title = "Scones in the oven");
        var lesson = of(List.of(food("f1", "egg", "1 piece")), mix, bake)
                .but(d -> d.makes = new Yield(Ratio.of(8), "scones", 4));
        assertThat(InUse.of(lesson, lesson.foods().getFirst()).contexts()).containsExactly(Context.BAKED);
        var dip = lesson.withStep("a", s -> s.but(d -> d.title = "Stir the dip"));
        assertThat(InUse.of(dip, lesson.foods().getFirst()).contexts()).containsExactly(Context.COLD);
    }
}
