package webodidact.core.prep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.BenchEdits;

/** Jobs split, joined, pinned, given away and left out. */
class DecidedTest {
    private final Prep prep = prep();

    private static Prep prep() {
        var you = new Person("you", EnumSet.allOf(Person.Skill.class), Task.ANY, 0);
        var helper = new Person("helper", Set.of(Person.Skill.BLADES), Task.ANY, 0);
        return new Prep(
                List.of(
                        Task.hands("clean", Task.Kind.CLEAN, "clean", "", 600),
                        Task.hands("chop", Task.Kind.SET_OUT, "chop", "", 601, Person.Skill.BLADES),
                        Task.hands("fish", Task.Kind.SET_OUT, "fish", "", 300, Person.Skill.RAW_MEAT),
                        Task.waits("rest", Task.Kind.COPY_WAIT, "rest", "", 900, null, 0),
                        Task.hands("camera", Task.Kind.CAMERA, "camera", "", 600)),
                List.of(
                        Link.then("clean", "chop"),
                        Link.then("clean", "fish"),
                        new Link("fish", "rest", 0, 300),
                        Link.then("chop", "camera"),
                        Link.then("rest", "camera")),
                new Room(List.of(you, helper), 1, 2, 4, true, true, 900, Task.ANY));
    }

    private Prep with(UnaryOperator<BenchEdits> edits) {
        return Decided.of(prep, edits.apply(BenchEdits.NONE));
    }

    @Property(tries = 30)
    void aSplitJobIsAsMuchWorkInAllAndKeepsItsPlaceInTheOrder(@ForAll @IntRange(min = 2, max = 6) int parts) {
        var split = with(b -> b.splitting("chop", parts));
        var own = split.tasks().stream().filter(t -> t.id().startsWith("chop")).toList();
        assertThat(own).hasSize(parts);
        assertThat(own.stream().mapToInt(Task::takes).sum()).isEqualTo(601);
        assertThat(own.getLast().what()).isEqualTo("chop (" + parts + " of " + parts + ")");
        for (var each : own)
            assertThat(split.links()).contains(Link.then("clean", each.id()), Link.then(each.id(), "camera"));
        var plan = new PrepModel().solve(split, 0.3, () -> false).plan().orElseThrow();
        assertThat(PlanCheck.faults(split, plan)).isEmpty();
    }

    @Test
    void twoPartsAtOnceBeginLater() {
        var one = new PrepModel().solve(prep, 1, () -> false).plan().orElseThrow();
        var both = new PrepModel()
                .solve(with(b -> b.splitting("chop", 2).giving("chop#2", "")), 1, () -> false)
                .plan()
                .orElseThrow();
        assertThat(both.start()).isGreaterThanOrEqualTo(one.start());
    }

    @Test
    void joinedJobsAreOneByWhoMayDoBoth() {
        var joined = with(b -> b.joining("chop", "fish"));
        assertThat(joined.task("fish")).isEmpty();
        var both = joined.task("chop").orElseThrow();
        assertThat(both.takes()).isEqualTo(901);
        assertThat(both.what()).isEqualTo("chop; then fish");
        assertThat(both.skills()).containsExactlyInAnyOrder(Person.Skill.BLADES, Person.Skill.RAW_MEAT);
        assertThat(joined.links()).contains(new Link("chop", "rest", 0, 300));
        var plan = new PrepModel().solve(joined, 1, () -> false).plan().orElseThrow();
        assertThat(PlanCheck.faults(joined, plan)).isEmpty();
        assertThat(plan.of("chop").orElseThrow().who()).isEqualTo("you");
    }

    @Test
    void whereSomethingComesBetweenTheyStayApart() {
        assertThat(with(b -> b.joining("fish", "camera")).task("camera"))
                .as("it rests between")
                .isPresent();
        assertThat(with(b -> b.joining("camera", "clean")).task("clean"))
                .as("the other way round")
                .isPresent();
        assertThat(with(b -> b.joining("chop", "rest")).task("rest"))
                .as("no work of hands")
                .isPresent();
        assertThat(with(b -> b.joining("chop", "gone"))).isEqualTo(prep);
        assertThat(with(b -> b.splitting("rest", 3))).isEqualTo(prep);
    }

    @Test
    void decisionsAreTakenBackOneByOne() {
        var edits = BenchEdits.NONE.splitting("chop", 3);
        assertThat(edits.of("chop").orElseThrow().parts()).isEqualTo(3);
        assertThat(edits.splitting("chop", 1).isEmpty()).isTrue();
        assertThat(edits.joining("chop", "fish").of("chop").orElseThrow().parts())
                .isZero();
        assertThat(edits.joining("chop", "fish").joining("chop", "").isEmpty()).isTrue();
        assertThat(Decided.of(prep, edits.leavingOut("chop", true)).task("chop"))
                .isEmpty();
    }
}
