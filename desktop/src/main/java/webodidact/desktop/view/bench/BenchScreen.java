package webodidact.desktop.view.bench;

import java.time.format.DateTimeFormatter;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import webodidact.core.afters.CarryOver;
import webodidact.core.bench.Job;
import webodidact.core.outcome.Outcome;
import webodidact.core.prep.Clash;
import webodidact.core.prep.PrepPlan;
import webodidact.core.prep.PrepTasks;
import webodidact.core.prep.Prepared;
import webodidact.core.prep.Task;
import webodidact.core.time.Clock;
import webodidact.desktop.control.CardButton;
import webodidact.desktop.control.EmptyState;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.CarriedIn;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Screen;
import webodidact.desktop.view.WorkedOut;
import webodidact.desktop.words.Words;

/**
 * All that must be ready when the light goes on: lanes of people and things on one clock, what clashes and what could give way; the list
 * by the clock beside them. A first plan is there at once, the proved one follows.
 */
public final class BenchScreen extends HBox implements Screen {
    private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("HH:mm:ss");
    private static final DateTimeFormatter MINUTE = DateTimeFormatter.ofPattern("HH:mm");
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private final Workspace workspace;
    private final Desk desk;
    private final VBox work = Nodes.styled(new VBox(10), "work");
    private final VBox jobs = Nodes.styled(new VBox(4), "side-body");
    private final CarriedIn carried;

    public BenchScreen(Desk desk) {
        this.desk = desk;
        workspace = desk.workspace();
        carried = new CarriedIn(desk, CarryOver.Kind.FROZEN, CarryOver.Kind.LEFT);
        getStyleClass().add("station");
        getChildren().addAll(Nodes.grown(Panes.work(work)), Panes.side(jobs, 430, 330));
        workspace.outcomeProperty().addListener(o -> WorkedOut.show(this, this::show));
        workspace.stepProperty().addListener(o -> show());
        desk.prep().preparedProperty().addListener(o -> WorkedOut.show(this, this::show));
        desk.prep().failedProperty().addListener(o -> WorkedOut.show(this, this::show));
        show();
    }

    private void show() {
        var outcome = workspace.outcome();
        work.getChildren()
                .setAll(Nodes.row(
                        14,
                        Nodes.label(Words.of("station.bench"), "title"),
                        Nodes.label(Words.of("bench.hint"), "soft")));
        jobs.getChildren().clear();
        if (outcome == null) return;
        outcome.need(Outcome.Part.BENCH);
        if (outcome.bench().jobs().isEmpty()) {
            work.getChildren()
                    .add(new EmptyState(Words.of("bench.empty"), Words.of("empty.script"), () -> desk.go("script")));
            return;
        }
        var prepared = desk.prep().prepared();
        jobs.getChildren().addAll(carried, Nodes.label(Words.of("bench.byClock"), "side-title"));
        if (prepared != null && prepared.plan().isPresent()) {
            var plan = prepared.plan().orElseThrow();
            work.getChildren().addAll(head(outcome, prepared, plan), lanes(outcome, prepared));
            for (var job : plan.jobs())
                if (job.task().kind() != Task.Kind.AIR) jobs.getChildren().add(row(outcome, job));
        } else {
            var state = state(prepared);
            var line = Nodes.wrapped(Words.of(state), "soft");
            line.setId(state.replace('.', '-'));
            work.getChildren().add(line);
            for (var job : outcome.bench().toDo()) jobs.getChildren().add(row(outcome, job));
        }
        if (prepared != null) prepared.clash().ifPresent(c -> work.getChildren().add(clash(outcome, c)));
        // Where nothing better is known the first plan says what it could not keep.
        if (prepared == null || prepared.plan().isEmpty())
            for (var each : outcome.bench().clashes())
                work.getChildren().add(Nodes.wrapped("▲ " + each, "finding", "look"));
        jobs.getChildren().add(airRow(outcome));
        int untimed = outcome.schedule().untimed().size();
        if (untimed > 0)
            work.getChildren().add(Nodes.wrapped("▲ " + Words.count("bench.untimed", untimed), "finding", "look"));
        work.getChildren().add(Nodes.wrapped(Words.of("bench.howText"), "soft"));
    }

    /** Why there is no plan to be drawn. */
    private String state(Prepared prepared) {
        if (prepared == null) return desk.prep().failedProperty().get() ? "bench.failed" : "bench.working";
        return prepared.clash().isPresent() ? "bench.noPlan" : "bench.noneFound";
    }

