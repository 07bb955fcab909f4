package webodidact.core.afters;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.outcome;
import static webodidact.core.Lessons.recorded;
import static webodidact.core.Lessons.using;
import static webodidact.core.Lessons.waits;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import webodidact.core.air.AirPlan;
import webodidact.core.check.Check;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.TakeKind;
import webodidact.core.lesson.Workbook;
import webodidact.core.time.TimeRange;

class RetakesTest {
    private static final LocalDateTime DAY = LocalDateTime.of(2026, 12, 1, 10, 0);
    private final Lesson lesson = recorded(of(
            List.of(food("f1", "plain-flour", "300 g"), food("f2", "butter", "80 g")),
            hands("intro", 40).but(d -> d.camera = "wide"),
            using(hands("rub", 120), "f1", "f2").but(d -> d.camera = "over the board"),
            waits(using(hands("bake", 30), "f1"), 600, 700, new Cover.CarryOn("open"))
                    .but(d -> d.camera = "oven"),
            hands("talk", 60).but(d -> d.camera = "over the board"),
            hands("open", 50).but(d -> d.camera = "oven")));

    private static Take take(String id, TakeKind kind, Take.StepTime... steps) {
        return new Take(id, "fish", DAY, kind, List.of(steps));
    }

    private static Take.StepTime time(String step, int seconds) {
        return new Take.StepTime(step, step, seconds, 0, 0);
    }

    private static Take.StepTime marked(String step, int seconds, String why) {
        return new Take.StepTime(step, step, seconds, 0, 1, why, Take.Choice.OPEN);
    }

    @Test
    void theBestIsWhatWasChosenElseTheNewestWithoutAMark() {
        var first = take("t", TakeKind.PART, time("intro", 40), time("rub", 130));
        var second = take("t-2", TakeKind.PART, marked("rub", 120, "blurred"));
        var dry = take("t-3", TakeKind.REHEARSAL, time("rub", 90));
        assertThat(Best.of("rub", List.of(first, second, dry))
                        .orElseThrow()
                        .take()
                        .id())
                .isEqualTo("t");
        var chosen = second.choosing("rub", Take.Choice.KEPT);
        assertThat(Best.of("rub", List.of(first, chosen)).orElseThrow().take().id())
                .isEqualTo("t-2");
        var spoilt = first.choosing("rub", Take.Choice.SPOILT);
        assertThat(Best.of("rub", List.of(spoilt, second)).orElseThrow().take().id())
                .isEqualTo("t-2");
        var all = Best.all(lesson, List.of(first, second)).orElseThrow();
        assertThat(all.steps()).extracting(Take.StepTime::seconds).containsExactly(40, 130);
        assertThat(Best.all(lesson, List.of(dry))).isEmpty();
    }

    @Test
    void whatIsDoneAgainIsToldWithWhyCameraByCameraAndWithWhatItTakes() {
        var takes = List.of(
                take("t", TakeKind.PART, marked("intro", 40, "hair in frame"), time("rub", 125), time("talk", 140)),
                take("t-2", TakeKind.PART, time("bake", 30)).choosing("bake", Take.Choice.SPOILT));
        var outcome = outcome(lesson);
        var retakes = Retakes.of(outcome, takes);
        assertThat(retakes.retakes())
                .extracting(r -> r.placed().step().id() + " " + r.why() + " " + r.camera() + " " + r.detail())
                .containsExactly(
                        "intro MARKED wide hair in frame",
                        "bake SPOILT oven ",
                        "open NEVER oven ",
                        "talk LONG over the board 1:20");
        assertThat(retakes.shopping()).extracting(Retakes.Need::item).containsExactly("plain flour");
        assertThat(retakes.shopping().getFirst().asItWas())
                .as("rubbed in by a step that is kept")
                .isTrue();
        assertThat(retakes.copies()).isEmpty();
        var only = Retakes.of(
                outcome,
                List.of(take(
                        "t", TakeKind.PART, time("intro", 40), time("rub", 120), time("bake", 30), time("talk", 60))));
        assertThat(only.retakes()).extracting(r -> r.placed().step().id()).containsExactly("open");
        assertThat(only.copies()).as("what is opened has to have been baked").containsExactly("bake");
    }

