package webodidact.desktop.view.onair;

import java.time.format.DateTimeFormatter;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.air.AirEvent;
import webodidact.core.air.AirPlan;
import webodidact.core.air.AirRun;
import webodidact.core.check.Finding;
import webodidact.core.compare.Comparison;
import webodidact.core.lesson.TakeKind;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.Clock;
import webodidact.desktop.control.FindingCard;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.FindingActions;
import webodidact.desktop.words.Words;
import webodidact.formats.air.AirJournal;

/** Before the first word: how it is run, what keeps it off air, and a run that was cut off. */
final class ReadySheet extends VBox {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.UK);
    private static final int[] SPEEDS = {1, 2, 10, 60};
    private final Desk desk;
    private final Choice choice;
    private final Runnable go;

    /** How it will be run. */
    static final class Choice {
        private TakeKind kind;
        private int speed = 1;

        TakeKind kind(Outcome outcome) {
            var usual = TakeKind.usual(outcome.lesson().delivery());
            return kind == null || !kind.isRehearsal() && kind != usual ? usual : kind;
        }

        /** A clock that runs fast is for rehearsals. */
        int speed(Outcome outcome) {
            return kind(outcome).isRehearsal() ? speed : 1;
        }
    }

    ReadySheet(Desk desk, Choice choice, Runnable go) {
        super(14);
        this.desk = desk;
        this.choice = choice;
        this.go = go;
        getStyleClass().add("studio-sheet");
        setAlignment(Pos.CENTER_LEFT);
        Nodes.atMost(this, 46);
        desk.workspace().live().cutOff().ifPresent(this::cutOff);
        var outcome = desk.workspace().outcome();
        if (outcome != null) fill(outcome);
    }

    private void fill(Outcome outcome) {
        getChildren()
                .addAll(
                        Nodes.label(Words.of("air.ready"), "studio-soft"),
                        Nodes.wrapped(outcome.lesson().title(), "studio-title"));
        boolean empty = outcome.schedule().steps().isEmpty();
        if (empty) {
            getChildren().add(Nodes.wrapped(Words.of("air.empty"), "studio-text"));
        } else {
            getChildren()
                    .add(Nodes.wrapped(
                            choice.kind(outcome) == TakeKind.WORDS
                                    ? Words.of(
                                            "air.readyWords",
                                            outcome.schedule().shown().size(),
                                            Clock.text(AirPlan.of(outcome, TakeKind.WORDS)
                                                    .schedule()
                                                    .planned()))
                                    : Words.of(
                                            "air.readyText",
                                            outcome.schedule().shown().size(),
                                            Clock.text(outcome.schedule().planned()),
                                            Clock.text(outcome.schedule().slot())),
                            "studio-text"));
            int untimed = outcome.schedule().untimed().size();
            if (untimed > 0) getChildren().add(Nodes.wrapped(Words.count("air.untimed", untimed), "studio-soft"));
            ways(outcome);
        }
        var kind = choice.kind(outcome);
        var stops = outcome.report().open().stream().filter(Finding::isStop).toList();
        // What would hurt somebody on air may be rehearsed: that is how it is found.
        boolean blocked = !stops.isEmpty() && !kind.isRehearsal();
        if (blocked) {
            getChildren().add(Nodes.wrapped("■ " + Words.count("air.blocked", stops.size()), "studio-bad"));
            for (var stop : stops.subList(0, Math.min(3, stops.size())))
                getChildren().add(new FindingCard(stop, new FindingActions(desk.workspace())));
        }
        var label = Words.of("air.go." + kind.name().toLowerCase(Locale.ROOT));
        var button = Nodes.named(Nodes.button(label, go, "go-live"), "go-live", label);
        button.setDisable(empty || blocked);
        getChildren()
                .addAll(
                        new HBox(
                                10,
                                button,
                                Nodes.named(
                                        Nodes.button(Words.of("air.leave"), () -> desk.go("script"), "studio-button"),
                                        "leave-air",
                                        Words.of("air.leave"))),
                        Nodes.wrapped(Words.of(kind.hasParts() ? "air.keysParts" : "air.keys"), "studio-soft"));
    }

    private void ways(Outcome outcome) {
        var kinds = new ToggleGroup();
        var row = new FlowPane(6, 6);
        for (var kind : TakeKind.values()) {
            if (!kind.isRehearsal() && kind != TakeKind.usual(outcome.lesson().delivery())) continue;
            var toggle = toggle(kind.title(), "air-kind-" + kind.name().toLowerCase(Locale.ROOT), kinds);
            toggle.setSelected(kind == choice.kind(outcome));
            toggle.setOnAction(e -> {
                choice.kind = kind;
                again();
            });
            row.getChildren().add(toggle);
        }
        getChildren().add(row);
        getChildren()
                .add(Nodes.wrapped(
                        Words.of("air.kind." + choice.kind(outcome).name().toLowerCase(Locale.ROOT)), "studio-soft"));
        if (!choice.kind(outcome).isRehearsal()) return;
        var speeds = new ToggleGroup();
        var fast = Nodes.row(6, Nodes.label(Words.of("air.speed"), "studio-soft"));
        for (int speed : SPEEDS) {
            var toggle = toggle(
                    speed == 1 ? Words.of("air.asItRuns") : Words.of("air.times", speed), "air-speed-" + speed, speeds);
            toggle.setSelected(speed == choice.speed);
            toggle.setOnAction(e -> {
                choice.speed = speed;
                again();
            });
            fast.getChildren().add(toggle);
        }
        getChildren().add(fast);
    }

    private static ToggleButton toggle(String text, String id, ToggleGroup group) {
        var toggle = Nodes.named(Nodes.toggle(text, "studio-button"), id, text);
        toggle.setToggleGroup(group);
        return toggle;
    }

    private void again() {
        getChildren().clear();
        desk.workspace().live().cutOff().ifPresent(this::cutOff);
        fill(desk.workspace().outcome());
    }

    /** Seconds: who has been away for an hour more than the lesson takes has not just been thrown out. */
    private static final int PAST = 3600;

    /** It goes on where it would be now, or is kept as far as it got. */
    private void cutOff(AirJournal.Kept cut) {
        var live = desk.workspace().live();
        var run = cutRun(cut);
        int second = cut.second(desk.ticker().instant());
        // Long after its end there is nothing to go on with.
        boolean past = second > 2 * run.plan().schedule().planned() + PAST;
        var text = Words.of(
                past ? "air.cutOffPast" : "air.cutOff",
                run.plan().lesson().title(),
                run.isOver() ? run.plan().steps() : run.index() + 1,
                Clock.text(run.elapsed()),
                TIME.format(cut.last().atZone(desk.ticker().zone())),
                Clock.text(second));
        var box = Nodes.styled(new VBox(8, Nodes.wrapped(text, "studio-text")), "studio-hold");
        box.setId("cut-off");
        var now = desk.workspace().book().lesson(run.plan().lesson().id());
        int differ = now.map(l -> Comparison.of(run.plan().lesson(), l).parts().size())
                .orElse(0);
        if (now.isEmpty()) box.getChildren().add(Nodes.wrapped(Words.of("air.cutGone"), "studio-soft"));
        if (differ > 0) box.getChildren().add(Nodes.wrapped(Words.count("air.differs", differ), "studio-soft"));
        var answers = new HBox(10);
        if (!past)
            answers.getChildren()
                    .add(Nodes.named(
                            Nodes.button(
                                    Words.of("air.takeUp"), () -> live.takeUp(cut, desk.ticker()), "studio-button"),
                            "take-up",
                            Words.of("air.takeUp")));
        answers.getChildren()
                .add(Nodes.named(
                        Nodes.button(
                                Words.of("air.keepCut"),
                                () -> {
                                    live.keepCutOff(cut, desk.ticker().zone());
                                    again();
                                },
                                "studio-button"),
                        "keep-cut",
                        Words.of("air.keepCut")));
        box.getChildren().add(answers);
        getChildren().add(box);
    }

    private static AirRun cutRun(AirJournal.Kept cut) {
        return AirEvent.run(cut.head().plan(), cut.events());
    }
}
