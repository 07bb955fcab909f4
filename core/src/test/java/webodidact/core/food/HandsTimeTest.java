package webodidact.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import webodidact.core.Lessons;
import webodidact.core.amount.Ratio;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.Workbook;
import webodidact.core.script.HandsPace;
import webodidact.core.script.Suggestion;
import webodidact.core.script.Suggestions;
import webodidact.core.time.TimeRange;

class HandsTimeTest {
    private static final Knowledge KNOWN = Knowledge.shipped();

    private static TimeRange time(String verb, String food, Integer pieces, Integer grams) {
        var it = KNOWN.food(food).orElseThrow();
        return Actions.shipped()
                .verb(verb)
                .orElseThrow()
                .time()
                .of(it, it.name(), pieces == null ? null : Ratio.of(pieces), grams == null ? null : Ratio.of(grams));
    }

    @Test
    void aPieceAWeightAndAFoodOfItsOwn() {
        assertThat(time("chop", "onion", 1, null)).isEqualTo(new TimeRange(60, 90));
        assertThat(time("chop", "onion", 2, null)).isEqualTo(new TimeRange(120, 180));
        assertThat(time("grate", "carrot", null, 100))
                .as("a carrot of 100 g or so")
                .isEqualTo(new TimeRange(30, 45));
        assertThat(time("grate", "cheddar", null, 200)).isEqualTo(new TimeRange(80, 100));
        assertThat(time("rub in", "butter", null, 100)).isEqualTo(new TimeRange(40, 50));
        assertThat(time("chop", "parsley", null, null))
                .as("herbs once, however many")
                .isEqualTo(new TimeRange(30, 50));
    }

    @Test
    void everyVerbHasATimeOfItsOwn() {
        for (var action : Actions.shipped().all())
            assertThat(action.time().rates()).as(action.verb()).isNotEmpty();
    }

    private static Step step(String id, String doing) {
        return Step.blank(id, Kind.HANDS_ON, id).but(d -> d.doing = doing);
    }

    @Test
    void aStepWithoutALengthGetsOneWithWhereItIsFrom() {
        var foods = List.of(Lessons.food("f1", "onion", "1 piece"), Lessons.food("f2", "garlic", "3 clove"));
        var step = step("a", "Finely chop the onion and crush the garlic.");
        var hands = new Suggestions(Lessons.of(foods, step), KNOWN)
                .of(step).stream()
                        .filter(s -> s.kind() == Suggestion.Kind.HANDS)
                        .findFirst()
                        .orElseThrow();
        assertThat(hands.text()).isEqualTo("about 2:00, from: chop 1 onion, crush 3 cloves garlic clove");
        assertThat(hands.change().apply(step).hands()).isEqualTo(new TimeRange(60 + 36, 90 + 60));
    }

    @Test
    void takesCorrectAVerbAndItAlone() {
        var foods = List.of(Lessons.food("f1", "onion", "1 piece"), Lessons.food("f2", "carrot", "1 piece"));
        var chop = step("a", "Chop the onion.");
        var peel = step("b", "Peel the carrot.");
        var lesson = Lessons.of(foods, chop, peel);
        var take = new Take(
                "t",
                lesson.id(),
                LocalDateTime.of(2026, 11, 1, 17, 0),
                List.of(new Take.StepTime("a", "a", 150, 0, 0)));
        var factors = HandsPace.of(new Workbook(Lessons.COURSE, List.of(lesson), List.of(), List.of(take)), KNOWN);
        assertThat(factors).isEqualTo(Map.of("chop", Ratio.of(2)));
        var second = new Take("u", lesson.id(), take.at(), List.of(new Take.StepTime("a", "a", 100, 0, 0)));
        var sure = HandsPace.measured(
                        new Workbook(Lessons.COURSE, List.of(lesson), List.of(), List.of(take, second)), KNOWN)
                .get("chop");
        assertThat(sure).isEqualTo(new HandsPace.Measured(Ratio.of(5, 3), 2, Ratio.of(4, 3), Ratio.of(2)));
        var now = new Suggestions(lesson, KNOWN, factors);
        assertThat(now.handsOf(chop).time()).isEqualTo(new TimeRange(120, 180));
        assertThat(now.handsOf(peel).time()).isEqualTo(new TimeRange(20, 30));
    }
}
