package webodidact.core.script;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.Lessons;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.time.TimeRange;

/** Where a step happens and what it does to the kitchen, from words that do not name the place. */
class PlacesTest {
    private static final Knowledge KNOWN = Knowledge.shipped();

    private static Step taken(String title, String say) {
        Lesson lesson = Lessons.of(
                List.of(Lessons.food("f1", "salmon", "2 piece"), Lessons.food("f2", "butter", "50 g")),
                Step.blank("s1", Kind.HANDS_ON, title).but(d -> d.say = say));
        return Suggestions.takingAll(lesson, List.of("s1"), KNOWN, Map.of())
                .steps()
                .getFirst();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Cook | Dry frying pan, high heat, a minute each side until blistered. | RING
            Cook | Get the pan really hot and lay the salmon in. | RING
            Melt | Put the bowl over a pan of simmering water and melt the butter. | RING
            Butter | Melt the butter in the frying pan. | RING
            Bake | It goes in for 25 minutes until golden. | OVEN
            Slide | Open the oven and slide it in for an hour. | OVEN
            Roast | Into the preheated oven for half an hour. | OVEN
            Chop | Chop it small. | BENCH
            Pan | Wash the frying pan. | BENCH
            Toast | Salmon under the hot grill, two minutes. | GRILL
            Toast | Grill the salmon for five minutes. | GRILL
            Fry | Salmon in the air fryer for eight minutes. | COUNTERTOP
            Fry | If you've an air fryer you know what to do. | BENCH
            Stew | Into the slow cooker, lid on, six hours. | COUNTERTOP
            End | Slow cooker off, lift it out. | BENCH
            """)
    void theWordsTellThePlace(String title, String say, Place place) {
        assertThat(taken(title, say).place()).as(say).isEqualTo(place);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Turn the rings off, then serve. | RING_OFF
            Both rings off. | RING_OFF
            Heat off. | RING_OFF
            Switch off the gas. | RING_OFF
            Oven off, gloves on. | OVEN_OFF
            Turn everything off. | OVEN_OFF
            Wash and dry your hands. | WASH_HANDS
            Soap on those hands. | WASH_HANDS
            """)
    void theWordsTellTheAct(String say, Act act) {
        assertThat(ActWords.in(say)).as(say).contains(act);
        assertThat(ActWords.at(act, say)).isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            a minute and a half | 90 | 90
            a minute and a half each side | 90 | 90
            two minutes and a half | 150 | 150
            a minute or two | 60 | 120
            an hour and a half | 5400 | 5400
            """)
    void halvesOfMinutes(String text, int low, int high) {
        assertThat(TimeWords.in(text).getFirst().time()).isEqualTo(new TimeRange(low, high));
    }

    @Test
    void eachIsNoAmountOfAll() {
        Lesson lesson = Lessons.of(
                List.of(Lessons.food("f1", "grape", "12 piece").but(d -> d.item = "grapes")),
                Step.blank("s1", Kind.HANDS_ON, "").but(d -> d.say = "Put one grape next to each of them."));
        var step = Suggestions.takingAll(lesson, List.of("s1"), KNOWN, Map.of())
                .steps()
                .getFirst();
        assertThat(step.uses()).hasSize(1);
        assertThat(step.uses().getFirst().amount()).isNull();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            There's milk in the sauce. | milk
            If you have an allergy to fish say so. | fish
            It's sugar free. | sugar
            We talked about butter. | butter
            Dont add the salt. | salt
            """)
    void whatIsOnlyToldOfIsNoUse(String text, String word) {
        assertThat(Asides.of(text).covers(text.indexOf(word))).as(text).isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            You'll need butter and salt. | butter
            You will want flour. | flour
            If you don't have milk you can use oat milk. | oat
            """)
    void aListIsNoPlan(String text, String word) {
        assertThat(Asides.of(text).covers(text.indexOf(word))).as(text).isFalse();
    }

    /** What stands on the worktop or under the grill is there still when nobody names it again. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Salmon in the air fryer, eight minutes. | Butter on top, two more minutes. | COUNTERTOP
            Salmon in the air fryer, eight minutes. | Butter in a bowl, leave it for two minutes. | BENCH
            Salmon under the grill, two minutes. | Back under, two more minutes. | GRILL
            Salmon under the grill, two minutes. | Butter on it. | BENCH
            Salmon in the frying pan over a medium heat, three minutes. | Butter on top of it, two minutes. | RING
            """)
    void whatIsHotGoesOn(String first, String second, Place place) {
        Lesson lesson = Lessons.of(
                List.of(Lessons.food("f1", "salmon", "2 piece"), Lessons.food("f2", "butter", "50 g")),
                Step.blank("s1", Kind.HANDS_ON, "First").but(d -> d.say = first),
                Step.blank("s2", Kind.HANDS_ON, "Second").but(d -> d.say = second));
        assertThat(Suggestions.takingAll(lesson, List.of("s1", "s2"), KNOWN, Map.of())
                        .steps()
                        .getLast()
                        .place())
                .as(second)
                .isEqualTo(place);
    }
}
