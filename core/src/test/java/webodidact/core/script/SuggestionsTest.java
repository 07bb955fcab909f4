package webodidact.core.script;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.using;
import static webodidact.core.Lessons.waits;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.Lessons;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Heat;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Look;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.time.TimeRange;

class SuggestionsTest {
    private static final List<FoodLine> FOODS = List.of(
            food("f1", "plain-flour", "200 g"),
            food("f2", "cheddar", "120 g"),
            food("f3", "onion", "2 piece"),
            food("f4", "parsley", "2 tbsp"));

    private static List<Suggestion> of(Step step) {
        Lesson lesson = Lessons.of(FOODS, step);
        return new Suggestions(lesson, Knowledge.shipped()).of(step);
    }

    private static Step doing(String words) {
        return Step.blank("a", Kind.HANDS_ON, "a").but(d -> d.doing = words);
    }

    private static Suggestion only(String words, Suggestion.Kind kind) {
        var all = of(doing(words)).stream().filter(s -> s.kind() == kind).toList();
        assertThat(all).as(words).hasSize(1);
        return all.getFirst();
    }

    private static Step taken(String words, Suggestion.Kind kind) {
        return only(words, kind).change().apply(doing(words));
    }

    @Test
    void simmerForTenToTwelveMinutesIsAWait() {
        var step = taken("Simmer for 10 to 12 minutes until the onions are golden, then drain.", Suggestion.Kind.WAIT);
        assertThat(step.waiting().time()).isEqualTo(new TimeRange(600, 720));
        assertThat(step.waiting().what()).isEqualTo("simmers");
        assertThat(step.waiting().cue()).isEqualTo("the onions are golden");
        assertThat(step.waiting().cover()).isEqualTo(new Cover.CarryOn(""));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Bake for 20-25 mins|20–25 min|bakes",
                "Leave it for half an hour|30:00|waits",
                "Chill for 1½ hours|90:00|chills",
                "Rest the dough for a minute or two|1–2 min|rests",
                "Cook gently for fifteen minutes|15:00|cooks",
                "Steam for ¾ hour|45:00|steams"
            })
    void waitsInManyWords(String words, String time, String what) {
        var step = taken(words, Suggestion.Kind.WAIT);
        assertThat(step.waiting().time().text()).isEqualTo(time);
        assertThat(step.waiting().what()).isEqualTo(what);
    }

    @Test
    void kneadForFiveMinutesIsHandsAndNoWait() {
        assertThat(taken("Knead the dough for 5 minutes.", Suggestion.Kind.HANDS)
                        .hands())
                .isEqualTo(TimeRange.of(300));
        assertThat(of(doing("Knead the dough for 5 minutes."))).noneMatch(s -> s.kind() == Suggestion.Kind.WAIT);
        assertThat(of(doing("We met five minutes ago, simmering."))).noneMatch(s -> s.kind() == Suggestion.Kind.WAIT);
    }

    @Test
    void aWaitWithoutACueIsGivenTheOneInTheWords() {
        var step = waits(hands("a", 60), 600, 700, Cover.STAY).but(d -> {
            d.waiting = d.waiting.until("");
            d.doing = "Leave them until a knife slides out.";
        });
        var cue = of(step).stream()
                .filter(s -> s.kind() == Suggestion.Kind.CUE)
                .findFirst()
                .orElseThrow();
        assertThat(cue.change().apply(step).waiting().cue()).isEqualTo("a knife slides out");
        assertThat(of(cue.change().apply(step))).noneMatch(s -> s.kind() == Suggestion.Kind.CUE);
    }

    @ParameterizedTest
    @CsvSource({
        "Bake at 180 degrees fan, 180 °C fan",
        "Bake it at 200–220 °C., 200–220 °C fan or conventional?",
        "Roast at 350 °F conventional, 175 °C conventional",
        "Bake at gas mark 4, 180 °C conventional",
        "Into the fan oven at 190°C, 190 °C fan"
    })
    void ovensInManyWords(String words, String heat) {
        var step = taken(words, Suggestion.Kind.HEAT);
        assertThat(step.heat().text()).isEqualTo(heat);
        assertThat(step.place()).isEqualTo(Place.OVEN);
    }

    @Test
    void aCoreTemperatureIsNoOven() {
        assertThat(of(doing("Cook until the probe reads 75 °C inside. It says 180 degrees in the middle.")))
                .noneMatch(s -> s.kind() == Suggestion.Kind.HEAT);
        assertThat(of(doing("Use 200 g of it."))).noneMatch(s -> s.kind() == Suggestion.Kind.HEAT);
    }

    @Test
    void grateNeedsTheGraterUnlessSomethingStandsInForIt() {
        assertThat(taken("Grate the cheddar.", Suggestion.Kind.TOOL).tools()).containsExactly("grater");
        assertThat(of(doing("Grate the cheddar.").but(d -> d.tools = List.of("food-processor"))))
                .noneMatch(s -> s.kind() == Suggestion.Kind.TOOL);
        assertThat(of(doing("Lemon juice."))).noneMatch(s -> s.kind() == Suggestion.Kind.TOOL);
    }

    @Test
    void amountsInTheWordsTieToTheList() {
        assertThat(taken("Tip in half the flour.", Suggestion.Kind.USE)
                        .uses()
                        .getFirst()
                        .amount())
                .isEqualTo(Amount.parse("100 g"));
        assertThat(taken("A third of the grated cheddar goes in.", Suggestion.Kind.USE)
                        .uses()
                        .getFirst()
                        .amount())
                .isEqualTo(Amount.parse("40 g"));
        assertThat(only("Add the rest of the cheddar.", Suggestion.Kind.USE).text())
                .startsWith("the rest of the");
        assertThat(taken("Add the rest of the cheddar.", Suggestion.Kind.USE)
                        .uses()
                        .getFirst()
                        .amount())
                .isNull();
        assertThat(taken("Dust with 2 tablespoons of flour.", Suggestion.Kind.USE)
                        .uses()
                        .getFirst()
                        .amount())
                .isEqualTo(Amount.parse("2 tbsp"));
        var used = using(doing("Only half of the flour now."), "f1");
        var only = of(used).stream()
                .filter(s -> s.kind() == Suggestion.Kind.AMOUNT)
                .findFirst()
                .orElseThrow();
        assertThat(only.change().apply(used).uses().getFirst().amount()).isEqualTo(Amount.parse("100 g"));
    }

    @Test
    void actsPlacesAndWhoDoesIt() {
        assertThat(taken("Wash your hands and heat the oven.", Suggestion.Kind.ACT, 2)
                        .acts())
                .containsExactlyInAnyOrder(Act.WASH_HANDS, Act.OVEN_ON);
        assertThat(taken("Fry the onion.", Suggestion.Kind.PLACE).place()).isEqualTo(Place.RING);
        assertThat(taken("Grown-ups, lift the tray out, please.", Suggestion.Kind.WHO)
                        .who())
                .isEqualTo(Who.ADULT);
        assertThat(taken("Turn off the hob.", Suggestion.Kind.ACT).acts()).containsExactly(Act.RING_OFF);
    }

    private static Step taken(String words, Suggestion.Kind kind, int count) {
        var all = of(doing(words)).stream().filter(s -> s.kind() == kind).toList();
        assertThat(all).hasSize(count);
        return Suggestions.taking(doing(words), all);
    }

    @Test
    void somethingToDoWithinAWait() {
        var step = waits(hands("a", 60), 1200, 1200, Cover.STAY).but(d -> d.doing = "Turn the tray after 10 minutes.");
        var look = of(step).stream()
                .filter(s -> s.kind() == Suggestion.Kind.LOOK)
                .findFirst()
                .orElseThrow();
        assertThat(look.change().apply(step).waiting().looks()).containsExactly(new Look(600, "turn the tray"));
    }

    @Test
    void nearMissesAreAskedAbout() {
        assertThat(taken("Scatter the parlsey over.", Suggestion.Kind.SPELLING).doing())
                .isEqualTo("Scatter the parsley over.");
        assertThat(of(doing("Scatter the parsley over the onions.")))
                .noneMatch(s -> s.kind() == Suggestion.Kind.SPELLING);
        var foods = List.of(
                "butter", "onion", "plain-flour", "peach", "pear", "honey", "carrot", "garlic", "lemon", "steak");
        var lines = foods.stream()
                .filter(f -> Knowledge.shipped().food(f).isPresent())
                .map(f -> food(f, f, null))
                .toList();
        var common = doing(
                "Hurry, it is better to teach the union about money over the years; a demon spoke of the gutter and the parrot.");
        assertThat(new Suggestions(Lessons.of(lines, common), Knowledge.shipped()).of(common))
                .as("a common word is never taken for a slip")
                .noneMatch(s -> s.kind() == Suggestion.Kind.SPELLING);
        assertThat(of(doing("A floury board, and batter."))).noneMatch(s -> s.kind() == Suggestion.Kind.SPELLING);
    }

    @Test
    void whatIsTakenOrDeclinedIsNotProposedAgain() {
        var step = doing("Grate the cheddar. Bake at 180 degrees fan for 20 minutes.");
        var all = of(step);
        assertThat(all).hasSizeGreaterThanOrEqualTo(5);
        var taken = Suggestions.takingAll(Lessons.of(FOODS, step), List.of(step.id()), Knowledge.shipped(), Map.of());
        assertThat(new Suggestions(taken, Knowledge.shipped()).of(taken.steps().getFirst()))
                .isEmpty();
        assertThat(of(step.but(d -> d.declined = Set.of("tool/grater")))).hasSize(all.size() - 1);
        assertThat(step.heat()).as("nothing is taken silently").isNull();
        assertThat(Suggestions.taking(step, all).heat()).isEqualTo(new Heat(180, 180, Heat.Mode.FAN));
    }

    @Test
    void asMuchAsTheListHasIsTooMuchOnceAStepTookSome() {
        var first = doing("Stir in 60 g of the cheddar.");
        var second = doing("Scatter 120 g of cheddar over the top.").but(d -> d.id = "b");
        var lesson = Lessons.of(FOODS, first, second);
        assertThat(uses(lesson, second)).containsExactly("use/f2: mature cheddar");
        var taken = Suggestions.takingAll(lesson, List.of("a", "b"), Knowledge.shipped(), Map.of());
        assertThat(taken.steps().stream().map(s -> s.uses().getFirst().amount().toString()))
                .containsExactly("60 g", "120 g");
    }

    @Test
    void whereTheStepBeforeLeavesItsPanDecidesWhatIsProposedNext() {
        var first = doing("Soften the onion.");
        var second = doing("Parsley in now, another two minutes.").but(d -> d.id = "b");
        var bench = Lessons.of(FOODS, first, second);
        assertThat(places(bench, second)).isEmpty();
        var ring = Lessons.of(FOODS, first.but(d -> d.place = Place.RING), second);
        assertThat(places(ring, second)).containsExactly("place/ring");
        assertThat(places(bench, second)).as("asked again").isEmpty();
    }

    private static List<String> uses(Lesson lesson, Step step) {
        return new Suggestions(lesson, Knowledge.shipped())
                .of(step).stream()
                        .filter(s -> s.kind() == Suggestion.Kind.USE)
                        .map(s -> s.key() + ": " + s.text())
                        .toList();
    }

    private static List<String> places(Lesson lesson, Step step) {
        return new Suggestions(lesson, Knowledge.shipped())
                .of(step).stream()
                        .filter(s -> s.kind() == Suggestion.Kind.PLACE)
                        .map(Suggestion::key)
                        .toList();
    }

    @Test
    void aTalkProposesNoTools() {
        assertThat(of(doing("Today we grate cheddar and bake it for 20 minutes.")
                        .but(d -> d.kind = Kind.TALK)))
                .isEmpty();
    }

    @Test
    void keysAreCodesAndFiguresNotDisplayedWords() {
        var step = Step.blank("s1", Kind.HANDS_ON, "Bake")
                .but(
                        d -> d.doing =
                                "Whisk for 2 minutes. Wash your hands. Bake at 180–200 °C fan for 16 to 20 minutes until golden.");
        assertThat(of(step))
                .extracting(Suggestion::key)
                .contains("hands/about", "wait/960-1200", "heat/180-200-fan", "act/wash-hands");
    }
}
