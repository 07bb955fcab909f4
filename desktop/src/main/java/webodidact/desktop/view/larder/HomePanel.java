package webodidact.desktop.view.larder;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Allergen;
import webodidact.core.food.Food;
import webodidact.core.food.Tool;
import webodidact.core.lesson.Household;
import webodidact.core.list.HomeList;
import webodidact.core.list.OvenInstead;
import webodidact.core.outcome.Outcome;
import webodidact.desktop.control.Choice;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Typed;
import webodidact.desktop.view.WhenSeen;
import webodidact.desktop.words.Words;

/** One home: what is known of it, to be changed in place, and its own gather list in its words and measures. */
final class HomePanel extends VBox {
    private final Workspace workspace;
    private final Runnable done;
    private String alias;

    /** @param done back to all homes */
    HomePanel(Workspace workspace, String alias, Runnable done) {
        super(8);
        this.workspace = workspace;
        this.alias = alias;
        this.done = done;
        getStyleClass().add("side-body");
        setId("home-panel");
        WhenSeen.of(this, this::show, workspace.outcomeProperty(), workspace.bookProperty());
    }

    private void show() {
        getChildren().clear();
        var home = workspace.book().households().stream()
                .filter(h -> h.alias().equals(alias))
                .findFirst()
                .orElse(null);
        if (home == null) {
            getChildren()
                    .add(Nodes.named(
                            Nodes.button(Words.of("home.back"), done, "small"), "home-back", Words.of("home.back")));
            return;
        }
        getChildren()
                .addAll(Nodes.row(
                        8,
                        Nodes.label(Words.of("home.over"), "overline"),
                        Nodes.spring(),
                        Nodes.named(
                                Nodes.button(Words.of("home.back"), done, "small"),
                                "home-back",
                                Words.of("home.back"))));
        ask("home-alias", home.alias(), t -> rename(home, t));
        var system = Choice.of("home-system", Words.of("home.system"), MeasureSystem.values(), MeasureSystem::title);
        system.setValue(home.system());
        system.setOnAction(e -> {
            if (system.getValue() != home.system()) change(h -> h.but(d -> d.system = system.getValue()));
        });
        getChildren().add(labelled("home.system", system));
        ask(
                "home-diets",
                String.join(", ", home.diets()),
                t -> change(h -> h.but(d -> d.diets = Set.copyOf(parts(t)))));
        ask("home-allergies", home.allergies().stream().map(Allergen::title).collect(Collectors.joining(", ")), t -> {
            var read = AllergenText.read(t);
            change(h -> h.but(d -> d.allergies = read));
        });
        ask(
                "home-tools",
                home.missingTools().stream()
                        .map(t -> workspace.knowledge().tool(t).map(Tool::name).orElse(t))
                        .collect(Collectors.joining(", ")),
                t -> {
                    var ids = new HashSet<String>();
                    for (var part : parts(t))
                        ids.add(workspace
                                .knowledge()
                                .toolNamed(part)
                                .orElseThrow(() -> new IllegalArgumentException(Words.of("home.noTool", part)))
                                .id());
                    change(h -> h.but(d -> d.missingTools = ids));
                });
        ask(
                "home-foods",
                home.missingFoods().stream()
                        .map(f -> workspace.knowledge().food(f).map(Food::name).orElse(f))
                        .collect(Collectors.joining(", ")),
                t -> {
                    var ids = new HashSet<String>();
                    for (var part : parts(t))
                        ids.add(workspace
                                .knowledge()
                                .foodNamed(part)
                                .orElseThrow(() -> new IllegalArgumentException(Words.of("larder.notInTable", part)))
                                .id());
                    change(h -> h.but(d -> d.missingFoods = ids));
                });
        ask("home-ages", home.ages().stream().map(String::valueOf).collect(Collectors.joining(", ")), t -> {
            var ages = new ArrayList<Integer>();
            for (var part : parts(t)) {
                if (!part.matches("\\d{1,3}")) throw new IllegalArgumentException(Words.of("home.agesWrong", part));
                ages.add(Integer.parseInt(part));
            }
            change(h -> h.but(d -> d.ages = ages));
        });
        getChildren()
                .add(new FlowPane(
                        14,
                        6,
                        flag("adult", home, Household::adult, (d, v) -> d.adult = v),
                        flag("oven", home, Household::oven, (d, v) -> d.oven = v),
                        flag("hob", home, Household::hob, (d, v) -> d.hob = v),
                        flag("microwave", home, Household::microwave, (d, v) -> d.microwave = v)));
        if (workspace.outcome() != null) list(workspace.outcome(), home);
        getChildren()
                .add(Nodes.named(
                        Nodes.button(Words.of("home.delete", home.alias()), this::delete, "small"),
                        "home-delete",
                        Words.of("home.delete", home.alias())));
    }

    private interface Put {
        void put(Household.Draft draft, boolean value);
    }

    private CheckBox flag(String id, Household home, Predicate<Household> has, Put put) {
        var box = Nodes.named(new CheckBox(Words.of("home." + id)), "home-" + id, Words.of("home." + id));
        box.setSelected(has.test(home));
        box.setOnAction(e -> change(h -> h.but(d -> put.put(d, box.isSelected()))));
        return box;
    }

