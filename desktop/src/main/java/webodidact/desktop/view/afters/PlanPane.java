package webodidact.desktop.view.afters;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import webodidact.core.afters.Differently;
import webodidact.core.afters.Review;
import webodidact.core.amount.Ratio;
import webodidact.core.lesson.Segment;
import webodidact.core.lesson.Take;
import webodidact.core.outcome.Outcome;
import webodidact.core.script.HandsPace;
import webodidact.core.time.Clock;
import webodidact.desktop.control.CardButton;
import webodidact.desktop.control.EmptyState;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Desk;
import webodidact.desktop.words.Words;

/** Plan against the takes, step by step: how sure the times are, what to do differently at what price, and the way back into the plan. */
final class PlanPane implements AftersPart {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.UK);
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    /** Steps whose measured time is not to be taken in. */
    private final Set<String> left = new HashSet<>();

    private final Workspace workspace;
    private final Desk desk;
    private final Runnable again;
    private List<Take> measuredIn;
    private Map<String, HandsPace.Measured> measured = Map.of();

    PlanPane(Desk desk, Runnable again) {
        this.desk = desk;
        this.again = again;
        workspace = desk.workspace();
    }

    @Override
    public void fill(Outcome outcome, VBox rows, VBox side) {
        var takes = workspace.book().takesOf(outcome.lesson().id());
        if (takes.isEmpty()) {
            rows.getChildren()
                    .add(new EmptyState(Words.of("afters.empty"), Words.of("afters.run"), () -> desk.go("on-air")));
            return;
        }
        var review = Review.of(outcome.schedule(), takes);
        var wanted = wanted(review, outcome);
        boolean held = review.rows().stream().anyMatch(r -> r.held() != 0);
        boolean marks = review.rows().stream().anyMatch(r -> r.marks() != 0);
        rows.getChildren().add(head(review.takes(), held, marks));
        int longest = review.rows().stream()
                .mapToInt(r -> Math.max(
                        r.placed().span().length(),
                        r.spread().map(s -> s.high()).orElse(0)))
                .max()
                .orElse(60);
        for (var row : review.rows()) rows.getChildren().add(row(row, longest, wanted, held, marks));
        result(outcome, review, wanted, side);
        differently(outcome, review, side);
        side.getChildren().add(Nodes.label(Words.of("afters.takes"), "overline"));
        for (var take : takes)
            side.getChildren()
                    .add(Nodes.wrapped(
                            Words.of(
                                    "afters.take",
                                    WHEN.format(take.at()),
                                    Clock.text(take.total()),
                                    take.steps().size(),
                                    take.kind().title()),
                            "body"));
    }

    /** Steps whose time changes if it is taken in, without those that were left. */
    private Set<String> wanted(Review review, Outcome outcome) {
        var lesson = outcome.lesson().id();
        return review.rows().stream()
                .filter(Review::isByHands)
                .map(r -> r.placed().step().id())
                .filter(id -> !left.contains(id))
                .filter(id ->
                        !review.adopt(workspace.book(), lesson, Set.of(id)).equals(workspace.book()))
                .collect(Collectors.toSet());
    }

    /** @param held some step was held, and there is a column for it; so for marks */
    private static HBox head(int takes, boolean held, boolean marks) {
        return Nodes.styled(
                line(
                        cell("", 2),
                        title(Nodes.label(Words.of("afters.step"), "head")),
                        barCell(Nodes.label(Words.count("afters.bars", takes), "head")),
                        cell(Words.of("afters.planned"), 3.8, "head"),
                        cell(Words.of("afters.measured"), 4.3, "head"),
                        cell(Words.of("afters.change"), 3.4, "head"),
                        held ? cell(Words.of("afters.held"), 3, "head") : null,
                        marks ? cell(Words.of("afters.marks"), 2.6, "head") : null,
                        cell(Words.of("afters.takeInHead"), 3.2, "head")),
                "table-head");
    }

    /** Without the columns that nothing stands in. */
    private static HBox line(Node... cells) {
        return Nodes.row(0, Arrays.stream(cells).filter(Objects::nonNull).toArray(Node[]::new));
    }

    /** Figures stay whole where letters are large and the window small: the bars give way, and the titles. */
    private static HBox barCell(Node content) {
        return giving(content, "-fx-min-width: 0.5em; -fx-pref-width: 15em; -fx-max-width: 19em;");
    }

    private static HBox title(Label label) {
        label.setMaxWidth(Double.MAX_VALUE);
        label.setMinWidth(0);
        return giving(label, "-fx-min-width: 4.4em; -fx-pref-width: 12em;");
    }

    /** Alike in all rows and the head, or the bars would not begin below each other. */
    private static HBox giving(Node content, String width) {
        var cell = Nodes.row(0, Nodes.grown(content));
        cell.setStyle(width);
        return Nodes.grown(cell);
    }

    private static HBox cell(String text, double em, String... styles) {
        return Nodes.cell(Nodes.label(text, styles), em);
    }

    private CardButton row(Review.Row row, int longest, Set<String> wanted, boolean held, boolean marks) {
        var step = row.placed().step();
        int planned = row.placed().span().length() - step.hold();
        var measured = row.median() < 0 ? "–" : Clock.text(row.median());
        int off = row.difference();
        var line = line(
                cell(String.valueOf(row.placed().number()), 2, "step-number"),
                title(Nodes.label(step.title(), "strong")),
                barCell(bars(row, planned, longest)),
                cell(Clock.text(planned), 3.8, "time-soft"),
                cell(measured, 4.3, "time"),
                cell(
                        row.median() < 0 || off == 0 ? "" : (off > 0 ? "+" : "") + Clock.text(off),
                        3.4,
                        off > 0 ? "bad" : "good"),
                held ? cell(row.held() == 0 ? "" : Clock.text(row.held()), 3, "time-soft") : null,
                marks ? cell(row.marks() == 0 ? "" : "● " + row.marks(), 2.6, "warn") : null,
                Nodes.cell(box(row, wanted), 3.2));
        var button = new CardButton("row-card", () -> workspace.stepProperty().set(step.id()), line);
        button.setAccessibleText(
                Words.of("afters.rowText", row.placed().number(), step.title(), Clock.text(planned), measured));
        button.pseudoClassStateChanged(
                CHOSEN, step.id().equals(workspace.stepProperty().get()));
        return button;
    }

    private Node box(Review.Row row, Set<String> wanted) {
        if (!Review.isByHands(row)) return Nodes.label("");
        var id = row.placed().step().id();
        var box = new CheckBox();
        box.setSelected(wanted.contains(id));
        box.setId("take-in-" + id);
        box.setAccessibleText(Words.of("afters.takeInOf", row.placed().number()));
        box.setOnAction(e -> {
            if (box.isSelected()) left.remove(id);
            else left.add(id);
            again.run();
        });
        return box;
    }

    /** Above the plan, below what was measured; a band from the shortest to the longest take says how sure that is. */
    private static Pane bars(Review.Row row, int planned, int longest) {
        var bars = new ArrayList<Bar>();
        bars.add(new Bar("bar-planned", 0, 1, planned, 6, 1));
        if (row.median() >= 0) {
            bars.add(new Bar(row.difference() > 0 ? "bar-over" : "bar-under", 0, 9, row.median(), 6, 1));
            var spread = row.spread().orElseThrow();
            if (spread.isRange()) bars.add(new Bar("bar-spread", spread.low(), 8, spread.high() - spread.low(), 8, 2));
        }
        var regions =
                bars.stream().map(b -> Nodes.styled(new Region(), b.style())).toList();
        var pane = new Pane() {
            @Override
            protected void layoutChildren() {
                boolean room = getWidth() > 2 * GUTTER;
                double second = Math.max(0, getWidth() - GUTTER) / longest;
                for (int i = 0; i < bars.size(); i++) {
                    var b = bars.get(i);
                    regions.get(i).setVisible(room);
                    regions.get(i)
                            .resizeRelocate(
                                    b.from() * second, b.y(), Math.max(b.least(), b.length() * second), b.height());
                }
            }
        };
        pane.getChildren().addAll(regions);
        pane.setMinSize(0, 18);
        pane.setPrefHeight(18);
        pane.setMaxHeight(18);
        return pane;
    }

    /** Between the longest bar and the figures. */
    private static final double GUTTER = 20;

    /** From and length in seconds, the rest in dots. */
    private record Bar(String style, double from, double y, double length, double height, double least) {}

    private void result(Outcome outcome, Review review, Set<String> wanted, VBox side) {
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
                                "figure"));
        var lesson = outcome.lesson().id();
        int after = review.plannedAfter(workspace.book(), lesson, wanted);
        int slot = outcome.schedule().slot();
        side.getChildren()
                .add(Nodes.wrapped(
                        Words.of(
                                "afters.takeInText",
                                Clock.text(outcome.schedule().planned()),
                                Clock.text(after),
                                after > slot
                                        ? Words.of("gauge.over", Clock.text(after - slot))
                                        : Words.of("gauge.inHand", Clock.text(slot - after))),
                        "body"));
        for (var segment : Segment.values())
            if (outcome.pace().isOwn(segment))
                side.getChildren()
                        .add(Nodes.wrapped(
                                Words.of(
                                        "afters.pace",
                                        segment.title(),
                                        outcome.pace().basis(segment)),
                                "soft"));
        // Worked out with the takes of the whole course: a second take of another lesson makes a verb surer here, too.
        measured()
                .forEach((verb, m) -> side.getChildren()
                        .add(Nodes.wrapped(
                                Words.of(
                                        m.times() == 1 ? "afters.handsOnce" : "afters.hands",
                                        verb,
                                        percent(m.factor()),
                                        m.times(),
                                        percent(m.low()),
                                        percent(m.high())),
                                "soft")));
        var text = wanted.isEmpty() ? Words.of("afters.adopt") : Words.count("afters.adoptSome", wanted.size());
        var adopt = Nodes.named(
                Nodes.button(
                        text,
                        () -> workspace.edit(Words.of("edit.adopt"), b -> review.adopt(b, lesson, wanted)),
                        "primary"),
                "adopt",
                text);
        adopt.setDisable(wanted.isEmpty());
        side.getChildren().add(adopt);
        if (wanted.isEmpty())
            side.getChildren()
                    .add(Nodes.wrapped(Words.of(left.isEmpty() ? "afters.nothing" : "afters.noneChosen"), "soft"));
    }

    /** Worked out anew where there is another take, not at each press. */
    private Map<String, HandsPace.Measured> measured() {
        var takes = workspace.book().takes();
        if (takes != measuredIn) {
            measuredIn = takes;
            measured = HandsPace.measured(workspace.book(), workspace.knowledge());
        }
        return measured;
    }

    private static long percent(Ratio factor) {
        return factor.times(100).nearest();
    }

    private void differently(Outcome outcome, Review review, VBox side) {
        var all = Differently.of(
                review,
                workspace.book(),
                outcome.lesson(),
                outcome.pace(),
                workspace.book().takesOf(outcome.lesson().id()));
        if (all.isEmpty()) return;
        side.getChildren().add(Nodes.label(Words.of("afters.differently"), "overline"));
        for (var each : List.copyOf(all)) {
            var changes = new FlowPane(6, 6);
            for (var change : each.changes()) {
                changes.getChildren().add(AftersPart.button(workspace, change));
            }
            side.getChildren()
                    .add(Nodes.styled(new VBox(6, Nodes.wrapped(each.text(), "strong"), changes), "finding", "look"));
        }
    }
}
