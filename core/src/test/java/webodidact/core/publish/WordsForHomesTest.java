package webodidact.core.publish;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Heat;
import webodidact.core.amount.Unit;
import webodidact.core.answer.Answers;
import webodidact.core.answer.Question;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Sets;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.time.TimeRange;

/** What learners read, when homes begin, what is loaded, what is asked afterwards. */
class WordsForHomesTest {
    private static CardText card(String doing, String say) {
        return CardText.of(
                Step.blank("s", Kind.HANDS_ON, "Step").but(d -> {
                    d.doing = doing;
                    d.say = say;
                }),
                Knowledge.shipped());
    }

    @Test
    void directionsForTheCameraAreNoneForLearners() {
        assertThat(card("Fold one on camera slowly, one at speed.", "Fold the long sides up. Lovely."))
                .isEqualTo(new CardText("Fold the long sides up.", CardText.Basis.SAID));
        assertThat(card("Stir, taste, adjust; show a spoon off the tasting spoon.", "")
                        .text())
                .isEqualTo("Stir, taste, adjust.");
        assertThat(card("Chop the onions finely.", "So this is the bit I like.").basis())
                .isEqualTo(CardText.Basis.DONE);
        assertThat(card("Cut to the ready copy. Hold it to the lens.", "").basis())
                .isEqualTo(CardText.Basis.NONE);
        assertThat(card("Show the bowl. Whisk the eggs until pale.", "").text())
                .isEqualTo("Whisk the eggs until pale.");
    }

    @Test
    void whatIsWrittenForThemIsTakenAsItIs() {
        var step = Step.blank("s", Kind.HANDS_ON, "Step").but(d -> {
            d.doing = "Fold one on camera.";
            d.card = "Fold it, on camera if you like.";
        });
        assertThat(CardText.of(step, Knowledge.shipped()))
                .isEqualTo(new CardText("Fold it, on camera if you like.", CardText.Basis.WRITTEN));
    }

    private static final LocalDateTime AIR = LocalDateTime.of(2026, 12, 3, 17, 30);

    private static Lesson bakes(boolean onAir) {
        var first = Step.blank("s1", Kind.HANDS_ON, "Mix").but(d -> {
            d.hands = TimeRange.of(300);
            d.uses = List.of(new Use("f1", null));
            if (onAir) d.acts = EnumSet.of(Act.OVEN_ON);
        });
        var second = Step.blank("s2", Kind.HANDS_ON, "Bake").but(d -> {
            d.hands = TimeRange.of(60);
            d.place = Place.OVEN;
            d.heat = new Heat(180, 180, Heat.Mode.FAN);
        });
        return Lesson.blank("x", 1, "X").withSteps(List.of(first, second)).but(d -> {
            d.air = AIR;
            d.ovenBefore = !onAir;
            d.foods = List.of(
                    FoodLine.of("f1", "chicken thighs", "chicken-thigh", Amount.of(4, Unit.PIECE))
                            .but(f -> f.form = "frozen"),
                    FoodLine.of("f2", "plain flour", "plain-flour", Amount.of(200, Unit.G)));
        });
    }

    private static Answers answers(Lesson lesson) {
        return new Answers(Question.of(lesson, Course.named("C"), Knowledge.shipped()));
    }

    @Test
    void homesHeatTheirOvenBeforehandOnlyWhereTheLessonDoesNot() {
        var before = answers(bakes(false));
        var items = Beforehand.of(before.question(), before.leads(), before.schedule());
        assertThat(items)
                .extracting(Beforehand.Item::what)
                .containsExactly("chicken thighs: thaw in the fridge, on a plate", "oven on, 180 °C fan");
        assertThat(items.getLast().start()).isEqualTo(AIR.minusMinutes(14));
        var onAir = answers(bakes(true));
        assertThat(Beforehand.of(onAir.question(), onAir.leads(), onAir.schedule()))
                .hasSize(1);
    }

    @Test
    void whatIsColdIsLoadedApartWithTheTimeByWhichItIsColdAgain() {
        var book = answers(bakes(false));
        var list = LoadingList.of(book.question(), book.shoot(), book.kit(), book.schedule());
        assertThat(list.crates().keySet()).containsExactly(LoadingList.Crate.DRY, LoadingList.Crate.RAW);
        var raw = list.crates().get(LoadingList.Crate.RAW).getFirst();
        assertThat(raw.outAt()).isEqualTo(AIR);
        assertThat(raw.backBy()).isEqualTo(AIR.plusHours(2));
        assertThat(list.crates().get(LoadingList.Crate.DRY).getFirst().backBy()).isNull();
    }

    @Test
    void everyPotOfEverySetHasALabelThatNamesWhatIsInIt() {
        var book = answers(bakes(false).but(d -> d.sets = new Sets(3, 1, 0)));
        var labels = PotLabels.of(book.question(), book.kit()).labels();
        assertThat(labels).hasSize(8);
        assertThat(labels.getFirst().raw()).isTrue();
        assertThat(labels.getFirst().cold()).isTrue();
        assertThat(labels.get(1).contains()).isEqualTo("wheat");
        assertThat(labels.getLast().set()).isEqualTo(4);
        assertThat(labels).allMatch(l -> l.use().equals(AIR.toLocalDate()));
    }

    @Test
    void whatIsAskedAfterwardsIsOfTheLessonAndDueByTheNextOne() {
        var lesson = bakes(false)
                .but(d -> d.steps = List.of(
                        Step.blank("s1", Kind.HANDS_ON, "Fold").but(x -> {
                            x.skill = "folding";
                            x.question = "Why does it rise?";
                            x.answer = "Air.";
                        }),
                        Step.blank("s2", Kind.TASK, "Task")
                                .but(x -> x.say = "Find out what is landed nearest to you. Thank you and goodbye.")));
        var next = Lesson.blank("y", 2, "Y").but(d -> d.air = AIR.plusDays(3));
        var question = new Question(
                lesson, Course.named("C"), Knowledge.shipped(), List.of(), List.of(lesson, next), Map.of(), Map.of());
        assertThat(HowItWent.of(question))
                .isEqualTo(new HowItWent(
                        List.of("folding"),
                        List.of("Why does it rise?"),
                        "Find out what is landed nearest to you.",
                        AIR.plusDays(3).toLocalDate()));
        assertThat(HowItWent.of(Question.of(lesson, Course.named("C"), Knowledge.shipped()))
                        .by())
                .isEqualTo(AIR.plusDays(7).toLocalDate());
    }

    @Test
    void breathsFallBetweenPhrasesAndCautionsAreMarked() {
        assertThat(
                        Prompter.marked(
                                "Mind the steam. Tip the beans in, give them a stir with the wooden spoon, and put the lid back on the pan."))
                .isEqualTo(
                        "▲ Mind the steam. ‖\nTip the beans in, give them a stir with the wooden spoon, | and put the lid back on the pan. ‖");
    }
}
