package webodidact.core.afters;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.answer.Question;
import webodidact.core.food.Allergen;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Received;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Went;
import webodidact.core.lesson.Workbook;
import webodidact.core.publish.HowItWent;

class CarryOverTest {
    private static final Knowledge KNOWN = Knowledge.shipped();
    private static final LocalDateTime AIR = LocalDateTime.of(2026, 12, 3, 17, 30);

    private static Lesson lesson(int number, String say, String skill) {
        return of(
                        List.of(food("f1", "yoghurt", "120 g")),
                        using(hands("a", 60), "f1").but(d -> {
                            d.say = say;
                            d.skill = skill;
                        }))
                .but(d -> {
                    d.id = number + "-lesson";
                    d.number = number;
                    d.title = "Lesson " + number;
                    d.air = AIR.plusDays(2L * (number - 1));
                });
    }

    private static CarryOver carry(Lesson... lessons) {
        return CarryOver.of(new Workbook(COURSE, List.of(lessons), List.of(), List.of()), KNOWN);
    }

    /** As instructors say it; what a later lesson has of it, or has not. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Next week we will find out why dough rests.       | Why dough rests: let it lie.          | true
            Next week we will find out why dough rests.       | Today we fry onions until golden.     | false
            We'll make stock out of the bones next time.      | Bones and peelings make a good stock. | true
            We'll make stock out of the bones next time.      | A salad of oranges and mint.          | false
            In lesson 2 you learn to joint a chicken.         | Jointing a chicken takes ten minutes. | true
            See you next week!                                | Anything at all.                      | false
            """)
    void aPromiseIsFoundWhereALaterLessonHasItsWords(String said, String later, boolean taken) {
        var items =
                carry(lesson(1, "Lovely. " + said + " Off we go.", ""), lesson(2, later, "")).from("1-lesson").stream()
                        .filter(i -> i.kind() == CarryOver.Kind.PROMISE)
                        .toList();
        assertThat(items).hasSize(1);
        assertThat(items.getFirst().text()).isEqualTo(said.strip());
        assertThat(items.getFirst().isTakenUp()).isEqualTo(taken);
    }

    private static CarryOver.Item promise(CarryOver carry) {
        return carry.from("1-lesson").stream()
                .filter(i -> i.kind() == CarryOver.Kind.PROMISE)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aPromiseThatIsHalfKeptIsOnlyPerhapsTakenUp() {
        var first = lesson(1, "Next week we joint a chicken and roast it.", "");
        var half = promise(carry(first, lesson(2, "Today we roast a chicken.", "")));
        assertThat(half.isTakenUp()).isTrue();
        assertThat(half.isSure()).isFalse();
        assertThat(half.missing()).containsExactly("joint");
        var whole = carry(first, lesson(2, "We roast it.", ""), lesson(3, "Jointing a chicken, then roast it.", ""));
        assertThat(promise(whole).toNumber()).isEqualTo(3);
        assertThat(promise(whole).isSure()).isTrue();
    }

    @Test
    void aPromiseOfALessonByItsNumberIsLookedForThere() {
        var first = lesson(1, "In lesson 3 you learn to joint a chicken.", "");
        var items = carry(first, lesson(2, "Jointing a chicken.", ""), lesson(3, "A salad of oranges.", ""));
        assertThat(items.from("1-lesson")).noneMatch(i -> i.kind() == CarryOver.Kind.PROMISE && i.isTakenUp());
    }

    @Test
    void whatIsSaidOfTodayIsNoPromise() {
        assertThat(carry(lesson(
                                1,
                                "The next step is easy. Last week we made bread. Time to go on. "
                                        + "Your task before next time: find a recipe. Send it by next week.",
                                ""))
                        .items())
                .noneMatch(i -> i.kind() == CarryOver.Kind.PROMISE);
    }

    @Test
    void whatIsOverGoesToALessonThatUsesItWhileItKeeps() {
        var later = lesson(2, "", "");
        var left = carry(lesson(1, "", ""), later).from("1-lesson").stream()
                .filter(i -> i.kind() == CarryOver.Kind.LEFT || i.kind() == CarryOver.Kind.FROZEN)
                .findFirst()
                .orElseThrow();
        assertThat(left.toNumber()).isEqualTo(2);
        assertThat(left.text()).contains("yoghurt");
        assertThat(left.by()).isAfterOrEqualTo(LocalDate.of(2026, 12, 4));
        assertThat(left.allergens()).contains(Allergen.MILK);
        var tooLate = later.but(d -> d.air = AIR.plusDays(60));
        assertThat(carry(lesson(1, "", ""), tooLate).from("1-lesson"))
                .filteredOn(i -> i.kind() == CarryOver.Kind.LEFT)
                .allMatch(i -> !i.isTakenUp());
    }

    /** Raw fish keeps for a day and can be frozen: what no lesson takes in time is frozen, unless the instructor has written otherwise. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            1  | ''                 | LEFT   | 2
            90 | ''                 | FROZEN | 2
            90 | give it to Bram    | LEFT   | 0
            90 | freeze for stock   | LEFT   | 0
            """)
    void whatNoLessonTakesInTimeIsFrozenUnlessSomebodyHasDecided(int days, String plan, CarryOver.Kind kind, int to) {
        var salmon = food("f1", "salmon", "100 g");
        var first = lesson(1, "", "").but(d -> d.foods = List.of(salmon.but(f -> f.plan = plan)));
        var later = lesson(2, "", "").but(d -> {
            d.foods = List.of(salmon);
            d.air = AIR.plusDays(days);
        });
        var item = carry(first, later).from("1-lesson").stream()
                .filter(i -> i.kind() != CarryOver.Kind.SKILL)
                .findFirst()
                .orElseThrow();
        assertThat(item.kind()).isEqualTo(kind);
        assertThat(item.toNumber()).isEqualTo(to);
        assertThat(item.text()).contains(plan);
    }

    @Test
    void aSkillThatComesAgainNeedsAReminderOnlyAndChangesAreNotForgotten() {
        var first = lesson(1, "", "folding a seal")
                .but(d -> d.went = new Went(null, null, null, List.of("offer foil for the parcels first")));
        var carry = carry(first, lesson(2, "Foil for the parcels is the first thing I offer.", "folding a seal"));
        assertThat(carry.into("2-lesson"))
                .extracting(CarryOver.Item::kind)
                .contains(CarryOver.Kind.SKILL, CarryOver.Kind.CHANGE);
        assertThat(carry(first, lesson(2, "Onions.", "")).open())
                .extracting(CarryOver.Item::text)
                .containsExactly("offer foil for the parcels first");
    }

    @Test
    void theCourseByDateSaysHowFarEachLessonIsAndWhatIsNewInIt() {
        var book = new Workbook(
                COURSE,
                List.of(lesson(1, "", "folding"), lesson(2, "", "folding"), of().but(d -> {
                    d.id = "3-lesson";
                    d.number = 3;
                })),
                List.of(),
                List.of());
        var view = CourseView.of(book, KNOWN);
        assertThat(view.rows()).extracting(r -> r.lesson().id()).containsExactly("1-lesson", "2-lesson", "3-lesson");
        assertThat(view.rows().getFirst().skills()).containsExactly("folding");
        assertThat(view.rows().get(1).again()).containsExactly("folding");
        assertThat(view.rows().get(1).shared()).hasSize(1);
        assertThat(view.rows().get(2).state()).isEqualTo(CourseView.State.EMPTY);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            It flakes                              | it flakes easily                 | LOOK
            It flakes when you press it            | flakes when pressed              | AS_THE_KEY
            63 degrees inside                      | 63 degrees inside                | AS_THE_KEY
            60 degrees inside                      | 63 degrees inside                | LOOK
            It does not curdle                     | it curdles                       | LOOK
            ''                                     | anything                         | NONE
            The lemon cooks it a bit and the salt  | lemon and salt cook it           | AS_THE_KEY
            """)
    void anAnswerIsHeldAgainstTheKeyWithoutGuessing(String answer, String key, WorkReceived.Verdict verdict) {
        assertThat(WorkReceived.verdict(answer, key)).isEqualTo(verdict);
    }

    @Test
    void whoIsOutstandingIsRemindedAndWhoHadNoOvenDoesSomethingAsGood() {
        var lesson = of(Step.blank("q", Kind.HANDS_ON, "Bake").but(d -> {
                    d.place = Place.OVEN;
                    d.question = "When is it done?";
                    d.answer = "it flakes when pressed";
                }))
                .but(d -> d.air = AIR);
        lesson = lesson.but(
                d -> d.foods = List.of(FoodLine.of("f1", "moonberry paste", null, null), food("f2", "dill", "10 g")));
        var homes = List.of(
                Household.named("Tern").but(d -> d.oven = false),
                Household.named("Smew").but(d -> d.missingFoods = Set.of("dill")));
        var received = List.of(new Received(
                lesson.id(),
                "Smew",
                Received.Kind.ANSWERS,
                LocalDate.of(2026, 12, 4),
                List.of("It flakes when I press"),
                ""));
        var book = new Workbook(COURSE, List.of(lesson), homes, List.of(), received);
        var asked = HowItWent.of(new Question(lesson, COURSE, KNOWN, homes, List.of(lesson), Map.of(), Map.of()));
        var work = WorkReceived.of(book, lesson, asked, KNOWN);
        assertThat(work.in()).isOne();
        assertThat(work.outstanding()).extracting(r -> r.home().alias()).containsExactly("Tern");
        assertThat(work.rows().get(1).verdicts()).containsExactly(WorkReceived.Verdict.AS_THE_KEY);
        assertThat(work.rows().getFirst().alternative()).contains("no oven");
        assertThat(work.rows().get(1).alternative()).contains("no dill");
        assertThat(work.reminder(lesson)).contains(lesson.title()).doesNotContain("Tern");
        assertThat(book.forgettingHomes().received()).isEmpty();
        assertThat(Set.copyOf(work.questions())).containsExactly("When is it done?");
    }
}
