package webodidact.core.prep;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.at;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;
import static webodidact.core.Lessons.waits;

import java.util.List;
import org.junit.jupiter.api.Test;
import webodidact.core.answer.Answers;
import webodidact.core.answer.Question;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;

/** Ready copies: made from the beginning, kept no longer than they keep or than food safety allows, cut open where one is shown so. */
class CopyTasksTest {
    private static final int HOURS = 3600;

    private static Prep prep(Lesson lesson) {
        return PrepTasks.of(new Answers(Question.of(lesson, COURSE, Knowledge.shipped())));
    }

    private static Prep prep(List<FoodLine> foods, Step... steps) {
        return prep(of(foods, steps));
    }

    private static PrepPlan plan(Prep prep) {
        var plan = PrepSolver.usual().solve(prep, 1, () -> false).plan().orElseThrow();
        assertThat(PlanCheck.faults(prep, plan)).isEmpty();
        return plan;
    }

    /** Baked for 16 to 20 minutes, with a copy that keeps so long. */
    private static Step baked(int keeps, String... lines) {
        return at(waits(using(hands("bake", 60), lines), 960, 1200, new Cover.ReadyCopy(0, keeps)), Place.OVEN);
    }

    private static int longestHold(Prep prep) {
        var task = prep.task("copy/bake/bake/wait").orElseThrow();
        return task.due() - task.from() - 960;
    }

    @Test
    void aCopyOfACopiedDoughIsMadeFromTheBeginningAndItsDoughWaitsNoLongerThanItKeeps() {
        var flour = food("f1", "strong-flour", "500 g");
        var dough = waits(using(hands("dough", 300), "f1"), 3600, 3600, new Cover.ReadyCopy(0, 1800));
        var prep = prep(List.of(flour), dough, baked(HOURS, "f1"));
        assertThat(prep.tasks())
                .extracting(Task::id)
                .contains("copy/dough/dough/wait", "copy/bake/dough", "copy/bake/dough/wait", "copy/bake/bake");
        assertThat(prep.task("copy/bake/dough/wait").orElseThrow().why())
                .as("what is not carried in yet has no time at which it is")
                .isEqualTo("60:00, on its way to the copy of “bake”");
        var plan = plan(prep);
        assertThat(plan.of("copy/bake/bake").orElseThrow().start()
                        - plan.of("copy/bake/dough/wait").orElseThrow().end())
                .isBetween(0, 1800);
    }

    @Test
    void itKeepsFromWhenItMayBeDoneAndIsPlannedForWhenItMust() {
        var prep = prep(List.of(food("f1", "plain-flour", "200 g")), baked(HOURS, "f1"));
        assertThat(longestHold(prep)).isEqualTo(HOURS);
        var task = prep.task("copy/bake/bake/wait").orElseThrow();
        assertThat(task.takes()).isEqualTo(1200);
        assertThat(task.safe()).as("flour and water").isEqualTo(Task.ANY);
    }

    @Test
    void whatSpoilsIsOutOfTheColdForTwoHoursWhateverItWouldKeep() {
        for (var meat : List.of("chicken-thigh", "beef-mince", "white-fish", "rice", "egg")) {
            var prep = prep(List.of(food("f1", meat, "300 g")), baked(5 * HOURS, "f1"));
            assertThat(longestHold(prep)).as(meat).isEqualTo(2 * HOURS);
            assertThat(Demand.of(prep))
                    .filteredOn(d -> d.kind() == Demand.Kind.SPOILS)
                    .singleElement()
                    .satisfies(d -> assertThat(d.relaxed()).startsWith("Chill it at once, or keep it hot"))
                    .satisfies(d -> assertThat(longestHold(d.dropped(prep))).isEqualTo(5 * HOURS));
            var brief = prep(List.of(food("f1", meat, "300 g")), baked(HOURS, "f1"));
            assertThat(longestHold(brief)).as("it keeps an hour only").isEqualTo(HOURS);
            assertThat(Demand.of(brief))
                    .filteredOn(d -> d.kind() == Demand.Kind.KEEPS)
                    .singleElement()
                    .satisfies(d -> assertThat(longestHold(d.dropped(brief)))
                            .as("longer where its taste allows, but two hours at the most")
                            .isEqualTo(2 * HOURS));
        }
    }

    @Test
    void whatKeepsInAnyCaseIsLeftToTheInstructor() {
        var scones = List.of(
                food("f1", "plain-flour", "225 g"),
                food("f2", "milk", "150 ml"),
                food("f3", "cheddar", "75 g"),
                food("f4", "egg", null));
        assertThat(longestHold(prep(scones, baked(5 * HOURS, "f1", "f2", "f3"))))
                .isEqualTo(5 * HOURS);
        // The words of the last step name the egg wash alone.
        var mixed = using(hands("mix", 300), "f1", "f2", "f3");
        assertThat(longestHold(prep(scones, mixed, baked(5 * HOURS, "f4")))).isEqualTo(5 * HOURS);
        assertThat(longestHold(prep(List.of(food("f1", "carrot", "300 g")), baked(5 * HOURS, "f1"))))
                .isEqualTo(5 * HOURS);
        var chilled = baked(5 * HOURS, "f1").but(d -> d.place = Place.COLD);
        var cream = prep(List.of(food("f1", "double-cream", "300 ml")), chilled);
        assertThat(longestHold(cream)).as("it is in the fridge").isEqualTo(5 * HOURS);
    }

