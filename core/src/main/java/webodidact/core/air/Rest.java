package webodidact.core.air;

import java.util.ArrayList;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Wait;
import webodidact.core.time.TimeRange;
import webodidact.core.timing.Planner;
import webodidact.core.timing.Schedule;

/**
 * The rest of a run as a lesson of its own, so that the Clock's engine answers for it: steps that are over last as long as they did, the
 * one on air lasts as long as it was to, or has, and what is in the oven is ready when its timer says.
 */
final class Rest {
    private final AirRun run;
    /** Second of what homes see at which each step began. */
    private final int[] began;

    private Rest(AirRun run) {
        this.run = run;
        int n = run.plan().steps();
        began = new int[n];
        for (int i = 1; i < n; i++) began[i] = began[i - 1] + run.kept(i - 1).spent();
    }

    static Schedule of(AirRun run) {
        return Planner.plan(lesson(run), run.plan().pace());
    }

    static Lesson lesson(AirRun run) {
        var rest = new Rest(run);
        var steps = run.plan().lesson().steps();
        var all = new ArrayList<Step>();
        for (int i = 0; i < steps.size(); i++) all.add(rest.step(i, steps.get(i)));
        return run.plan().lesson().withSteps(all);
    }

    private Step step(int i, Step step) {
        if (run.skipped().contains(step.id()))
            return lasting(step, run.laps().get(i).spent(), 0, null);
        if (i < run.index()) {
            int spent = run.kept(i).spent();
            return lasting(step, spent, 0, running(i, step, spent));
        }
        int spent = run.laps().get(i).spent();
        boolean here = i == run.index();
        // Gone back from: what it has taken is gone, and the rest of it comes yet.
        if (!here && spent == 0) return step;
        int length =
                Planner.length(step, run.plan().lesson().delivery(), run.plan().pace()) + (here ? idle(i, spent) : 0);
        var timer = run.timer(AirTimer.Kind.WAIT, step.id());
        boolean stays = step.waiting() != null && step.waiting().cover() instanceof Cover.Stay;
        // Somebody has said when it began: it ends when the food is right, not when the plan thought it would.
        if (stays && timer.isPresent() && !timer.get().byPlan())
            length =
                    spent + Math.max(0, timer.get().from() + timer.get().time().likely() - run.elapsed()) + step.hold();
        int busy = Math.max(
                length - step.hold(),
                spent - after(length - step.hold(), spent, run.plan().length(i)));
        return lasting(step, busy, Math.max(0, Math.max(length, spent) - busy), running(i, step, busy));
    }

    /** Seconds of what was spent that came after the work, by plan: a hold, or waiting for what comes next. By then the wait has begun. */
    static int after(int work, int spent, int planned) {
        return Math.clamp(spent - work, 0, Math.max(0, planned - work));
    }

    /** What is collected in the step on air and is not right yet has to be waited for. */
    private int idle(int index, int spent) {
        int start = run.elapsed() - spent;
        int idle = 0;
        for (var timer : run.timers())
            if (timer.kind() == AirTimer.Kind.WAIT && collector(timer.step()) == index)
                idle = Math.max(idle, timer.from() + timer.time().low() - start);
        return idle;
    }

    private int collector(String step) {
        return run.plan()
                .lesson()
                .step(step)
                .map(Step::waiting)
                .filter(w -> w != null && w.cover() instanceof Cover.CarryOn)
                .map(w -> run.plan().lesson().indexOf(((Cover.CarryOn) w.cover()).collectAt()))
                .orElse(-1);
    }

    /** The wait of a step that lasts so long on air, counted from the end of that: null where it is over, or nobody has to come. */
    private Wait running(int i, Step step, int lasts) {
        var wait = step.waiting();
        if (wait == null || !(wait.cover() instanceof Cover.CarryOn)) return null;
        var timer = run.timer(AirTimer.Kind.WAIT, step.id());
        if (timer.isEmpty()) return i < run.index() || collector(step.id()) <= run.index() ? null : wait;
        if (collector(step.id()) <= run.index()) return null;
        // The planner counts from the end of the step, by what homes see; the timer by the kitchen's clock.
        int ahead = run.elapsed() - (began[run.index()] + run.here().spent());
        int shift = timer.get().from() - ahead - (began[i] + lasts);
        return wait.lasting(new TimeRange(
                Math.max(0, wait.time().low() + shift), Math.max(0, wait.time().high() + shift)));
    }

    private static Step lasting(Step step, int busy, int hold, Wait wait) {
        return step.but(d -> {
            d.say = "";
            d.question = "";
            d.answer = "";
            d.tellThenDo = false;
            d.offCamera = 0;
            d.hands = TimeRange.of(busy);
            d.hold = hold;
            d.waiting = wait;
            d.reachBy = 0;
        });
    }

    /** The lesson with so many seconds less of a step: first of its hold, then of its hands; never more than there is. */
    static Lesson shorter(Lesson lesson, String step, int seconds) {
        return lesson.withStep(
                step,
                s -> s.but(d -> {
                    int fromHold = Math.clamp(seconds, 0, s.hold());
                    int fromHands = Math.clamp(seconds - fromHold, 0, s.hands().low());
                    d.hold = s.hold() - fromHold;
                    d.hands =
                            new TimeRange(s.hands().low() - fromHands, s.hands().high() - fromHands);
                    d.trim = Math.max(0, s.trim() - fromHands);
                }));
    }
}
