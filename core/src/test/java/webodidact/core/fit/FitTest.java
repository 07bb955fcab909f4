package webodidact.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.acts;
import static webodidact.core.Lessons.at;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.outcome;
import static webodidact.core.Lessons.plan;
import static webodidact.core.Lessons.recorded;
import static webodidact.core.Lessons.using;
import static webodidact.core.Lessons.waits;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.Test;
import webodidact.core.check.Finding;
import webodidact.core.food.Knowledge;
import webodidact.core.homes.Progress;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.timing.Pace;

class FitTest {
    private static final Pace PACE = new Pace(Audience.ADULTS, Map.of());

    private static Step titled(Step step, String title) {
        return step.but(d -> d.title = title);
    }

    /** Potatoes simmer 15 min and are stayed with; beans are trimmed before, a talk may go, the yoghurt is independent. */
    private static Lesson supper() {
        return of(
                        List.of(
                                food("f1", "new-potato", "350 g"),
                                food("f2", "green-bean", "120 g"),
                                food("f3", "yoghurt", "150 g")),
                        titled(using(hands("beans", 200), "f2"), "Trim the beans"),
                        using(
                                waits(
                                        at(titled(hands("potatoes", 120), "Potatoes on"), Place.RING),
                                        900,
                                        1000,
                                        Cover.STAY),
                                "f1"),
                        Step.blank("why", Kind.TALK, "Why they float").but(d -> {
                            d.say = "one two three ".repeat(40);
                            d.trim = 90;
                        }),
                        using(titled(hands("yoghurt", 400, 500).but(d -> d.trim = 60), "Herb dip"), "f3"),
                        using(at(titled(hands("drain", 60), "Drain"), Place.RING), "f1"),
                        Step.blank("bye", Kind.TASK, "Goodbye").but(d -> d.say = "Goodbye now."))
                .but(d -> {
                    d.delivery = Delivery.DEMONSTRATION;
                    d.slot = 25 * 60;
                });
    }

    private static List<Proposal> propose(Lesson lesson, Solver solver) {
        return Fit.propose(outcome(lesson), List.of(), solver, Progress.NONE);
    }

    @Test
    void atLeastThreeDistinctWaysAndNoneMakesAStop() {
        var before = outcome(supper());
        assertThat(before.schedule().inHand()).isNegative();
        var found = propose(supper(), new CpSat());
        assertThat(found).hasSizeGreaterThanOrEqualTo(3);
        assertThat(found).extracting(Proposal::lesson).doesNotHaveDuplicates();
        var stops = before.report().open().stream()
                .filter(Finding::isStop)
                .map(f -> f.check() + f.where())
                .toList();
        for (var p : found) {
            var then = outcome(p.lesson());
            assertThat(then.report().open().stream().filter(Finding::isStop).map(f -> f.check() + f.where()))
                    .as(p.title())
                    .isSubsetOf(stops);
            assertThat(then.schedule().planned())
                    .as(p.title())
                    .isEqualTo(p.then())
                    .isLessThan(p.before());
            assertThat(p.proof()).startsWith("proved");
        }
        assertThat(found.getFirst().fits()).isTrue();
        assertThat(found.stream().flatMap(p -> p.moves().stream()).map(Move::kind))
                .contains(Move.Kind.COVER, Move.Kind.TRIM, Move.Kind.ORDER, Move.Kind.BEFOREHAND);
    }

    @Test
    void aReorderingHidesTheWaitAndKeepsTheFlow() {
        var reordered = propose(supper(), new CpSat()).stream()
                .filter(p -> p.moves().stream().anyMatch(m -> m.kind() == Move.Kind.ORDER))
                .findFirst()
                .orElseThrow();
        var ids = reordered.lesson().steps().stream().map(Step::id).toList();
        assertThat(ids.indexOf("potatoes")).isLessThan(ids.indexOf("drain"));
        assertThat(ids.getLast()).isEqualTo("bye");
        // The beans, put into the wait of the potatoes, cost no time any more.
        assertThat(ids.indexOf("beans")).isBetween(ids.indexOf("potatoes") + 1, ids.indexOf("drain") - 1);
        assertThat(reordered.moves().stream()
                        .filter(m -> m.kind() == Move.Kind.ORDER)
                        .findFirst()
                        .orElseThrow()
                        .text())
                .contains("Trim the beans")
                .contains("goes before step");
    }

    @Test
    void whatIsAskedBeforehandGoesOnTheGatherList() {
        var asked = propose(supper(), new CpSat()).stream()
                .filter(p -> p.moves().size() == 1 && p.moves().getFirst().kind() == Move.Kind.BEFOREHAND)
                .findFirst()
                .orElseThrow();
        assertThat(asked.lesson().food("f2").orElseThrow().note()).isEqualTo("trimmed before class");
        assertThat(asked.before() - asked.then()).isEqualTo(200 - Moves.SHOW);
        assertThat(asked.consequences()).contains("adds to 1 line of the gather list");
        assertThat(asked.fits()).isFalse();
    }