    @Test
    void aHotMiddleOfWhatSpoilsGoesOnWithinTwoHours() {
        var mince = food("f1", "beef-mince", "500 g");
        var fried = at(waits(using(hands("fry", 120), "f1"), 600, 600, Cover.STAY), Place.RING);
        var prep = prep(List.of(mince), fried, baked(HOURS, "f1"));
        assertThat(prep.links())
                .filteredOn(l ->
                        l.before().equals("copy/bake/fry/wait") && l.after().equals("copy/bake/bake"))
                .singleElement()
                .satisfies(l -> assertThat(l.most()).isEqualTo(2 * HOURS));
        var carrots = prep(List.of(food("f1", "carrot", "300 g")), fried, baked(HOURS, "f1"));
        assertThat(carrots.links())
                .filteredOn(l -> l.after().equals("copy/bake/bake"))
                .allSatisfy(l -> assertThat(l.most()).isEqualTo(Link.ANY));
    }

    @Test
    void whatIsHeldIsSaidWithWhatItMayBeAndAMiddleOfACopyIsNoHold() {
        var mince = food("f1", "beef-mince", "500 g");
        var fried = at(waits(using(hands("fry", 120), "f1"), 600, 600, Cover.STAY), Place.RING);
        var prep = prep(List.of(mince), fried, baked(HOURS, "f1"));
        // Nothing but the copy may be in the way of it: somebody is out for the last half hour.
        var pinned = prep.with(
                "copy/bake/bake/wait",
                t -> t.pinned(prep.task("copy/bake/bake/wait").orElseThrow().due() - 1200 - 600));
        var prepared = Prepared.of(pinned, () -> false);
        assertThat(prepared.holds()).singleElement().satisfies(h -> {
            assertThat(h.seconds()).isEqualTo(600);
            assertThat(h.most()).as("an hour from the short end of its time").isEqualTo(HOURS - 240);
            assertThat(h.spoils()).isTrue();
        });
        assertThat(prepared.longestHold()).isEqualTo(600);
    }

    @Test
    void oneThatIsShownCutOpenIsCooledAndCutFirst() {
        var flour = List.of(food("f1", "strong-flour", "500 g"));
        for (var said : List.of(
                "And here is one I cut open earlier, look at that crumb.",
                "This one is already cut in half so you can see.",
                "I've sliced one before, see the layers?")) {
            var prep = prep(flour, baked(2 * HOURS, "f1").but(d -> d.say = said));
            var plan = plan(prep);
            var cut = plan.of("copy/bake/cut").orElseThrow();
            var done = plan.of("copy/bake/bake/wait").orElseThrow();
            assertThat(cut.task().skills()).as(said).containsExactly(Person.Skill.BLADES);
            assertThat(cut.start() - done.end()).as("cooled").isGreaterThanOrEqualTo(1800);
            assertThat(cut.end()).isLessThanOrEqualTo(cut.task().due());
        }
        for (var said : List.of(
                "Cut the dough in half before you shape it.",
                "Here is one I made earlier.",
                "We'll cut it open together at the end.",
                "The butter was cut into cubes before."))
            assertThat(prep(flour, baked(2 * HOURS, "f1").but(d -> d.say = said))
                            .task("copy/bake/cut"))
                    .as(said)
                    .isEmpty();
    }

    @Test
    void whatIsCutIsRinsedAtTheBeginningAndWhatIsRawWashedOffAtTheEnd() {
        var foods = List.of(
                food("f1", "carrot", "300 g").but(d -> d.form = "grated"),
                food("f2", "white-fish", "300 g"),
                food("f3", "tomato", "300 g"),
                food("f4", "spinach", "200 g").but(d -> d.form = "frozen"));
        var prep = prep(foods, using(hands("mix", 60), "f1", "f2"), using(hands("lay", 60), "f3", "f4"));
        var mix = prep.task("set-out/mix").orElseThrow();
        assertThat(mix.rinses()).isEqualTo(30);
        assertThat(mix.washes()).isEqualTo(90);
        assertThat(prep.task("set-out/lay").orElseThrow().isAtSink())
                .as("whole tomatoes may be washed on air, frozen spinach by nobody")
                .isFalse();
    }

    @Test
    void whatIsFrozenNeedsRoomInTheFreezerAndNotInTheFridge() {
        var ice = food("f1", "double-cream", "300 ml");
        var frozen = waits(using(hands("bake", 60), "f1"), 14_400, 14_400, new Cover.ReadyCopy(0, 10 * HOURS))
                .but(d -> d.place = Place.FREEZER);
        var lesson = of(List.of(ice), frozen);
        var kitchen = COURSE.withKitchen(COURSE.kitchen().but(d -> {
            d.fridge = 1;
            d.freezer = 1;
        }));
        var prep = PrepTasks.of(new Answers(Question.of(lesson, kitchen, Knowledge.shipped())));
        assertThat(prep.room().holds(Place.FREEZER)).isEqualTo(1);
        assertThat(Demand.of(prep)).extracting(Demand::kind).contains(Demand.Kind.FREEZER);
        assertThat(plan(prep).of("copy/bake/bake/wait").orElseThrow().task().place())
                .isEqualTo(Place.FREEZER);
    }
}
