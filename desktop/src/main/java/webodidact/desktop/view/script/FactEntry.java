package webodidact.desktop.view.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Step;
import webodidact.core.script.FactLine;
import webodidact.core.script.Suggestion;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.OneLine;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** One line under a step: any fact in plain words, what it becomes before it is taken, and what the step's words propose. */
final class FactEntry extends HBox {
    private final Workspace workspace;
    private final String id;
    private final TextField field;
    private final OneLine beside = new OneLine(5);
    private List<Suggestion> proposed = List.of();

    FactEntry(Workspace workspace, String id, MenuButton menu) {
        super(6);
        this.workspace = workspace;
        this.id = id;
        setAlignment(Pos.CENTER_LEFT);
        field = Nodes.field("fact-" + id, Words.of("fact.prompt"), Words.of("fact.name"));
        field.setPrefColumnCount(20);
        field.setMinWidth(150);
        field.textProperty().addListener(o -> show());
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        HBox.setHgrow(beside, Priority.ALWAYS);
        getChildren().addAll(field, menu, beside);
        show();
    }

    void focus() {
        field.requestFocus();
    }

    void propose(List<Suggestion> suggestions) {
        if (suggestions.stream()
                .map(s -> s.key() + s.text())
                .toList()
                .equals(proposed.stream().map(s -> s.key() + s.text()).toList())) {
            proposed = suggestions;
            return;
        }
        proposed = suggestions;
        show();
    }

    private Step step() {
        return workspace.lesson().step(id).orElseGet(() -> Step.blank(id, Kind.HANDS_ON, ""));
    }

    private FactLine.Read read() {
        return FactLine.read(field.getText(), workspace.lesson(), step(), workspace.knowledge());
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ENTER) {
            take();
            e.consume();
        } else if (e.getCode() == KeyCode.ESCAPE && !field.getText().isEmpty()) {
            field.clear();
            e.consume();
        }
    }

    private void take() {
        var read = read();
        if (read.facts().isEmpty()) return;
        var left = read.left();
        var names =
                String.join(", ", read.facts().stream().map(FactLine.Fact::text).toList());
        workspace.editLesson(Words.of("edit.fact.take", names), l -> l.withStep(id, read::taken));
        // What was not understood stays to be mended.
        field.setText(left);
        field.end();
    }

    private void show() {
        // What is taken away must not leave the keyboard to another step.
        if (beside.isFocusWithin()) field.requestFocus();
        if (field.getText().isBlank()) proposals();
        else preview();
    }

    private void preview() {
        var read = read();
        var all = new ArrayList<Node>();
        if (!read.facts().isEmpty()) {
            all.add(Nodes.label(Words.of("fact.becomes"), "soft"));
            read.facts().forEach(f -> all.add(Nodes.label(f.text(), "tag")));
            all.add(Nodes.label(Words.of("fact.enter"), "soft"));
        }
        if (!read.left().isEmpty()) all.add(Nodes.label(Words.of("fact.left", read.left()), "warn"));
        beside.show(all, null);
        beside.setId("becomes-" + id);
    }

    private void proposals() {
        beside.setId("suggestions-" + id);
        if (proposed.isEmpty()) {
            beside.show(List.of(Nodes.label(Words.of("fact.also"), "soft")), null);
            return;
        }
        var all = new ArrayList<Node>();
        if (proposed.size() > 1)
            all.add(Nodes.named(
                    Nodes.button(Words.of("suggest.all"), this::takeAll, "small"),
                    "suggest-all-" + id,
                    Words.of("suggest.all")));
        for (var suggestion : proposed) all.add(chip(suggestion));
        beside.show(all, more());
    }

    private Node more() {
        var button = Nodes.button(Words.of("suggest.more"), beside::unfold, "small");
        button.setId("suggest-more-" + id);
        return button;
    }

    private Pane chip(Suggestion suggestion) {
        var name = suggestion.key().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        var take = Nodes.named(
                Nodes.button("+ " + suggestion.text(), () -> take(suggestion), "small", "proposal"),
                "suggest-" + id + "-" + name,
                Words.of("suggest.take", suggestion.text()));
        take.setMaxWidth(330);
        take.setMinWidth(40);
        var off = Nodes.named(
                Nodes.button("×", () -> decline(suggestion), "off"),
                "decline-" + id + "-" + name,
                Words.of("suggest.decline", suggestion.text()));
        return Nodes.row(0, take, off);
    }

    private void take(Suggestion suggestion) {
        workspace.editLesson(Words.of("edit.suggest", suggestion.text()), Operations.take(id, suggestion));
    }

    private void takeAll() {
        workspace.editLesson(
                Words.of("edit.suggestAll"),
                Operations.takeAll(List.of(id), workspace.knowledge(), workspace.handsPace()));
    }

    private void decline(Suggestion suggestion) {
        workspace.editLesson(Words.of("edit.decline", suggestion.text()), Operations.decline(id, suggestion.key()));
    }
}
