package webodidact.desktop.view.clock;

import java.util.Set;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;
import webodidact.core.check.Finding;
import webodidact.core.edit.Operations;
import webodidact.core.homes.Simulation;
import webodidact.core.lesson.Step;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.Clock;
import webodidact.core.timing.CoverOptions;
import webodidact.core.timing.Placed;
import webodidact.desktop.control.CardButton;
import webodidact.desktop.control.EmptyState;
import webodidact.desktop.control.FindingCard;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Runs;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.CoverWords;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.FindingActions;
import webodidact.desktop.words.Words;

/** The selected step on the clock: its times, and a card for each way to cover its wait, with the result before it is chosen. */
final class StepPanel extends VBox {
    /** Findings of the selected step that are about its time. */
    private static final Set<String> TIMES = Set.of(
            "collected-off-time",
            "dead-air",
            "look-missed",
            "oven-on-early",
            "reached-late",
            "filler-soils-hands",
            "heat-never-off");
    /** Households shown of those left behind. */
    private static final int FEW = 4;

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private final Workspace workspace;
    private final Desk desk;
    private final Runs<Simulation.Result> homes;

    StepPanel(Desk desk, Runs<Simulation.Result> homes) {
        super(10);
        this.desk = desk;
        this.homes = homes;
        workspace = desk.workspace();
        getStyleClass().add("side-body");
    }

    void show() {
        getChildren().clear();
        Outcome outcome = workspace.outcome();
        if (outcome == null) return;
        var actions = new FindingActions(workspace);
        outcome.report().open().stream()
                .filter(f -> f.check().equals("over-slot"))
                .forEach((Finding f) -> getChildren().add(new FindingCard(f, actions)));
        var placed = outcome.schedule().of(workspace.stepProperty().get()).orElse(null);
        if (placed == null) {
            if (outcome.schedule().steps().isEmpty())
                getChildren()
                        .add(new EmptyState(
                                Words.of("clock.empty"), Words.of("empty.script"), () -> desk.go("script")));
            else getChildren().add(Nodes.wrapped(Words.of("clock.choose"), "empty"));
            return;
        }
        facts(outcome, placed);
        outcome.report().open().stream()
                .filter(f -> f.check().equals("wait-never-collected")
                        && f.where().equals(placed.step().id()))
                .forEach(f -> getChildren().add(new FindingCard(f, actions)));
        outcome.report().open().stream()
                .filter(f -> TIMES.contains(f.check())
                        && f.where().equals(placed.step().id()))
                .forEach(f -> getChildren().add(new FindingCard(f, actions)));
        if (placed.waiting() != null) covers(outcome, placed);
        homes(outcome, placed);
    }

    private void facts(Outcome outcome, Placed placed) {
        var step = placed.step();
        getChildren()
                .addAll(
                        Nodes.label(
                                Words.of(
                                        "clock.stepFrom",
                                        placed.number(),
                                        Clock.text(placed.span().start())),
                                "overline"),
                        Nodes.wrapped(step.title(), "title"));
        var grid = new GridPane(8, 4);
        grid.getColumnConstraints().addAll(new ColumnConstraints(), grow());
        int row = 0;
        fact(grid, row++, Words.of("clock.words"), Clock.text(placed.talk()));
        fact(
                grid,
                row++,
                Words.of("clock.hands"),
                placed.hands().isZero() ? "–" : placed.hands().text());
        fact(grid, row++, Words.of("clock.ends"), Clock.text(placed.span().end()));
        var hit = outcome.lesson().air() == null
                ? ""
                : " · " + outcome.lesson().air().plusSeconds(placed.hit()).toLocalTime();
        fact(
                grid,
                row++,
                Words.of("clock.hit"),
                placed.hit() < 0 ? Words.of("clock.noHit") : Clock.text(placed.hit()) + hit);
        if (placed.idle() > 0) fact(grid, row++, Words.of("clock.idle"), Clock.text(placed.idle()));
        if (step.hold() > 0) fact(grid, row++, Words.of("clock.hold"), Clock.text(step.hold()));
        if (step.waiting() != null) {
            fact(
                    grid,
                    row++,
                    Words.of("clock.waits", step.waiting().what()),
                    step.waiting().time().text());
            for (var due : placed.waiting().looks())
                fact(
                        grid,
                        row++,
                        due.look().what(),
                        Clock.text(due.moment())
                                + (due.number() == 0 ? "" : " · " + Words.of("clock.before.step", due.number())));
            if (step.waiting().rounds() != null)
                fact(
                        grid,
                        row++,
                        Words.of("clock.rounds"),
                        step.waiting().rounds().text());
            if (!step.waiting().cue().isBlank())
                fact(
                        grid,
                        row++,
                        Words.of("clock.doneWhen"),
                        step.waiting().cue().replace(" °", "\u00a0°"));
        }
        getChildren().add(grid);
    }

    private static ColumnConstraints grow() {
        var constraints = new ColumnConstraints();
        constraints.setHgrow(Priority.ALWAYS);
        constraints.setHalignment(HPos.RIGHT);
        return constraints;
    }

    private static void fact(GridPane grid, int row, String name, String value) {
        var label = Nodes.label(name, "soft");
        label.setMinWidth(USE_PREF_SIZE);
        var text = Nodes.label(value, "fact");
        text.setWrapText(true);
        text.setTextAlignment(TextAlignment.RIGHT);
        grid.addRow(row, label, text);
        GridPane.setValignment(label, VPos.TOP);
    }

    private void covers(Outcome outcome, Placed placed) {
        getChildren()
                .add(Nodes.label(
                        Words.of(
                                "clock.coverTitle",
                                placed.step().waiting().time().text()),
                        "panel-title"));
        for (var option : CoverOptions.of(outcome.lesson(), placed.step().id(), outcome.pace()))
            getChildren().add(card(outcome, placed, option));
    }

