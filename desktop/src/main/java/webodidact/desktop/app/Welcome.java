package webodidact.desktop.app;

import java.util.List;
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

        void create(String title);

        void open();
    }

    private final Label trouble = Nodes.wrapped("", "trouble");

    Welcome(Actions actions) {
        super(16);
        getStyleClass().add("welcome");
        setAlignment(Pos.CENTER);
        TextField title = Nodes.field("course-title", Words.of("welcome.titlePrompt"), Words.of("welcome.title"));
        title.setPrefColumnCount(22);
        Runnable create = () -> actions.create(title.getText().isBlank() ? Words.of("welcome.untitled") : title.getText().strip());
        title.setOnAction(e -> create.run());
        trouble.setId("trouble");
        trouble.setVisible(false);
        trouble.setMaxWidth(560);
        var card = Nodes.styled(Nodes.column(14,
                Nodes.label(Words.of("app.name"), "big-title"),
                Nodes.wrapped(Words.of("welcome.text"), "soft"),
                Nodes.row(10, Nodes.named(Nodes.button(Words.of("welcome.demo"), actions::demo, "primary"), "open-demo", Words.of("welcome.demo")),
                        Nodes.label(Words.of("welcome.demoText"), "soft")),
                Nodes.row(10, title, Nodes.named(Nodes.button(Words.of("welcome.create"), create), "create-course", Words.of("welcome.create"))),
                Nodes.row(10, Nodes.named(Nodes.button(Words.of("welcome.open"), actions::open), "open-course", Words.of("welcome.open")),
                        Nodes.label(Words.of("welcome.openText"), "soft"))), "sheet");
        card.setMaxSize(600, USE_PREF_SIZE);
        getChildren().addAll(card, trouble);
    }

    /** Says what went wrong, one line each. */
    void trouble(List<String> lines) {
        trouble.setText(String.join("\n", lines));
        trouble.setVisible(!lines.isEmpty());
    }
}
