package webodidact.desktop.view.onair;

import java.util.Comparator;
import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import webodidact.core.air.Kitchens;
import webodidact.core.time.Clock;
import webodidact.desktop.control.Hints;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.AirWatch;
import webodidact.desktop.words.Words;

/** How the homes stand, who is left behind and why, and the hold that brings them back. */
final class KitchensBox extends VBox {
    /** All that can be seen here. */
    private record Shown(Kitchens.State state, int over) {}

    private final FlowPane homes = new FlowPane(5, 5);
    private Shown shown;

    KitchensBox() {
        super(8);
        setId("air-kitchens");
    }

    void show(AirWatch.Seen seen) {
        var state = seen == null ? null : seen.kitchens().orElse(null);
        var now = new Shown(state, state == null ? 0 : seen.onTime().over());
        if (now.equals(shown)) return;
        shown = now;
        getChildren().clear();
        setManaged(state != null);
        setVisible(state != null);
        if (state == null) return;
        homes.getChildren().clear();
        state.homes().stream()
                .sorted(Comparator.comparing(Kitchens.Home::stand))
                .forEach(h -> homes.getChildren().add(tile(h)));
        getChildren()
                .addAll(
                        Nodes.row(
                                8,
                                Nodes.label(Words.of("air.kitchens"), "studio-head"),
                                Nodes.label(
                                        Words.of("air.simulated", state.homes().size()), "studio-soft")),
                        homes,
                        Nodes.wrapped(
                                Words.of(
                                        "air.standing",
                                        state.count(Kitchens.Stand.READY),
                                        state.count(Kitchens.Stand.BEHIND),
                                        state.count(Kitchens.Stand.STUCK)),
                                "studio-text"));
        var worst = state.behind();
        if (!worst.isEmpty()) {
            var home = worst.getFirst();
            getChildren()
                    .add(Nodes.wrapped(
                            Words.of(
                                    home.why().isEmpty() ? "air.furthest" : "air.furthestWhy",
                                    home.home().alias(),
                                    Clock.text(home.seconds()),
                                    home.step(),
                                    home.why().split(", ")[0]),
                            "studio-soft"));
        }
        if (state.next() > 0 && state.hold() > 0) {
            int inHand = -seen.onTime().over();
            getChildren()
                    .add(Nodes.styled(
                            new VBox(Nodes.named(
                                    Nodes.wrapped(
                                            Words.of(
                                                    inHand >= 0 ? "air.hold" : "air.holdOver",
                                                    Clock.text(state.hold()),
                                                    state.then(),
                                                    state.homes().size(),
                                                    Clock.text(Math.abs(inHand)),
                                                    state.share(),
                                                    state.next()),
                                            "studio-text"),
                                    "air-hold",
                                    Words.of("air.kitchens"))),
                            "studio-hold"));
        }
    }

    private static Label tile(Kitchens.Home home) {
        var sign = switch (home.stand()) {
            case READY -> "✓";
            case BEHIND -> "…";
            case STUCK -> "!";
        };
        var tile = Nodes.label(sign, "home-tile", home.stand().name().toLowerCase(Locale.ROOT));
        var text = home.seconds() == 0
                ? Words.of("air.homeReady", home.home().alias())
                : Words.of(
                        "air.homeBehind",
                        home.home().alias(),
                        home.stand().title(),
                        home.step(),
                        Clock.text(home.seconds()));
        tile.setAccessibleText(text);
        Hints.on(tile, text);
        return tile;
    }
}
