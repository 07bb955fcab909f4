package webodidact.core.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import webodidact.core.Lessons;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.ToolLine;
import webodidact.core.lesson.Use;
import webodidact.core.lesson.Who;
import webodidact.core.script.Mentions;

/** Hands, boards and tools through a lesson: what soils them, what cleans them, what they carry on. */
class TraceTest {
    private static final Knowledge KNOWN = Knowledge.shipped();
    private static final List<FoodLine> FOODS = List.of(
            Lessons.food("chicken", "chicken-breast", "2 piece").but(d -> d.item = "chicken breasts"),
            Lessons.food("salmon", "salmon", "2 piece").but(d -> d.item = "salmon"),
            Lessons.food("eggs", "egg", "2 piece").but(d -> d.item = "eggs"),
            Lessons.food("lettuce", "lettuce", "1 piece").but(d -> d.item = "lettuce"),
            Lessons.food("cucumber", "cucumber", "1 piece").but(d -> d.item = "cucumber"),
            Lessons.food("onion", "onion", "1 piece").but(d -> d.item = "onion"),
            Lessons.food("yoghurt", "yoghurt", "200 g").but(d -> d.item = "yoghurt"),
            Lessons.food("flour", "plain-flour", "200 g").but(d -> d.item = "flour"),
            Lessons.food("chilli", "chilli-fresh", "1 piece").but(d -> d.item = "chilli"));

    private int next;

    private Step step(String say) {
        next++;
        return Step.blank("s" + next, Kind.HANDS_ON, "").but(d -> d.say = say);
    }

    private Step hot(String say, String... lines) {
        return step(say).but(d -> {
            d.place = Place.RING;
            var uses = new ArrayList<Use>();
            for (var line : lines) uses.add(new Use(line, null));
            d.uses = uses;
        });
    }

    private static Trace trace(Step... steps) {
        return trace(List.of(), steps);
    }

    private static Trace trace(List<ToolLine> tools, Step... steps) {
        Lesson lesson = Lessons.of(FOODS, steps).but(d -> d.tools = tools);
        return Trace.of(lesson, Mentions.of(lesson, KNOWN), KNOWN);
    }

    private static List<Touch> ready(Trace trace) {
        return trace.touches().stream()
                .filter(t -> t.kind() == Touch.Kind.READY)
                .toList();
    }

    private static Lane.Span hands(Trace trace, int step) {
        return trace.lane("hands").orElseThrow().spans().stream()
                .filter(s -> s.from() <= step && step <= s.to())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void handsAreSoiledByRawFoodAndCleanAfterAWash() {
        var trace = trace(
                step("Cut the chicken into strips."),
                step("Stir the flour."),
                step("Wash your hands. Then spoon the yoghurt out."),
                step("Stir the yoghurt."));
        assertThat(hands(trace, 1).dirt().soil()).isEqualTo(Soil.POULTRY);
        assertThat(hands(trace, 2).dirt().since()).isEqualTo(1);
        assertThat(hands(trace, 3).isClean()).isTrue();
        assertThat(hands(trace, 3).washed()).isTrue();
        assertThat(ready(trace)).isEmpty();
    }

    @Test
    void readyFoodIsReachedOnceAndByWhom() {
        var trace = trace(
                step("Cut the chicken into strips."),
                step("Tear the lettuce for the salad."),
                step("Tear more lettuce for the salad."));
        assertThat(ready(trace)).hasSize(1);
        var touch = ready(trace).getFirst();
        assertThat(touch.step()).isEqualTo(2);
        assertThat(touch.line()).isEqualTo("lettuce");
        assertThat(touch.dirt().food()).isEqualTo("chicken breasts");
        assertThat(touch.by().isHands()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "We are going to need to wash our hands in a minute.",
                "Don't wash your hands yet.",
                "Rinse the lettuce under the tap.",
                "Wash the board."
            })
    void anIntentionARinseAndAnotherThingsWashAreNoWashOfHands(String said) {
        var trace = trace(step("Cut the chicken into strips."), step(said), step("Tear the lettuce for the salad."));
        assertThat(ready(trace)).as(said).isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Wash your hands.",
                "Hands washed, please, soap and all.",
                "Give those hands a good wash.",
                "Quick hand wash.",
                "Soap on your hands, twenty seconds."
            })
    void manyWordsMeanAWash(String said) {
        var trace = trace(step("Cut the chicken into strips."), step(said), step("Tear the lettuce for the salad."));
        assertThat(ready(trace).stream().filter(t -> t.by().isHands())).as(said).isEmpty();
    }

    /** Where a step is done may not be set yet: its words say that it is heated. */
    @Test
    void whatTheWordsBoilIsNotEatenAsItIs() {
        var raw = step("Cut the chicken into strips.");
        assertThat(ready(trace(raw, step("Tear the lettuce.")))).isNotEmpty();
        assertThat(ready(trace(raw, step("Boil the lettuce for three minutes."))))
                .isEmpty();
    }

