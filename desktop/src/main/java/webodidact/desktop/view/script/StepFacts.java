package webodidact.desktop.view.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.branch.Branches;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Wait;
import webodidact.core.script.Suggestion;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/**
 * What is set of a step, as tags under its words, and nothing that is not. Of the selected step a tag opens in its place, and one line
 * takes any fact in plain words, beside what the words of the step propose.
 */
final class StepFacts extends VBox {
    private final Workspace workspace;
    private final String id;
    private final FlowPane tags = new FlowPane(6, 4);
    private final FactFields fields;
    private final FoodFacts foods;
    private FactEntry entry;
    private WaysBar ways;
    private boolean chosen;
    private String open = "";
    private HBox opened;
    private List<Suggestion> proposed = List.of();

    StepFacts(Workspace workspace, String id) {
        super(4);
        this.workspace = workspace;
        this.id = id;
        setId("facts-" + id);
        fields = new FactFields(workspace, id);
        foods = new FoodFacts(workspace, id);
        getChildren().add(tags);
    }

    private Step step() {
        var lesson = workspace.lesson();
        return lesson == null
                ? Step.blank(id, Kind.HANDS_ON, "")
                : lesson.step(id).orElseGet(() -> Step.blank(id, Kind.HANDS_ON, ""));
    }

    void choose(boolean on) {
        if (chosen == on) return;
        chosen = on;
        if (on) {
            entry = new FactEntry(workspace, id, menu());
            entry.propose(proposed);
            getChildren().add(entry);
        } else {
            letGo();
            getChildren().setAll(tags);
            entry = null;
            ways = null;
            open = "";
        }
        refresh();
    }

    /** What is taken away must not leave the keyboard to the next control of this step: it would be selected again. */
    private void letGo() {
        if (getScene() == null || !isIn(this, getScene().getFocusOwner())) return;
        Parent around = getParent();
        while (around != null && !(around instanceof ScrollPane)) around = around.getParent();
        if (around != null) around.requestFocus();
    }

    void propose(List<Suggestion> suggestions) {
        boolean same = proposed.size() == suggestions.size();
        proposed = suggestions;
        if (entry != null) entry.propose(suggestions);
        // Found anew after each letter; the tags of a step tell only how many there are.
        if (!same) refresh();
    }

    /** Draws the tags anew; the one that is open stays as it is typed. */
    void refresh() {
        var lesson = workspace.lesson();
        if (lesson == null || lesson.step(id).isEmpty()) return;
        var step = step();
        // A fact that was taken off has no tag to stay open.
        boolean typing = opened != null
                && isIn(opened, getScene() == null ? null : getScene().getFocusOwner());
        var now = new ArrayList<Node>();
        for (var use : step.uses()) tag(now, "use-" + use.line(), FoodFacts.useText(lesson, id, use, workspace), "");
        for (var tool : step.tools()) tag(now, "tool-" + tool, foods.toolText(tool), "");
        for (var field : FactFields.ALL) {
            if (!field.is().test(step) && !open.equals(field.name())) continue;
            var text = field.name().equals("wait")
                    ? waitText(lesson, step)
                    : field.is().test(step) ? field.tag().apply(step) : "";
            tag(now, field.name(), text, field.style());
        }
        if (Branches.offAir(lesson).contains(id)) now.add(Nodes.label(Words.of("tag.offAir"), "tag", "soft"));
        if (!step.ways().isEmpty())
            tag(now, "ways", Words.of("tag.ways", step.ways().size() + 1), "");
        if (soils(lesson, step)) now.add(Nodes.label(Words.of("tag.raw"), "tag", "tag-raw"));
        if (!chosen && !proposed.isEmpty()) now.add(count());
        if (!typing || !tags.getChildren().contains(opened) || !now.contains(opened))
            tags.getChildren().setAll(now);
        else replaceAround(now);
        boolean some = !tags.getChildren().isEmpty();
        tags.setVisible(some);
        tags.setManaged(some);
        if (ways != null) ways.show(step);
    }

    /** Everything but the open tag is new: taken out of the scene it would lose the keyboard. */
    private void replaceAround(List<Node> now) {
        var there = tags.getChildren();
        there.removeIf(n -> n != opened);
        int at = now.indexOf(opened);
        there.addAll(0, now.subList(0, at));
        there.addAll(now.subList(at + 1, now.size()));
    }

    private static boolean isIn(Parent parent, Node node) {
        for (var n = node; n != null; n = n.getParent()) if (n == parent) return true;
        return false;
    }

    private boolean soils(Lesson lesson, Step step) {
        return step.uses().stream()
                        .flatMap(u -> lesson.food(u.line()).stream())
                        .flatMap(f -> workspace.knowledge().food(f.cooked()).stream())
                        .anyMatch(f -> f.risk().soilsHands())
                && !step.place().isHot();
    }