    /** How many homes are ready when this step is shown, what holding would do, and who is behind, and why. */
    private void homes(Outcome outcome, Placed placed) {
        if (!outcome.lesson().delivery().homesCookAlong()) {
            getChildren().add(Nodes.wrapped(Words.of("homes.notAlong"), "soft"));
            return;
        }
        var result = homes.result();
        var pace = result == null ? null : result.of(placed.step().id()).orElse(null);
        getChildren().add(Nodes.label(Words.of("homes.here"), "panel-title"));
        if (pace == null) {
            var bar = new ProgressBar();
            bar.progressProperty().bind(homes.progressProperty());
            getChildren()
                    .addAll(
                            Nodes.wrapped(Words.of("homes.playing"), "soft"),
                            Nodes.row(
                                    8,
                                    bar,
                                    Nodes.named(
                                            Nodes.button(Words.of("fit.stop"), homes::stop, "small"),
                                            "homes-stop",
                                            Words.of("homes.stop"))));
            return;
        }
        var ready = Nodes.wrapped(Words.of("homes.ready", pace.percent()), pace.percent() < 85 ? "bad" : "good");
        ready.setId("homes-ready");
        getChildren().add(ready);
        if (workspace.book().households().isEmpty())
            getChildren().add(Nodes.wrapped(Words.of("homes.usualClass"), "soft"));
        var before = placed.number() < 2 ? null : outcome.lesson().steps().get(placed.number() - 2);
        if (before != null) hold(outcome, before, pace);
        behind(result, placed);
    }

    private void hold(Outcome outcome, Step before, Simulation.StepPace pace) {
        int need = (pace.holdFor85() + 4) / 5 * 5;
        int can = Math.min(need, Math.max(0, outcome.schedule().inHand()));
        if (need > 0) getChildren().add(Nodes.wrapped(Words.of("homes.holdNeed", Clock.text(need)), "body"));
        var row = new FlowPane(6, 6);
        if (can > 0)
            row.getChildren()
                    .add(Nodes.named(
                            Nodes.button(Words.of("homes.hold", Clock.text(can)), () -> hold(before, can), "primary"),
                            "hold-here",
                            Words.of("homes.hold", Clock.text(can))));
        else if (need > 0) getChildren().add(Nodes.wrapped(Words.of("homes.nothingInHand"), "soft"));
        row.getChildren()
                .add(Nodes.named(
                        Nodes.button("+0:15", () -> hold(before, 15), "small"),
                        "hold-more",
                        Words.of("homes.holdMore")));
        var less = Nodes.named(
                Nodes.button("−0:15", () -> hold(before, -15), "small"), "hold-less", Words.of("homes.holdLess"));
        less.setDisable(before.hold() == 0);
        row.getChildren().add(less);
        getChildren().add(row);
        if (before.hold() > 0)
            getChildren().add(Nodes.wrapped(Words.of("homes.held", Clock.text(before.hold())), "soft"));
    }

    private void hold(Step step, int more) {
        workspace.editLesson(Words.of("edit.step.hold"), Operations.hold(step.id(), Math.max(0, step.hold() + more)));
    }

    private void behind(Simulation.Result result, Placed placed) {
        var here = result.behind().stream()
                .filter(b -> b.step() >= placed.number())
                .limit(FEW)
                .toList();
        if (here.isEmpty()) return;
        getChildren().add(Nodes.label(Words.of("homes.behind"), "tiny"));
        for (var b : here)
            getChildren()
                    .add(Nodes.wrapped(
                            Words.of(
                                    "homes.behindOne",
                                    b.home().home().alias(),
                                    Clock.text(b.seconds()),
                                    b.step(),
                                    b.why()),
                            "soft"));
        int more = result.behind().size() - here.size();
        if (more > 0) getChildren().add(Nodes.wrapped(Words.count("homes.behindMore", more), "soft"));
    }

    private CardButton card(Outcome outcome, Placed placed, CoverOptions.Option option) {
        var total = Nodes.label(option.planned() < 0 ? "–" : Clock.text(option.planned()), "cover-total");
        total.setMinWidth(USE_PREF_SIZE);
        var title = Nodes.label(CoverWords.title(option.cover()), "offer-title");
        title.setMinWidth(0);
        var box = Nodes.column(2, Nodes.row(6, title, Nodes.spring(), total));
        box.getChildren().add(Nodes.wrapped((option.isAllowed() ? option.detail() : option.refused()).text(), "soft"));
        if (option.isAllowed()) {
            int over = option.planned() - outcome.schedule().slot();
            int saved = outcome.schedule().planned() - option.planned();
            var words = over > 0
                    ? Words.of("clock.overBy", Clock.text(over))
                    : saved > 0
                            ? Words.of("clock.saves", Clock.text(saved))
                            : Words.of("clock.inHand", Clock.text(-over));
            box.getChildren().add(Nodes.wrapped(words, over > 0 ? "bad" : "good"));
        }
        var id = placed.step().id();
        var button = new CardButton(
                "cover-card",
                () -> workspace.editLesson(Words.of("edit.step.cover"), Operations.cover(id, option.cover())),
                box);
        button.setId("choose-" + CoverWords.name(option.cover()));
        button.setDisable(!option.isAllowed());
        button.setAccessibleText(title.getText() + ", " + total.getText() + ", "
                + ((option.isAllowed() ? option.detail() : option.refused()).text()));
        button.pseudoClassStateChanged(
                CHOSEN,
                option.cover().getClass() == placed.step().waiting().cover().getClass());
        return button;
    }
}