    private HBox labelled(String key, Node control) {
        return Nodes.row(8, Nodes.cell(Nodes.wrapped(Words.of(key), "soft"), 5.8), Nodes.grown(control));
    }

    private void ask(String id, String shown, Consumer<String> read) {
        TextField field = Nodes.field(id, "", Words.of(id.replace('-', '.')));
        Typed.onEnter(field, () -> shown, read);
        getChildren().add(labelled(id.replace('-', '.'), field));
    }

    private static List<String> parts(String text) {
        return Arrays.stream(text.split("[,;]"))
                .map(String::strip)
                .filter(p -> !p.isEmpty())
                .map(p -> p.toLowerCase(Locale.ROOT))
                .toList();
    }

    private void rename(Household home, String text) {
        var name = text.strip();
        if (name.isEmpty()) throw new IllegalArgumentException(Words.of("home.aliasEmpty"));
        if (workspace.book().households().stream()
                .anyMatch(h -> h != home && h.alias().equals(name)))
            throw new IllegalArgumentException(Words.of("home.aliasTwice", name));
        var before = alias;
        alias = name;
        workspace.edit(
                Words.of("edit.home", name),
                b -> b.withHouseholds(b.households().stream()
                        .map(h -> h.alias().equals(before) ? h.but(d -> d.alias = name) : h)
                        .toList()));
    }

    private void change(UnaryOperator<Household> change) {
        workspace.edit(
                Words.of("edit.home", alias),
                b -> b.withHouseholds(b.households().stream()
                        .map(h -> h.alias().equals(alias) ? change.apply(h) : h)
                        .toList()));
    }

    private void delete() {
        workspace.edit(
                Words.of("edit.homeGone", alias),
                b -> b.withHouseholds(b.households().stream()
                        .filter(h -> !h.alias().equals(alias))
                        .toList()));
        done.run();
    }

    private void list(Outcome outcome, Household home) {
        var list = outcome.answers().homeList(home);
        getChildren().add(Nodes.label(Words.of("home.list"), "panel-title"));
        for (var entry : list.entries()) {
            var stand = entry.stand();
            var words = entry.item()
                    + (entry.from().isEmpty()
                            ? ""
                            : " ("
                                    + Words.of(
                                            entry.along()
                                                    ? "home.along"
                                                    : entry.isSame() ? "home.called" : "home.insteadOf",
                                            entry.from())
                                    + ")");
            var row = Nodes.row(
                    8, Nodes.cell(Nodes.label(entry.take(), "strong"), 8), Nodes.grown(Nodes.wrapped(words, "body")));
            if (stand != HomeList.Stand.HAS)
                row.getChildren()
                        .add(Nodes.label(
                                Words.of("home.stand." + stand.name().toLowerCase(Locale.ROOT)),
                                stand == HomeList.Stand.STOPS
                                        ? "bad"
                                        : stand == HomeList.Stand.AGREED ? "good" : "warn"));
            row.setAlignment(Pos.TOP_LEFT);
            getChildren().add(row);
            if (!entry.beforehand().isEmpty())
                getChildren().add(Nodes.wrapped(Words.of("home.beforehand", entry.beforehand()), "warn"));
        }
        getChildren().add(Nodes.wrapped(String.join(" · ", list.tools()), "soft"));
        withoutOven(outcome, home);
    }

    /** What another heat of this home could do, to be tried first; taken up, all homes are told of it. */
    private void withoutOven(Outcome outcome, Household home) {
        var steps = OvenInstead.of(outcome.lesson(), home, outcome.knowledge());
        if (steps.isEmpty()) return;
        getChildren().add(Nodes.label(Words.of("home.noOven"), "panel-title"));
        for (var of : steps) {
            getChildren()
                    .add(Nodes.wrapped(
                            Words.of("home.noOven.step", of.number(), of.step().title()), "strong"));
            if (of.ways().isEmpty()) getChildren().add(Nodes.wrapped("▲ " + Words.of("home.noOven.none"), "warn"));
            for (var way : of.ways()) {
                var tell = Nodes.button(Words.of("home.noOven.tell"), () -> tell(of, way));
                tell.setId("tell-" + of.step().id() + "-" + way.tool().id());
                tell.setAccessibleText(Words.of("home.noOven.tellOf", way.tool().name()));
                getChildren().add(Nodes.row(8, Nodes.grown(Nodes.wrapped(words(way), "body")), tell));
            }
        }
        getChildren().add(Nodes.wrapped(Words.of("home.noOven.try"), "soft"));
    }

    private static String words(OvenInstead.Instead way) {
        var parts = new ArrayList<String>();
        parts.add(
                way.sure()
                        ? way.tool().name()
                        : Words.of("home.noOven.ifAny", way.tool().name()));
        if (way.heat() != null) parts.add(way.heat().text());
        if (way.time() != null) parts.add(way.time().text());
        if (!way.note().isEmpty()) parts.add(way.note());
        return String.join(", ", parts);
    }

    private void tell(OvenInstead of, OvenInstead.Instead way) {
        workspace.editLesson(
                Words.of("edit.way", way.tool().name()),
                l -> l.withStep(
                        of.step().id(),
                        s -> s.but(d -> {
                            var all = new ArrayList<>(d.ways);
                            all.add(way.asWay(s));
                            d.ways = all;
                        })));
    }
}
