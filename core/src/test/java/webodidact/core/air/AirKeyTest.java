package webodidact.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.outcome;
import static webodidact.core.Lessons.recorded;
import static webodidact.core.Lessons.waits;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.TakeKind;

/** Any keys in any order: no second is lost or counted twice, and every key can be taken back. */
class AirKeyTest {
    private static final LocalDateTime AIR = LocalDateTime.of(2026, 12, 3, 17, 30);
    private final Lesson live = of(
            waits(hands("a", 60), 100, 120, new Cover.CarryOn("d")),
            hands("b", 100).but(d -> d.trim = 40),
            hands("c", 30).but(d -> d.hold = 20),
            hands("d", 50),
            waits(hands("e", 40), 90, 90, Cover.STAY));

    private static AirPlan plan(Lesson lesson, TakeKind kind) {
        return AirPlan.of(outcome(lesson), kind);
    }

    private static List<AirEvent> keys(SplittableRandom dice, AirPlan plan) {
        var all = new ArrayList<AirEvent>();
        int now = 0;
        for (int i = 0; i < 40; i++) {
            now += dice.nextInt(0, 50);
            var step = plan.step(dice.nextInt(plan.steps())).id();
            var key = AirKey.values()[dice.nextInt(AirKey.values().length)];
            var what = switch (key) {
                case TRIM, STRETCH -> AirKey.with(step, dice.nextInt(90));
                case COLLECT -> "wait/" + step;
                case MARK, ASK -> "words";
                default -> step;
            };
            all.add(new AirEvent(now, key, what));
        }
        return all;
    }

    @Test
    void noSecondOfALiveLessonIsLostOrCountedTwice() {
        var plan = plan(live, TakeKind.LIVE);
        for (int seed = 0; seed < 300; seed++) {
            var keys = keys(new SplittableRandom(seed), plan);
            var run = AirRun.start(plan);
            for (var event : keys) {
                run = event.key().on(run.at(event.at()), event.what());
                int spent = run.laps().stream().mapToInt(Lap::spent).sum();
                assertThat(spent).as("seed %d at %d", seed, event.at()).isEqualTo(run.elapsed());
                assertThat(run.onAir()).isEqualTo(run.elapsed());
                if (run.isOver()) break;
                assertThat(run.finishesAt()).isGreaterThanOrEqualTo(run.onAir());
                assertThat(run.timers()).extracting(AirTimer::id).doesNotHaveDuplicates();
            }
            int total = run.toTakes("t", AIR).stream().mapToInt(Take::total).sum();
            assertThat(total).as("seed %d", seed).isEqualTo(run.elapsed());
        }
    }

    @Test
    void theKeyThatIsTakenBackHasNeverBeenPressed() {
        var plan = plan(live, TakeKind.LIVE);
        for (int seed = 0; seed < 200; seed++) {
            var keys = keys(new SplittableRandom(seed), plan).stream()
                    .filter(k -> k.key() != AirKey.UNDO)
                    .toList();
            int last = keys.getLast().at();
            var undone = new ArrayList<>(keys);
            undone.add(AirEvent.of(last + 7, AirKey.UNDO));
            assertThat(AirEvent.run(plan, undone))
                    .as("seed %d", seed)
                    .isEqualTo(
                            AirEvent.run(plan, keys.subList(0, keys.size() - 1)).at(last + 7));
        }
    }

    @Test
    void aRecordingKeepsOnlyWhatTheCameraSawAndEveryTakeOnce() {
        var plan = plan(recorded(live).withStep("c", s -> s.but(d -> d.part = "Second part")), TakeKind.PART);
        for (int seed = 0; seed < 200; seed++) {
            var run = AirRun.start(plan);
            int rolled = 0;
            for (var event : keys(new SplittableRandom(seed), plan)) {
                var before = run;
                run = run.at(event.at());
                if (before.isRolling() && !before.isOver())
                    rolled += Math.max(0, event.at() - Math.max(before.elapsed(), before.rollsAt()));
                run = event.key().on(run, event.what());
                if (run.isOver()) break;
            }
            var takes = run.toTakes("t", AIR);
            assertThat(takes.stream().mapToInt(Take::total).sum())
                    .as("seed %d", seed)
                    .isEqualTo(rolled);
            assertThat(takes).extracting(Take::id).doesNotHaveDuplicates();
            assertThat(run.onAir()).isLessThanOrEqualTo(rolled);
        }
    }

