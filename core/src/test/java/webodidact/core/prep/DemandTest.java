package webodidact.core.prep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import webodidact.core.answer.Answers;
import webodidact.core.answer.Question;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.time.TimeRange;

/** What a plan has to keep, each in words, and the question without it; and the plan that everybody asks for. */
class DemandTest {
    private static final Person YOU = new Person("you", EnumSet.allOf(Person.Skill.class), Task.ANY, 0);

    private static Room room(int opens) {
        return new Room(List.of(YOU, new Person("helper", Set.of(), -3600, 0)), 1, 2, 1, true, true, 900, opens);
    }

    private static Prep prep() {
        return new Prep(
                List.of(
                        Task.hands("fold", Task.Kind.COPY_HANDS, "Fold the copy", "", 300, Person.Skill.RAW_MEAT)
                                .by("you"),
                        Task.waits("bake", Task.Kind.COPY_WAIT, "The copy bakes", "", 1200, Place.OVEN, 200)
                                .dueBy(600)
                                .notBefore(-3600),
                        Task.waits("simmer", Task.Kind.COPY_WAIT, "Beans simmer", "", 600, Place.RING, 0)
                                .dueBy(0),
                        Task.hands("set", Task.Kind.SET_OUT, "Set out", "", 120).pinned(-1800)),
                List.of(new Link("fold", "bake", 0, 600)),
                room(-7200));
    }

    @Test
    void eachDemandIsToldInWords() {
        assertThat(Demand.of(prep()))
                .extracting(Demand::text)
                .contains(
                        "nothing before −120:00",
                        "“Fold the copy” done by you",
                        "“Fold the copy” by somebody for raw meat or fish",
                        "“The copy bakes” not done before −40:00, as it keeps no longer",
                        "“The copy bakes” done by 10:00",
                        "“Set out” at −30:00",
                        "“The copy bakes” within 10 min of “Fold the copy”",
                        "one oven",
                        "one ring");
    }

    @Test
    void withoutOneOfThemTheQuestionIsAnother() {
        var prep = prep();
        var by = Map.of(
                Demand.Kind.OPENS,
                1,
                Demand.Kind.PIN,
                1,
                Demand.Kind.KEEPS,
                1,
                Demand.Kind.WHO,
                1,
                Demand.Kind.SOON,
                1,
                Demand.Kind.OVENS,
                1,
                Demand.Kind.RINGS,
                1,
                Demand.Kind.SKILLS,
                1,
                Demand.Kind.DUE,
                2);
        for (var demand : Demand.of(prep)) {
            var without = demand.dropped(prep);
            assertThat(without).as(demand.text()).isNotEqualTo(prep);
            assertThat(without.tasks()).extracting(Task::id).containsExactly("fold", "bake", "simmer", "set");
            assertThat(demand.relaxed()).contains(demand.text());
        }
        by.forEach((kind, n) -> assertThat(Demand.of(prep))
                .filteredOn(d -> d.kind() == kind)
                .as(kind.name())
                .hasSize(n));
        assertThat(dropped(Demand.Kind.PIN).task("set").orElseThrow().at()).isNull();
        assertThat(dropped(Demand.Kind.KEEPS).task("bake").orElseThrow().earliest())
                .isEqualTo(Task.ANY);
        assertThat(dropped(Demand.Kind.WHO).task("fold").orElseThrow().who()).isEmpty();
        assertThat(dropped(Demand.Kind.SOON).links()).containsExactly(Link.then("fold", "bake"));
        assertThat(dropped(Demand.Kind.OPENS).room().opens()).isEqualTo(Task.ANY);
        assertThat(dropped(Demand.Kind.OVENS).room().ovens()).isEqualTo(2);
        assertThat(dropped(Demand.Kind.RINGS).room().rings()).isEqualTo(2);
        assertThat(dropped(Demand.Kind.SKILLS).room().people())
                .allMatch(p -> p.skills().contains(Person.Skill.RAW_MEAT));
    }

    private static Prep dropped(Demand.Kind kind) {
        var prep = prep();
        return Demand.of(prep).stream()
                .filter(d -> d.kind() == kind)
                .findFirst()
                .orElseThrow()
                .dropped(prep);
    }

    @Test
    void anOvenTakesLongerToCoolThanToHeat() {
        var room = room(Task.ANY);
        assertThat(room.change(20, 200)).isEqualTo(900);
        assertThat(room.change(180, 220)).isEqualTo(200);
        assertThat(room.change(220, 180)).isEqualTo(300);
        assertThat(room.change(180, 180)).isZero();
    }

    @Test
    void thePlanOfALessonIsTheSameForEverybodyWhoAsks() {
        var lesson = Lesson.blank("x", 1, "X")
                .withSteps(List.of(Step.blank("s1", Kind.HANDS_ON, "Chop").but(d -> {
                    d.hands = TimeRange.of(60);
                    d.tools = List.of("knife", "board");
                })));
        var answers = new Answers(Question.of(lesson, Course.named("C"), Knowledge.shipped()));
        var first = Prepared.of(answers, () -> false);
        assertThat(Prepared.of(answers, () -> false)).isSameAs(first);
        var retold = new Answers(Question.of(
                lesson.withStep("s1", s -> s.but(d -> d.say = "Chop it now.")),
                Course.named("C"),
                Knowledge.shipped()));
        assertThat(Prepared.isKnown(PrepTasks.of(retold)))
                .as("the same jobs are not planned twice")
                .isTrue();
        assertThat(Prepared.of(retold, () -> false)).isSameAs(first);
        var longer = new Answers(Question.of(
                lesson.withStep("s1", s -> s.but(d -> d.tools = List.of("knife"))),
                Course.named("C"),
                Knowledge.shipped()));
        assertThat(Prepared.isKnown(PrepTasks.of(longer))).isFalse();
        assertThat(first.clash()).isEmpty();
        assertThat(first.longestHold()).isZero();
        assertThat(first.start()).get().isEqualTo(-(600 + 40 + 600));
        assertThat(first.plan().orElseThrow().handsOf(PrepTasks.YOU))
                .as("on air is no preparation")
                .isEqualTo(1240);
        assertThat(Prepared.of(
                                new Answers(
                                        Question.of(Lesson.blank("e", 1, "E"), Course.named("C"), Knowledge.shipped())),
                                () -> false)
                        .start())
                .contains(0);
    }
}
