package webodidact.desktop.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.words.Words;

/** The first screen: the demo, a new course, or one that exists. */
final class Welcome extends VBox {
    /** What the three buttons do. */
    interface Actions {
        void demo();

        void create(String title, Path folder);

        /** A new course whose first lesson is a pasted page. */
        void paste(String title, Path folder);

        /** Another folder for a new course, if one is chosen. */
        Optional<Path> otherFolder();

        void open();
    }

    private final Label trouble = Nodes.wrapped("", "trouble");
    private final Label place = Nodes.wrapped("", "soft");
    private Path folder;
    private boolean chosen;

    Welcome(Actions actions) {
        super(16);
        getStyleClass().add("welcome");
        setAlignment(Pos.CENTER);
        TextField title = Nodes.field("course-title", Words.of("welcome.titlePrompt"), Words.of("welcome.title"));
        title.setPrefColumnCount(22);
        place.setId("course-place");
        title.textProperty().addListener(o -> propose(title.getText()));
        propose("");
        Runnable create = () -> actions.create(
                title.getText().isBlank()
                        ? Words.of("welcome.untitled")
                        : title.getText().strip(),
                folder);
        Runnable other = () -> actions.otherFolder().ifPresent(f -> {
            chosen = true;
            put(f);
        });
        title.setOnAction(e -> create.run());
        Runnable paste = () -> actions.paste(
                title.getText().isBlank()
                        ? Words.of("welcome.untitled")
                        : title.getText().strip(),
                folder);
        trouble.setId("trouble");
        trouble.setVisible(false);
        Nodes.atMost(trouble, 40);
        var card = Nodes.sheet(
                Nodes.column(
                        14,
                        Nodes.label(Words.of("app.name"), "big-title"),
                        Nodes.wrapped(Words.of("welcome.text"), "soft"),
                        Nodes.row(
                                10,
                                Nodes.named(
                                        Nodes.button(Words.of("welcome.demo"), actions::demo, "primary"),
                                        "open-demo",
                                        Words.of("welcome.demo")),
                                Nodes.label(Words.of("welcome.demoText"), "soft")),
                        Nodes.row(
                                10,
                                title,
                                Nodes.named(
                                        Nodes.button(Words.of("welcome.create"), create),
                                        "create-course",
                                        Words.of("welcome.create")),
                                Nodes.named(
                                        Nodes.button(Words.of("page.open"), paste),
                                        "paste-course",
                                        Words.of("page.open"))),
                        Nodes.row(
                                10,
                                Nodes.grown(place),
                                Nodes.named(
                                        Nodes.button(Words.of("welcome.other"), other, "small"),
                                        "other-folder",
                                        Words.of("welcome.other"))),
                        Nodes.row(
                                10,
                                Nodes.named(
                                        Nodes.button(Words.of("welcome.open"), actions::open),
                                        "open-course",
                                        Words.of("welcome.open")),
                                Nodes.label(Words.of("welcome.openText"), "soft"))),
                43);
        getChildren().addAll(card, trouble);
    }

    /** Follows the name until another folder was chosen. */
    private void propose(String title) {
        if (!chosen) put(AppWindow.proposed(title.isBlank() ? Words.of("welcome.untitled") : title.strip()));
    }

    private void put(Path where) {
        folder = where;
        place.setText(Words.of("welcome.place", where));
    }

    /** Says what went wrong, one line each. */
    void trouble(List<String> lines) {
        trouble.setText(String.join("\n", lines));
        trouble.setVisible(!lines.isEmpty());
    }
}
