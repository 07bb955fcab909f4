package webodidact.core.timing;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.time.Clock;

/** The ways one wait can be covered, each with what it would do to the lesson. */
public final class CoverOptions {
    /**
     * @param planned seconds on air if it were chosen
     * @param refused why it cannot be chosen, or ""
     * @param detail what it does, in words
     */
    public record Option(Cover cover, int planned, String refused, String detail) {
        /** The cover as a button says it, "Carry on, collect in step 9". */
        public String label(Lesson lesson) {
            return switch (cover) {
                case Cover.Stay _ -> "Stay with it";
                case Cover.CarryOn(var at) -> "Carry on, collect in step " + (lesson.indexOf(at) + 1);
                case Cover.Cut _ -> "Cut the recording";
                case Cover.ReadyCopy _ -> "Bring in a ready copy";
                case Cover.SpeedUp(int times) -> "Speed it up " + times + " times";
            };
        }

        public boolean isAllowed() {
            return refused.isEmpty();
        }
    }

    private CoverOptions() {}

    /** Those that can be chosen first, then those that cannot, each with its reason. Empty if the step has no wait. */
    public static List<Option> of(Lesson lesson, String stepId, Pace pace) {
        var step = lesson.step(stepId).orElse(null);
        if (step == null || step.waiting() == null) return List.of();
        var options = new ArrayList<Option>();
        var collect = step.waiting().cover() instanceof Cover.CarryOn c && lesson.indexOf(c.collectAt()) > lesson.indexOf(stepId)
                ? c.collectAt() : bestCollector(lesson, step, pace);
        if (collect.isEmpty()) options.add(new Option(new Cover.CarryOn(""), -1, "no later step to collect it in", ""));
        else options.add(carryOn(lesson, step, collect, pace));
        var cover = step.waiting().cover();
        var copy = cover instanceof Cover.ReadyCopy ? cover : new Cover.ReadyCopy(0, 3600);
        options.add(plain(lesson, step, copy, pace, "made before air, swapped in", ""));
        var noEdit = lesson.delivery().isLive() ? "not in a live lesson" : "";
        options.add(plain(lesson, step, cover instanceof Cover.Cut ? cover : new Cover.Cut(10), pace, "the recording stops and goes on", noEdit));
        options.add(plain(lesson, step, cover instanceof Cover.SpeedUp ? cover : new Cover.SpeedUp(8), pace, "shown fast in the edit", noEdit));
        int more = Math.max(0, step.waiting().time().likely());
        options.add(plain(lesson, step, Cover.STAY, pace, "needs " + Clock.text(more) + " more to say", ""));
        options.sort(java.util.Comparator.comparing(o -> !o.isAllowed()));
        return List.copyOf(options);
    }

    /** The first later step reached once the wait is right; the last step if none is; "" if there is no later step. */
    public static String bestCollector(Lesson lesson, Step step, Pace pace) {
        int at = lesson.indexOf(step.id());
        if (at + 1 >= lesson.steps().size()) return "";
        var open = lesson.withStep(step.id(), s -> s.but(d -> d.waiting = s.waiting().covered(new Cover.CarryOn(""))));
        var plan = Planner.plan(open, pace);
        int soonest = plan.steps().get(at).waiting().soonest();
        var later = plan.steps().subList(at + 1, plan.steps().size());
        return later.stream().filter(p -> p.span().start() >= soonest).findFirst().orElse(later.getLast()).step().id();
    }

    private static Option carryOn(Lesson lesson, Step step, String collect, Pace pace) {
        var cover = new Cover.CarryOn(collect);
        var plan = planWith(lesson, step, cover, pace);
        var run = plan.of(step.id()).orElseThrow().waiting();
        int number = lesson.indexOf(collect) + 1;
        var time = step.waiting().time();
        var fit = run.early() > 0 ? Clock.text(run.early()) + " of dead air first"
                : run.late() > 0 ? Clock.text(run.late()) + " too late" : Clock.text(run.collected() - run.from()) + ", fits " + time.text();
        return new Option(cover, plan.planned(), "", "collected in step " + number + " · " + fit);
    }

    private static Option plain(Lesson lesson, Step step, Cover cover, Pace pace, String detail, String refused) {
        return new Option(cover, refused.isEmpty() ? planWith(lesson, step, cover, pace).planned() : -1, refused, detail);
    }

    private static Schedule planWith(Lesson lesson, Step step, Cover cover, Pace pace) {
        return Planner.plan(lesson.withStep(step.id(), s -> s.but(d -> d.waiting = s.waiting().covered(cover))), pace);
    }
}
