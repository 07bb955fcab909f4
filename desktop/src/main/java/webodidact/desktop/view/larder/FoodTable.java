package webodidact.desktop.view.larder;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Ratio;
import webodidact.core.check.Finding;
import webodidact.core.edit.Operations;
import webodidact.core.food.Diet;
import webodidact.core.food.Shelf;
import webodidact.core.food.Tool;
import webodidact.core.lesson.Doubt;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Scaling;
import webodidact.core.lesson.ToolLine;
import webodidact.core.list.GatherList;
import webodidact.core.outcome.Outcome;
import webodidact.core.reading.AmountReader;
import webodidact.core.reading.LineReader;
import webodidact.core.reading.ReadLine;
import webodidact.core.swap.DishLabels;
import webodidact.desktop.control.Hints;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Typed;
import webodidact.desktop.view.WhenSeen;
import webodidact.desktop.words.Words;

/** The food of one home, by shelf; amounts and names are typed where they stand. */
final class FoodTable extends VBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double TAKE = 6.4;
    private static final double ALSO = 9;
    private static final double STEPS = 4.6;
    private static final double CONTAINS = 9.4;
    /** Below so many pixels for a pixel of text the second measure goes under the name. */
    private static final double NARROW = 46;

    private final Workspace workspace;
    private final TextField add = Nodes.field("add-food", Words.of("larder.addPrompt"), Words.of("larder.add"));
    private final TextField find = Nodes.field("find-food", Words.of("larder.find"), Words.of("larder.findName"));
    private final Label dish = Nodes.label("", "soft");
    private final VBox rows = new VBox(4);
    private final HBox bar;
    private boolean narrow;
    private final List<HBox> cards = new ArrayList<>();

    /**
     * @param paste opens the panel that reads a recipe
     * @param variant opens the panel that works out a variant
     */
    FoodTable(Workspace workspace, Runnable paste, Runnable variant) {
        super(8);
        this.workspace = workspace;
        add.setOnAction(e -> add());
        bar = Nodes.row(
                8,
                Nodes.grown(add),
                Nodes.named(
                        Nodes.button(Words.of("larder.addButton"), this::add),
                        "add-food-button",
                        Words.of("larder.add")),
                Nodes.named(Nodes.button(Words.of("larder.paste"), paste), "paste-recipe", Words.of("larder.paste")));
        find.setPrefColumnCount(6);
        find.setMinWidth(70);
        find.textProperty().addListener(o -> show());
        bar.getChildren().add(find);
        var work = Nodes.named(
                Nodes.button(Words.of("variant.open2"), variant, "small"), "variant-open", Words.of("variant.title"));
        dish.setMinWidth(0);
        getChildren().addAll(Nodes.row(8, Nodes.grown(dish), work), rows);
        WhenSeen.of(this, this::show, workspace.outcomeProperty());
        workspace.foodProperty().addListener((o, was, now) -> {
            choose();
            lookFor = now == null ? "" : now;
            look();
        });
        rows.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        widthProperty().addListener(o -> fold());
        add.fontProperty().addListener(o -> fold());
    }

    /** The line to type into; it stays above the list however far that is scrolled. */
    Node bar() {
        return bar;
    }

    /** Id of the line that was just added, or that a finding led to: it is scrolled into sight when it is shown. */
    private String lookFor = "";

    private void fold() {
        boolean now = getWidth() > 0 && getWidth() < NARROW * add.getFont().getSize();
        if (now == narrow) return;
        narrow = now;
        show();
    }

    private void add() {
        if (add.getText().isBlank()) return;
        for (var read :
                new LineReader(workspace.knowledge(), workspace.book().course().house()).readAll(add.getText()))
            add(read);
        add.clear();
    }

    private void add(ReadLine read) {
        var tool = read.food() == null ? workspace.knowledge().toolNamed(read.item()) : Optional.<Tool>empty();
        if (tool.isPresent()) {
            var line = ToolLine.of(
                    workspace.lesson().newToolId(), read.item(), tool.get().id(), 1);
            workspace.editLesson(Words.of("edit.addTool", read.item()), Operations.listTool(line));
            workspace.noticeProperty().set(Words.of("larder.wasTool", read.item()));
        } else {
            var line = atRecipeScale(read.toFoodLine(workspace.lesson().newFoodId()));
            workspace.editLesson(Words.of("edit.addFood", line.item()), Operations.list(line));
            workspace.foodProperty().set(line.id());
        }
    }

    /** What is typed is for the home shown; the line is kept at the recipe's own yield. */
    private FoodLine atRecipeScale(FoodLine line) {
        return line.amount() == null
                ? line
                : line.but(
                        d -> d.amount = line.amount().times(Ratio.ONE.dividedBy(Scaling.forHome(workspace.lesson()))));
    }

    private void show() {
        var focus = focused();
        rows.getChildren().clear();
        cards.clear();
        Outcome outcome = workspace.outcome();
        if (outcome == null) return;
        outcome.need(Outcome.Part.GATHER);
        if (outcome.lesson().foods().isEmpty()) {
            dish.setText("");
            rows.getChildren().add(Nodes.wrapped(Words.of("larder.empty"), "empty"));
            return;
        }
        dish(outcome);
        rows.getChildren().add(head());
        for (var shelf : outcome.gather().shelves().entrySet()) {
            var shown = shelf.getValue().stream().filter(this::isWanted).toList();
            if (!shown.isEmpty()) rows.getChildren().add(shelfTitle(shelf.getKey()));
            for (var entry : shown) {
                var card = row(entry, outcome);
                cards.add(card);
                rows.getChildren().add(card);
            }
        }
        if (cards.isEmpty())
            rows.getChildren()
                    .add(Nodes.wrapped(
                            Words.of("larder.findNone", find.getText().strip()), "empty"));
        choose();
        if (focus != null) refocus(focus);
        look();
    }

    private void look() {
        if (lookFor.isEmpty()) return;
        var added = cards.stream().filter(c -> c.getUserData().equals(lookFor)).findFirst();
        // It has a place only after the next layout.
        added.ifPresent(card -> Platform.runLater(() -> {
            lookFor = "";
            // A row that was pressed stays under the pointer.
            if (card.isHover()) return;
            rows.applyCss();
            rows.layout();
            Panes.reveal(card);
            // A text that wraps has its height one pulse later.
            Platform.runLater(() -> Panes.reveal(card));
        }));
    }

    /** The filter looks at names, forms, allergens and what is wrong. */
    private boolean isWanted(GatherList.Entry entry) {
        var wanted = find.getText().strip().toLowerCase(Locale.ROOT);
        var text = (entry.item() + " " + entry.line().form() + " " + entry.contains() + " "
                        + entry.line().unsure().stream().map(Doubt::text).collect(Collectors.joining(" ")))
                .toLowerCase(Locale.ROOT);
        return wanted.isEmpty() || text.contains(wanted);
    }

    /** What may be said of the dish as it is chosen. */
    private void dish(Outcome outcome) {
        var labels = outcome.answers().labels();
        var diet = labels.vegan().truth() != DishLabels.Truth.NO ? Diet.VEGAN : Diet.VEGETARIAN;
        var answer = labels.of(diet);
        var name = VariantPanel.title(diet);
        dish.setText(
                switch (answer.truth()) {
                    case YES -> Words.of("variant.yes", name);
                    case NO -> Words.of("variant.not", name, String.join(", ", answer.because()));
                    case UNKNOWN -> Words.of("variant.unknown", name, String.join(", ", answer.because()));
                });
        dish.setTooltip(new Tooltip(dish.getText()));
    }

    private static Label shelfTitle(Shelf shelf) {
        return Nodes.label(shelf.title(), "shelf");
    }

    private HBox head() {
        var what = Nodes.label(Words.of("larder.what"), "head");
        what.setMaxWidth(Double.MAX_VALUE);
        var row = new HBox(6, Nodes.cell(Nodes.label(Words.of("larder.take"), "head"), TAKE), Nodes.grown(what));
        if (!narrow) row.getChildren().add(Nodes.cell(Nodes.label(Words.of("larder.also"), "head"), ALSO));
        row.getChildren()
                .addAll(
                        Nodes.cell(Nodes.label(Words.of("larder.steps"), "head"), STEPS),
                        Nodes.cell(Nodes.label(Words.of("larder.contains"), "head"), CONTAINS));
        row.getStyleClass().add("table-head");
        return row;
    }

    private HBox row(GatherList.Entry entry, Outcome outcome) {
        var line = entry.line();
        var take = cell("take", line, Words.of("larder.takeOf", entry.item()));
        take.getStyleClass().add("strong");
        Typed.onEnter(take, entry::take, text -> amount(line, text));
        var what = cell("what", line, Words.of("larder.nameOf", entry.item()));
        Hints.on(what, entry.item());
        Typed.onEnter(what, entry::item, text -> rename(line, text));
        what.setMinWidth(70);
        var also = line.form().isEmpty()
                ? entry.also()
                : entry.also().isEmpty() ? line.form() : entry.also() + ", " + line.form();
        var second = Nodes.label(also, "soft");
        second.setMinWidth(0);
        var steps = Nodes.cell(
                Nodes.label(
                        String.join(
                                " ", entry.steps().stream().map(String::valueOf).toList()),
                        "step-numbers"),
                STEPS);
        // In a long lesson they are more than the column has room for.
        Hints.on(
                steps,
                Words.of("larder.steps") + " "
                        + String.join(
                                ", ",
                                entry.steps().stream().map(String::valueOf).toList()));
        var takeCell = Nodes.cell(Nodes.grown(take), TAKE);
        var name = Nodes.grown(Nodes.column(0, what));
        name.setAlignment(Pos.CENTER_LEFT);
        if (narrow && !also.isEmpty()) name.getChildren().add(Nodes.styled(second, "under-name"));
        var row = narrow
                ? new HBox(6, takeCell, name, steps, Nodes.cell(contains(entry, outcome), CONTAINS))
                : new HBox(
                        6,
                        takeCell,
                        name,
                        Nodes.cell(second, ALSO),
                        steps,
                        Nodes.cell(contains(entry, outcome), CONTAINS));
        row.getStyleClass().add("food-row");
        row.setUserData(line.id());
        row.setAlignment(Pos.CENTER_LEFT);
        row.addEventFilter(
                MouseEvent.MOUSE_PRESSED, e -> workspace.foodProperty().set(line.id()));
        return row;
    }

    private TextField cell(String column, FoodLine line, String name) {
        var field = Nodes.field(column + "-" + line.id(), "", name);
        field.getStyleClass().add("cell");
        field.setUserData(column);
        field.focusedProperty().addListener((o, was, now) -> {
            if (now) workspace.foodProperty().set(line.id());
        });
        return field;
    }

    /** What it contains, and what is wrong with the line, as a chip. */
    private static VBox contains(GatherList.Entry entry, Outcome outcome) {
        var chips = Nodes.row(4);
        if (entry.line().chosen() != null) chips.getChildren().add(chip(Words.of("larder.swapped"), "chip-good"));
        outcome.report().open().stream()
                .filter(f -> f.where().equals(entry.line().id()))
                .findFirst()
                .ifPresent((Finding f) -> chips.getChildren()
                        .add(chip(
                                (f.isStop() ? "■ " : "▲ ")
                                        + Words.or("larder.check." + f.check(), Words.of("larder.check.other")),
                                f.isStop() ? "chip-stop" : "chip-look")));
        if (!entry.line().unsure().isEmpty())
            chips.getChildren().add(chip("▲ " + Words.of("larder.unsure"), "chip-look"));
        var box = Nodes.column(2);
        box.setAlignment(Pos.CENTER_LEFT);
        if (!chips.getChildren().isEmpty()) box.getChildren().add(chips);
        // An allergen is never cut: it takes a second line.
        if (!entry.contains().isEmpty()) box.getChildren().add(Nodes.wrapped(entry.contains(), "allergen"));
        else if (!entry.note().isEmpty() && chips.getChildren().isEmpty())
            box.getChildren().add(Nodes.label(Words.of("larder.testIt"), "soft"));
        return box;
    }

    private static Label chip(String text, String style) {
        var chip = Nodes.label(text, style);
        chip.setMinWidth(Region.USE_PREF_SIZE);
        return chip;
    }

    private void amount(FoodLine line, String text) {
        Amount typed = text.isBlank() ? null : AmountReader.whole(text);
        var amount = typed == null ? null : typed.times(Ratio.ONE.dividedBy(Scaling.forHome(workspace.lesson())));
        workspace.editLesson(
                Words.of("edit.amount", line.item()),
                l -> l.withFood(
                        line.id(),
                        f -> f.but(d -> {
                            d.amount = amount;
                            d.unsure = f.unsure().stream()
                                    .filter(u -> u.kind() != Doubt.Kind.NO_AMOUNT)
                                    .toList();
                        })));
    }

    private void rename(FoodLine line, String text) {
        if (text.isBlank()) throw new IllegalArgumentException(Words.of("larder.nameEmpty"));
        workspace.editLesson(
                Words.of("edit.rename", line.item()),
                Operations.rename(line.id(), text.strip(), workspace.knowledge()));
    }

    private void choose() {
        for (var card : cards)
            card.pseudoClassStateChanged(
                    CHOSEN, card.getUserData().equals(workspace.foodProperty().get()));
    }

    private record Focus(String line, String column) {}

    private Focus focused() {
        var owner = getScene() == null ? null : getScene().getFocusOwner();
        for (var card : cards)
            if (owner != null && owner.getUserData() instanceof String && isIn(owner, card))
                return new Focus((String) card.getUserData(), (String) owner.getUserData());
        return null;
    }

    private void refocus(Focus focus) {
        for (var card : cards) if (card.getUserData().equals(focus.line())) focusCell(card, focus.column());
    }

    private static boolean isIn(Node node, Node card) {
        for (var n = node; n != null; n = n.getParent()) if (n == card) return true;
        return false;
    }

    private static void focusCell(HBox card, String column) {
        if (!(card.lookup("#" + column + "-" + card.getUserData()) instanceof TextField field)) return;
        field.requestFocus();
        field.selectAll();
    }

    private void key(KeyEvent e) {
        var focus = focused();
        if (focus == null) return;
        int at = 0;
        while (at < cards.size() && !cards.get(at).getUserData().equals(focus.line())) at++;
        int to = e.getCode() == KeyCode.DOWN ? at + 1 : e.getCode() == KeyCode.UP ? at - 1 : -1;
        if (to >= 0 && to < cards.size() && !e.isShortcutDown()) {
            focusCell(cards.get(to), focus.column());
            e.consume();
        }
        if (e.getCode() == KeyCode.INSERT) {
            add.requestFocus();
            e.consume();
        }
        if (e.getCode() == KeyCode.DELETE && e.isShortcutDown()) {
            delete(focus.line());
            e.consume();
        }
    }

    private void delete(String id) {
        var line = workspace.lesson().food(id).orElseThrow();
        workspace.editLesson(Words.of("edit.deleteFood", line.item()), Operations.delist(id));
    }
}