    @Test
    void homesThatCookAlongGetWhatIsInHand() {
        var lesson = supper().but(d -> {
            d.delivery = Delivery.COOK_ALONG;
            d.slot = 45 * 60;
        });
        var found = propose(lesson, new CpSat());
        assertThat(found).hasSizeGreaterThanOrEqualTo(3);
        var hold = found.stream().filter(p -> p.moves().isEmpty()).findFirst().orElseThrow();
        assertThat(hold.title()).startsWith("Hold ");
        assertThat(hold.readyThen()).isGreaterThan(hold.readyBefore());
        assertThat(hold.then()).isGreaterThan(hold.before()).isLessThanOrEqualTo(45 * 60);
    }

    @Test
    void aLessonInWhichNothingMayChangeHasNoProposal() {
        assertThat(propose(of(), new CpSat())).isEmpty();
        assertThat(propose(
                        of(hands("a", 60).but(d -> d.fixed = true)).but(d -> d.delivery = Delivery.DEMONSTRATION),
                        new CpSat()))
                .isEmpty();
    }

    @Test
    void itIsStoppedBetweenTwoProposals() {
        assertThat(Fit.propose(outcome(supper()), List.of(), new CpSat(), share -> false))
                .isEmpty();
    }

    @Test
    void withoutNativeCodeThereAreStillProposals() {
        var found = propose(supper(), new Greedy());
        assertThat(found).isNotEmpty();
        assertThat(found.getFirst().fits()).isTrue();
        assertThat(found.getFirst().proof()).startsWith("the best found");
    }

    @Test
    void flowKeepsFoodHygieneHeatAndWhatIsFixed() {
        var lesson = of(
                List.of(food("f1", "chicken-breast", "2 piece"), food("f2", "lettuce", "1 piece")),
                Step.blank("hello", Kind.WELCOME, "Hello"),
                titled(using(hands("a", 60), "f1"), "Coat the strips"),
                acts(hands("wash", 40), Act.WASH_HANDS),
                titled(using(hands("salad", 60), "f2"), "Tear leaves"),
                Step.blank("talk", Kind.TALK, "Where strips are from"),
                at(titled(hands("fry", 60), "Strips in"), Place.RING),
                acts(hands("off", 5), Act.RING_OFF));
        var arcs = Flow.of(lesson, Knowledge.shipped());
        assertThat(arcs)
                .extracting(Flow.Arc::before, Flow.Arc::after)
                .contains(tuple(0, 1), tuple(1, 2), tuple(2, 3), tuple(1, 3), tuple(1, 5), tuple(5, 6))
                .doesNotContain(tuple(1, 4), tuple(3, 4));
        assertThat(arcs.stream()
                        .filter(a -> a.before() == 1 && a.after() == 5)
                        .findFirst()
                        .orElseThrow()
                        .why())
                .isEqualTo("it goes on with what step 2 made");
    }

    private static Tuple tuple(Object... of) {
        return Tuple.tuple(of);
    }

    private static Lesson made(List<Integer> seconds, int wait, int way) {
        var steps = new ArrayList<Step>();
        for (int i = 0; i < seconds.size(); i++)
            steps.add(hands("s" + i, seconds.get(i)).but(d -> d.trim = d.hands.low() / 3));
        var last = "s" + (seconds.size() - 1);
        var cover =
                List.of(Cover.STAY, new Cover.CarryOn(last), new Cover.Cut(10)).get(way);
        steps.set(0, waits(steps.getFirst(), wait, wait + 5000, cover));
        return recorded(of(steps.toArray(Step[]::new))).but(d -> d.slot = 300);
    }

    @Property(tries = 25)
    void theSolversTimesAreThePlannersAndNeverWorseThanTheGreedyOnes(
            @ForAll @Size(min = 2, max = 6) List<@IntRange(min = 30, max = 300) Integer> seconds,
            @ForAll @IntRange(min = 1, max = 900) int wait,
            @ForAll @IntRange(min = 0, max = 2) int way) {
        var lesson = made(seconds, wait, way);
        var arcs = Flow.of(lesson, Knowledge.shipped());
        var moves = new Moves(lesson, Knowledge.shipped(), PACE, EnumSet.of(Move.Kind.COVER, Move.Kind.TRIM), arcs);
        var tasks = new ArrayList<Problem.Task>();
        for (int i = 0; i < seconds.size(); i++) tasks.add(moves.of(i));
        var problem = new Problem(tasks, arcs, true, 300, 0);
        var answer = new CpSat().solve(problem, 5, () -> false).orElseThrow();
        assertThat(answer.proved()).isTrue();
        var changed = lesson;
        for (int i = 0; i < seconds.size(); i++)
            for (var m : tasks.get(i).alternatives().get(answer.chosen().get(i)).moves())
                changed = m.change().apply(changed);
        assertThat(answer.end()).isEqualTo(plan(changed).planned());
        var greedy = new Greedy().solve(problem, 5, () -> false).orElseThrow();
        assertThat(Greedy.cost(problem, answer.chosen())).isLessThanOrEqualTo(Greedy.cost(problem, greedy.chosen()));
        var free = new CpSat()
                .solve(new Problem(tasks, arcs, false, 300, 5), 5, () -> false)
                .orElseThrow();
        for (var arc : arcs)
            assertThat(free.order().indexOf(arc.before()))
                    .isLessThan(free.order().indexOf(arc.after()));
        assertThat(free.end()).isLessThanOrEqualTo(answer.end());
    }
}