    /** Raw fish and no wash when it was filmed; then the wash is added, or only the time is mended. */
    @Test
    void whatWasMendedSinceItWasFilmedIsFilmedAgain() {
        var before = of(
                List.of(food("f1", "salmon", "2 piece"), food("f2", "dill", "10 g")),
                using(hands("lay", 40), "f1"),
                using(hands("strew", 30), "f2"),
                hands("talk", 30));
        var plan = AirPlan.of(outcome(recorded(before)), TakeKind.PART);
        assertThat(plan.filmed().get("strew").findings()).contains("no-wash-after-raw");
        var filmed = new Take.StepTime(
                "strew", "strew", 30, 0, 0, "", Take.Choice.OPEN, plan.filmed().get("strew"));
        var takes = List.of(take("t", TakeKind.PART, time("lay", 40), filmed, time("talk", 30)));
        assertThat(Retakes.of(outcome(recorded(before)), takes).retakes()).isEmpty();
        var mended = recorded(before.withStep("strew", s -> s.but(d -> d.acts = Set.of(Act.WASH_HANDS))));
        assertThat(Retakes.of(outcome(mended), takes).retakes()).singleElement().satisfies(r -> {
            assertThat(r.why()).isEqualTo(Retakes.Why.MENDED);
            assertThat(r.detail()).isEqualTo(Check.summary("no-wash-after-raw"));
        });
        var kept = takes.getFirst().choosing("strew", Take.Choice.KEPT);
        assertThat(Retakes.of(outcome(mended), List.of(kept)).retakes()).isEmpty();
        var retimed = recorded(before.withStep("strew", s -> s.but(d -> d.hands = TimeRange.of(35))));
        assertThat(Retakes.of(outcome(retimed), takes).retakes()).isEmpty();
    }

    @Test
    void nothingIsToBeDoneAgainBeforeAnythingWasRecorded() {
        var outcome = outcome(lesson);
        assertThat(Retakes.of(outcome, List.of()).retakes()).isEmpty();
        assertThat(Retakes.of(outcome, List.of(take("t", TakeKind.WORDS, time("intro", 30))))
                        .retakes())
                .isEmpty();
    }

    @Test
    void whatTheTakesTeachIsTakenInWithItsPriceAndASecondTimeChangesNothing() {
        var live = of(hands("a", 60), using(hands("b", 100), "f1"), hands("c", 50))
                .but(d -> {
                    d.foods = List.of(food("f1", "plain-flour", "300 g"));
                    d.slot = 600;
                });
        var takes = new ArrayList<Take>();
        for (int i = 0; i < 2; i++)
            takes.add(new Take(
                    "t" + i,
                    live.id(),
                    DAY,
                    TakeKind.LIVE,
                    List.of(
                            time("a", 62),
                            new Take.StepTime("b", "b", 150 + 10 * i, 60, i, i == 1 ? "steam not in frame" : "", null),
                            time("c", 20))));
        var book = new Workbook(COURSE, List.of(live), List.of(), takes);
        var outcome = outcome(live);
        var review = Review.of(outcome.schedule(), takes);
        var all = Differently.of(review, book, live, outcome.pace(), takes);
        assertThat(all)
                .extracting(Differently::text)
                .containsExactly(
                        "Step 2, “b”, ran 0:55 over, all 2 times.",
                        "You held for 1:00 after step 2, in 2 takes.",
                        "Marked in step 2: “steam not in frame”.",
                        "Step 3, “c”, took 0:30 less than planned, all 2 times.");
        var take = all.getFirst().changes().getFirst();
        assertThat(take.label()).isEqualTo("Plan 2:35 for it");
        assertThat(take.seconds()).isEqualTo(55);
        var once = take.apply().apply(book);
        assertThat(once.lessons().getFirst().step("b").orElseThrow().hands().likely())
                .isEqualTo(155);
        assertThat(once.lessons().getFirst().step("c").orElseThrow().hands())
                .isEqualTo(live.step("c").orElseThrow().hands());
        var again = Review.of(outcome(once.lessons().getFirst()).schedule(), takes);
        assertThat(again.adopt(once, live.id(), Set.of("b"))).isEqualTo(once);
        var whole = review.adopt(book, live.id());
        assertThat(Review.of(outcome(whole.lessons().getFirst()).schedule(), takes)
                        .adopt(whole, live.id()))
                .as("taken in twice")
                .isEqualTo(whole);
        var hold = all.get(1).changes().getFirst();
        assertThat(hold.seconds()).isEqualTo(60);
        var noted = all.get(2).changes().getLast().apply().apply(book);
        assertThat(noted.lessons().getFirst().step("b").orElseThrow().teaching())
                .isEqualTo("steam not in frame");
    }
}
