package webodidact.core.afters;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.Workbook;
import webodidact.core.time.Clock;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;

/** What the takes say is to be done differently, in words, with changes that one press makes, each with its price. */
public record Differently(String step, String text, List<Change> changes) {
    /**
     * @param label "Plan 1:10 of hold"
     * @param seconds by which the plan grows; negative if it shrinks
     */
    public record Change(String label, int seconds, UnaryOperator<Workbook> apply) {}

    /** Fewer seconds are the day's form. */
    private static final int WORTH = 20;

    private static final int SHARE = 10;

    public Differently {
        changes = List.copyOf(changes);
    }

    /** In the order of the steps; a take that was only spoken says nothing of hands. */
    public static List<Differently> of(Review review, Workbook book, Lesson lesson, Pace pace, List<Take> takes) {
        var all = new ArrayList<Differently>();
        int planned = Planner.plan(lesson, pace).planned();
        for (var row : review.rows()) {
            time(row, review, book, lesson, planned).ifPresent(all::add);
            held(row, lesson, pace, planned, takes).ifPresent(all::add);
            marked(row, lesson, takes).ifPresent(all::add);
        }
        return List.copyOf(all);
    }

    private static Optional<Differently> time(
            Review.Row row, Review review, Workbook book, Lesson lesson, int planned) {
        int off = row.difference();
        int length = Math.max(1, row.placed().span().length());
        if (row.measured().isEmpty() || Math.abs(off) < WORTH || Math.abs(off) * 100 < length * SHARE)
            return Optional.empty();
        var step = row.placed().step();
        boolean always =
                row.measured().stream().allMatch(m -> Integer.signum(m - length + step.hold()) == Integer.signum(off));
        var text = said(row, off, always);
        var changes = new ArrayList<Change>();
        var only = Set.of(step.id());
        int after = review.plannedAfter(book, lesson.id(), only);
        if (after != planned)
            changes.add(new Change(
                    Words.OURS.say("differently.take", Clock.text(row.median())),
                    after - planned,
                    b -> review.adopt(b, lesson.id(), only)));
        return Optional.of(new Differently(step.id(), text, changes));
    }

    private static String said(Review.Row row, int off, boolean always) {
        int number = row.placed().number();
        var title = row.placed().step().title();
        var by = Clock.text(Math.abs(off));
        int n = row.measured().size();
        if (off > 0)
            return n == 1
                    ? Words.OURS.say("differently.over.one", number, title, by)
                    : always
                            ? Words.OURS.say("differently.over.all", number, title, by, n)
                            : Words.OURS.say("differently.over.middle", number, title, by, n);
        return n == 1
                ? Words.OURS.say("differently.under.one", number, title, by)
                : always
                        ? Words.OURS.say("differently.under.all", number, title, by, n)
                        : Words.OURS.say("differently.under.middle", number, title, by, n);
    }

    /** What was held again and again belongs into the plan. */
    private static Optional<Differently> held(Review.Row row, Lesson lesson, Pace pace, int planned, List<Take> takes) {
        var step = row.placed().step();
        var holds = takes.stream()
                .filter(t -> !t.kind().isRehearsal())
                .flatMap(t -> t.of(step.id()).stream())
                .map(Take.StepTime::held)
                .filter(h -> h > 0)
                .sorted()
                .toList();
        if (holds.isEmpty()) return Optional.empty();
        int middle = (holds.get(holds.size() / 2) + 4) / 5 * 5;
        if (middle < WORTH || step.hold() >= middle) return Optional.empty();
        var change = Operations.hold(step.id(), middle);
        int seconds = Planner.plan(change.apply(lesson), pace).planned() - planned;
        return Optional.of(new Differently(
                step.id(),
                Words.OURS.say("differently.held", row.placed().number(), Clock.text(middle), holds.size()),
                List.of(new Change(
                        Words.OURS.say("differently.hold", Clock.text(middle)),
                        seconds,
                        b -> b.withLesson(lesson.id(), change)))));
    }

    private static Optional<Differently> marked(Review.Row row, Lesson lesson, List<Take> takes) {
        var step = row.placed().step();
        for (int i = takes.size() - 1; i >= 0; i--) {
            var take = takes.get(i);
            var time = take.of(step.id()).orElse(null);
            if (time == null || time.marks() == 0 || time.choice() != Take.Choice.OPEN) continue;
            var changes = new ArrayList<Change>();
            if (take.kind().hasParts())
                changes.add(new Change(
                        Words.OURS.say("differently.retake"),
                        0,
                        b -> b.adding(take.choosing(step.id(), Take.Choice.SPOILT))));
            changes.add(new Change(
                    Words.OURS.say("differently.fine"), 0, b -> b.adding(take.choosing(step.id(), Take.Choice.KEPT))));
            if (!time.why().isBlank())
                changes.add(new Change(
                        Words.OURS.say("differently.note"),
                        0,
                        b -> b.withLesson(lesson.id(), Operations.teach(step.id(), time.why()))));
            return Optional.of(new Differently(
                    step.id(),
                    time.why().isBlank()
                            ? Words.OURS.say("differently.marked", row.placed().number(), time.marks())
                            : Words.OURS.say(
                                    "differently.markedWhy", row.placed().number(), time.why()),
                    changes));
        }
        return Optional.empty();
    }
}