    private Node count() {
        var text = Words.count("suggest.count", proposed.size());
        return Nodes.named(
                Nodes.button(text, () -> workspace.stepProperty().set(id), "small", "proposal"),
                "suggest-count-" + id,
                text);
    }

    private static final Set<String> SENTENCES = Set.of("card", "teaching", "question", "answer", "branch");
    private static final int LONGEST = 34;

    private void tag(List<Node> to, String name, String text, String style) {
        if (open.equals(name) && chosen) {
            if (opened == null) opened = editor(name);
            to.add(opened);
            return;
        }
        // A sentence has its place in the field that opens: a tag only tells that it is there.
        boolean sentence = SENTENCES.contains(name) && text.length() > LONGEST;
        var told = sentence ? text.substring(0, LONGEST).strip() + "…" : text;
        var node = chosen ? pressed(name, told) : shown(name, told);
        if (sentence) node.setAccessibleText(text);
        node.getStyleClass().addAll("tag", "tag-edit");
        if (!style.isEmpty()) node.getStyleClass().add(style);
        node.setId("tag-" + name + "-" + id);
        to.add(node);
    }

    private Button pressed(String name, String text) {
        var button = Nodes.button(text, () -> open(name));
        button.setAccessibleText(Words.of("tag.open", text));
        return button;
    }

    private Label shown(String name, String text) {
        var label = Nodes.label(text);
        label.setOnMouseClicked(e -> {
            workspace.stepProperty().set(id);
            Platform.runLater(() -> open(name));
        });
        return label;
    }

    /** Opens the tag of that fact in its place; a fact that is not set yet gets a place to be typed in. */
    void open(String name) {
        if (!chosen) workspace.stepProperty().set(id);
        if (name.equals("ways")) {
            showWays();
            return;
        }
        if (!open.equals(name)) {
            open = name;
            opened = null;
        }
        refresh();
        if (opened == null) return;
        var first = opened.lookupAll("*").stream()
                .filter(n -> n.isFocusTraversable() && n.getId() != null)
                .findFirst();
        first.ifPresent(n -> {
            n.requestFocus();
            if (n instanceof TextInputControl text) text.selectAll();
        });
    }

    private void showWays() {
        if (ways == null) {
            ways = new WaysBar(workspace, id);
            getChildren().add(ways);
            ways.show(step());
        } else {
            getChildren().remove(ways);
            ways = null;
        }
    }

    private void close() {
        if (open.isEmpty()) return;
        open = "";
        opened = null;
        refresh();
    }

    private HBox editor(String name) {
        var box = Nodes.styled(Nodes.row(5), "tag-open");
        var field = FactFields.ALL.stream().filter(f -> f.name().equals(name)).findFirst();
        if (name.startsWith("use-")) box.getChildren().addAll(foods.open(name.substring(4)));
        else if (name.startsWith("tool-"))
            box.getChildren().add(Nodes.label(foods.toolText(name.substring(5)), "body"));
        else if (field.isPresent() && field.get().open() != null)
            box.getChildren().addAll(field.get().open().apply(fields));
        else field.ifPresent(f -> box.getChildren().add(Nodes.label(f.tag().apply(step()), "body")));
        box.getChildren().add(off(name));
        box.addEventFilter(KeyEvent.KEY_PRESSED, e -> key(e, name));
        ChangeListener<Node> left = (p, before, now) -> {
            // Left for another place: closed, unless what it holds reads wrong.
            if (opened == box && now != null && isIn(box, before) && !isIn(box, now) && !isWrong(box))
                Platform.runLater(() -> {
                    if (opened == box
                            && !isIn(box, getScene() == null ? null : getScene().getFocusOwner())) close();
                });
        };
        box.sceneProperty().addListener((o, was, scene) -> {
            if (was != null) was.focusOwnerProperty().removeListener(left);
            if (scene != null) scene.focusOwnerProperty().addListener(left);
        });
        return box;
    }

    private static boolean isWrong(Parent box) {
        return box.lookupAll(".text-field").stream()
                .anyMatch(n -> n.getPseudoClassStates().stream()
                        .anyMatch(p -> p.getPseudoClassName().equals("wrong")));
    }

    private void key(KeyEvent e, String name) {
        if (e.getCode() == KeyCode.ESCAPE) {
            close();
            focusEntry();
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER) {
            // The field takes it first.
            Platform.runLater(() -> {
                if (opened == null || isWrong(opened)) return;
                close();
                focusEntry();
            });
        } else if (e.getCode() == KeyCode.TAB && isEdge(e)) {
            var names = names();
            int at = names.indexOf(name) + (e.isShiftDown() ? -1 : 1);
            getScene().getRoot().requestFocus();
            close();
            if (at >= 0 && at < names.size()) open(names.get(at));
            else focusEntry();
            e.consume();
        }
    }

