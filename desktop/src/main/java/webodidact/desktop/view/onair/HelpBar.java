package webodidact.desktop.view.onair;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.layout.FlowPane;
import webodidact.core.air.OnTime;
import webodidact.core.time.Clock;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.AirWatch;
import webodidact.desktop.words.Words;

/** What brings the run to its end on time: each with its key and with the end it brings, before it is pressed. */
final class HelpBar extends FlowPane {
    private final Consumer<OnTime.Help> taken;

    HelpBar(Consumer<OnTime.Help> taken) {
        super(8, 6);
        this.taken = taken;
        setId("air-helps");
    }

    void show(AirWatch.Seen seen) {
        var now = seen == null ? List.<OnTime.Help>of() : seen.onTime().helps();
        if (now.equals(shown)) return;
        shown = now;
        getChildren().clear();
        if (seen == null) return;
        for (var help : seen.onTime().helps()) {
            var text = Words.of("air.help", letter(help), help.text(), Clock.text(help.ends()));
            var button = Nodes.named(
                    Nodes.button(text, () -> taken.accept(help), "studio-help"),
                    "help-" + help.key().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                    text);
            button.setFocusTraversable(false);
            getChildren().add(button);
        }
    }

    private List<OnTime.Help> shown = List.of();

    /** The key that takes it. */
    static String letter(OnTime.Help help) {
        return switch (help.key()) {
            case TRIM -> "E";
            case LEAVE_OUT -> "X";
            case STRETCH -> "S";
            default -> "D";
        };
    }
}
