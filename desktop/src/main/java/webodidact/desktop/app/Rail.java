package webodidact.desktop.app;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import webodidact.core.check.Finding;
import webodidact.core.outcome.Outcome;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.view.Station;
import webodidact.desktop.words.Words;

/** The eight stations, with a count on each that needs attention. */
final class Rail extends VBox {
    private static final PseudoClass HERE = PseudoClass.getPseudoClass("here");
    private final List<Station> stations;
    private final List<Button> buttons = new ArrayList<>();
    private final List<Label> badges = new ArrayList<>();
    private String onAir = "";

    Rail(List<Station> stations, Consumer<String> go) {
        this.stations = stations;
        getStyleClass().add("rail");
        for (var station : stations) {
            var button = new Button();
            button.setId("rail-" + station.id());
            button.getStyleClass().setAll("rail-button");
            var words = new VBox(
                    0,
                    Nodes.label(Words.of("station." + station.id()), "rail-title"),
                    Nodes.label(Words.of("station." + station.id() + ".sub"), "rail-sub"));
            words.setAlignment(Pos.CENTER_LEFT);
            var badge = Nodes.label("", "badge");
            badge.setVisible(false);
            // A time is wider than a count: it stands over the second line, not over the name.
            StackPane.setAlignment(badge, station.id().equals("on-air") ? Pos.BOTTOM_RIGHT : Pos.TOP_RIGHT);
            var face = new StackPane(words, badge);
            face.getStyleClass().add("rail-face");
            button.setGraphic(face);
            button.setMaxWidth(Double.MAX_VALUE);
            button.setMinHeight(0);
            button.setOnAction(e -> go.accept(station.id()));
            buttons.add(button);
            badges.add(badge);
            getChildren().add(button);
        }
        show(null);
    }

    void here(String id) {
        for (int i = 0; i < stations.size(); i++)
            buttons.get(i).pseudoClassStateChanged(HERE, stations.get(i).id().equals(id));
    }

    /** @param elapsed how long the lesson has been on air, or "" if none is */
    void onAir(String elapsed) {
        onAir = elapsed;
        for (int i = 0; i < stations.size(); i++) {
            if (!stations.get(i).id().equals("on-air")) continue;
            badges.get(i).setText("● " + elapsed);
            badges.get(i).setVisible(!elapsed.isEmpty());
            Nodes.restyle(badges.get(i), "label", "badge", "badge-stop");
            buttons.get(i)
                    .setAccessibleText(
                            elapsed.isEmpty() ? Words.of("station.on-air") : Words.of("rail.onAir", elapsed));
        }
    }

    void show(Outcome outcome) {
        for (int i = 0; i < stations.size(); i++) {
            var id = stations.get(i).id();
            var found = outcome == null
                    ? List.<Finding>of()
                    : outcome.report().open().stream()
                            .filter(f -> f.station().equals(id))
                            .toList();
            boolean stop = found.stream().anyMatch(f -> f.isStop());
            var badge = badges.get(i);
            if (id.equals("on-air") && !onAir.isEmpty()) continue;
            badge.setText(String.valueOf(found.size()));
            badge.setVisible(!found.isEmpty());
            Nodes.restyle(badge, "label", "badge", stop ? "badge-stop" : "badge-look");
            var name = Words.of("station." + stations.get(i).id());
            buttons.get(i).setAccessibleText(found.isEmpty() ? name : Words.of("rail.attention", name, found.size()));
        }
    }
}
