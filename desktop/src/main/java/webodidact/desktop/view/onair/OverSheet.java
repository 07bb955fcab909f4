package webodidact.desktop.view.onair;

import java.util.stream.Collectors;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import webodidact.core.air.AirTimer;
import webodidact.core.lesson.Take;
import webodidact.core.time.Clock;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.LiveRun;
import webodidact.desktop.view.Desk;
import webodidact.desktop.words.Words;

/** After the last word: what was kept, what is still hot, and the way back if it was ended by mistake. */
final class OverSheet extends VBox {
    OverSheet(Desk desk, LiveRun run, Runnable again) {
        super(14);
        getStyleClass().add("studio-sheet");
        Nodes.atMost(this, 46);
        var kept = run.kept();
        int seconds = kept.stream().mapToInt(Take::total).sum();
        int steps = kept.stream().mapToInt(t -> t.steps().size()).sum();
        getChildren()
                .addAll(
                        Nodes.label(Words.of("air.over"), "studio-title"),
                        Nodes.wrapped(
                                kept.size() == 1
                                        ? Words.of("air.kept", Clock.text(seconds), steps)
                                        : Words.of("air.keptTakes", kept.size(), Clock.text(seconds), steps),
                                "studio-text"));
        run.over().ifPresent(over -> {
            var hot = over.timers().stream()
                    .filter(t -> t.kind() != AirTimer.Kind.WAIT)
                    .map(AirTimer::label)
                    .collect(Collectors.joining(", "));
            if (!hot.isEmpty()) getChildren().add(warned(Words.of("air.stillHot", hot)));
            var waits = over.timers().stream()
                    .filter(t -> t.kind() == AirTimer.Kind.WAIT)
                    .map(AirTimer::label)
                    .collect(Collectors.joining(", "));
            if (!waits.isEmpty()) getChildren().add(warned(Words.of("air.stillIn", waits)));
        });
        var row = new FlowPane(
                10,
                10,
                Nodes.named(
                        Nodes.button(Words.of("air.afters"), () -> desk.go("afters"), "go-live"),
                        "go-afters",
                        Words.of("air.afters")),
                Nodes.named(
                        Nodes.button(Words.of("air.again"), again, "studio-button"), "again", Words.of("air.again")));
        if (run.canTakeUpAgain(desk.ticker()))
            row.getChildren()
                    .add(Nodes.named(
                            Nodes.button(Words.of("air.mistake"), run::takeUpAgain, "studio-button"),
                            "take-up-again",
                            Words.of("air.mistake")));
        getChildren().add(row);
    }

    private static VBox warned(String text) {
        return Nodes.styled(new VBox(Nodes.wrapped("▲ " + text, "studio-text")), "studio-warning");
    }
}
