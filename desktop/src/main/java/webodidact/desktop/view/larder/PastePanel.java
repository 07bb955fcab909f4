package webodidact.desktop.view.larder;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.TextArea;
import javafx.scene.layout.VBox;
import webodidact.core.amount.AmountText;
import webodidact.core.edit.Operations;
import webodidact.core.reading.ReadLine;
import webodidact.core.reading.RecipeReader;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** A recipe is pasted on top; below stands how each line was read, before anything is added. */
final class PastePanel extends VBox {
    private final Workspace workspace;
    private final TextArea area = Nodes.named(new TextArea(), "paste-area", Words.of("paste.area"));
    private final VBox preview = new VBox(4);
    private final Button add;
    private final Runnable done;

    PastePanel(Workspace workspace, Runnable done) {
        super(10);
        this.workspace = workspace;
        this.done = done;
        getStyleClass().add("side-body");
        area.setPromptText(Words.of("paste.prompt"));
        area.setPrefRowCount(9);
        area.setWrapText(true);
        add = Nodes.named(Nodes.button("", this::add, "primary"), "add-pasted", Words.of("paste.area"));
        getChildren()
                .addAll(
                        Nodes.label(Words.of("paste.over"), "overline"),
                        Nodes.label(Words.of("paste.title"), "title"),
                        area,
                        Nodes.row(8, add, Nodes.button(Words.of("new.cancel"), done)),
                        preview);
        area.textProperty().addListener(o -> show());
        show();
    }

    void start() {
        area.requestFocus();
    }

    private RecipeReader.Recipe read() {
        return new RecipeReader(workspace.knowledge(), workspace.book().course().house()).read(area.getText());
    }

    private void show() {
        var recipe = read();
        preview.getChildren().clear();
        long unsure = recipe.lines().stream().filter(l -> !l.unsure().isEmpty()).count();
        add.setText(Words.count("paste.add", recipe.lines().size()));
        add.setDisable(recipe.lines().isEmpty());
        if (!recipe.title().isEmpty()) set("paste.name", List.of(recipe.title()));
        set("paste.about", recipe.about());
        set("paste.method", recipe.method());
        set("paste.aside", recipe.aside());
        if (recipe.lines().isEmpty()) return;
        preview.getChildren()
                .add(Nodes.wrapped(
                        unsure == 0 ? Words.of("paste.allSure") : Words.count("paste.unsure", unsure),
                        unsure == 0 ? "good" : "warn"));
        if (!recipe.headings().isEmpty())
            preview.getChildren()
                    .add(Nodes.wrapped(Words.of("paste.headings", String.join(" · ", recipe.headings())), "soft"));
        for (var line : recipe.lines()) preview.getChildren().add(row(line));
    }

    /** What is no food is told too: nothing that was pasted disappears unseen. */
    private void set(String key, List<String> lines) {
        if (!lines.isEmpty())
            preview.getChildren().add(Nodes.wrapped(Words.of(key, lines.size(), String.join(" · ", lines)), "soft"));
    }

    private static VBox row(ReadLine line) {
        var parts = new ArrayList<String>();
        if (line.size() != null) parts.add(Words.of("paste.size", AmountText.of(line.size())));
        if (line.also() != null) parts.add(Words.of("paste.also", AmountText.of(line.also())));
        parts.addAll(line.form());
        if (!line.note().isEmpty()) parts.add(line.note());
        if (line.optional()) parts.add(Words.of("paste.optional"));
        if (line.toTaste()) parts.add(Words.of("paste.toTaste"));
        for (var other : line.alternatives()) parts.add(Words.of("paste.or", other));
        var take = Nodes.label(line.amount() == null ? "–" : AmountText.of(line.amount()), "strong");
        take.setMinWidth(86);
        var row = Nodes.styled(
                Nodes.column(
                        1,
                        Nodes.row(8, take, Nodes.label(line.item(), "body")),
                        Nodes.wrapped(String.join(" · ", parts), "soft")),
                "read-row");
        for (var doubt : line.unsure()) row.getChildren().add(Nodes.wrapped("▲ " + doubt.text(), "warn"));
        return row;
    }

    private void add() {
        var recipe = read();
        var lines = recipe.lines();
        workspace.editLesson(Words.count("edit.paste", lines.size()), Operations.paste(recipe, workspace.knowledge()));
        workspace.lesson().foods().stream()
                .skip(Math.max(0, workspace.lesson().foods().size() - lines.size()))
                .findFirst()
                .ifPresent(f -> workspace.foodProperty().set(f.id()));
        area.clear();
        done.run();
    }
}
