package webodidact.core.timing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.time.Clock;
import webodidact.core.words.Message;

/** The ways one wait can be covered, each with what it would do to the lesson. */
public final class CoverOptions {
    /**
     * @param planned seconds on air if it were chosen
     * @param refused why it cannot be chosen, or null
     * @param detail what it does, or null
     */
    public record Option(Cover cover, int planned, Message refused, Message detail) {
        /** The cover as a button says it, "Carry on, collect in step 9". */
        public Message said(Lesson lesson) {
            return switch (cover) {
                case Cover.Stay _ -> Words.OURS.message("cover.stay");
                case Cover.CarryOn(var at) -> Words.OURS.message("cover.carryOn", lesson.indexOf(at) + 1);
                case Cover.Cut _ -> Words.OURS.message("cover.cut");
                case Cover.ReadyCopy _ -> Words.OURS.message("cover.copy");
                case Cover.Elsewhere _ -> Words.OURS.message("cover.elsewhere");
                case Cover.SpeedUp(int times) -> Words.OURS.message("cover.speedUp", times);
            };
        }

        public boolean isAllowed() {
            return refused == null;
        }
    }

    private CoverOptions() {}

    /** Those that can be chosen first, then those that cannot, each with its reason. Empty if the step has no wait. */
    public static List<Option> of(Lesson whole, String stepId, Pace pace) {
        var step = whole.step(stepId).orElse(null);
        if (step == null || step.waiting() == null) return List.of();
        var lesson = showing(whole, step);
        var options = new ArrayList<Option>();
        var collect = step.waiting().cover() instanceof Cover.CarryOn c
                        && lesson.indexOf(c.collectAt()) > lesson.indexOf(stepId)
                ? c.collectAt()
                : bestCollector(lesson, step, pace);
        if (collect.isEmpty())
            options.add(new Option(new Cover.CarryOn(""), -1, Words.OURS.message("refused.noLater"), null));
        else options.add(carryOn(lesson, step, collect, pace));
        var cover = step.waiting().cover();
        var copy = cover instanceof Cover.ReadyCopy ? cover : Cover.ReadyCopy.usual();
        options.add(plain(lesson, step, copy, pace, Words.OURS.message("detail.copy"), null));
        var noEdit = lesson.delivery().isLive() ? Words.OURS.message("refused.live") : null;
        options.add(plain(
                lesson,
                step,
                cover instanceof Cover.Cut ? cover : new Cover.Cut(10),
                pace,
                Words.OURS.message("detail.cut"),
                noEdit));
        options.add(plain(
                lesson,
                step,
                cover instanceof Cover.SpeedUp ? cover : new Cover.SpeedUp(8),
                pace,
                Words.OURS.message("detail.fast"),
                noEdit));
        options.add(plain(
                lesson,
                step,
                cover instanceof Cover.Elsewhere ? cover : new Cover.Elsewhere(""),
                pace,
                Words.OURS.message("detail.elsewhere"),
                null));
        int more = Math.max(0, step.waiting().time().likely());
        options.add(plain(lesson, step, Cover.STAY, pace, Words.OURS.message("detail.stay", Clock.text(more)), null));
        options.sort(Comparator.comparing(o -> !o.isAllowed()));
        return List.copyOf(options);
    }

    /** How a wait of a branch is covered is asked of the lesson with that branch on air. */
    private static Lesson showing(Lesson lesson, Step step) {
        return step.branch().isEmpty() ? lesson : lesson.but(d -> d.branch = step.branch());
    }

    /** The first later step reached once the wait is right; the last step if none is; "" if there is no later step. */
    public static String bestCollector(Lesson whole, Step step, Pace pace) {
        var lesson = showing(whole, step);
        int at = lesson.indexOf(step.id());
        if (at + 1 >= lesson.steps().size()) return "";
        var open = lesson.withStep(
                step.id(), s -> s.but(d -> d.waiting = s.waiting().covered(new Cover.CarryOn(""))));
        var plan = Planner.plan(open, pace);
        int soonest = plan.steps().get(at).waiting().soonest();
        var later = plan.shown().stream().filter(p -> p.number() > at + 1).toList();
        if (later.isEmpty()) return "";
        return later.stream()
                .filter(p -> p.span().start() >= soonest)
                .findFirst()
                .orElse(later.getLast())
                .step()
                .id();
    }

    private static Option carryOn(Lesson lesson, Step step, String collect, Pace pace) {
        var cover = new Cover.CarryOn(collect);
        var plan = planWith(lesson, step, cover, pace);
        var run = plan.of(step.id()).orElseThrow().waiting();
        int number = lesson.indexOf(collect) + 1;
        var time = step.waiting().time();
        var form = run.early() > 0 ? "early" : run.late() > 0 ? "late" : "fits";
        int by = run.early() > 0 ? run.early() : run.late() > 0 ? run.late() : run.collected() - run.from();
        return new Option(
                cover,
                plan.planned(),
                null,
                Words.OURS.message("detail.carryOn." + form, number, Clock.text(by), time.text()));
    }

    private static Option plain(Lesson lesson, Step step, Cover cover, Pace pace, Message detail, Message refused) {
        return new Option(
                cover, refused == null ? planWith(lesson, step, cover, pace).planned() : -1, refused, detail);
    }

    private static Schedule planWith(Lesson lesson, Step step, Cover cover, Pace pace) {
        return Planner.plan(
                lesson.withStep(
                        step.id(), s -> s.but(d -> d.waiting = s.waiting().covered(cover))),
                pace);
    }
}
