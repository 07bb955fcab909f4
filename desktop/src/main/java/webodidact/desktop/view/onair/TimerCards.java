package webodidact.desktop.view.onair;

import java.util.Comparator;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.VBox;
import webodidact.core.air.AirRun;
import webodidact.core.air.AirTimer;
import webodidact.core.air.Readings;
import webodidact.core.time.Clock;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.AirWatch;
import webodidact.desktop.words.Words;

/** All that is hot or has to be waited for: how long still, and what has to be done meanwhile. */
final class TimerCards extends VBox {
    TimerCards() {
        super(8);
        setId("air-timers");
    }

    void show(AirRun run, AirWatch.Seen seen) {
        getChildren().clear();
        if (run.timers().isEmpty()) getChildren().add(Nodes.wrapped(Words.of("air.noTimers"), "studio-soft"));
        int now = run.elapsed();
        // What needs somebody soonest stands first.
        run.timers().stream()
                .sorted(Comparator.comparing((AirTimer t) -> t.kind() != AirTimer.Kind.WAIT)
                        .thenComparingInt(t -> t.left(now)))
                .forEach(t -> getChildren().add(card(t, now, seen)));
    }

    private static VBox card(AirTimer timer, int now, AirWatch.Seen seen) {
        var state = timer.state(now);
        var text = switch (state) {
            case EARLY ->
                Words.of(timer.kind() == AirTimer.Kind.OVEN ? "air.hotIn" : "air.left", Clock.text(timer.left(now)));
            case PAST -> Words.of("air.timerOver", Clock.text(timer.over(now)));
            case RIGHT ->
                timer.kind() == AirTimer.Kind.WAIT
                        ? Words.of("air.right")
                        : Words.of("air.hotFor", Clock.text(Math.max(0, -timer.left(now))));
        };
        var style = switch (state) {
            case EARLY -> "air-behind";
            case PAST -> "studio-bad";
            case RIGHT -> "air-fine";
        };
        var name = Nodes.label(timer.label(), "studio-head");
        name.setMinWidth(0);
        var left = Nodes.label(text, style);
        left.setMinWidth(USE_PREF_SIZE);
        var card = Nodes.styled(new VBox(4, Nodes.row(8, name, Nodes.spring(), left)), "studio-card");
        var line = line(timer, now);
        if (!line.isEmpty()) card.getChildren().add(Nodes.wrapped(line, "studio-soft"));
        if (seen != null)
            for (var reading : seen.readings().readings())
                if (reading.timer().equals(timer.id())) card.getChildren().add(reading(reading));
        if (timer.time().low() > 0) {
            var bar = new ProgressBar(Math.clamp(
                    1 - Math.max(0, timer.left(now)) / (double) timer.time().low(), 0, 1));
            bar.setMaxWidth(Double.MAX_VALUE);
            card.getChildren().add(bar);
        }
        return card;
    }

    private static Label reading(Readings.Reading reading) {
        var text = reading.wanted() == 0
                ? Words.of("air.reading", reading.device(), reading.says())
                : Words.of("air.readingOf", reading.device(), reading.says(), reading.wants());
        return Nodes.wrapped(text, reading.isThere() ? "air-reading-there" : "studio-soft");
    }

    private static String line(AirTimer timer, int now) {
        if (timer.kind() != AirTimer.Kind.WAIT) return "";
        var next = timer.next(now);
        if (next.isPresent())
            return Words.of(
                    "air.look",
                    next.get().what(),
                    Clock.text(timer.from() + next.get().at() - now));
        var range = timer.time().text() + (timer.byPlan() ? " · " + Words.of("air.byPlan") : "");
        return timer.cue().isBlank() ? range : range + " · " + Words.of("air.until", timer.cue());
    }
}
