package webodidact.desktop.view.bench;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.IntSupplier;
import javafx.application.Platform;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.lesson.Lesson;
import webodidact.core.outcome.Outcome;
import webodidact.core.prep.DayPrep;
import webodidact.core.prep.OnTheDay;
import webodidact.core.prep.Prep;
import webodidact.core.prep.PrepPlan;
import webodidact.core.prep.PrepSolver;
import webodidact.core.prep.Prepared;
import webodidact.core.prep.Task;
import webodidact.core.time.Clock;
import webodidact.desktop.control.Every;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.view.Desk;
import webodidact.desktop.words.Words;

/** The day itself: a big list to tick off. Who falls behind sees the rest moved, or what could be dropped or given to somebody. */
final class DayView extends VBox {
    private static final int LONG = 3 * 3600;
    private final Desk desk;
    private final IntSupplier now;
    private final AtomicLong wanted = new AtomicLong();
    private final Every pulse = new Every(5, this::again);
    private Outcome outcome;
    private Prepared prepared;
    private Set<String> done = Set.of();
    private OnTheDay day;
    private int worked = Integer.MIN_VALUE;

    /** @param now second of air, negative before it */
    DayView(Desk desk, IntSupplier now) {
        super(8);
        this.desk = desk;
        this.now = now;
        setId("bench-day");
        sceneProperty().addListener((o, was, is) -> {
            if (is == null) pulse.stop();
            else pulse.start();
        });
    }

    /** @param with null while it is worked out: what was planned of this lesson before stays till then */
    void show(Outcome of, Prepared with) {
        boolean other = outcome == null
                || of == null
                || !of.lesson().id().equals(outcome.lesson().id());
        outcome = of;
        if (other || with != null && !with.equals(prepared)) {
            prepared = with;
            worked = Integer.MIN_VALUE;
            day = null;
        }
        again();
    }

    /** Once a minute, and at each tick, it is asked anew whether the plan still holds. */
    private void again() {
        if (outcome == null || prepared == null || prepared.plan().isEmpty()) {
            draw();
            return;
        }
        var ticked = new HashSet<>(
                DayPrep.ticked(outcome.lesson(), desk.workspace().book().lessons()));
        int minute = Math.floorDiv(now.getAsInt(), 60);
        if (minute == worked && ticked.equals(done)) return;
        worked = minute;
        done = ticked;
        long mine = wanted.incrementAndGet();
        var prep = prepared.prep();
        var plan = prepared.plan().orElseThrow();
        int second = now.getAsInt();
        draw();
        desk.background().execute(() -> {
            var found = work(prep, plan, ticked, second, mine);
            Platform.runLater(() -> {
                if (mine != wanted.get()) return;
                day = found;
                draw();
            });
        });
    }

    private OnTheDay work(Prep prep, PrepPlan plan, Set<String> ticked, int second, long mine) {
        return OnTheDay.of(prep, plan, ticked, second, PrepSolver.usual(), Prepared.EFFORT, () -> mine != wanted.get());
    }

    private void draw() {
        getChildren().clear();
        if (outcome == null) return;
        var lesson = outcome.lesson();
        if (prepared == null || prepared.plan().isEmpty()) {
            getChildren().add(Nodes.wrapped(Words.of("day.noPlan"), "soft"));
            return;
        }
        int second = now.getAsInt();
        var head = Nodes.wrapped(
                second < 0
                        ? Words.of("day.now", BenchClock.text(lesson, second), toAir(-second))
                        : Words.of("day.after"),
                "figure");
        head.setId("day-now");
        getChildren().add(head);
        if (day != null && day.moved()) getChildren().add(late(day, lesson));
        var plan = day == null ? prepared.plan() : day.plan();
        var all = plan.or(() -> prepared.plan()).map(PrepPlan::jobs).orElseThrow().stream()
                .filter(j -> j.task().isOfTheDay() && !done.contains(j.task().id()))
                .toList();
        prepared.plan().orElseThrow().jobs().stream()
                .filter(j ->
                        j.task().kind().isAhead() && !done.contains(j.task().id()))
                .forEach(j -> getChildren().add(row(j, second)));
        if (all.isEmpty()) getChildren().add(Nodes.wrapped(Words.of("day.all"), "good"));
        for (var job : all) getChildren().add(row(job, second));
        if (!done.isEmpty()) getChildren().add(Nodes.label(Words.count("day.done", done.size()), "overline"));
        for (var id : done)
            prepared.prep().task(id).ifPresent(t -> getChildren().add(doneRow(t)));
    }

    /** Days before it nobody counts seconds. */
    private static String toAir(int seconds) {
        return seconds < LONG ? Clock.text(seconds) : Clock.spell(seconds / 60 * 60);
    }

    private VBox late(OnTheDay day, Lesson lesson) {
        var box = Nodes.styled(new VBox(4), "finding", day.plan().isPresent() ? "look" : "stop");
        box.setId("day-late");
        box.getChildren()
                .add(Nodes.wrapped(
                        day.plan().isPresent()
                                ? Words.of("day.moved", Clock.text(day.late()))
                                : Words.of("day.tooLate", Clock.text(day.late())),
                        "strong"));
        day.clash().ifPresent(c -> {
            for (var relax : c.relax()) {
                var text = Words.of("day.relax", relax.demand().relaxed());
                if (relax.start() != null) box.getChildren().add(Nodes.wrapped(text, "body"));
            }
            drop().ifPresent(text -> box.getChildren().add(Nodes.wrapped(text, "body")));
        });
        return box;
    }

    /** What no other job hangs on may be dropped. */
    private Optional<String> drop() {
        return prepared.prep().tasks().stream()
                .filter(t -> t.kind() == Task.Kind.OWN && !done.contains(t.id()))
                .findFirst()
                .map(t -> Words.of("day.drop", t.what()));
    }

    private HBox row(PrepPlan.Job job, int second) {
        var lesson = outcome.lesson();
        var box = tick(job.task(), false);
        var time = Nodes.label(BenchClock.text(lesson, job.start()), "day-time");
        time.setMinWidth(70);
        var what = Nodes.wrapped(job.task().what(), "day-what");
        what.setMaxWidth(Double.MAX_VALUE);
        var who = Nodes.label(job.who(), "soft");
        boolean due = second >= job.start() && second < job.end();
        boolean over = second >= job.end();
        var row = Nodes.styled(
                Nodes.row(
                        12,
                        box,
                        time,
                        Nodes.grown(what),
                        who,
                        Nodes.label(Clock.text(job.task().takes()), "time-soft")),
                "row-card",
                "day-row");
        if (due) row.getStyleClass().add("day-due");
        if (over) row.getStyleClass().add("day-over");
        row.setAccessibleText((due ? Words.of("day.due") + ", " : over ? Words.of("day.over") + ", " : "")
                + job.task().what());
        return row;
    }

    private HBox doneRow(Task task) {
        return Nodes.styled(Nodes.row(12, tick(task, true), Nodes.label(task.what(), "soft")), "row-card");
    }

    private CheckBox tick(Task task, boolean on) {
        var box = new CheckBox();
        box.setSelected(on);
        box.setId("tick-" + task.id().replace('/', '-'));
        box.setAccessibleText(Words.of("day.tick", task.what()));
        box.setOnAction(e -> {
            var decisions = new Decisions(desk.workspace(), outcome.lesson());
            var owner = decisions.owner(task.id());
            decisions.edit(
                    Words.of("edit.tick"),
                    "",
                    task.id(),
                    b -> b.ticking(owner.job(), box.isSelected() ? now.getAsInt() - owner.later() : null));
        });
        return box;
    }
}
