package webodidact.core.script;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.waits;

import java.util.List;
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
import webodidact.core.lesson.Look;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Ring;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.time.TimeRange;

class FactLineTest {
    private static final List<FoodLine> FOODS =
            List.of(food("f1", "lemon", "1 piece"), food("f2", "olive-oil", "3 tbsp"));

    private static FactLine.Read read(String text, Step step) {
        return FactLine.read(text, Lessons.of(FOODS, step, hands("z", 10)), step, Knowledge.shipped());
    }

    private static Step taken(String text) {
        var step = waits(hands("a", 60), 600, 700, new Cover.CarryOn(""));
        var read = read(text, step);
        assertThat(read.left()).as(text).isEmpty();
        return read.taken(step);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            bakes 16 to 20 min at 200 fan | bakes 16–20 min, oven 200 °C fan
            camera hob | camera: hob
            adult does it | adult does this
            hands 5 | hands 5:00
            hands 1:30-2:00 | hands 1:30–2:00
            part Shape | part: Shape
            ask: why do we rest it? | ask: why do we rest it?
            on the card: Rest it, covered. | on the card: Rest it, covered.
            hold 2:25 | hold 2:25
            knead 10 min | hands 10:00
            simmers twenty minutes to half an hour until thick | simmers 20–30 min, until thick
            low heat | low heat
            lid on; ring off | lid on, ring off
            with the helper | together with helper
            not shown 4 | 4:00 of the hands off camera
            reach by 12:30 | reach by 12:30
            ½ lemon | ½ lemon
            2 tbsp olive oil | 2 tbsp olive oil
            grater | box grater
            """)
    void saysWhatItBecomes(String typed, String becomes) {
        var read = read(typed, hands("a", 60));
        assertThat(String.join(
                        ", ", read.facts().stream().map(FactLine.Fact::text).toList()))
                .isEqualToIgnoringCase(becomes);
        assertThat(read.isWhole()).isTrue();
    }

    @Test
    void takesIt() {
        var step = taken("camera hob; bakes 16 to 20 min at 200 fan; adult near");
        assertThat(step.camera()).isEqualTo("hob");
        assertThat(step.waiting().time()).isEqualTo(new TimeRange(960, 1200));
        assertThat(step.waiting().what()).isEqualTo("bakes");
        assertThat(step.heat()).isEqualTo(new Heat(200, 200, Heat.Mode.FAN));
        assertThat(step.place()).isEqualTo(Place.OVEN);
        assertThat(step.who()).isEqualTo(Who.ADULT_NEAR);
        assertThat(taken("turn the tray at 9:00").waiting().looks()).containsExactly(new Look(540, "turn the tray"));
        assertThat(taken("collected in 2").waiting().cover()).isEqualTo(new Cover.CarryOn("z"));
        assertThat(taken("until golden").waiting().cue()).isEqualTo("golden");
        assertThat(taken("as long as it takes").waiting().unsaid()).isTrue();
        assertThat(taken("ring high").ring()).isEqualTo(Ring.HIGH);
        assertThat(taken("residual heat").acts()).containsExactly(Act.KEEPS_HOT);
        assertThat(taken("½ lemon").uses()).extracting(u -> u.amount()).containsExactly(Amount.parse("1/2 piece"));
    }

    @Test
    void whatIsNotUnderstoodStaysAndNothingIsGuessed() {
        var read = read("hands 5; wibble the frotz", hands("a", 60));
        assertThat(read.facts()).hasSize(1);
        assertThat(read.left()).isEqualTo("wibble the frotz");
        assertThat(read("hands a while", hands("a", 60)).facts()).isEmpty();
        assertThat(read("collected in 1", hands("a", 60)).facts())
                .as("no step can be collected in itself")
                .isEmpty();
        assertThat(read("until golden", hands("a", 60)).facts())
                .as("there is no wait")
                .isEmpty();
    }
}