    @Test
    void aPartBeginsWithTheCameraOffAndAnotherTake() {
        var plan = plan(recorded(live).withStep("c", s -> s.but(d -> d.part = "Second part")), TakeKind.PART);
        var run = AirRun.start(plan).roll().tick(3 + 60).next().tick(100).next();
        assertThat(run.plan().step(run.index()).id()).isEqualTo("c");
        assertThat(run.isRolling()).isFalse();
        assertThat(run.number()).isEqualTo(2);
        assertThat(run.tick(500).onAir()).isEqualTo(160);
        assertThat(run.roll().tick(2).leadIn()).isEqualTo(1);
        assertThat(run.toggleHold()).as("there is nothing to hold").isSameAs(run);
    }

    @Test
    void wordsAloneHaveNoHandsNoHeatAndNoWaits() {
        var spoken = live.withStep("b", s -> s.but(d -> d.say = "One two three four. ".repeat(20)));
        var run = AirRun.start(plan(spoken, TakeKind.WORDS));
        assertThat(run.schedule().planned())
                .as("only what is said")
                .isEqualTo(run.plan().pace().talk(spoken.step("b").orElseThrow()));
        assertThat(run.next().timers()).isEmpty();
        assertThat(run.startTimer().timers()).isEmpty();
    }

    @Test
    void whatAKeyCannotMeanChangesNothing() {
        var run = AirRun.start(plan(live, TakeKind.LIVE)).tick(10);
        for (var nonsense : List.of("", "nothing", "b x", "b -5", " ", "b 99999999")) {
            assertThat(AirKey.TRIM.on(run, nonsense).finishesAt()).as(nonsense).isEqualTo(run.finishesAt());
            assertThat(AirKey.SKIP_TO.on(run, nonsense)).isEqualTo(run);
            assertThat(AirKey.LEAVE_OUT.on(run, nonsense)).isEqualTo(run);
            assertThat(AirKey.REDO.on(run, nonsense))
                    .as("live there is no second take")
                    .isEqualTo(run);
        }
        assertThat(AirKey.ROLL.on(run, "")).isEqualTo(run);
        assertThat(AirKey.ASK.on(run, "  ")).isEqualTo(run);
    }

    @Test
    void aQuestionThatWasTypedIsKeptAndAnswered() {
        var run = AirRun.start(plan(live, TakeKind.LIVE))
                .tick(12)
                .asking("no parchment?")
                .tick(5);
        assertThat(run.asked()).containsExactly(new AirRun.Asked(12, "no parchment?"));
        assertThat(run.answering("x").answered()).containsExactly("x");
    }

    @Test
    void thePromptIsDueAtTheInstructorsOwnPaceAndWaits() {
        var step = Step.blank("s", Kind.TALK, "Talk").but(d -> {
            d.say = "This is said first, at an easy pace. Careful, the pan is very hot. Then we go on.";
            d.question = "Why is it hot?";
            d.answer = "Because it was in the oven.";
        });
        var pace = plan(live, TakeKind.LIVE).pace();
        var prompt = Prompt.of(step, pace);
        assertThat(prompt.lines()).filteredOn(Prompt.Line::caution).hasSize(1);
        for (int i = 1; i < prompt.lines().size(); i++)
            assertThat(prompt.lines()
                            .get(i)
                            .from()
                            .isLessThan(prompt.lines().get(i - 1).to()))
                    .isFalse();
        assertThat(prompt.due(0)).isZero();
        assertThat(prompt.due(3600))
                .as("all is said: it waits")
                .isEqualTo(prompt.lines().size());
        long end = prompt.lines().getLast().to().ceiling();
        assertThat(end)
                .as("the planner's time for the same words")
                .isBetween((long) pace.talk(step) - 1, (long) pace.talk(step) + 1);
    }
}