    private HBox head(Outcome outcome, Prepared prepared, PrepPlan plan) {
        var row = Nodes.row(
                26,
                figure("bench.start", clock(outcome, plan.start()), "bench-start"),
                figure("bench.yours", Clock.text(plan.handsOf(PrepTasks.YOU)), "bench-yours"));
        for (var person : prepared.prep().room().people())
            if (!person.name().equals(PrepTasks.YOU))
                row.getChildren().add(figure(person.name(), Clock.text(plan.handsOf(person.name())), "bench-helper"));
        row.getChildren().add(figure("bench.held", Clock.text(prepared.longestHold()), "bench-held"));
        var proof = Nodes.wrapped(
                plan.proved() ? Words.of("bench.proved") : Words.of("bench.gap", Clock.text(plan.gap())),
                plan.proved() ? "good" : "warn");
        proof.setId("bench-proof");
        HBox.setHgrow(proof, Priority.ALWAYS);
        var count = Nodes.label(
                Words.count(
                        "bench.jobs",
                        plan.jobs().stream()
                                .filter(j -> j.task().kind() != Task.Kind.AIR)
                                .count()),
                "soft");
        row.getChildren().add(Nodes.grown(Nodes.column(0, proof, count)));
        row.getStyleClass().add("bench-head");
        return row;
    }

    private static Node figure(String key, String value, String id) {
        var number = Nodes.label(value, "bench-figure");
        number.setId(id);
        return Nodes.column(0, Nodes.label(key.startsWith("bench.") ? Words.of(key) : key, "soft"), number);
    }

    private PrepLanes lanes(Outcome outcome, Prepared prepared) {
        var lanes = new PrepLanes(t -> choose(t.step()), s -> clock(outcome, s));
        var step = workspace.stepProperty().get();
        lanes.show(prepared, step == null ? "" : step);
        return lanes;
    }

    private void choose(String step) {
        if (!step.isEmpty()) workspace.stepProperty().set(step);
    }

    private static VBox clash(Outcome outcome, Clash clash) {
        var box = Nodes.styled(new VBox(4), "finding", "stop");
        box.setId("bench-clash");
        box.getChildren().add(Nodes.wrapped("■ " + Words.of("bench.clash"), "finding-what"));
        for (var demand : clash.demands()) box.getChildren().add(Nodes.wrapped(demand.text(), "body"));
        box.getChildren().add(Nodes.wrapped(Words.of("bench.relax"), "overline"));
        for (var relax : clash.relax())
            box.getChildren()
                    .add(Nodes.wrapped(
                            relax.start() == null
                                    ? Words.of("bench.relax.not", relax.demand().relaxed())
                                    : Words.of(
                                            "bench.relax.start",
                                            relax.demand().relaxed(),
                                            clock(outcome, relax.start())),
                            "body"));
        return box;
    }

    private CardButton row(Outcome outcome, PrepPlan.Job job) {
        var task = job.task();
        return row(
                at(outcome, job.start()),
                task.takes(),
                task.what(),
                task.why(),
                job.who().isEmpty() ? task.kind().title() : job.who(),
                task.kind().name(),
                task.step());
    }

    private CardButton row(Outcome outcome, Job job) {
        return row(
                at(outcome, job.span().start()),
                job.span().length(),
                job.title(),
                job.why(),
                job.type().title(),
                job.type().name(),
                job.step());
    }

    private CardButton row(String at, int takes, String title, String why, String who, String kind, String step) {
        var words = Nodes.column(
                0,
                Nodes.wrapped(title, "strong"),
                Nodes.label(
                        who, "job-kind", "job-" + kind.toLowerCase(Locale.ROOT).replace('_', '-')),
                Nodes.wrapped(why, "soft"));
        words.setMinWidth(0);
        var row = Nodes.row(
                8,
                Nodes.column(0, cell(at, 5.2, "time"), cell(Clock.text(takes), 5.2, "time-soft")),
                Nodes.grown(words));
        var button = new CardButton("row-card", () -> choose(step), row);
        button.setAccessibleText(at + ", " + title + ", " + who + ", " + Clock.text(takes));
        button.pseudoClassStateChanged(
                CHOSEN, !step.isEmpty() && step.equals(workspace.stepProperty().get()));
        return button;
    }

    private static HBox cell(String text, double em, String... styles) {
        return Nodes.cell(Nodes.label(text, styles), em);
    }

    private static HBox airRow(Outcome outcome) {
        var row = Nodes.row(8, cell(at(outcome, 0), 5.2, "time"), Nodes.label(Words.of("bench.air"), "on-air-word"));
        row.getStyleClass().add("air-row");
        return row;
    }

    private static String at(Outcome outcome, int second) {
        var air = outcome.lesson().air();
        return air == null ? Clock.text(second) : HOUR.format(air.plusSeconds(second));
    }

    private static String clock(Outcome outcome, int second) {
        var air = outcome.lesson().air();
        return air == null ? Clock.text(second) : MINUTE.format(air.plusSeconds(second));
    }
}
