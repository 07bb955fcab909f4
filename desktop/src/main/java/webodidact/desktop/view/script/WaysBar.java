package webodidact.desktop.view.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Way;
import webodidact.core.script.Ways;
import webodidact.core.time.TimeRange;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Typed;
import webodidact.desktop.words.Words;

/** The ways of doing a step: the presenter's, those offered to homes, and those the tool table knows, each with its time, tools and cautions. */
final class WaysBar extends VBox {
    private final Workspace workspace;
    private final String id;
    private Step shown;

    WaysBar(Workspace workspace, String id) {
        super(6);
        this.workspace = workspace;
        this.id = id;
        setId("ways-" + id);
    }

    void show(Step step) {
        if (step.equals(shown)) return;
        shown = step;
        getChildren().clear();
        if (!step.kind().isHandsOn()) return;
        var table = workspace.knowledge();
        var suggested = Ways.suggest(step, table);
        var cards = new FlowPane(8, 8);
        if (!step.ways().isEmpty()) {
            cards.getChildren().add(card(Ways.present(step, table), true));
            step.ways().forEach(w -> cards.getChildren().add(card(w, false)));
        }
        var more = new FlowPane(6, 6);
        more.setAlignment(Pos.CENTER_LEFT);
        more.getChildren().add(Nodes.label(Words.of(step.ways().isEmpty() ? "ways.none" : "ways.more"), "tiny"));
        for (var way : suggested) {
            var text = Words.of("ways.suggest", way.name(), way.hands().text());
            more.getChildren()
                    .add(Nodes.named(
                            Nodes.button("+ " + text, () -> add(way.offering(true)), "small", "proposal"),
                            "way-add-" + id + "-" + plain(way.name()),
                            text));
        }
        more.getChildren()
                .add(Nodes.named(
                        Nodes.button(
                                Words.of("ways.own"),
                                () -> add(new Way(
                                        freeName(step),
                                        step.hands(),
                                        null,
                                        step.tools(),
                                        step.place(),
                                        step.heat(),
                                        step.doing(),
                                        null,
                                        true)),
                                "small"),
                        "way-own-" + id,
                        Words.of("ways.own")));
        getChildren().addAll(cards, more);
    }

    private static String plain(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }

    private static String freeName(Step step) {
        int n = 1;
        while (true) {
            var name = Words.of("ways.another") + (n == 1 ? "" : " " + n);
            if (step.ways().stream().noneMatch(w -> w.name().equals(name))) return name;
            n++;
        }
    }

    private Node card(Way way, boolean own) {
        var step = shown;
        var table = workspace.knowledge();
        var key = id + "-" + plain(way.name());
        var box = Nodes.styled(new VBox(3), "way", own ? "way-own" : "way-other");
        var name = Nodes.field("way-name-" + key, "", Words.of("ways.name"));
        name.setPrefColumnCount(13);
        Typed.onEnter(name, way::name, t -> {
            if (t.isBlank()) throw new IllegalArgumentException(Words.of("ways.nameNeeded"));
            rename(way, own, t.strip());
        });
        var time = Nodes.field("way-time-" + key, "", Words.of("ways.time"));
        time.setPrefColumnCount(6);
        Typed.onEnter(time, () -> FactFields.plain(way.hands()), t -> time(way, own, TimeRange.parse(t)));
        box.getChildren().add(Nodes.row(6, name, time));
        var tools = way.tools().stream()
                .flatMap(t -> table.tool(t).stream())
                .map(t -> t.name())
                .collect(Collectors.joining(", "));
        if (!tools.isEmpty()) box.getChildren().add(Nodes.wrapped(tools, "soft"));
        var cautions = new ArrayList<>(Ways.cautions(way.tools(), way.place(), table));
        Ways.tooYoung(way, workspace.lesson()).ifPresent(cautions::add);
        if (!cautions.isEmpty()) box.getChildren().add(Nodes.wrapped(String.join(" · ", cautions), "warn"));
        if (own) {
            box.getChildren().add(Nodes.wrapped(Words.of("ways.yours"), "good"));
        } else {
            var offer = new CheckBox(Words.of("ways.offer"));
            offer.setId("way-offer-" + key);
            offer.setSelected(way.offered());
            offer.setOnAction(e -> change(
                    Words.of("edit.way.offer", way.name()), replaced(step, way, way.offering(offer.isSelected()))));
            box.getChildren()
                    .addAll(
                            offer,
                            Nodes.row(
                                    6,
                                    Nodes.named(
                                            Nodes.button(Words.of("ways.choose"), () -> choose(way), "small"),
                                            "way-choose-" + key,
                                            Words.of("ways.choose") + " " + way.name()),
                                    Nodes.named(
                                            Nodes.button(
                                                    "×",
                                                    () -> change(
                                                            Words.of("edit.way.off", way.name()),
                                                            step.ways().stream()
                                                                    .filter(w -> !w.equals(way))
                                                                    .toList()),
                                                    "off"),
                                            "way-off-" + key,
                                            Words.of("step.takeOff", way.name()))));
        }
        box.setPrefWidth(250);
        return box;
    }

    private static List<Way> replaced(Step step, Way way, Way by) {
        return step.ways().stream().map(w -> w.equals(way) ? by : w).toList();
    }

    private void change(String label, List<Way> ways) {
        workspace.editLesson(label, l -> l.withStep(id, s -> s.but(d -> d.ways = ways)));
    }

    private void add(Way way) {
        workspace.editLesson(
                Words.of("edit.way.add", way.name()),
                l -> l.withStep(
                        id,
                        s -> s.but(d -> {
                            if (s.way().isBlank())
                                d.way = Ways.present(s, workspace.knowledge()).name();
                            var all = new ArrayList<>(s.ways());
                            all.add(way);
                            d.ways = all;
                        })));
    }

    private void choose(Way way) {
        workspace.editLesson(
                Words.of("edit.way.choose", way.name()),
                l -> l.withStep(id, s -> Ways.choose(s, way.name(), workspace.knowledge())));
    }

    private void rename(Way way, boolean own, String name) {
        if (shown.ways().stream().anyMatch(w -> w.name().equals(name))
                || !own && shown.way().equals(name))
            throw new IllegalArgumentException(Words.of("ways.nameTaken", name));
        if (own) workspace.editLesson(Words.of("edit.way.name"), l -> l.withStep(id, s -> s.but(d -> d.way = name)));
        else change(Words.of("edit.way.name"), replaced(shown, way, way.named(name)));
    }

    private void time(Way way, boolean own, TimeRange hands) {
        if (own) workspace.editLesson(Words.of("edit.step.hands"), Operations.hands(id, hands));
        else change(Words.of("edit.step.hands"), replaced(shown, way, way.lasting(hands)));
    }
}
