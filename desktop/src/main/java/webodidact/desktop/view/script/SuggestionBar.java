package webodidact.desktop.view.script;

import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.layout.FlowPane;
import webodidact.core.edit.Operations;
import webodidact.core.script.Suggestion;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** What the words of a step propose: each taken with one press or put away for good; nothing is taken by itself. */
final class SuggestionBar extends FlowPane {
    private final Workspace workspace;
    private final String id;
    private List<Suggestion> shown = List.of();
    private String drawn = "";

    SuggestionBar(Workspace workspace, String id) {
        super(6, 6);
        this.workspace = workspace;
        this.id = id;
        setId("suggestions-" + id);
        setAlignment(Pos.CENTER_LEFT);
    }

    /** @param whole each with its buttons; else only how many there are */
    void show(List<Suggestion> suggestions, boolean whole) {
        var keys = suggestions.stream().map(s -> s.key() + s.text()).toList() + (whole ? " whole" : "");
        shown = suggestions;
        if (keys.equals(drawn)) return;
        drawn = keys;
        getChildren().clear();
        setVisible(!suggestions.isEmpty());
        setManaged(!suggestions.isEmpty());
        if (suggestions.isEmpty()) return;
        if (!whole) {
            getChildren()
                    .add(Nodes.named(
                            Nodes.button(
                                    Words.count("suggest.count", suggestions.size()),
                                    () -> workspace.stepProperty().set(id),
                                    "small",
                                    "proposal"),
                            "suggest-count-" + id,
                            Words.count("suggest.count", suggestions.size())));
            return;
        }
        getChildren().add(Nodes.label(Words.of("suggest.title"), "tiny"));
        for (var suggestion : suggestions) {
            var name = suggestion.key().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
            var take = Nodes.named(
                    Nodes.button("+ " + suggestion.text(), () -> take(suggestion), "small", "proposal"),
                    "suggest-" + id + "-" + name,
                    Words.of("suggest.take", suggestion.text()));
            var off = Nodes.named(
                    Nodes.button("×", () -> decline(suggestion), "off"),
                    "decline-" + id + "-" + name,
                    Words.of("suggest.decline", suggestion.text()));
            getChildren().add(Nodes.row(0, take, off));
        }
        if (suggestions.size() > 1)
            getChildren()
                    .add(Nodes.named(
                            Nodes.button(Words.of("suggest.all"), this::takeAll, "small"),
                            "suggest-all-" + id,
                            Words.of("suggest.all")));
    }

    private void take(Suggestion suggestion) {
        workspace.editLesson(Words.of("edit.suggest", suggestion.text()), Operations.take(id, suggestion));
    }

    private void takeAll() {
        workspace.editLesson(Words.of("edit.suggestAll"), Operations.takeAll(id, shown));
    }

    private void decline(Suggestion suggestion) {
        workspace.editLesson(Words.of("edit.decline", suggestion.text()), Operations.decline(id, suggestion.key()));
    }
}
