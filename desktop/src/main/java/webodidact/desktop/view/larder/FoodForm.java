package webodidact.desktop.view.larder;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Diet;
import webodidact.core.food.Food;
import webodidact.core.food.OwnFood;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.FoodLine;
import webodidact.desktop.control.Choice;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Typed;
import webodidact.desktop.view.WhenSeen;
import webodidact.desktop.words.Words;

/** What the course knows of a food: a new one is added to the course's own table, a shipped one is changed for this course. */
final class FoodForm extends VBox {
    private final Workspace workspace;
    private final Runnable done;

    FoodForm(Workspace workspace, Runnable done) {
        super(8);
        this.workspace = workspace;
        this.done = done;
        getStyleClass().add("side-body");
        setId("food-form");
        WhenSeen.of(this, this::show, workspace.outcomeProperty(), workspace.foodProperty());
    }

    private void show() {
        getChildren().clear();
        var line = workspace.lesson() == null
                ? null
                : workspace.lesson().food(workspace.foodProperty().get()).orElse(null);
        if (line == null) return;
        var food = workspace.knowledge().food(line.food()).orElse(null);
        getChildren()
                .addAll(
                        Nodes.label(Words.of(food == null ? "own.overNew" : "own.over"), "overline"),
                        Nodes.wrapped(food == null ? line.item() : food.name(), "title"));
        if (food == null) {
            getChildren()
                    .addAll(
                            Nodes.wrapped(Words.of("own.new"), "body"),
                            Nodes.named(
                                    Nodes.button(Words.of("own.add", line.item()), () -> add(line), "primary"),
                                    "own-add",
                                    Words.of("own.add", line.item())));
        } else {
            fields(food);
        }
        getChildren()
                .add(Nodes.named(
                        Nodes.button(Words.of("variant.close"), done), "own-close", Words.of("variant.close")));
    }

    private void fields(Food food) {
        var own = workspace.book().course().foods().stream()
                .filter(f -> f.id().equals(food.id()))
                .findFirst();
        getChildren()
                .add(Nodes.wrapped(Words.of(own.isPresent() ? "own.changed" : "own.shipped", food.source()), "soft"));
        var shelf = Choice.of("own-shelf", Words.of("own.shelf"), Shelf.values(), Shelf::title);
        shelf.setValue(food.shelf());
        shelf.setOnAction(e -> {
            if (shelf.getValue() != food.shelf()) change(food, f -> f.but(d -> d.shelf = shelf.getValue()));
        });
        ask("own.shelf", shelf);
        ask(
                "own.allergens",
                field(
                        "own-allergens",
                        AllergenText.of(food.allergens()),
                        t -> {
                            var read = AllergenText.read(t);
                            return f -> f.but(d -> d.allergens = read);
                        },
                        food));
        var label = Choice.of(
                "own-label",
                Words.of("own.label"),
                new Boolean[] {true, false},
                b -> Words.of(b ? "own.labelYes" : "own.labelNo"));
        label.setValue(food.checkLabel());
        label.setOnAction(e -> {
            if (label.getValue() != food.checkLabel()) change(food, f -> f.but(d -> d.checkLabel = label.getValue()));
        });
        ask("own.label", label);
        var diet = Choice.of(
                "own-diet",
                Words.of("own.diet"),
                Diet.values(),
                d -> Words.of("own.diet." + d.name().toLowerCase(Locale.ROOT)));
        diet.setValue(food.diet());
        diet.setOnAction(e -> {
            if (diet.getValue() != food.diet()) change(food, f -> f.but(d -> d.diet = diet.getValue()));
        });
        ask("own.diet", diet);
        ask(
                "own.density",
                field(
                        "own-density",
                        food.densityIn("").map(AmountText::number).orElse(""),
                        t -> {
                            var density = t.isBlank() ? Map.<String, Ratio>of() : Map.of("", number(t));
                            return f -> f.but(d -> d.density = density);
                        },
                        food));
        ask(
                "own.piece",
                field(
                        "own-piece",
                        food.piece() == null ? "" : AmountText.number(food.piece()),
                        t -> {
                            var piece = t.isBlank() ? null : number(t);
                            return f -> f.but(d -> d.piece = piece);
                        },
                        food));
        ask(
                "own.salt",
                field(
                        "own-salt",
                        food.facts().salt() == null
                                ? ""
                                : AmountText.number(food.facts().salt()),
                        t -> {
                            var salt = t.isBlank() ? null : number(t);
                            return f -> f.but(d -> d.salt = salt);
                        },
                        food));
        own.ifPresent(o -> getChildren()
                .add(Nodes.named(
                        Nodes.button(Words.of("own.forget"), () -> forget(food)),
                        "own-forget",
                        Words.of("own.forget"))));
    }

    private static Ratio number(String text) {
        try {
            return Ratio.parseDecimal(text.strip().replace(',', '.'));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(Words.of("own.numberWrong", text.strip()), e);
        }
    }

    private void ask(String key, Node control) {
        getChildren().add(Nodes.row(8, Nodes.cell(Nodes.wrapped(Words.of(key), "soft"), 7), Nodes.grown(control)));
    }

    private interface Reading {
        UnaryOperator<OwnFood> read(String text);
    }

    private TextField field(String id, String shown, Reading reading, Food food) {
        var field = Nodes.field(id, "", Words.of(id.replace("own-", "own.")));
        Typed.onEnter(field, () -> shown, t -> change(food, reading.read(t)));
        return field;
    }

    private void change(Food food, UnaryOperator<OwnFood> change) {
        workspace.edit(
                Words.of("edit.own", food.name()),
                b -> b.withCourse(b.course().but(d -> {
                    var all = new ArrayList<>(d.foods);
                    var now = all.stream()
                            .filter(f -> f.id().equals(food.id()))
                            .findFirst()
                            .orElse(OwnFood.of(food.id()));
                    all.remove(now);
                    all.add(change.apply(now));
                    d.foods = all;
                })));
    }

    /** Its allergens are unknown until somebody types them: the label decides. */
    private void add(FoodLine line) {
        var id = line.item()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        var known = workspace.knowledge().food(id).isPresent() || id.isEmpty();
        var free = known ? "own-" + (workspace.book().course().foods().size() + 1) : id;
        workspace.edit(
                Words.of("edit.own", line.item()),
                b -> b.withCourse(b.course().but(d -> {
                            var all = new ArrayList<>(d.foods);
                            all.add(OwnFood.of(free).but(own -> {
                                own.names = List.of(line.item());
                                own.shelf = Shelf.CUPBOARD;
                            }));
                            d.foods = all;
                        }))
                        .withLesson(
                                workspace.lesson().id(),
                                l -> l.withFood(
                                        line.id(),
                                        f -> f.but(d -> {
                                            d.food = free;
                                            d.unsure = f.unsure().stream()
                                                    .filter(u -> !u.kind().isOfFood())
                                                    .toList();
                                        }))));
    }

    private void forget(Food food) {
        workspace.edit(
                Words.of("edit.own", food.name()),
                b -> b.withCourse(b.course()
                        .but(d -> d.foods = d.foods.stream()
                                .filter(f -> !f.id().equals(food.id()))
                                .toList())));
    }
}