    /** Tab goes through the fields of an open tag first. */
    private boolean isEdge(KeyEvent e) {
        var all = opened.lookupAll("*").stream()
                .filter(n -> n.isFocusTraversable() && n.getId() != null)
                .toList();
        if (all.isEmpty()) return true;
        var edge = e.isShiftDown() ? all.getFirst() : all.getLast();
        return isIn((Parent) edge, getScene().getFocusOwner())
                || edge.getId().startsWith("off-")
                        && all.size() > 1
                        && isIn((Parent) all.get(all.size() - 2), getScene().getFocusOwner());
    }

    /** The tags that can be opened, in their order. */
    private List<String> names() {
        return tags.getChildren().stream()
                .map(n -> n == opened ? "tag-" + open + "-" + id : n.getId())
                .filter(n -> n != null && n.startsWith("tag-"))
                .map(n -> n.substring(4, n.length() - id.length() - 1))
                .toList();
    }

    private Button off(String name) {
        var button = Nodes.button("×", () -> takeOff(name), "off");
        button.setId("off-" + name + "-" + id);
        button.setAccessibleText(Words.of("tag.off"));
        return button;
    }

    private void takeOff(String name) {
        open = "";
        opened = null;
        if (name.startsWith("use-")) foods.leave(name.substring(4));
        else if (name.startsWith("tool-")) foods.leaveTool(name.substring(5));
        else
            FactFields.ALL.stream()
                    .filter(f -> f.name().equals(name))
                    .findFirst()
                    .ifPresent(f -> workspace.editLesson(
                            Words.of("edit.fact.off", Words.of("fact." + name)), l -> l.withStep(id, f.off())));
        refresh();
        focusEntry();
    }

    void focusEntry() {
        if (entry != null) entry.focus();
    }

    private MenuButton menu() {
        var menu = new MenuButton("+");
        menu.setId("add-fact-" + id);
        menu.setAccessibleText(Words.of("fact.add"));
        menu.getItems().add(new MenuItem());
        menu.setOnShowing(e -> menu.getItems().setAll(entries()));
        menu.setMinWidth(USE_PREF_SIZE);
        return menu;
    }

    /** What can be added, by name; foods and tools in lists of their own. Filled when it is opened. */
    List<MenuItem> entries() {
        var all = new ArrayList<MenuItem>();
        var food = new Menu(Words.of("fact.food"));
        for (var line : workspace.lesson().foods()) {
            if (step().usesLine(line.id())) continue;
            var item = new MenuItem(line.item());
            item.setId("add-use-" + line.id() + "-" + id);
            item.setOnAction(e -> {
                foods.take(line);
                open("use-" + line.id());
            });
            food.getItems().add(item);
        }
        food.setDisable(food.getItems().isEmpty());
        var tool = new Menu(Words.of("fact.tool"));
        workspace.knowledge().tools().stream()
                .filter(t -> !step().tools().contains(t.id()))
                .forEach(t -> {
                    var item = new MenuItem(t.name());
                    item.setOnAction(e -> foods.takeTool(t.id()));
                    tool.getItems().add(item);
                });
        all.add(food);
        all.add(tool);
        all.add(new SeparatorMenuItem());
        for (var field : FactFields.ALL) {
            if (field.is().test(step()) && field.open() == null) continue;
            var item = new MenuItem(Words.of("fact." + field.name()));
            item.setId("add-" + field.name() + "-" + id);
            item.setOnAction(e -> {
                if (field.open() != null) open(field.name());
                else
                    workspace.editLesson(
                            Words.of("edit.fact.on", Words.of("fact." + field.name())),
                            l -> l.withStep(id, FactFields.on(field)));
            });
            all.add(item);
        }
        if (step().kind().isHandsOn()) {
            var item = new MenuItem(Words.of("fact.ways"));
            item.setId("add-ways-" + id);
            item.setOnAction(e -> open("ways"));
            all.add(item);
        }
        return all;
    }

    static String waitText(Lesson lesson, Step step) {
        var wait = step.waiting();
        if (wait == null) return "";
        var what = "▨ " + (wait.what().isBlank() ? Words.of("tag.waits") : wait.what()) + " "
                + (wait.unsaid() ? Words.of("tag.unsaid") : wait.time().text());
        var cue =
                wait.cue().isBlank() ? "" : " " + Words.of("tag.cue", wait.cue().replace(" °", "\u00a0°"));
        return what + cue + " → " + cover(lesson, wait);
    }

    private static String cover(Lesson lesson, Wait wait) {
        return switch (wait.cover()) {
            case Cover.Stay _ -> Words.of("cover.stay.short");
            case Cover.CarryOn(var at) ->
                lesson.indexOf(at) < 0
                        ? Words.of("cover.open.short")
                        : Words.of("cover.carryOn.short", lesson.indexOf(at) + 1);
            case Cover.Cut _ -> Words.of("cover.cut.short");
            case Cover.ReadyCopy _ -> Words.of("cover.copy.short");
            case Cover.Elsewhere _ -> Words.of("cover.elsewhere.short");
            case Cover.SpeedUp(int times) -> Words.of("cover.speed.short", times);
        };
    }
}
