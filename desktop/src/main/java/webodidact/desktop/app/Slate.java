package webodidact.desktop.app;

import java.time.format.DateTimeFormatter;
import java.util.Locale;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.lesson.Lesson;
import webodidact.core.outcome.Outcome;
import webodidact.desktop.control.FitGauge;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.PrepWatch;
import webodidact.desktop.state.Saver;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** The line on top that is always true: which lesson, does it fit, when is the first job, what stands against it, is it saved. */
final class Slate extends HBox {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.UK);
    private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);
    private final Workspace workspace;
    private final Runnable newLesson;
    private final Runnable kept;
    private final Runnable leave;
    private final PrepWatch prep;
    private final Button title = new Button();
    private final Label context = Nodes.label("", "slate-context");
    private final FitGauge gauge = new FitGauge();
    private final Label firstJob = Nodes.label("", "slate-time");
    private final Label air = Nodes.label("", "slate-time");
    private final Button stops = Nodes.named(new Button(), "stops", "");
    private final Button looks = Nodes.named(new Button(), "looks", "");
    private final Label saved = Nodes.label("", "pill");

    /** @param findings shows the findings */
    Slate(Workspace workspace, PrepWatch prep, Runnable newLesson, Runnable kept, Runnable leave, Runnable findings) {
        super(20);
        this.workspace = workspace;
        this.prep = prep;
        this.newLesson = newLesson;
        this.kept = kept;
        this.leave = leave;
        getStyleClass().add("slate");
        title.getStyleClass().setAll("slate-title");
        title.setId("slate-title");
        firstJob.setId("slate-first-job");
        title.setMinWidth(0);
        title.setOnAction(e -> lessons());
        context.setMinWidth(0);
        saved.setId("saved");
        saved.setMinWidth(USE_PREF_SIZE);
        stops.getStyleClass().setAll("pill", "pill-stop");
        looks.getStyleClass().setAll("pill", "pill-look");
        Nodes.act(stops, findings).setMinWidth(USE_PREF_SIZE);
        Nodes.act(looks, findings).setMinWidth(USE_PREF_SIZE);
        var name = new VBox(0, title, context);
        name.getStyleClass().add("slate-name");
        name.setMinWidth(120);
        var times = new VBox(1, firstJob, air);
        times.getStyleClass().add("slate-times");
        times.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(name, gauge, times, Nodes.spring(), Nodes.row(6, stops, looks, saved));
        workspace.lessonProperty().addListener(o -> refresh());
        workspace.bookProperty().addListener(o -> refresh());
        workspace.outcomeProperty().addListener(o -> derived());
        prep.preparedProperty().addListener(o -> derived());
        workspace.saver().stateProperty().addListener((o, was, now) -> saved(now));
        saved(workspace.saver().stateProperty().get());
        refresh();
        derived();
    }

    private void lessons() {
        var menu = new ContextMenu();
        for (var lesson : workspace.book().lessons()) {
            var item = new MenuItem(Words.of("slate.lesson", lesson.number(), lesson.title()));
            item.setOnAction(e -> workspace.show(lesson.id()));
            menu.getItems().add(item);
        }
        var fresh = new MenuItem(Words.of("slate.new"));
        fresh.setId("new-lesson");
        fresh.setOnAction(e -> newLesson.run());
        var copies = new MenuItem(Words.of("slate.kept"));
        copies.setId("kept-copies");
        copies.setOnAction(e -> kept.run());
        var other = new MenuItem(Words.of("slate.leave"));
        other.setOnAction(e -> leave.run());
        menu.getItems().addAll(new SeparatorMenuItem(), fresh, copies, other);
        menu.show(title, Side.BOTTOM, 0, 2);
    }

    private void refresh() {
        Lesson lesson = workspace.lesson();
        title.setText(
                lesson == null
                        ? workspace.book().course().title()
                        : lesson.title().isBlank() ? Words.of("slate.untitled") : lesson.title());
        title.setAccessibleText(Words.of("slate.switch", title.getText()));
        context.setText(
                lesson == null
                        ? ""
                        : Words.of(
                                "slate.context",
                                workspace.book().course().title(),
                                lesson.number(),
                                lesson.delivery().title(),
                                lesson.audience().title()));
    }

    private void derived() {
        Outcome outcome = workspace.outcome();
        gauge.show(outcome == null || outcome.missing(Outcome.Part.TIMES).isPresent() ? null : outcome.schedule());
        gauge.setVisible(outcome != null);
        var on = outcome == null ? null : outcome.lesson().air();
        firstJob.setText(
                outcome == null
                        ? ""
                        : Words.of(
                                isPlanned() ? "slate.firstJob" : "slate.firstJobAbout",
                                outcome.bench().jobs().isEmpty()
                                        ? "–"
                                        : on == null
                                                ? before(first(outcome))
                                                : HOUR.format(on.plusSeconds(first(outcome)))));
        air.setText(
                outcome == null ? "" : Words.of("slate.onAir", on == null ? Words.of("slate.noAir") : DAY.format(on)));
        long s = outcome == null ? 0 : outcome.report().stops();
        long l = outcome == null ? 0 : outcome.report().looks();
        stops.setText("■ " + Words.count("slate.stops", s));
        looks.setText("▲ " + Words.count("slate.looks", l));
        stops.setVisible(s > 0);
        stops.setManaged(s > 0);
        looks.setVisible(l > 0);
        looks.setManaged(l > 0);
        stops.setAccessibleText(stops.getText());
        looks.setAccessibleText(looks.getText());
    }

    /** Until there is a plan the first answer is told as what it is. */
    private boolean isPlanned() {
        return prep.prepared() != null && prep.prepared().plan().isPresent();
    }

    /** By the plan that is proved, as soon as there is one. */
    private int first(Outcome outcome) {
        var prepared = prep.prepared();
        return prepared == null
                ? outcome.bench().firstStart()
                : prepared.start().orElse(outcome.bench().firstStart());
    }

    static String before(int seconds) {
        return Words.of("clock.before", -seconds / 60);
    }

    private static boolean isTrouble(Saver.State state) {
        return !state.trouble().isEmpty() || !state.foreign().isEmpty();
    }

    private void saved(Saver.State state) {
        saved.setText(Words.of(
                state.readOnly()
                        ? "slate.readOnly"
                        : state.saved() ? "slate.saved" : isTrouble(state) ? "slate.unsaved" : "slate.saving"));
        saved.getStyleClass()
                .setAll("label", "pill", state.saved() ? "pill-good" : isTrouble(state) ? "pill-stop" : "pill-busy");
    }
}
