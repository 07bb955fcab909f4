package webodidact.desktop.view.afters;

import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import webodidact.core.afters.Review;
import webodidact.core.lesson.Segment;
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

/** Plan against actual, step by step; what the takes teach, and the way back into the plan. */
public final class AftersScreen extends HBox implements Screen {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.UK);
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private final Workspace workspace;
    private final Desk desk;
    private final VBox rows = Nodes.styled(new VBox(4), "work");
    private final VBox side = Nodes.styled(new VBox(12), "side-body");

    public AftersScreen(Desk desk) {
        this.desk = desk;
        workspace = desk.workspace();
        getStyleClass().add("station");
        getChildren().addAll(Nodes.grown(Panes.work(rows)), Panes.side(side, 360, 320));
        workspace.outcomeProperty().addListener(o -> WorkedOut.show(this, this::show));
        workspace.stepProperty().addListener(o -> show());
        workspace.bookProperty().addListener(o -> show());
        show();
    }

    private void show() {
        Outcome outcome = workspace.outcome();
        rows.getChildren()
                .setAll(Nodes.row(
                        14,
                        Nodes.label(Words.of("station.afters"), "title"),
                        Nodes.label(Words.of("afters.hint"), "soft")));
        side.getChildren().clear();
        if (outcome == null) return;
        outcome.need(Outcome.Part.TIMES);
        var takes = workspace.book().takesOf(outcome.lesson().id());
        if (takes.isEmpty()) {
            rows.getChildren()
                    .add(new EmptyState(Words.of("afters.empty"), Words.of("afters.run"), () -> desk.go("on-air")));
            return;
        }
        var review = Review.of(outcome.schedule(), takes);
        rows.getChildren().add(head());
        int widest = Math.max(
                30,
                review.rows().stream()
                        .mapToInt(r -> Math.abs(r.difference()))
                        .max()
                        .orElse(30));
        for (var row : review.rows()) rows.getChildren().add(row(row, widest));
        side(outcome, review);
    }

    private static HBox head() {
        return Nodes.styled(
                Nodes.row(
                        0,
                        cell("", 2.4),
                        grow(Nodes.label(Words.of("afters.step"), "head")),
                        cell(Words.of("afters.planned"), 4.6, "head"),
                        cell(Words.of("afters.measured"), 5.2, "head"),
                        cell(Words.of("afters.difference"), 9, "head"),
                        cell(Words.of("afters.held"), 3.6, "head"),
                        cell(Words.of("afters.marks"), 3, "head")),
                "table-head");
    }

    private static Label grow(Label label) {
        label.setMaxWidth(Double.MAX_VALUE);
        label.setMinWidth(0);
        return Nodes.grown(label);
    }

    private static HBox cell(String text, double em, String... styles) {
        return Nodes.cell(Nodes.label(text, styles), em);
    }

    private CardButton row(Review.Row row, int widest) {
        var step = row.placed().step();
        int planned = row.placed().span().length() - step.hold();
        var measured = row.median() < 0 ? "–" : Clock.text(row.median());
        int off = row.difference();
        var diff = Nodes.row(
                6,
                bar(off, widest),
                cell(
                        row.median() < 0 || off == 0 ? "" : (off > 0 ? "+" : "") + Clock.text(off),
                        3.4,
                        off > 0 ? "bad" : "good"));
        var line = Nodes.row(
                0,
                cell(String.valueOf(row.placed().number()), 2.4, "step-number"),
                grow(Nodes.label(step.title(), "strong")),
                cell(Clock.text(planned), 4.6, "time-soft"),
                cell(measured, 5.2, "time"),
                Nodes.cell(diff, 9),
                cell(row.held() == 0 ? "" : Clock.text(row.held()), 3.6, "time-soft"),
                cell(row.marks() == 0 ? "" : "● " + row.marks(), 3, "warn"));
        var button = new CardButton("row-card", () -> workspace.stepProperty().set(step.id()), line);
        button.setAccessibleText(
                Words.of("afters.rowText", row.placed().number(), step.title(), Clock.text(planned), measured));
        button.pseudoClassStateChanged(
                CHOSEN, step.id().equals(workspace.stepProperty().get()));
        return button;
    }

    /** Left of the middle is shorter than planned, right is longer. */
    private static Pane bar(int off, int widest) {
        double half = 34;
        var pane = new Pane();
        pane.setMinSize(2 * half, 14);
        pane.setPrefSize(2 * half, 14);
        pane.setMaxSize(2 * half, 14);
        var middle = Nodes.styled(new Region(), "bar-middle");
        middle.resizeRelocate(half, 0, 1, 14);
        var fill = Nodes.styled(new Region(), off > 0 ? "bar-over" : "bar-under");
        double w = half * Math.abs(off) / widest;
        fill.resizeRelocate(off > 0 ? half : half - w, 3, w, 8);
        fill.setManaged(false);
        middle.setManaged(false);
        pane.getChildren().addAll(fill, middle);
        return pane;
    }

    private void side(Outcome outcome, Review review) {
        int off = review.measuredTotal() - review.plannedTotal();
        side.getChildren()
                .addAll(
                        Nodes.label(Words.of("afters.result"), "overline"),
                        Nodes.wrapped(
                                off == 0
                                        ? Words.of("afters.asPlanned")
                                        : Words.of(
                                                off > 0 ? "afters.longer" : "afters.shorter",
                                                Clock.text(Math.abs(off))),
                                "figure"),
                        Nodes.wrapped(
                                Words.of(
                                        "afters.resultText",
                                        Clock.text(review.measuredTotal()),
                                        Clock.text(review.plannedTotal()),
                                        review.takes()),
                                "body"));
        var worst = review.rows().stream()
                .filter(r -> r.difference() > 0)
                .max(Comparator.comparingInt(Review.Row::difference));
        worst.ifPresent(r -> side.getChildren()
                .add(Nodes.wrapped(
                        Words.of(
                                "afters.worst",
                                r.placed().number(),
                                r.placed().step().title(),
                                Clock.text(r.difference())),
                        "finding",
                        "look")));
        int after = review.plannedAfter(workspace.book(), outcome.lesson().id());
        var next = review.adopt(workspace.book(), outcome.lesson().id());
        boolean nothing = next.equals(workspace.book());
        side.getChildren().add(Nodes.label(Words.of("afters.takeIn"), "overline"));
        side.getChildren()
                .add(Nodes.wrapped(
                        Words.of(
                                "afters.takeInText",
                                Clock.text(outcome.schedule().planned()),
                                Clock.text(after),
                                after > outcome.schedule().slot()
                                        ? Words.of(
                                                "gauge.over",
                                                Clock.text(after
                                                        - outcome.schedule().slot()))
                                        : Words.of(
                                                "gauge.inHand",
                                                Clock.text(outcome.schedule().slot() - after))),
                        "body"));
        for (var segment : Segment.values()) {
            if (outcome.pace().isOwn(segment))
                side.getChildren()
                        .add(Nodes.wrapped(
                                Words.of(
                                        "afters.pace",
                                        segment.title(),
                                        outcome.pace().basis(segment)),
                                "soft"));
        }
        var adopt = Nodes.named(
                Nodes.button(
                        Words.of("afters.adopt"),
                        () -> workspace.edit(
                                Words.of("edit.adopt"),
                                b -> review.adopt(b, outcome.lesson().id())),
                        "primary"),
                "adopt",
                Words.of("afters.adopt"));
        adopt.setDisable(nothing);
        side.getChildren().add(adopt);
        if (nothing) side.getChildren().add(Nodes.wrapped(Words.of("afters.nothing"), "soft"));
        side.getChildren().add(Nodes.label(Words.of("afters.takes"), "overline"));
        for (var take : workspace.book().takesOf(outcome.lesson().id())) {
            side.getChildren()
                    .add(Nodes.wrapped(
                            Words.of(
                                    "afters.take",
                                    WHEN.format(take.at()),
                                    Clock.text(take.total()),
                                    take.steps().size()),
                            "body"));
        }
    }
}