    @Test
    void aBoardKeepsWhatWasCutOnItUntilItIsWashedOrAnotherTaken() {
        var board = List.of(ToolLine.of("t1", "board", "board", 1), ToolLine.of("t2", "knife", "knife", 1));
        assertThat(ready(trace(
                        board, step("Slice the chicken. Wash your hands."), step("Slice the cucumber for the salad."))))
                .extracting(t -> t.by().id())
                .containsExactlyInAnyOrder("knife", "board");
        assertThat(ready(trace(
                        board,
                        step("Slice the chicken. Wash your hands, and wash the knife and board."),
                        step("Slice the cucumber for the salad."))))
                .isEmpty();
        assertThat(ready(trace(
                        board,
                        step("Slice the chicken. Wash your hands."),
                        step("Take a clean board and a clean knife. Slice the cucumber for the salad."))))
                .isEmpty();
    }

    @Test
    void ofTwoBoardsNobodyKnowsWhichUnlessItIsSaid() {
        var boards = List.of(ToolLine.of("t1", "boards", "board", 2), ToolLine.of("t2", "knives", "knife", 2));
        var first = step("Slice the chicken on the board with the knife. Wash your hands.");
        assertThat(ready(trace(boards, first, step("Slice the cucumber for the salad."))))
                .isEmpty();
        assertThat(ready(trace(boards, first, step("On the same board slice the cucumber for the salad."))))
                .isNotEmpty();
    }

    @Test
    void whatIsCookedIsNotRawAnyMore() {
        var trace = trace(
                hot("Fry the chicken for ten minutes.", "chicken"),
                step("Wash your hands."),
                step("Slice the chicken."),
                step("Tear the lettuce for the salad."));
        assertThat(ready(trace)).isEmpty();
    }

    @Test
    void whatIsCookedLaterMayMeetRawHands() {
        var trace = trace(
                step("Cut the chicken into strips."),
                step("Slice the onion."),
                hot("Fry the onion and the chicken.", "onion", "chicken"));
        assertThat(ready(trace)).isEmpty();
        assertThat(trace.touches()).extracting(Touch::kind).containsExactly(Touch.Kind.OTHER);
    }

    @Test
    void aHandleCarriesItOnToCleanHands() {
        var trace = trace(
                step("Cut the chicken into strips and open the fridge door with those hands, get the fridge open.")
                        .but(d -> d.say = "Cut the chicken into strips. Open the fridge."),
                step("Wash your hands."),
                step("Open the fridge."),
                step("Stir the yoghurt."));
        assertThat(trace.touches().getFirst().kind()).isEqualTo(Touch.Kind.HANDLE);
        assertThat(trace.lane("fridge")).isPresent();
        assertThat(hands(trace, 3).dirt().way()).extracting(Surface::id).containsExactly("hands", "fridge", "hands");
    }

    @Test
    void tongsThatPutItInRawAreRawWhenItComesOut() {
        var trace = trace(
                hot("Put the salmon in the pan with the tongs, five minutes.", "salmon"),
                step("Lift the salmon out with those same tongs.").but(d -> d.kind = Kind.PLATE));
        assertThat(ready(trace)).extracting(t -> t.by().id()).contains("tongs");
    }

    @Test
    void anAdultsHandsAreTheirOwn() {
        var trace = trace(
                step("Cut the chicken into strips.").but(d -> d.who = Who.ADULT),
                step("Tear the lettuce for the salad."));
        assertThat(ready(trace)).isEmpty();
        assertThat(trace.lane("hands/adult")).isPresent();
    }

    @Test
    void eggsSoilWhenTheyAreCracked() {
        assertThat(hands(trace(step("Crack the eggs into a bowl.")), 1).dirt().soil())
                .isEqualTo(Soil.EGG);
        assertThat(trace(hot("Boil the eggs for ten minutes.", "eggs")).lane("hands"))
                .isEmpty();
    }

    @Test
    void flourAndChilliAreShownAndAreNotRaw() {
        assertThat(hands(trace(step("Chop the chilli finely.")), 1).dirt().soil())
                .isEqualTo(Soil.CHILLI);
        assertThat(Soil.CHILLI.isRaw()).isFalse();
        assertThat(Soil.EGG.isRaw()).isTrue();
    }

    @Test
    void factsAloneAreEnough() {
        var trace = trace(
                Lessons.using(Lessons.hands("a", 60), "chicken"),
                Lessons.acts(Lessons.hands("w", 40), Act.WASH_HANDS),
                Lessons.using(Lessons.hands("b", 60), "salmon"),
                Lessons.using(Lessons.hands("c", 60), "yoghurt"));
        assertThat(ready(trace)).hasSize(1);
        assertThat(ready(trace).getFirst().dirt().food()).isEqualTo("salmon");
    }

    @Test
    void ofTwoTellingsTheCleanerIsBelieved() {
        var both = step("Cut the chicken into strips, then wash your hands.")
                .but(d -> d.doing = "Cut the chicken into strips.");
        assertThat(ready(trace(both, step("Tear the lettuce for the salad.")))).isEmpty();
    }

    @Test
    void spansCoverEveryStepOnce() {
        var trace = trace(step("Cut the chicken."), step("Wash your hands."), step("Crack the eggs."), step("Stir."));
        for (var lane : trace.lanes()) {
            int at = 1;
            for (var span : lane.spans()) {
                assertThat(span.from()).isEqualTo(at);
                at = span.to() + 1;
            }
            assertThat(at).isEqualTo(5);
        }
        assertThat(trace.lanes().getFirst().surface().isHands()).isTrue();
        assertThat(Set.copyOf(trace.lanes())).hasSameSizeAs(trace.lanes());
    }
}
