package webodidact.desktop.view.bench;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.bench.Job;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Place;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.Clock;
import webodidact.desktop.control.CardButton;
import webodidact.desktop.control.EmptyState;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Screen;
import webodidact.desktop.view.WorkedOut;
import webodidact.desktop.words.Words;

/** The jobs by the clock on the left; on the right when to start, what waits for what, and what cannot be kept. */
public final class BenchScreen extends HBox implements Screen {
    private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("HH:mm:ss");
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private final Workspace workspace;
    private final Desk desk;
    private final VBox jobs = Nodes.styled(new VBox(4), "work");
    private final VBox side = Nodes.styled(new VBox(12), "side-body");

    public BenchScreen(Desk desk) {
        this.desk = desk;
        workspace = desk.workspace();
        getStyleClass().add("station");
        getChildren().addAll(Nodes.grown(Panes.work(jobs)), Panes.side(side, 360, 320));
        workspace.outcomeProperty().addListener(o -> WorkedOut.show(this, this::show));
        workspace.stepProperty().addListener(o -> show());
        show();
    }

    private void show() {
        var outcome = workspace.outcome();
        jobs.getChildren()
                .setAll(Nodes.row(
                        14,
                        Nodes.label(Words.of("station.bench"), "title"),
                        Nodes.label(Words.of("bench.hint"), "soft")));
        side.getChildren().clear();
        if (outcome == null) return;
        var plan = outcome.bench();
        outcome.need(Outcome.Part.BENCH);
        if (plan.jobs().isEmpty()) {
            jobs.getChildren()
                    .add(new EmptyState(Words.of("bench.empty"), Words.of("empty.script"), () -> desk.go("script")));
            return;
        }
        jobs.getChildren().add(head());
        for (var job : plan.toDo()) jobs.getChildren().add(row(outcome, job));
        jobs.getChildren().add(airRow(outcome));
        side(outcome);
    }

    private static HBox head() {
        var row = Nodes.row(
                0,
                cell(Words.of("bench.at"), 6.6, "head"),
                cell(Words.of("bench.takes"), 5.3, "head"),
                cell(Words.of("bench.kind"), 10, "head"),
                Nodes.label(Words.of("bench.job"), "head"));
        row.getStyleClass().add("table-head");
        return row;
    }

    private static HBox cell(String text, double em, String... styles) {
        return Nodes.cell(Nodes.label(text, styles), em);
    }

    private CardButton row(Outcome outcome, Job job) {
        var words = Nodes.column(0, Nodes.label(job.title(), "strong"), Nodes.label(job.why(), "soft"));
        words.setMinWidth(0);
        var row = Nodes.row(
                0,
                cell(at(outcome, job.span().start()), 6.6, "time"),
                cell(Clock.text(job.span().length()), 5.3, "time-soft"),
                cell(
                        job.type().title(),
                        10,
                        "job-kind",
                        "job-" + job.type().name().toLowerCase(Locale.ROOT).replace('_', '-')),
                Nodes.grown(words));
        var button = new CardButton(
                "row-card",
                () -> {
                    if (!job.step().isEmpty()) workspace.stepProperty().set(job.step());
                },
                row);
        button.setAccessibleText(at(outcome, job.span().start()) + ", " + job.title() + ", "
                + Clock.text(job.span().length()));
        button.pseudoClassStateChanged(
                CHOSEN,
                !job.step().isEmpty()
                        && job.step().equals(workspace.stepProperty().get()));
        return button;
    }

    private static HBox airRow(Outcome outcome) {
        var row = Nodes.row(
                0, cell(at(outcome, 0), 6.6, "time"), cell("", 5.3), Nodes.label(Words.of("bench.air"), "on-air-word"));
        row.getStyleClass().add("air-row");
        return row;
    }

    private static String at(Outcome outcome, int second) {
        var air = outcome.lesson().air();
        return air == null ? Clock.text(second) : HOUR.format(air.plusSeconds(second));
    }

    private void side(Outcome outcome) {
        var plan = outcome.bench();
        int hands = plan.jobs().stream()
                .filter(j -> j.type().needsHands())
                .mapToInt(j -> j.span().length())
                .sum();
        side.getChildren()
                .addAll(
                        Nodes.label(Words.of("bench.start"), "overline"),
                        Nodes.label(at(outcome, plan.firstStart()), "figure"),
                        Nodes.wrapped(
                                Words.of("bench.startText", Clock.text(-plan.firstStart()), Clock.text(hands)),
                                "body"));
        for (var clash : plan.clashes()) side.getChildren().add(Nodes.wrapped("▲ " + clash, "finding", "look"));
        var copies = plan.jobs().stream().filter(j -> j.type() == Job.Type.HOLD).toList();
        side.getChildren().add(Nodes.label(Words.of("bench.copies"), "overline"));
        if (copies.isEmpty()) side.getChildren().add(Nodes.wrapped(Words.of("bench.noCopies"), "soft"));
        for (var copy : copies) {
            side.getChildren()
                    .add(Nodes.wrapped(
                            Words.of(
                                    "bench.copy",
                                    copy.title(),
                                    at(outcome, copy.span().start()),
                                    Clock.text(copy.span().length()),
                                    copy.why()),
                            "body"));
        }
        oven(outcome);
        side.getChildren().add(Nodes.label(Words.of("bench.how"), "overline"));
        side.getChildren().add(Nodes.wrapped(Words.of("bench.howText"), "soft"));
    }

    private void oven(Outcome outcome) {
        List<Job> heats = outcome.bench().jobs().stream()
                .filter(j -> j.type() == Job.Type.HEAT)
                .toList();
        side.getChildren().add(Nodes.label(Words.of("bench.oven"), "overline"));
        if (heats.isEmpty()) {
            boolean used = outcome.lesson().steps().stream().anyMatch(s -> s.place() == Place.OVEN);
            boolean onAir =
                    outcome.lesson().steps().stream().anyMatch(s -> s.acts().contains(Act.OVEN_ON));
            side.getChildren()
                    .add(Nodes.wrapped(
                            Words.of(!used ? "bench.ovenUnused" : onAir ? "bench.ovenOnAir" : "bench.ovenCold"),
                            "body"));
        }
        for (var heat : heats) {
            side.getChildren()
                    .add(Nodes.wrapped(
                            Words.of(
                                    "bench.ovenJob",
                                    heat.title(),
                                    at(outcome, heat.span().start()),
                                    at(outcome, heat.span().end()),
                                    heat.why()),
                            "body"));
        }
    }
}
