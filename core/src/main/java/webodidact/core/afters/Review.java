package webodidact.core.afters;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.TakeKind;
import webodidact.core.lesson.Workbook;
import webodidact.core.time.TimeRange;
import webodidact.core.timing.Calibration;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Placed;
import webodidact.core.timing.Planner;
import webodidact.core.timing.Schedule;

/** Plan against actual, step by step, and the way back into the plan. */
public record Review(List<Row> rows, int takes) {
    /**
     * @param measured seconds in each take that reached the step, in the order of the takes, holds left out
     * @param marks marked moments in all takes
     */
    public record Row(Placed placed, List<Integer> measured, int held, int marks) {
        /** The middle of the measured times, rounded up; -1 if there are none. */
        public int median() {
            if (measured.isEmpty()) return -1;
            var sorted = measured.stream().sorted().toList();
            int n = sorted.size();
            return n % 2 == 1 ? sorted.get(n / 2) : (sorted.get(n / 2 - 1) + sorted.get(n / 2) + 1) / 2;
        }

        /** Shortest and longest measured; empty if there are none. */
        public Optional<TimeRange> spread() {
            return measured.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new TimeRange(
                            measured.stream().mapToInt(Integer::intValue).min().orElseThrow(),
                            measured.stream().mapToInt(Integer::intValue).max().orElseThrow()));
        }

        /** Seconds longer than planned; negative if shorter; 0 where nothing was measured. */
        public int difference() {
            return measured.isEmpty()
                    ? 0
                    : median() - placed.span().length() + placed.step().hold();
        }
    }

    public static Review of(Schedule schedule, List<Take> takes) {
        var rows = new ArrayList<Row>();
        for (var placed : schedule.steps()) {
            var times = new ArrayList<Integer>();
            int held = 0;
            int marks = 0;
            for (var take : takes) {
                for (var time : take.steps()) {
                    if (!time.step().equals(placed.step().id())) continue;
                    if (counts(take, time, placed)) times.add(worked(time, placed));
                    held += time.held();
                    marks += time.marks();
                }
            }
            rows.add(new Row(placed, List.copyOf(times), held, marks));
        }
        return new Review(List.copyOf(rows), takes.size());
    }

    /** What was spoilt says nothing of how long it takes; words alone say nothing of hands. */
    private static boolean counts(Take take, Take.StepTime time, Placed placed) {
        if (time.choice() == Take.Choice.SPOILT) return false;
        return take.kind() != TakeKind.WORDS
                || placed.hands().isZero() && placed.step().waiting() == null;
    }

    /**
     * Seconds of work in a step, holds left out. Where a planned hold was waited for with nobody having said so, what goes beyond the
     * work that was planned is taken for the hold, up to its length.
     */
    static int worked(Take.StepTime time, Placed placed) {
        int hold = placed.step().hold();
        int work = placed.span().length() - hold;
        return hold == 0 || time.held() > 0 || time.seconds() <= work
                ? time.seconds()
                : Math.max(work, time.seconds() - hold);
    }

    public int measuredTotal() {
        return rows.stream().filter(r -> r.median() >= 0).mapToInt(Row::median).sum();
    }

    /** Planned seconds of the steps that were measured. */
    public int plannedTotal() {
        return rows.stream()
                .filter(r -> r.median() >= 0)
                .mapToInt(r -> r.placed().span().length() - r.placed().step().hold())
                .sum();
    }

    /**
     * The measured times taken into the plan: where hands filled the step, their range lies about the middle of what was
     * measured, the wait on air taken off. Where words did, the takes have already set the pace ({@link Calibration}). A step whose time is mostly a wait that is stayed with is left alone: the food decides there.
     */
    public Workbook adopt(Workbook book, String lessonId) {
        return adopt(book, lessonId, ids());
    }

    private Set<String> ids() {
        return rows.stream().map(r -> r.placed().step().id()).collect(Collectors.toSet());
    }

    /** The same of some steps only. Taken in twice, the second time changes nothing. */
    public Workbook adopt(Workbook book, String lessonId, Set<String> steps) {
        return book.withLesson(lessonId, l -> {
            var changed = l;
            for (var row : rows)
                if (isByHands(row) && steps.contains(row.placed().step().id()))
                    changed = changed.withStep(row.placed().step().id(), s -> handsFrom(row, s));
            return changed;
        });
    }

    /** Whether its measured time can be taken in: hands filled it. */
    public static boolean isByHands(Row row) {
        return !row.measured().isEmpty()
                && !row.placed().hands().isZero()
                && row.placed().hands().likely() >= row.placed().talk();
    }

    private static Step handsFrom(Row row, Step step) {
        int waitOnAir = row.placed().span().end() - row.placed().busy().end() - step.hold();
        var spread = row.spread().orElseThrow();
        // As far to either side of the middle as the takes agree: one that was interrupted moves the plan no further.
        int about = Math.min(row.median() - spread.low(), spread.high() - row.median());
        int low = row.median() - about - waitOnAir;
        int high = row.median() + about - waitOnAir;
        int words = step.tellThenDo() ? row.placed().talk() : 0;
        if (low - words <= 0) return step;
        return step.but(d -> d.hands = new TimeRange(low - words, high - words));
    }

    /** What the total would be after {@link #adopt}, in seconds. */
    public int plannedAfter(Workbook book, String lessonId) {
        return plannedAfter(book, lessonId, ids());
    }

    public int plannedAfter(Workbook book, String lessonId, Set<String> steps) {
        var after = adopt(book, lessonId, steps);
        var lesson = after.lesson(lessonId).orElseThrow();
        return Planner.plan(
                        lesson,
                        Pace.of(lesson.audience(), after.course().pace(), Calibration.of(after))
                                .carrying(after.course().carry()))
                .planned();
    }
}
