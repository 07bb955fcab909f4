package webodidact.core.list;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;

import java.util.List;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Amount;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Yield;

class GatherListTest {
    private static GatherList.Entry only(Lesson lesson, MeasureSystem house) {
        return GatherList.of(lesson, house, Knowledge.shipped()).entries().getFirst();
    }

    private static Lesson halved(FoodLine line) {
        return of(List.of(line), using(hands("a", 60), line.id())).but(d -> {
            d.makes = new Yield(Ratio.of(4), "portions", 4);
            d.homeOf = 2;
        });
    }

    @Test
    void amountsAreScaledForOneHomeAndRounded() {
        var entry = only(halved(food("f1", "yoghurt", "300 g")), MeasureSystem.METRIC);
        assertThat(entry.take()).isEqualTo("150 g");
        assertThat(entry.also()).isEqualTo("145 ml");
        assertThat(entry.steps()).containsExactly(1);
        assertThat(entry.contains()).isEqualTo("milk");
    }

    @Test
    void theSameWeightIsOtherSpoonsElsewhere() {
        assertThat(only(halved(food("f1", "yoghurt", "300 g")), MeasureSystem.AU)
                        .also())
                .isNotEqualTo(only(halved(food("f1", "yoghurt", "300 g")), MeasureSystem.METRIC)
                        .also());
    }

    @Test
    void unknownDensitiesAreNotGuessed() {
        assertThat(only(halved(food("f1", "new-potato", "700 g")), MeasureSystem.METRIC)
                        .also())
                .isEmpty();
        var unknown = only(halved(FoodLine.of("f1", "moonberries", null, Amount.parse("100 g"))), MeasureSystem.METRIC);
        assertThat(unknown.contains()).isEqualTo("unknown: check");
        assertThat(unknown.also()).isEmpty();
    }

    @Test
    void whatDoesNotSimplyScaleSaysSo() {
        assertThat(only(halved(food("f1", "baking-powder", "2 tsp")), MeasureSystem.METRIC)
                        .note())
                .isEqualTo("does not simply scale: test it");
        assertThat(only(halved(food("f1", "baking-powder", "2 tsp")).but(d -> d.homeOf = 4), MeasureSystem.METRIC)
                        .note())
                .isEmpty();
    }

    @Test
    void isOrderedByWhereThingsAreKeptAndLeavesTapWaterOut() {
        var lesson = of(List.of(food("f1", "salt", "1 tsp"), food("f2", "water", "1 l"), food("f3", "milk", "100 ml")));
        assertThat(GatherList.of(lesson, MeasureSystem.METRIC, Knowledge.shipped())
                        .shelves()
                        .keySet())
                .containsExactly(Shelf.FRIDGE, Shelf.SPICE);
    }

    @Test
    void labelsFollowTheChosenSubstitute() {
        var line = food("f1", "yoghurt", "300 g").but(d -> d.chosen = "soya-yoghurt");
        var entry = only(halved(line), MeasureSystem.METRIC);
        assertThat(entry.item()).isEqualTo("soya yoghurt");
        assertThat(entry.contains()).isEqualTo("soya, check the label");
    }
}
