package webodidact.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;
import static webodidact.core.Lessons.waits;

import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Amount;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Accepted;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Doubt;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.ToolLine;
import webodidact.core.reading.RecipeReader;
import webodidact.core.time.TimeRange;

/** What is done to a lesson, by name: each does what it says and leaves alone what is not there. */
class OperationsTest {
    private final Lesson lesson = of(
            List.of(food("f1", "plain-flour", "200 g"), food("f2", "butter", "50 g")),
            using(hands("a", 60), "f1").but(d -> d.hold = 30),
            waits(hands("b", 40), 600, 700, Cover.STAY),
            hands("c", 20).but(d -> {
                d.trim = 30;
                d.hold = 20;
            }));

    private Lesson after(UnaryOperator<Lesson> operation) {
        return operation.apply(lesson);
    }

    @Test
    void stepsThatAreNotThereLeaveTheLessonAsItIs() {
        for (var operation : List.of(
                Operations.cover("x", Cover.STAY),
                Operations.act("x", Act.OVEN_ON),
                Operations.hold("x", 5),
                Operations.use("x", "f1", null),
                Operations.amount("x", Amount.parse("1 g")),
                Operations.delist("x"),
                Operations.unuse("x", "f1"),
                Operations.sayAlso("x", "Hm."),
                Operations.delistTool("x"))) {
            assertThat(after(operation)).isEqualTo(lesson);
        }
        assertThat(after(Operations.cover("a", Cover.STAY)))
                .as("no wait, nothing to cover")
                .isEqualTo(lesson);
    }

    @Test
    void waitsAreCoveredCollectedAndStretched() {
        assertThat(after(Operations.collectIn("b", "c"))
                        .steps()
                        .get(1)
                        .waiting()
                        .cover())
                .isEqualTo(new Cover.CarryOn("c"));
        assertThat(after(Operations.stretchWait("b", 500))
                        .steps()
                        .get(1)
                        .waiting()
                        .time())
                .isEqualTo(new TimeRange(500, 500));
        assertThat(after(Operations.stretchWait("b", 900))
                        .steps()
                        .get(1)
                        .waiting()
                        .time())
                .isEqualTo(new TimeRange(600, 900));
    }

    @Test
    void actsComeAndGo() {
        var on = after(Operations.act("a", Act.OVEN_ON));
        assertThat(on.steps().getFirst().acts()).containsExactly(Act.OVEN_ON);
        assertThat(Operations.noAct("a", Act.OVEN_ON).apply(on)).isEqualTo(lesson);
    }

    @Test
    void trimmingTakesTheHoldFirst() {
        var trimmed = after(Operations.trim("c")).steps().get(2);
        assertThat(trimmed.hold()).isZero();
        assertThat(trimmed.hands()).isEqualTo(TimeRange.of(10));
        assertThat(trimmed.trim()).isZero();
        assertThat(after(Operations.trimHands("c", 5)).steps().get(2).hands()).isEqualTo(TimeRange.of(15));
    }

    @Test
    void handsKeepTheirWidthWhenTheyAreStretched() {
        var wide = after(Operations.hands("a", new TimeRange(60, 80)));
        assertThat(Operations.stretchHands("a", 100)
                        .apply(wide)
                        .steps()
                        .getFirst()
                        .hands())
                .isEqualTo(new TimeRange(90, 110));
        assertThat(after(Operations.stretchHands("a", 100)).steps().getFirst().hands())
                .isEqualTo(TimeRange.of(100));
    }

    @Test
    void foodsAreUsedListedNamedAndTakenOff() {
        var used = after(Operations.use("b", "f2", Amount.parse("20 g")));
        assertThat(used.steps().get(1).uses().getFirst().amount()).isEqualTo(Amount.parse("20 g"));
        assertThat(Operations.taking("b", "f2", null)
                        .apply(used)
                        .steps()
                        .get(1)
                        .uses()
                        .getFirst()
                        .amount())
                .isNull();
        assertThat(Operations.unuse("b", "f2").apply(used)).isEqualTo(lesson);
        var listed = after(Operations.list(FoodLine.of("f9", "capers", "capers", null), "c"));
        assertThat(listed.steps().get(2).usesLine("f9")).isTrue();
        assertThat(Operations.delist("f9").apply(listed)).isEqualTo(lesson);
        var renamed = after(Operations.rename("f1", "moonberry paste", Knowledge.shipped()))
                .foods()
                .getFirst();
        assertThat(renamed.unsure()).containsExactly(new Doubt(Doubt.Kind.UNKNOWN_FOOD, "moonberry paste"));
        assertThat(after(Operations.toTaste("f1")).foods().getFirst().amount()).isNull();
    }

    @Test
    void aStatedAmountEndsTheDoubtOfIt() {
        var doubted = lesson.withFood(
                "f1",
                f -> f.but(d -> {
                    d.also = Amount.parse("1 cup");
                    d.unsure = List.of(Doubt.of(Doubt.Kind.NO_AMOUNT), new Doubt(Doubt.Kind.FIGURE_IN_NAME, "x"));
                }));
        var line = Operations.amount("f1", Amount.parse("1 kg"))
                .apply(doubted)
                .foods()
                .getFirst();
        assertThat(line.also()).isNull();
        assertThat(line.unsure()).extracting(Doubt::kind).containsExactly(Doubt.Kind.FIGURE_IN_NAME);
    }

    @Test
    void toolsAndWordsAndPlaces() {
        var tool = after(Operations.listTool(ToolLine.of("t1", "pan", "pan", 1)));
        assertThat(Operations.changeTool(ToolLine.of("t1", "wok", "wok", 2))
                        .apply(tool)
                        .tools()
                        .getFirst()
                        .name())
                .isEqualTo("wok");
        assertThat(Operations.delistTool("t1").apply(tool)).isEqualTo(lesson);
        assertThat(after(Operations.all(List.of(Operations.useTool("a", "pan"), Operations.useTool("a", "pan"))))
                        .steps()
                        .getFirst()
                        .tools())
                .containsExactly("pan");
        assertThat(after(Operations.all(List.of(Operations.sayAlso("a", "One."), Operations.sayAlso("a", "Two."))))
                        .steps()
                        .getFirst()
                        .say())
                .isEqualTo("One. Two.");
        assertThat(after(Operations.place("a", Place.OVEN)).steps().getFirst().place())
                .isEqualTo(Place.OVEN);
        assertThat(after(Operations.accept(new Accepted("over-slot", "", "Fine.")))
                        .accepted())
                .hasSize(1);
    }

    @Test
    void aRecipeBringsItsLinesItsToolsAndItsYield() {
        var recipe = new RecipeReader(Knowledge.shipped())
                .read("Makes 12 scones\n225 g plain flour\n2 mixing bowls\n50 g butter");
        var pasted = Operations.paste(recipe, Knowledge.shipped()).apply(Lesson.blank("l", 1, "l"));
        assertThat(pasted.foods()).extracting(FoodLine::item).containsExactly("plain flour", "butter");
        assertThat(pasted.tools()).extracting(ToolLine::tool).containsExactly("mixing-bowl");
        assertThat(pasted.makes().what()).isEqualTo("scones");
    }
}
