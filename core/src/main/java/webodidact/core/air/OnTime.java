package webodidact.core.air;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import webodidact.core.fit.Move;
import webodidact.core.fit.Shorten;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.time.Clock;
import webodidact.core.timing.Planner;

/**
 * What brings a run to its end on time, each with what comes of it, before it is done.
 *
 * @param ends second at which it ends as it is
 * @param slot second at which it has to
 * @param helps those worth a key now, the one that is needed first
 */
public record OnTime(int ends, int slot, List<Help> helps) {
    /** Nobody is helped by fewer seconds. */
    private static final int WORTH = 5;

    /**
     * @param key what it does
     * @param what what the key is told
     * @param text "Trim step 9 by 0:50"
     * @param ends second at which it then ends
     */
    public record Help(AirKey key, String what, String text, int ends) {}

    public OnTime {
        helps = List.copyOf(helps);
    }

    /** Seconds beyond the slot; negative where there is time in hand. */
    public int over() {
        return ends - slot;
    }

    public Optional<Help> of(AirKey key) {
        return helps.stream().filter(h -> h.key() == key).findFirst();
    }

    public static OnTime of(AirRun run, Knowledge knowledge) {
        var lesson = run.plan().lesson();
        if (run.isOver()) return new OnTime(run.onAir(), lesson.slot(), List.of());
        var rest = Rest.lesson(run);
        int ends = Planner.plan(rest, run.plan().pace()).planned();
        int over = ends - lesson.slot();
        var helps = new ArrayList<Help>();
        var shorten = Shorten.of(rest, run.index() + 1, knowledge, run.plan().pace());
        var pool = over > 0 && !shorten.best().isEmpty() ? shorten.best() : shorten.all();
        // Who is on time is not offered to do less.
        boolean late = over > 0 || run.behind() > 0;
        pool.stream()
                .filter(c -> late)
                .filter(c -> c.saves() >= WORTH && !isLeftOut(c, run))
                .max(Comparator.comparing((Shorten.Choice c) -> over > 0 && c.saves() >= over)
                        .thenComparingInt(c -> over > 0 ? Math.min(c.saves(), over) : c.saves()))
                .ifPresent(c -> helps.add(trim(c, run)));
        if (late) {
            next(run, ends).ifPresent(helps::add);
            leaveOut(run, rest, ends).ifPresent(helps::add);
        }
        if (-over >= WORTH)
            helps.add(new Help(
                    AirKey.STRETCH,
                    AirKey.with(run.plan().step(run.index()).id(), -over),
                    Words.OURS.say("help.stretch", Clock.text(-over)),
                    lesson.slot()));
        return new OnTime(ends, lesson.slot(), helps);
    }

    private static boolean isLeftOut(Shorten.Choice choice, AirRun run) {
        return run.skipped().contains(choice.step());
    }

    private static Help trim(Shorten.Choice choice, AirRun run) {
        var step = run.plan().lesson().step(choice.step()).orElseThrow();
        boolean whole = choice.move().kind() == Move.Kind.TRIM
                && choice.move()
                        .change()
                        .apply(run.plan().lesson())
                        .step(choice.step())
                        .isEmpty();
        return whole
                ? new Help(AirKey.LEAVE_OUT, choice.step(), choice.move().text(), choice.end())
                : new Help(
                        AirKey.TRIM,
                        AirKey.with(
                                choice.step(),
                                choice.move().kind() == Move.Kind.HOLD
                                        ? step.hold()
                                        : Math.min(step.trim(), step.hands().low())),
                        choice.move().text(),
                        choice.end());
    }

    /** Words that are left of this step may go, if nothing but words is. */
    private static Optional<Help> next(AirRun run, int ends) {
        int left = run.leftHere();
        var step = run.plan().step(run.index());
        boolean talk =
                step.hands().isZero() && step.waiting() == null && step.acts().isEmpty();
        if (!talk || left < WORTH || run.index() + 1 >= run.plan().steps()) return Optional.empty();
        int then = Rest.of(run.next()).planned();
        if (ends - then < WORTH) return Optional.empty();
        return Optional.of(new Help(AirKey.NEXT, "", Words.OURS.say("help.next", Clock.text(left)), then));
    }

    /** The next step that is only words, cooks nothing and collects nothing. */
    private static Optional<Help> leaveOut(AirRun run, Lesson rest, int ends) {
        for (int i = run.index() + 1; i < run.plan().steps(); i++) {
            var step = run.plan().step(i);
            if (run.skipped().contains(step.id()) || !isOnlyWords(step, run)) continue;
            int then = Planner.plan(rest.removingStep(step.id()), run.plan().pace())
                    .planned();
            if (ends - then < WORTH) continue;
            return Optional.of(
                    new Help(AirKey.LEAVE_OUT, step.id(), Words.OURS.say("help.leaveOut", i + 1, step.title()), then));
        }
        return Optional.empty();
    }

    private static boolean isOnlyWords(Step step, AirRun run) {
        return step.kind() == Kind.TALK
                && step.hands().isZero()
                && step.waiting() == null
                && step.acts().isEmpty()
                && run.plan().lesson().steps().stream()
                        .noneMatch(s -> s.waiting() != null
                                && s.waiting().cover() instanceof Cover.CarryOn(var at)
                                && at.equals(step.id()));
    }
}
