package webodidact.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.outcome;
import static webodidact.core.Lessons.waits;

import java.util.ArrayList;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.TakeKind;

class OnTimeTest {
    private static AirRun run(Lesson lesson) {
        return AirRun.start(AirPlan.of(outcome(lesson), TakeKind.LIVE));
    }

    /** Any lesson of hands, words, holds, waits that are stayed with, carried on through and swapped for copies. */
    private static Lesson any(SplittableRandom dice) {
        int n = 2 + dice.nextInt(9);
        var steps = new ArrayList<Step>();
        for (int i = 0; i < n; i++) {
            var step = hands("s" + i, dice.nextInt(1, 200)).but(d -> {
                d.say = "Now we do this and then we look at that. ".repeat(dice.nextInt(6));
                d.hold = dice.nextInt(3) == 0 ? dice.nextInt(90) : 0;
                d.tellThenDo = dice.nextInt(4) == 0;
            });
            int low = dice.nextInt(400);
            if (dice.nextInt(3) == 0 && i + 1 < n) {
                int to = dice.nextInt(i + 1, n);
                step = waits(step, low, low + dice.nextInt(200), new Cover.CarryOn("s" + to));
            } else if (dice.nextInt(5) == 0) step = waits(step, low, low + dice.nextInt(100), Cover.STAY);
            else if (dice.nextInt(6) == 0) step = waits(step, low, low, Cover.ReadyCopy.usual());
            steps.add(step);
        }
        return of(steps.toArray(Step[]::new));
    }

    @Test
    void whileAllGoesToPlanTheEndIsThePlannersAtEverySecond() {
        for (int seed = 0; seed < 60; seed++) {
            var run = run(any(new SplittableRandom(seed)));
            int planned = run.schedule().planned();
            for (int i = 0; i < run.plan().steps(); i++) {
                int length = run.plan().length(i);
                for (int passed = 0; passed < length; passed += 17) {
                    var now = run.tick(passed);
                    assertThat(now.finishesAt())
                            .as("seed %d, step %d, %d s", seed, i, passed)
                            .isEqualTo(planned);
                    assertThat(now.behind())
                            .as("seed %d, step %d, %d s", seed, i, passed)
                            .isZero();
                }
                run = run.tick(length).next();
            }
            assertThat(run.finishesAt()).isEqualTo(planned);
        }
    }

    /** Once a step is left late, the end is later by no more than that, and earlier by no more than was saved. */
    @Test
    void theEndMovesNoFurtherThanWhatWasLostOrWon() {
        for (int seed = 100; seed < 200; seed++) {
            var dice = new SplittableRandom(seed);
            var run = run(any(dice));
            int planned = run.schedule().planned();
            int off = 0;
            while (!run.isOver()) {
                int by = dice.nextInt(-20, 60);
                int length = Math.max(0, run.plan().length(run.index()) + by);
                off += Math.max(0, by);
                run = run.tick(length).next();
                assertThat(run.finishesAt() - planned).as("seed %d", seed).isLessThanOrEqualTo(off);
                assertThat(run.finishesAt()).isGreaterThanOrEqualTo(run.onAir());
            }
        }
    }

    private final Knowledge known = Knowledge.shipped();

    private static Lesson talky(int slot) {
        return of(
                        hands("a", 100),
                        hands("b", 120).but(d -> d.trim = 50),
                        Step.blank("why", Kind.TALK, "Why it flakes").but(d -> {
                            d.say = "Fish is made of short threads. ".repeat(12);
                            d.trim = 300;
                        }),
                        hands("c", 60).but(d -> d.hold = 40))
                .but(d -> d.slot = slot);
    }

    @Test
    void whatMayGoIsShownWithTheEndItBrings() {
        var late = run(talky(330)).tick(130);
        var help = OnTime.of(late, known);
        assertThat(help.over()).isPositive();
        for (var each : help.helps()) {
            var then = each.key().on(late, each.what());
            assertThat(then.finishesAt()).as(each.text()).isEqualTo(each.ends());
            assertThat(each.ends()).as(each.text()).isLessThan(help.ends());
        }
        assertThat(help.helps()).extracting(OnTime.Help::key).contains(AirKey.LEAVE_OUT);
        assertThat(help.of(AirKey.STRETCH)).isEmpty();
    }

    @Test
    void timeInHandMayBeGivenToTheStepOnAir() {
        var run = run(talky(900)).tick(10);
        var help = OnTime.of(run, known).of(AirKey.STRETCH).orElseThrow();
        assertThat(help.ends()).isEqualTo(900);
        assertThat(help.key().on(run, help.what()).finishesAt()).isEqualTo(900);
    }

    @Test
    void nothingThatCooksIsEverOffered() {
        var lesson = of(
                        waits(hands("a", 30), 200, 240, new Cover.CarryOn("c")),
                        Step.blank("c", Kind.TALK, "Out of the oven").but(d -> {
                            d.say = "Out it comes, look at that. ".repeat(10);
                            d.trim = 400;
                        }),
                        hands("d", 20))
                .but(d -> d.slot = 60);
        assertThat(OnTime.of(run(lesson).tick(20), known).of(AirKey.LEAVE_OUT)).isEmpty();
    }
}
